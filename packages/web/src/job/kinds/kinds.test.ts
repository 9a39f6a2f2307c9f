import { STAGES } from '@anello/core/job';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { effectScope, ref } from 'vue';
import { useMounted } from '../../testkit/mounted';
import { useFetchedWhenIdle } from '../../ui/useFetchedWhenIdle';
import { viewOf } from '../model/kind';
import type { JobModel } from '../model/useJobModel';
import { JOB_KINDS, loadOf, provideJobKind, restOf } from './registry';

const { within } = useMounted();
type Kind = 'taper' | 'eccentric' | 'curve';
const kind = (id: Kind) => JOB_KINDS[id];
const ALL = Object.values(JOB_KINDS);

describe('kinds of job', () => {
  it('each has a view for every stage, its own or everybody’s', () => {
    for (const one of ALL)
      for (const stage of STAGES) expect(loadOf(one, stage), `${one.id} ${stage}`).toBeTypeOf('function');
    expect(loadOf(kind('eccentric'), 'set')).not.toBe(loadOf(kind('curve'), 'set'));
    expect(loadOf(kind('eccentric'), 'record')).toBe(loadOf(kind('taper'), 'record'));
  });
  it('a view asked for twice is one component, so that it is not made anew', () => {
    const load = loadOf(kind('curve'), 'way');
    expect(viewOf(load)).toBe(viewOf(load));
    expect(viewOf(load)).not.toBe(viewOf(loadOf(kind('taper'), 'way')));
  });
  it('the next piece begins where what was proved still stands', () => {
    const begins = (id: Kind, settings: number, chosen: boolean) => kind(id).beginsAt({ settings, chosen });
    expect(begins('taper', 1, true)).toBe('cut');
    expect(begins('taper', 0, true)).toBe('part');
    expect(begins('eccentric', 0, true)).toBe('set');
    expect(begins('eccentric', 3, false)).toBe('part');
    expect(begins('curve', 0, true)).toBe('cut');
    expect(begins('curve', 0, false)).toBe('part');
  });
  it('the shape in hand says which kind the stages are told; a plain part goes as a taper', () => {
    const shape = ref<{ kind: Kind } | null>(null);
    const of = within(() => provideJobKind({ shape } as unknown as JobModel)).found;
    expect(of.value).toBe(kind('taper'));
    shape.value = { kind: 'curve' };
    expect(of.value).toBe(kind('curve'));
    shape.value = { kind: 'eccentric' };
    expect(of.value).toBe(kind('eccentric'));
  });
  it('a taper can be cut once its figures are there; what is not said to wait need not', () => {
    const ready = (taper: object | null) =>
      kind('taper').ready!({ taper: ref(taper) } as unknown as JobModel);
    expect([ready(null), ready({})]).toEqual([false, true]);
    expect(kind('curve').ready).toBeUndefined();
  });
  it('everything a kind may show is among what is fetched when idle', () => {
    for (const one of ALL)
      for (const load of [...Object.values(one.stages), one.passes]) expect(restOf(one)).toContain(load);
  });
});

describe('fetching when idle', () => {
  afterEach(() => void vi.unstubAllGlobals());
  it('goes one after another, and stops with its screen', async () => {
    const idle: (() => void)[] = [];
    vi.stubGlobal('requestIdleCallback', (work: () => void) => idle.push(work));
    const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
    const seen: string[] = [];
    const load = (name: string) => async () => void seen.push(name);
    const scope = effectScope();
    const fetchWhenIdle = scope.run(() => useFetchedWhenIdle())!;
    fetchWhenIdle([load('a'), load('b'), load('c')]);
    expect(seen).toEqual([]);
    idle.shift()!();
    await settled();
    expect(seen).toEqual(['a']);
    idle.shift()!();
    await settled();
    expect(seen).toEqual(['a', 'b']);
    scope.stop();
    idle.shift()!();
    await settled();
    expect(seen).toEqual(['a', 'b']);
  });
});
