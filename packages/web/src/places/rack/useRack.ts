import type { Aside, JobCard, Rack, RackSort } from '@anello/contract';
import { useDebounceFn, useLocalStorage } from '@vueuse/core';
import { computed, onMounted, ref, watch, type ComputedRef, type Ref } from 'vue';
import { request } from '../../data/api';
import { useChanges } from '../../data/live';
import { LOCAL } from '../../data/names';
import { holdRack, rackSeen } from './rackSeen';
import { useRackAddress } from './useRackAddress';
import { newest } from '../../data/newest';
import { useOutbox } from '../../data/stores/outbox';
import { useScreen } from '../../data/stores/screen';

/** From its beginning; with more than is shown; or as much of it as is shown, as it now is. */
export type Asking = 'anew' | 'more' | 'again';

export interface RackDesk {
  readonly jobs: Ref<JobCard[]>;
  readonly total: Ref<number>;
  /** Jobs that are kept and cannot be read. */
  readonly broken: Ref<Aside[]>;
  readonly search: Ref<string>;
  /** What is finished and put away stands apart; looked for by a word, it is found wherever it is. */
  readonly show: Ref<'rack' | 'away'>;
  readonly sort: Ref<RackSort>;
  readonly state: Ref<'waiting' | 'ready' | 'failed'>;
  /** The server is away, and these are the jobs as they were seen last then; null where they are as it has them. */
  readonly seenAt: Ref<string | null>;
  /** Why the last job was not moved; empty while all is well. */
  readonly failed: Ref<string>;
  /** Jobs of which something lies in this browser alone, and why. */
  readonly here: ComputedRef<{ id: string; name: string; why: string }[]>;
  load(how?: Asking): Promise<void>;
  putAway(job: JobCard, away: boolean): Promise<void>;
}

const PAGE = 24;
/** The server gives no more at once. */
const MOST = 100;

/**
 * The rack as it is looked at: which jobs, in which order, kept up with what other screens keep.
 * @param count so many are shown at first, where it is come back to; else a page of them
 */
export function useRack(count = 0): RackDesk {
  const outbox = useOutbox();
  const screen = useScreen();
  const jobs = ref<JobCard[]>([]);
  const total = ref(0);
  const broken = ref<Aside[]>([]);
  const { search, show } = useRackAddress();
  const sort = useLocalStorage<RackSort>(LOCAL.rackSort, 'touched');
  const state = ref<'waiting' | 'ready' | 'failed'>('waiting');
  const seenAt = ref<string | null>(null);

  /** So many are to be seen, those that are still on their way with them. */
  let wanted = Math.max(PAGE, count);
  const ask = newest();
  async function load(how: Asking = 'anew'): Promise<void> {
    const shown = how === 'more' ? jobs.value : [];
    wanted = how === 'more' ? shown.length + PAGE : how === 'again' ? wanted : PAGE;
    const counts = ask();
    try {
      const rack = await fetched(shown, wanted, counts);
      if (!rack) return;
      broken.value = rack.aside ?? [];
      jobs.value = rack.jobs;
      total.value = rack.total;
      state.value = 'ready';
      seenAt.value = null;
      if (whole()) holdRack(rack.jobs.slice(0, PAGE));
      outbox.reached();
    } catch (error) {
      if (counts()) recall();
      outbox.noticeAway(error);
    }
  }
  /** All that is on the rack, and not what is found of it or put away. */
  const whole = (): boolean => show.value === 'rack' && (search.value ?? '') === '';
  function recall(): void {
    const seen = jobs.value.length === 0 && whole() ? rackSeen() : null;
    if (seen) [jobs.value, total.value, seenAt.value] = [seen.jobs, seen.jobs.length, seen.at];
    state.value = jobs.value.length > 0 ? 'ready' : 'failed';
  }
  /** The rack with those shown, until there are so many, in as many answers as that takes; null once it is asked for otherwise. */
  async function fetched(
    shown: readonly JobCard[],
    count: number,
    counts: () => boolean,
  ): Promise<Rack | null> {
    const all = new Map(shown.map((job) => [job.id, job]));
    for (let offset = shown.length; ;) {
      const rack = await page(offset, count - all.size);
      if (!counts()) return null;
      // One that another screen has put further down meanwhile is here already.
      for (const job of rack.jobs) all.set(job.id, job);
      offset += rack.jobs.length;
      if (all.size >= count || offset >= rack.total || rack.jobs.length === 0)
        return { ...rack, jobs: [...all.values()] };
    }
  }
  const page = (offset: number, count: number): Promise<Rack> => {
    const asked = new URLSearchParams({
      limit: String(Math.min(MOST, count)),
      offset: String(offset),
      show: show.value,
      sort: sort.value,
      search: search.value ?? '',
    });
    return request<Rack>('GET', `/api/jobs?${asked.toString()}`);
  };
  /** Jobs of which something lies in this browser alone, and why. */
  const here = computed(() => {
    const why = new Map<string, string>();
    for (const draft of outbox.drafts) {
      const reason = draft.theirs
        ? 'changed here and by somebody else: to be settled'
        : draft.refused
          ? `an edit was not taken: ${draft.refused.sentence}`
          : outbox.away
            ? 'an edit is held in this browser'
            : '';
      if (reason) why.set(draft.jobId, reason);
    }
    for (const { body, refused } of outbox.refused) {
      const jobId = (body as { jobId?: string | null } | null)?.jobId;
      if (jobId) why.set(jobId, `something kept was not taken: ${refused?.sentence}`);
    }
    return [...why].map(([id, reason]) => {
      const job = jobs.value.find((j) => j.id === id);
      return { id, name: job ? `${job.number} ${job.title}` : id, why: reason };
    });
  });
  const searchSoon = useDebounceFn(() => load(), 200);
  watch(search, searchSoon);
  watch([show, sort], () => load());
  const failed = ref('');
  async function putAway(job: JobCard, away: boolean): Promise<void> {
    try {
      await request('PUT', `/api/jobs/${encodeURIComponent(job.id)}/away`, { away });
      failed.value = '';
      await load('again');
      screen.offerBack(away ? `${job.number} put away.` : `${job.number} is on the rack again.`, () =>
        putAway(job, !away),
      );
    } catch (error) {
      outbox.noticeAway(error);
      failed.value = `${job.number} could not be moved just now. Try again when the server answers.`;
    }
  }
  watch(
    () => outbox.away || outbox.signIn,
    (away) => !away && void load('again'),
  );
  /** What another screen has kept shows here; of as many jobs as are shown. */
  useChanges(['record', 'job', 'all'], () => void load('again'));
  onMounted(() => void load('again'));
  return { jobs, total, broken, search, show, sort, state, seenAt, failed, here, load, putAway };
}
