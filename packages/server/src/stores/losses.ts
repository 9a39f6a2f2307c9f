import type { LossesSaid, LossRow } from '@anello/contract';
import { minutesLost } from '@anello/core/memory';
import type { Book } from '../db/book';
import { GONE } from './gone';

/** So many are told, the newest. */
const TOLD = 400;
const YEAR = 365 * 24 * 3600 * 1000;

const VERDICT = "json_extract(`body`, '$.verdict')";
const OF_LATHE = '(? is null or `rack`.`machine_id` = ?)';
const FROM = `from \`record\` join \`rack\` on \`rack\`.\`job_id\` = \`record\`.\`job_id\` where \`record\`.\`kind\` = 'verdict' and \`at\` >= ? and ${OF_LATHE} and not ${GONE}`;
const LOST = `select \`record\`.\`seq\`, \`record\`.\`id\`, \`at\`, ${VERDICT} as \`verdict\`, json_extract(\`body\`, '$.cause') as \`cause\`, \`record\`.\`job_id\` as \`jobId\`, \`rack\`.\`number\`, \`rack\`.\`title\`, \`piece\`, \`operator\` ${FROM} and ${VERDICT} <> 'accepted' order by \`record\`.\`seq\` desc limit ?`;
const ACCEPTED = `select count(*) as \`n\` ${FROM} and ${VERDICT} = 'accepted'`;
const OF_PIECE = `select \`id\`, \`at\`, case when \`kind\` = 'verdict' then ${VERDICT} end as \`verdict\` from \`record\` where \`job_id\` = ? and \`piece\` = ? and \`kind\` <> 'withdrawn' and not ${GONE} order by \`seq\``;

type Found = Omit<LossRow, 'minutes'> & {
  readonly seq: number;
  readonly id: string;
  readonly _metadata?: unknown;
};

/** What was scrapped or sent back since a day, with what each cost; others are answered between one and the next. */
export async function lossesIn(
  book: Book,
  { machine, from }: { readonly machine?: string | undefined; readonly from?: string | undefined },
): Promise<LossesSaid> {
  const since = from ?? new Date(Date.now() - YEAR).toISOString().slice(0, 10);
  const lathe = machine ?? null;
  const found = book.all<Found>(LOST, since, lathe, lathe, TOLD + 1);
  const losses: LossRow[] = [];
  for (const { seq: _seq, id, _metadata, ...row } of found.slice(0, TOLD)) {
    await new Promise(setImmediate);
    const rows = book.all<{ id: string; at: string; verdict: string | null }>(OF_PIECE, row.jobId, row.piece);
    const minutes = minutesLost(
      rows,
      rows.findIndex((one) => one.id === id),
    );
    losses.push({ ...row, minutes });
  }
  const { n } = book.get<{ n: number }>(ACCEPTED, since, lathe, lathe) ?? { n: 0 };
  return { from: since, losses, more: found.length > TOLD, accepted: n };
}
