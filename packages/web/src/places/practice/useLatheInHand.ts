import { AnelloError } from '@anello/core/basics';
import { runStory, type Knob, type RunStory } from '@anello/core/practice';
import {
  USUAL_FEED,
  type Chips,
  type LatheAction,
  type Scene,
  type Seen,
  type VirtualLathe,
} from '@anello/core/virtual-lathe';
import { tryOnScopeDispose, useEventListener, useRafFn, useTimeoutFn } from '@vueuse/core';
import { computed, ref, shallowRef, triggerRef, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import type { HeldRun } from '../../data/practice/done';
import { useCutSound } from './useCutSound';
import { turnedIn, useReplay, type Replay } from './useReplay';

/** A lathe that is worked by hand on the screen: what is done to it, what is seen of that, and the run held over a reload. */
export interface LatheInHand {
  /** The lathe that is worked. */
  readonly lathe: VirtualLathe;
  /** The one that is looked at: the same, or after the end its run again. */
  readonly shown: ShallowRef<VirtualLathe>;
  readonly scene: ComputedRef<Scene>;
  readonly chips: Ref<Chips['seen']>;
  readonly chatters: Ref<boolean>;
  readonly minutes: ComputedRef<number>;
  readonly turning: ComputedRef<boolean>;
  /** The cut is heard. */
  readonly sound: Ref<boolean>;
  readonly feeding: Ref<1 | 0 | -1>;
  /** How far what has no dial was turned so far. */
  readonly turned: ComputedRef<Readonly<Record<string, number>>>;
  readonly replay: Replay;
  /** What was done before a reload is done again; until then nothing can be done. */
  readonly ready: Ref<boolean>;
  /** Why what was asked for last cannot be done; empty where it was done. */
  readonly refused: Ref<string>;
  act(action: LatheAction): Seen;
  /** What a knob shows. */
  shows(knob: Knob): number;
  spindle(on: boolean): void;
  /** Power feed: toward the headstock, off, or away from it. */
  feed(way: 1 | 0 | -1): void;
  /** No more is done: the run can be watched. */
  end(): void;
  /** How the run went, once it has ended. */
  story(gone: (lathe: VirtualLathe) => boolean): RunStory;
}

const TURNS = 400;
/** Power feed is shown so many times as fast as it is, so that nobody waits. */
const FASTER = 8;
/** The carriage is stopped short of the jaws, and past the end of the work. */
const STOP = 6;
const BEYOND = 25;
/** What a click of a handle cuts is heard so long, ms. */
const HEARD_FOR = 160;
/** Longer than this after a frame is not fed for, ms. */
const LONGEST_FRAME = 50;

export interface LatheTaken {
  begin(): VirtualLathe;
  /** Where what is done is held; null where it is not to be. */
  readonly run: HeldRun | null;
  /** Called at everything that is done, and again at each of it when the run is taken up after a reload. */
  done?(action: LatheAction, seen: Seen): void;
}

export function useLatheInHand({ begin, run, done }: LatheTaken): LatheInHand {
  const lathe = begin();
  const shown = shallowRef(lathe);
  const chips = ref<Chips['seen']>('none');
  const chatters = ref(false);
  const feeding = ref<1 | 0 | -1>(0);
  const ended = ref(false);
  const ready = ref(run === null);
  const refused = ref('');

  const look = (seen: Seen): void => {
    if (!seen.chips) return;
    [chips.value, chatters.value] = [seen.chips.seen, seen.chips.chatters];
    moving.value = true;
    quiet.start();
  };
  function take(action: LatheAction): Seen {
    const seen = lathe.act(action);
    look(seen);
    done?.(action, seen);
    return seen;
  }
  function act(action: LatheAction): Seen {
    if (ended.value || !ready.value) return {};
    refused.value = '';
    let seen: Seen;
    try {
      seen = take(action);
    } catch (error) {
      if (!(error instanceof AnelloError)) throw error;
      refused.value = error.message;
      return {};
    }
    run?.add(action);
    triggerRef(shown);
    return seen;
  }
  /** The spindle stands, or nothing is moved: there is nothing to be heard. */
  const moving = ref(false);
  const quiet = useTimeoutFn(() => (moving.value = false), HEARD_FOR, { immediate: false });
  const heard = computed(() => (moving.value ? chips.value : 'none'));
  const sound = useCutSound(heard, chatters);
  const replay = useReplay(begin, () => lathe.log, shown, look);

  if (run) {
    void run.load().then((actions) => {
      for (const action of actions) take(action);
      ready.value = true;
      triggerRef(shown);
    });
    useEventListener('pagehide', run.leave);
    tryOnScopeDispose(() => void run.flush());
  }
  useRafFn(({ delta }) => {
    if (feeding.value === 0 || ended.value) return;
    const by = (-feeding.value * USUAL_FEED * TURNS * FASTER * Math.min(delta, LONGEST_FRAME)) / 60_000;
    act({ do: 'turn', handle: 'carriage', by, feed: USUAL_FEED });
    const { tool, held } = lathe.scene();
    if (tool.z < STOP || tool.z > (held?.out ?? 0) + BEYOND) feeding.value = 0;
  });
  const scene = computed(() => shown.value.scene());
  const turned = computed(() => turnedIn(shown.value.log));
  return {
    lathe,
    shown,
    scene,
    chips,
    chatters,
    sound,
    feeding,
    turned,
    replay,
    ready,
    refused,
    act,
    minutes: computed(() => shown.value.seconds / 60),
    turning: computed(() => scene.value.turns > 0),
    shows: (knob) => (knob.handle ? shown.value.dial(knob.handle) : (turned.value[knob.id] ?? 0)),
    spindle: (on) => void act({ do: 'spindle', turns: on ? TURNS : 0 }),
    feed: (way) => (feeding.value = feeding.value === way ? 0 : way),
    end() {
      feeding.value = 0;
      ended.value = true;
      replay.ended();
    },
    story: (gone) => runStory(begin, replay.done(), gone),
  };
}
