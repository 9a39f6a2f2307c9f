import { jobFacts, lineCard, type JobDocument, type LineCard } from '@anello/contract';
import { jobProgress, type JobFacts, type JobProgress, type KeptRecord } from '@anello/core/job';
import type { Book } from '../db/book';
import { ShopOf } from './shopOf';
import { recordsAfter } from './records';

/** So many jobs' records are held, those asked of last. */
const JOBS_HELD = 48;

interface Held {
  readonly records: KeptRecord[];
  last: number;
}

/** How far jobs have come, from their records; what was read of a job is held, so that one record more costs one. */
export class ProgressOf {
  private readonly held = new Map<string, Held>();

  private readonly facts = new Map<string, JobFacts>();

  private readonly shop: ShopOf;

  constructor(private readonly book: Book) {
    this.shop = new ShopOf(book);
  }

  /** As the card shows it. */
  of(jobId: string, version: number, document: JobDocument): JobProgress {
    return jobProgress(this.factsOf(`${version} ${jobId}`, document), this.recordsOf(jobId));
  }

  /** Its line of work in short; null while there is none, or its lathe is not there. */
  line(jobId: string, document: JobDocument): LineCard | null {
    const lathe = this.shop.lathe(document.machineId);
    return lathe ? lineCard(document, lathe, this.shop.kit(), this.recordsOf(jobId)) : null;
  }

  /** The last record read of a job, by its place in the book. */
  lastOf(jobId: string): number {
    return this.held.get(jobId)?.last ?? 0;
  }

  private factsOf(key: string, document: JobDocument): JobFacts {
    const facts = this.facts.get(key) ?? jobFacts(document);
    this.facts.delete(key);
    this.facts.set(key, facts);
    if (this.facts.size > JOBS_HELD) this.facts.delete(this.facts.keys().next().value as string);
    return facts;
  }

  private recordsOf(jobId: string): readonly KeptRecord[] {
    const held = this.held.get(jobId) ?? { records: [], last: 0 };
    for (const { seq, ...record } of recordsAfter(this.book, jobId, held.last)) {
      held.records.push(record);
      held.last = seq;
    }
    this.held.delete(jobId);
    this.held.set(jobId, held);
    if (this.held.size > JOBS_HELD) this.held.delete(this.held.keys().next().value as string);
    return held.records;
  }
}
