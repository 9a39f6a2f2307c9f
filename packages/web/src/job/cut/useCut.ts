import { cutState, dialForDiameter, diameterOnLathe, passFrom, type CutState } from '@anello/core/approach';
import { AnelloError } from '@anello/core/basics';
import { PASSES_AGAIN, passPlan, staircase, type Pass, type Shoulder } from '@anello/core/cutting';
import { snapDown, type Figure } from '@anello/core/figure';
import { ofKind } from '@anello/core/job';
import { computed, type ComputedRef } from 'vue';
import { useJob } from '../../data/stores/job';
import { shared } from '../model/desk';
import { useDialFigure } from '../model/useDialFigure';
import { useJobModel } from '../model/useJobModel';

export interface CutDesk {
  readonly state: ComputedRef<CutState | null>;
  readonly finish: ComputedRef<number>;
  /** Stock still on, on diameter, down to finished size. */
  readonly left: ComputedRef<number>;
  readonly plan: ComputedRef<{ passes: readonly Pass[]; error: AnelloError | null }>;
  readonly next: ComputedRef<Pass | null>;
  /** At the allowance: passes still to take at the same figure before it is tried for the first time. */
  readonly again: ComputedRef<number>;
  /** A figure as this lathe's dial shows it. */
  dialFigure(value: number): Figure;
  /** Stock on diameter as whole divisions of the dial, rounded back, and what is left over on diameter. */
  onDial(diameter: number): { figure: Figure; divisions: number; leftOver: number };
  /** The pass that a figure on the dial means, depth on radius. Errors: as passFrom. */
  passTo(dialTo: number): { readonly depth: number };
  keepPass(dialTo: number, typed: string): Promise<void>;
  /** Shoulders or steps that take the bulk off first; null without stock. */
  readonly stairs: ComputedRef<{ steps: readonly Shoulder[]; error: AnelloError | null } | null>;
  /** The diameter at 20 °C, and how warm it was if it was. */
  keepMeasured(seen: { diameter: number; temperature?: number }, typed: string): Promise<void>;
}

/** The Cut stage's work: where the cut stands, the passes still to take, and keeping them. */
export const useCut = shared('cut', makeCutDesk);

function makeCutDesk(): CutDesk {
  const job = useJob();
  const model = useJobModel();

  const task = computed(() => model.taper.value?.task ?? null);
  const finish = computed(() =>
    task.value ? (task.value.member === 'external' ? task.value.smallDiameter : task.value.largeDiameter) : 0,
  );
  const stock = computed(() => model.cutFigures.value?.stock);
  const state = computed(() =>
    task.value && stock.value
      ? cutState(model.records.value, job.piece, stock.value, task.value.member)
      : null,
  );
  const left = computed(() => {
    if (!state.value || !task.value) return 0;
    return task.value.member === 'external' ? state.value.now - finish.value : finish.value - state.value.now;
  });
  const plan = computed(() => {
    const { value: lathe } = model.lathe;
    const { value: figures } = model.cutFigures;
    if (!state.value || !task.value || !lathe || !figures) return { passes: [], error: null };
    try {
      const { roughDepth, lastStock, allowance } = figures;
      const passes = passPlan({
        member: task.value.member,
        now: state.value.now,
        finish: finish.value,
        dialNow: state.value.touch,
        roughDepth,
        lastStock,
        allowance,
        division: lathe.dial.division,
        reads: lathe.dial.reads,
      });
      return { passes, error: null };
    } catch (error) {
      if (error instanceof AnelloError) return { passes: [], error };
      throw error;
    }
  });

  const next = computed(() => plan.value.passes[0] ?? null);
  /** Once it was tried the way to the line says what is cut, and how often. */
  const tried = computed(() => ofKind(model.records.value, 'stand-off', job.piece).length > 0);
  const again = computed(() =>
    state.value && state.value.passes > 0 && !next.value && !plan.value.error && !tried.value
      ? Math.max(0, PASSES_AGAIN - state.value.again)
      : 0,
  );

  const stairs = computed(() => {
    const { value: lathe } = model.lathe;
    const { value: figures } = model.cutFigures;
    if (!task.value || !lathe || !figures || stock.value === undefined) return null;
    try {
      const { roughDepth, allowance } = figures;
      const steps = staircase({
        ...task.value,
        ...lathe.dial,
        stock: stock.value,
        allowance,
        depth: roughDepth,
      });
      return { steps, error: null };
    } catch (error) {
      if (error instanceof AnelloError) return { steps: [], error };
      throw error;
    }
  });

  const dialFigure = useDialFigure();

  function onDial(diameter: number): { figure: Figure; divisions: number; leftOver: number } {
    const dial = model.lathe.value?.dial;
    if (!dial) return { figure: { quantity: 'length', value: diameter }, divisions: 0, leftOver: 0 };
    const set = Math.max(0, snapDown(dialForDiameter(diameter, dial.reads), dial.division));
    const asDiameter = dial.reads === 'diameter' ? set : 2 * set;
    return {
      figure: dialFigure(set),
      divisions: Math.round(set / dial.division),
      leftOver: Math.max(0, diameter) - asDiameter,
    };
  }

  function passTo(dialTo: number): { readonly depth: number } {
    const { value: lathe } = model.lathe;
    if (!state.value || !lathe || !task.value) return { depth: 0 };
    const { member } = task.value;
    return passFrom(state.value, dialTo, { member, reads: lathe.dial.reads, swing: lathe.swing });
  }

  async function keepPass(dialTo: number, typed: string): Promise<void> {
    if (!state.value || !model.lathe.value) return;
    const planned = plan.value.passes[0]?.dialTo ?? null;
    const { depth } = passTo(dialTo);
    await model.keep({ kind: 'pass', dialFrom: state.value.dial, dialTo, planned, depth, typed });
  }

  async function keepMeasured(
    seen: { diameter: number; temperature?: number },
    typed: string,
  ): Promise<void> {
    if (!state.value) return;
    await model.keep({
      kind: 'measured',
      ...seen,
      diameter: diameterOnLathe(seen.diameter, model.lathe.value ?? {}),
      expected: state.value.now,
      dialAt: state.value.dial,
      typed,
    });
  }

  return {
    state,
    finish,
    left,
    plan,
    stairs,
    next,
    again,
    dialFigure,
    onDial,
    passTo,
    keepPass,
    keepMeasured,
  };
}
