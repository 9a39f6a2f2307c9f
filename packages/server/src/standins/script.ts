import { WIRE_UNITS } from '@anello/contract';
import { z } from 'zod';

const figure = z.number().min(-1e5).max(1e5);
const second = z.number().min(0).max(36_000);
/** Seconds from the beginning, and what is shown then. */
const moment = z.tuple([second, figure]);

/** What one axis of a stand-in shows: straight between its moments, the last one held. */
const channelSchema = z.strictObject({
  path: z.array(moment).min(1).max(2000),
  /** Begins again after its last moment. */
  again: z.boolean().default(false),
  /** How far its needle trembles, k = 1. */
  noise: z.number().min(0).max(1).default(0),
  /** Only at its moments, as at a press of its key, instead of all the time. */
  pressed: z.boolean().default(false),
});

/** What a stand-in plays. */
export const scriptSchema = z.strictObject({
  unit: z.enum(WIRE_UNITS).default('mm'),
  /** Readings in a second. */
  rate: z.number().min(1).max(200).default(30),
  /** One without a name is the instrument's only one. */
  channels: z.record(z.string().max(20), channelSchema),
});
export type Script = z.output<typeof scriptSchema>;
export type ChannelScript = z.output<typeof channelSchema>;

/** What an axis shows at a time, its tremble left out. */
export function shownAt({ path, again }: ChannelScript, time: number): number {
  const last = path.at(-1) as [number, number];
  const at = again && last[0] > 0 ? time % last[0] : time;
  const next = path.findIndex(([t]) => t >= at);
  if (next < 0) return last[1];
  const [t1, to] = path[next] as [number, number];
  const [t0, from] = path[Math.max(0, next - 1)] as [number, number];
  return t1 > t0 && at > t0 ? from + ((to - from) * (at - t0)) / (t1 - t0) : to;
}

/** The moments of an axis after one time, up to another: its presses. */
export function pressedIn({ path, again }: ChannelScript, from: number, to: number): [number, number][] {
  const length = (path.at(-1) as [number, number])[0];
  const turns = again && length > 0 ? Math.floor(to / length) : 0;
  const found: [number, number][] = [];
  for (let turn = Math.max(0, turns - 1); turn <= turns; turn++)
    for (const [t, value] of path) {
      const when = t + turn * length;
      if (when > from && when <= to) found.push([when, value]);
    }
  return found;
}
