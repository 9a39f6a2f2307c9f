import { useGo } from '../../model/useGo';
import { length, type Figure, type Phrase } from '@anello/core/figure';
import { USUAL_INDICATOR } from '@anello/core/machine';
import type { DefaultUnit } from '@anello/core/quantity';
import { withinBand, type SettingStep } from '@anello/core/setting';
import { computed } from 'vue';
import { drawn } from '../../../drawing/dimensions';
import { useJob } from '../../../data/stores/job';
import { usePreferences } from '../../../data/stores/preferences';
import type { Across, BarQuestion, BarRequest, StripMarks } from '../../../data/stores/screen';
import { useJobModel } from '../../model/useJobModel';
import type { SettingDesk } from './useSetting';
import { useStageScreen } from '../../model/useStageScreen';

/** What the Set stage asks of the reading bar, shows across the shop and marks on the strip. */
export function useSetScreen(desk: SettingDesk): void {
  const go = useGo();
  const job = useJob();
  const preferences = usePreferences();
  const model = useJobModel();
  const resolution = computed(() => desk.step.value?.sweep?.resolution ?? USUAL_INDICATOR);
  const station = computed(() => (desk.step.value?.sweep ? desk.nextStation.value : null));
  const settled = computed(() => desk.verdict.value?.inBand === true);
  const defaultUnit = computed<DefaultUnit>(() => (preferences.units === 'mm' ? 'mm' : 'in'));
  const proves = computed(() => desk.step.value?.proves === true);
  const isDone = computed(() => desk.done.value[desk.index.value] ?? false);

  function barRequest(): BarRequest | null {
    const step = desk.step.value;
    if (!step || !model.way.value) return null;
    const common = { asks: 'figure' as const, dimension: 'length' as const, defaultUnit: defaultUnit.value };
    const decide = { asks: 'nothing' as const };
    if (desk.carried.value !== null && !step.later) {
      return {
        ...decide,
        key: `${model.key.value}.carried`,
        label: 'Setting carried over',
        hint: 'Nothing to set for this piece.',
        empty: { label: 'On to Cut', run: toCut },
      };
    }
    const sweep = step.sweep;
    if (sweep && station.value && !(isDone.value && !desk.aimed.value)) {
      const { at, expected, low, high } = station.value;
      const where = sweep.onPart
        ? `Reading at ${shortLength(at)}`
        : `Reading on the ${sweep.label.toLowerCase()}`;
      const key = `${model.key.value}.${job.piece}.${model.way.value}.${step.id}.${at}`;
      const examples = preferences.units === 'mm' ? '.0745in or 74 1/2 thou' : '1.893 mm or 74 1/2 thou';
      return {
        ...common,
        key,
        label: where,
        hint: `Type it any way: ${examples}`,
        band: { low, high },
        judge: (seen) => judge(seen, expected),
        keep: ({ value }, text) => desk.keepReading(value, text),
      };
    }
    if (proves.value && step.sweep && !isDone.value) {
      const keepIt = settled.value ? { label: 'Keep this setting', run: desk.keepSetting } : undefined;
      const nudge = desk.verdict.value?.nudge
        ? { label: 'Nudged, read again', run: desk.keepNudge }
        : undefined;
      const again = nudge ?? keepIt;
      const hint = settled.value
        ? 'In band from end to end.'
        : nudge
          ? 'Nudge it, then read every station again.'
          : 'Pick a station in the table to read it again.';
      return {
        ...decide,
        key: `${model.key.value}.decide`,
        label: 'All stations read',
        hint,
        ...(again ? { empty: again } : {}),
      };
    }
    if (isDone.value) {
      const last = desk.allDone.value || desk.index.value >= model.steps.value.length - 1;
      return {
        ...decide,
        key: `${model.key.value}.done`,
        label: 'This card is done',
        hint: '',
        empty: last
          ? { label: 'On to Cut', run: toCut }
          : { label: 'Next card', run: () => void desk.index.value++ },
      };
    }
    const nudge =
      sweep && desk.verdict.value?.nudge ? { label: 'Nudged, read again', run: desk.keepNudge } : null;
    return {
      ...decide,
      key: `${model.key.value}.${step.id}.tick`,
      label: sweep ? 'Read' : 'Set it, then',
      hint: '',
      ...(step.later && sweep && !desk.verdict.value?.inBand
        ? {}
        : { empty: nudge ?? { label: doneLabel(step), run: desk.keepStep } }),
    };
  }

  const doneLabel = (step: SettingStep): string =>
    step.proves ? 'Done, and set' : step.later ? 'It is back at zero' : 'Done';

  const toCut = (): void => void go.to('cut');
  const shortLength = (at: number): string =>
    `${drawn(at, preferences.units)} ${preferences.units === 'mm' ? 'mm' : 'in'}`;

  function judge(seen: number, expected: number): ReturnType<NonNullable<BarQuestion['judge']>> {
    if (!station.value) return null;
    const off = seen - expected;
    const good = withinBand(seen, station.value, resolution.value);
    const amount: Figure = length(Math.abs(off), resolution.value);
    const side = off > 0 ? ' over' : ' under';
    // Nearer than the needle can be read it is neither over nor under.
    const dead = Math.abs(off) < resolution.value / 2;
    const phrase: Phrase = good
      ? dead
        ? ['in band, dead on']
        : ['in band, ', amount, side]
      : [amount, side];
    return { phrase, tone: good ? 'good' : 'warn' };
  }

  function across(): Across | null {
    const step = desk.step.value;
    if (!step) return null;
    const nudge = desk.verdict.value?.nudge;
    if (nudge && !station.value)
      return { step: ['Nudge ', nudge.direction], label: '', figure: nudge.amount, after: nudge.place };
    if (station.value && step.sweep) {
      const { low, high, expected, at } = station.value;
      const r = resolution.value;
      return {
        step: [step.sweep.label, ' at ', length(at, 0.1)],
        label: 'should read',
        figure: length(expected, r),
        band: [length(low, r, { bare: true }), ' to ', length(high, r)],
      };
    }
    const first = step.figures[0];
    return first ? { step: step.title, label: first.label, figure: first.figure, after: first.after } : null;
  }

  /** Stations run from the end the tool starts at: the small end outside, the mouth inside. */
  function marks(): StripMarks {
    const { value: taper } = model.taper;
    const sweep = desk.step.value?.sweep;
    if (!taper || !sweep?.onPart) return {};
    const read = new Set(desk.tries.value.at(-1)?.readings.map((r) => r.body.at) ?? []);
    const shrink = sweep.travelAlong === 'slide' ? Math.cos(taper.task.halfAngle) : 1;
    const fromRight = taper.feature.side === 'internal' || taper.feature.largeEnd === 'headstock';
    const at = (travel: number): number =>
      fromRight ? taper.z1 - travel * shrink : taper.z0 + travel * shrink;
    const shown = sweep.stations.map((s) => ({
      z: at(s.at),
      travel: s.at,
      state:
        s.at === desk.nextStation.value?.at
          ? ('next' as const)
          : read.has(s.at)
            ? ('read' as const)
            : ('ahead' as const),
    }));
    return { stations: [{ z: at(0), travel: 0, state: 'ahead' }, ...shown] };
  }

  useStageScreen({ bar: barRequest, across, marks });
}
