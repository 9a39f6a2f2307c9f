import { shapesOf, workOf, type LikenessSaid } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { batchSeries, recordsOf } from '@anello/core/job';
import { latheLikeness, shapeStory, type Told } from '@anello/core/memory';
import type { Book } from '../db/book';
import { findJob } from './jobs';
import { shownBy } from './lore';
import { findMachine } from './machines';
import { recordsAfter } from './records';
import { isTaper } from '@anello/core/part';

/** So many of a lathe's jobs are looked into, those worked on last, and the passes of so many followed; so many losses told. */
const LOOKED_INTO = 150;
const FOLLOWED = 20;
const LOST_TOLD = 6;

/** What lathes are like, from their jobs' records: worked out again only after something was written. */
export class LikenessOf {
  private held = { stamp: -1, said: new Map<string, Promise<LikenessSaid>>() };

  constructor(private readonly book: Book) {}

  /** Errors: not-found; book-broken where the server is stopped meanwhile. */
  async of(machineId: string): Promise<LikenessSaid> {
    findMachine(this.book, machineId);
    const { stamp } = this.book;
    if (this.held.stamp !== stamp) this.held = { stamp, said: new Map() };
    const before = this.held.said.get(machineId);
    if (before) return before;
    const said = this.workedOut(machineId);
    const { said: all } = this.held;
    all.set(machineId, said);
    said.catch(() => all.delete(machineId));
    return said;
  }

  private async workedOut(machineId: string): Promise<LikenessSaid> {
    const jobs = this.book.all<{ id: string }>(
      'select `job_id` as `id` from `rack` where `machine_id` = ? order by `updated_at` desc limit ?',
      machineId,
      LOOKED_INTO,
    );
    const told: Told[] = [];
    for (const [index, { id }] of jobs.entries()) {
      // A thick job is a few milliseconds: others are answered between them.
      await new Promise(setImmediate);
      told.push(...this.toldBy(id, index < FOLLOWED));
    }
    const sum = (of: (story: Told['story']) => number): number =>
      told.reduce((all, { story }) => all + of(story), 0);
    return {
      figures: latheLikeness(told).map((figure) => ({ ...figure, points: [...figure.points] })),
      shapes: told.length,
      accepted: sum(({ accepted }) => accepted),
      scrapped: sum(({ scrapped }) => scrapped),
      lost: told
        .flatMap(({ jobId, number, story }) =>
          story.causes.map((cause) => ({ jobId, number, at: story.to, cause })),
        )
        .sort((a, b) => b.at.localeCompare(a.at))
        .slice(0, LOST_TOLD),
    };
  }

  private toldBy(jobId: string, followed: boolean): Told[] {
    try {
      const { document } = findJob(this.book, jobId);
      const records = recordsAfter(this.book, jobId, 0);
      const shapes = shapesOf(document);
      const tapers = shapes.filter(isTaper).map(({ feature, name }) => ({
        feature,
        name,
        standOff: workOf(document, feature, 'taper').tolerance.standOff.value,
      }));
      const series = document.quantity > 1 ? batchSeries(records, document.quantity, tapers) : [];
      return shapes.flatMap(({ feature }, i) => {
        const own = recordsOf(records, feature, i === 0);
        const story = shapeStory(own);
        if (!story) return [];
        const first = followed ? shownBy(own, 1) : null;
        const drift = series.find((one) => one.feature === feature && one.drift)?.drift?.perPiece ?? null;
        return [{ jobId, number: document.number, story, drift, ...(first ? { shown: [first] } : {}) }];
      });
    } catch (error) {
      // One that cannot be read tells nothing; it is named on the rack.
      if (error instanceof AnelloError && error.code !== 'book-broken') return [];
      throw error;
    }
  }
}
