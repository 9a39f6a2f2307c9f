import { makeVirtualLathe, SOUND_LATHE, type Faults, type LatheAction, type VirtualLathe } from '.';

export const QUIET: Partial<Faults> = {
  ...SOUND_LATHE,
  looseness: 0,
  setting: 0,
  needle: 0,
  feel: 0,
  standOff: 0,
};
export const quiet = (faults: Partial<Faults> = {}, seed = 1): VirtualLathe =>
  makeVirtualLathe({ seed, level: 0, faults: { ...QUIET, ...faults } });
export const all = (lathe: VirtualLathe, actions: readonly LatheAction[]): VirtualLathe => {
  for (const action of actions) lathe.act(action);
  return lathe;
};
/** A bar in a chuck, the edge set in by so much on radius past where it touches, beyond the bar's end. */
export const setIn = (lathe: VirtualLathe, depth: number, diameter = 30, length = 110): VirtualLathe =>
  all(lathe, [
    { do: 'hold', by: 'three-jaw', blank: { diameter, length }, out: 80 },
    { do: 'tool', side: 'outside', nose: 0.4 },
    { do: 'touch' },
    // Far enough past the end that every lash is taken up the way it is cut.
    { do: 'turn', handle: 'carriage', by: 40 },
    { do: 'turn', handle: 'carriage', by: -10 },
    { do: 'turn', handle: 'cross', by: 2 * depth },
  ]);
/** Taken again at the same figure until nothing springs any more. */
export const clean = (lathe: VirtualLathe, by: number): VirtualLathe => {
  for (let i = 0; i < 6; i++)
    all(lathe, [
      { do: 'turn', handle: 'carriage', by },
      { do: 'turn', handle: 'carriage', by: -by },
    ]);
  return lathe;
};
export const radius = (lathe: VirtualLathe, z: number): number => lathe.reveal().outline('outside', z);
export const RUNS = { numRuns: 12 };
