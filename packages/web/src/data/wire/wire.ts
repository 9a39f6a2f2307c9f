import type { CameIn, WireEvent, WireReading } from '@anello/contract';
import type { Moment } from '@anello/core/instrument';
import { createEventHook, useIntervalFn, useWebSocket } from '@vueuse/core';
import { defineStore } from 'pinia';
import { shallowReactive } from 'vue';
import { Heard } from './heard';

/** An axis of an instrument that is on the wire, or was. */
export interface Axis {
  readonly id: string;
  readonly instrument: string;
  /** Empty where it has one only. */
  readonly channel: string;
  /** It shows degrees, not mm. */
  readonly angle: boolean;
  /** What it showed last, as it shows it. */
  readonly last: Moment;
  /** Its source is closed, or it is silent where it spoke all the time. */
  readonly gone: boolean;
}

export interface Heeded {
  readonly axis: string;
  readonly moment: Moment;
  readonly pressed: boolean;
}

/** Tried again so often while the server is away, ms. */
const AGAIN = 1000;
/** Silence is looked for so often, ms: it is to be said within a second. */
const LISTEN_EVERY = 100;

export const axisId = ({ instrument, channel }: Pick<WireReading, 'instrument' | 'channel'>): string =>
  channel ? `${instrument} ${channel}` : instrument;

/** s, on this page's own clock. */
const now = (): number => performance.now() / 1000;

/** What the shop's instruments show, from the server's line or from this screen's own port. */
export const useWire = defineStore('wire', () => {
  const axes = shallowReactive(new Map<string, Axis>());
  const heard = new Map<string, Heard>();
  const readings = createEventHook<Heeded>();

  const line = useWebSocket(`${location.origin.replace(/^http/, 'ws')}/api/wire`, {
    immediate: false,
    autoReconnect: { delay: AGAIN },
    onDisconnected: () => lose([...axes.values()].filter(({ id }) => !own.has(id))),
    onMessage: (_socket, { data }) => told(JSON.parse(String(data)) as WireEvent),
  });
  /** Those that come by this screen's own port do not go with the server. */
  const own = new Set<string>();

  function told(event: WireEvent): void {
    if (event.is === 'gone')
      return lose([...axes.values()].filter(({ instrument }) => event.instruments.includes(instrument)));
    for (const reading of event.of) take(withClock(reading), event.is === 'stand');
  }

  /** A reading from wherever; one that only stood there since before takes no figure. */
  function take(reading: WireReading, stood = false): void {
    const id = axisId(reading);
    const one = heard.get(id) ?? new Heard();
    heard.set(id, one);
    const known = axes.get(id);
    // It is there again, and showed this before.
    if (stood && known) return void axes.set(id, { ...known, gone: false });
    const moment = one.take(reading, now());
    const { instrument, channel, angle } = reading;
    axes.set(id, { id, instrument, channel, angle, last: moment, gone: false });
    if (!stood) void readings.trigger({ axis: id, moment, pressed: reading.pressed ?? false });
  }

  function lose(these: readonly Axis[]): void {
    for (const axis of these) {
      heard.get(axis.id)?.lose();
      axes.set(axis.id, { ...axis, gone: true });
    }
  }

  useIntervalFn(() => {
    const at = now();
    lose([...axes.values()].filter(({ id, gone }) => !gone && heard.get(id)?.isGone(at)));
  }, LISTEN_EVERY);

  return {
    axes,
    /** Once: whoever opens it again finds it open. */
    open(): void {
      if (line.status.value === 'CLOSED') line.open();
    },
    close: line.close,
    now,
    /** Calls back at every reading, in order. */
    onReading: readings.on,
    /** What an axis showed since a time on this page's clock. */
    since: (axis: string, time: number): readonly Moment[] => heard.get(axis)?.since(time) ?? [],
    /** A reading of this screen's own port. */
    takeOwn(reading: WireReading): void {
      own.add(axisId(reading));
      take(reading);
    },
    loseOwn: () => lose([...axes.values()].filter(({ id }) => own.has(id))),
    take,
    told,
  };
});

/** One without a clock of its own has the moment at which it came to the server. */
const withClock = ({ came, ...reading }: CameIn): WireReading => ({
  ...reading,
  own: reading.own ?? came / 1000,
});
