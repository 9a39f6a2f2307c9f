import { entry, newWork, type FeatureDocument, type JobDocument, type TaperWork } from '@anello/contract';
import type { WayId } from '@anello/core/taper';
import type { BodyOf, RecordBody, RecordKind } from '@anello/core/job';
import { afterEach, beforeEach, vi } from 'vitest';
import { defineComponent, h, provide, type Component, type VNode } from 'vue';
import { routerKey } from 'vue-router';
import { job as jobDocument, shank } from '../../../contract/src/job/jobs.testdata';
import { LONG_LATHE } from '../../../contract/src/machine/machines.testdata';
import { useJob } from '../data/stores/job';
import { useShop } from '../data/stores/shop';
import { provideJobKind } from '../job/kinds/registry';
import { provideJobModel, type JobModel } from '../job/model/useJobModel';
import { emptyBench } from './emptyBench';
import { ledTo } from './ledTo';
import { useMounted } from './mounted';

/** A job on the screen of a page of its own, with the server away: what it keeps stays in the browser. */
export interface OnScreen {
  /** Puts a job there and runs a desk on it. */
  work<T>(
    document: Partial<JobDocument>,
    make: () => T,
    picked?: string,
  ): { readonly desk: T; readonly model: JobModel };
  /** Puts a job there and shows a part of its screens. */
  show(document: Partial<JobDocument>, component: Component, props?: Record<string, unknown>): HTMLElement;
  /** What was kept of a kind, in order, taken back or not. */
  kept<K extends RecordKind>(kind: K): BodyOf<K>[];
  /** Where the desk has sent the screen to. */
  readonly went: string[];
}

export const LATHE_ID = 'long-lathe';

/** A shank and its body, its cone cut by a way. */
export const shankJob = (id: WayId, more: Partial<JobDocument> = {}): JobDocument => ({
  ...jobDocument(),
  machineId: LATHE_ID,
  features: [
    shank(),
    {
      id: 'b',
      name: 'Body',
      kind: 'cylinder',
      side: 'external',
      diameter: entry('30 mm'),
      length: entry('50 mm'),
    } satisfies FeatureDocument,
  ],
  work: {
    t: { ...newWork('taper'), way: { id, machineId: LATHE_ID, halfAngle: Math.atan(1 / 19.922 / 2) } },
  },
  ...more,
});

/** How the shank of the job on the screen is made. */
export const shankWork = (): TaperWork => useJob().document!.work['t'] as TaperWork;

export function useOnScreen(): OnScreen {
  const { mount } = useMounted();
  const went: string[] = [];
  beforeEach(async () => {
    went.splice(0);
    await emptyBench();
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('refused');
    });
  });
  afterEach(() => vi.unstubAllGlobals());
  /** A job's place round whatever is under it: the job, its lathe, the model and the kind of job. */
  function around(
    document: Partial<JobDocument>,
    under: () => VNode | null,
    picked?: string,
  ): { model: JobModel; host: HTMLElement } {
    let model!: JobModel;
    const host = mount(
      defineComponent({
        setup() {
          const [job, shop] = [useJob(), useShop()];
          job.id = 'j-1';
          job.document = { ...jobDocument(), machineId: LATHE_ID, ...document };
          job.state = 'ready';
          shop.machines = [{ id: LATHE_ID, version: 1, document: LONG_LATHE, settings: [] }];
          provide(routerKey, ledTo(went));
          model = provideJobModel(() => picked);
          provideJobKind(model);
          return under;
        },
      }),
    );
    return { model, host };
  }
  return {
    went,
    work<T>(document: Partial<JobDocument>, make: () => T, picked?: string) {
      let desk!: T;
      const Desk: Component = {
        setup() {
          desk = make();
          return () => null;
        },
      };
      const { model } = around(document, () => h(Desk), picked);
      return { desk, model };
    },
    show: (document, component, props = {}) => around(document, () => h(component, props)).host,
    kept: <K extends RecordKind>(kind: K) =>
      useJob()
        .records.map((record) => record.body as RecordBody)
        .filter((body): body is BodyOf<K> => body.kind === kind),
  };
}
