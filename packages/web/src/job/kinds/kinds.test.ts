// @vitest-environment jsdom
import { STAGES } from '@anello/core/job';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { computed, effectScope } from 'vue';
import { useFetchedWhenIdle } from '../../ui/useFetchedWhenIdle';
import type { JobModel } from '../model/useJobModel';
import { viewOf } from '../model/kind';
import { JOB_KINDS, loadOf, restOf } from './registry';

const model = (over: { eccentric?: object; isCurve?: boolean; chosen?: object }): JobModel =>
  ({
    eccentric: computed(() => over.eccentric ?? null),
    isCurve: computed(() => over.isCurve ?? false),
    chosen: computed(() => ({ eccentric: null, curve: null, ...over.chosen })),
  }) as unknown as JobModel;
const kindOf = (of: JobModel): string => JOB_KINDS.find((kind) => kind.is(of))!.id;
const kind = (id: string) => JOB_KINDS.find((one) => one.id === id)!;

describe('kinds of job', () => {
  it('an eccentric comes before a curve, and what is neither is a taper’s', () => {
    expect(kindOf(model({ eccentric: {}, isCurve: true }))).toBe('eccentric');
    expect(kindOf(model({ isCurve: true }))).toBe('curve');
    expect(kindOf(model({}))).toBe('taper');
  });
  it('each has a view for every stage, its own or everybody’s', () => {
    for (const one of JOB_KINDS)
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
    expect(kind('taper').beginsAt(model({}), { settings: 1 })).toBe('cut');
    expect(kind('taper').beginsAt(model({}), { settings: 0 })).toBe('part');
    expect(kind('eccentric').beginsAt(model({ chosen: { eccentric: 'packing' } }), { settings: 0 })).toBe(
      'set',
    );
    expect(kind('eccentric').beginsAt(model({}), { settings: 3 })).toBe('part');
    expect(kind('curve').beginsAt(model({ chosen: { curve: 'steps' } }), { settings: 0 })).toBe('cut');
    expect(kind('curve').beginsAt(model({}), { settings: 0 })).toBe('part');
  });
  it('everything a kind may show is among what is fetched when idle', () => {
    for (const one of JOB_KINDS)
      for (const load of [...Object.values(one.stages), one.passes]) expect(restOf(one)).toContain(load);
  });
});

describe('fetching when idle', () => {
  afterEach(() => void vi.unstubAllGlobals());
  it('goes one after another, over what fails, and stops with its screen', async () => {
    const idle: (() => void)[] = [];
    vi.stubGlobal('requestIdleCallback', (work: () => void) => idle.push(work));
    const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
    const seen: string[] = [];
    const load =
      (name: string, fails = false) =>
      async () => {
        seen.push(name);
        if (fails) throw new Error('away');
      };
    const scope = effectScope();
    const fetchWhenIdle = scope.run(() => useFetchedWhenIdle())!;
    fetchWhenIdle([load('a', true), load('b'), load('c')]);
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
