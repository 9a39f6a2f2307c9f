import type { Entry } from '@anello/contract';
import { figureOf, PLAIN_USE, type InstrumentUse, type Moment } from '@anello/core/instrument';
import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { LOCAL } from '../names';
import { useWire, type Axis } from './wire';

/** What an instrument can be in use for: to feed the reading bar, or to tell the travel. */
export const ROLES = ['reading', 'travel'] as const;
export type Role = (typeof ROLES)[number];

type Standing = Omit<InstrumentUse, 'contactAngle'>;

interface Chosen {
  readonly reading: string | null;
  readonly travel: string | null;
  /** How each stands, by the axis it is. */
  readonly uses: Readonly<Record<string, Standing>>;
  /** The angle of a lever's arm to the face, as typed. */
  readonly levers: Readonly<Record<string, Entry>>;
  /** The key, or the foot switch, that takes what is shown. */
  readonly key: string;
  /** Taken by itself when it has rested for so long, s; 0 never. */
  readonly rest: number;
  readonly tick: boolean;
}

export const SPACE = ' ';
const PLAIN: Chosen = { reading: null, travel: null, uses: {}, levers: {}, key: SPACE, rest: 0, tick: true };

/** Which instruments this screen uses, and how they stand. */
export const useInUse = defineStore('in-use', () => {
  const wire = useWire();
  const chosen = useLocalStorage<Chosen>(LOCAL.instruments, PLAIN, { mergeDefaults: true });
  const change = (more: Partial<Chosen>): void => void (chosen.value = { ...chosen.value, ...more });

  /** In the place of what is chosen while a practice lathe is worked: what is chosen stays as it is. */
  const lent = shallowRef<Partial<Record<Role, string>>>({});
  const idOf = (role: Role): string | null => lent.value[role] ?? chosen.value[role];
  const axisOf = (role: Role): Axis | null => {
    const id = idOf(role);
    return id === null ? null : (wire.axes.get(id) ?? null);
  };
  const useOf = (axis: string): InstrumentUse => ({
    ...PLAIN_USE,
    ...chosen.value.uses[axis],
    contactAngle: chosen.value.levers[axis]?.value ?? 0,
  });
  function setUse(axis: string, more: Partial<Standing>): void {
    const { contactAngle: _lever, ...stands } = useOf(axis);
    change({ uses: { ...chosen.value.uses, [axis]: { ...stands, ...more } } });
  }
  /** The figure that something shown stands for; as it is, where it is an angle. */
  const figure = (axis: Axis, shown: number): number =>
    axis.angle ? shown : figureOf(useOf(axis.id), shown);
  const liveFigure = (role: Role) =>
    computed(() => {
      const axis = axisOf(role);
      return axis && !axis.gone ? figure(axis, axis.last.value) : null;
    });

  return {
    chosen,
    change,
    lent,
    /** Which axis is in use, heard yet or not. */
    idOf,
    axisOf,
    useOf,
    /** What the instrument in use shows now as a figure, mm or degrees; null while none does. */
    reading: liveFigure('reading'),
    travel: liveFigure('travel'),
    figureOf: figure,
    setUse,
    setLever(axis: string, entry: Entry | undefined): void {
      const { [axis]: _before, ...rest } = chosen.value.levers;
      change({ levers: entry ? { ...rest, [axis]: entry } : rest });
    },
    /** What it shows now is nothing from now on. */
    zeroHere: (axis: Axis): void => setUse(axis.id, { zero: axis.last.value }),
    /** What one of them said since a time, as figures. */
    since(role: Role, time: number): readonly Moment[] {
      const axis = axisOf(role);
      if (!axis) return [];
      return wire
        .since(axis.id, time)
        .map(({ time: at, value }) => ({ time: at, value: figure(axis, value) }));
    },
  };
});
