import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { dialOf } from '../../machine/dialReads';
import type { Lathe } from '../../machine/lathe';
import { makeVirtualLathe, type VirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { Outcome } from '../exercise';
import { CARRIAGE, CROSS, HEIGHT } from '../knobs';
import type { Bench, WorkTried } from './bench';
import { coneTruth, type ConePlace } from './conePlace';
import { BEFORE, GRIPPED, type Sign } from './devices/device';
import { CONE_DEVICES } from './devices/registry';

export type ConeTried = Extract<WorkTried, { kind: 'cone' }>;

/** Metal over the large end, mm. */
const OVER = 4;
/** Where the carriage shows nothing the tool stands at this z, and its point so far from the axis. */
const ZERO = 60;
const ASIDE = 40;
/** Kept off the work's surface at first. */
const CLEAR = 10;
const NOSE = 0.4;
/** Of the hole before a bore is bored: so much smaller than its small end; and the bar that goes in. */
const UNDER = 4;
const BAR_PART = 0.42;

const signOf = ({ largeEnd }: ConeTried['task']): Sign => (largeEnd === 'headstock' ? 1 : -1);

/** Where a cone lies: its end at the tailstock is the free end of the work. */
function placeOf({ way, task, gauge }: ConeTried): ConePlace & { readonly out: number } {
  const out = CONE_DEVICES[way].out(task);
  const beyond = gauge?.beyond ?? 0;
  return {
    task,
    out,
    line: {
      diameter: gauge?.diameter ?? task.largeDiameter,
      z: signOf(task) === 1 ? out - task.length + beyond : out - beyond,
    },
    toLarge: beyond,
    toSmall: task.length - beyond,
  };
}

/**
 * Why a cone cannot be worked at the practice lathe in its way; null where it can.
 */
export function whyNotCone({ way, task }: ConeTried, lathe: Lathe): Phrase | null {
  const external = task.member === 'external';
  if (!lathe[way]) return ['This lathe has nothing to make it by in that way.'];
  const { noBore } = CONE_DEVICES[way];
  if (!external && noBore) return noBore;
  if (!external && task.largeEnd !== 'tailstock')
    return ['Only a bore with its mouth at the tailstock: nothing reaches in behind.'];
  if (!external && task.smallDiameter < SMALLEST_BORE)
    return ['Its bore is too small for a bar to go in: ', length(SMALLEST_BORE, 1), ' or more.'];
  return null;
}
const SMALLEST_BORE = 12;

/** The practice lathe for a cone. Errors: out-of-range where `whyNotCone` says why. */
export function coneBench(work: ConeTried, lathe: Lathe): Bench {
  const { way, task } = work;
  const device = CONE_DEVICES[way];
  const { out, ...cone } = placeOf(work);
  const external = task.member === 'external';
  const side = external ? 'outside' : 'inside';
  const sign = signOf(task);
  return {
    knobs: [CARRIAGE, CROSS, ...device.knobs(lathe, sign)],
    raise: HEIGHT,
    needleOn: [...device.needleOn, 'test-bar', external ? 'work' : 'bore', 'master'],
    // Where the large end is at the headstock the tool goes away from what it stands on as it climbs; else it comes nearer.
    sense: (on) => (on === 'barrel' ? sign : sign === 1 && (on === 'test-bar' || on === 'master') ? -1 : 1),
    scale: {
      ...device.scale,
      set: (to) => ({ do: 'set', device: way, to: sign * to }),
    },
    cone,
    // A sleeve goes on from the small end, which is in the chuck here.
    gauged: !external || sign === 1,
    side,
    out,
    couples: device.couples,
    runs: device.runs,
    // Swung the other way, what makes it steeper there is less than nothing on its scale.
    found: (scaleTo, stood) => device.found(sign * (stood - Math.abs(scaleTo))),
    about: device.about,
    begin(seed, level, faults) {
      const made = makeVirtualLathe({ seed, level, lathe, ...(faults ? { faults } : {}) });
      if (external) holdShank(made, work, out);
      else holdBore(made, work, out);
      made.act({
        do: 'master',
        z: cone.line.z,
        radius: cone.line.diameter / 2,
        slope: -sign * Math.tan(task.halfAngle),
      });
      made.act({ do: 'spindle', turns: 0 });
      made.act({ do: 'zero', of: 'cross' });
      return made;
    },
    gone(made) {
      const { standOff } = coneTruth(cone, made);
      return work.until === 'made' && standOff !== null && standOff < -work.standOff;
    },
    judge: (made) => (work.until === 'set' ? device.judge(task, sign, made) : judgePiece(work, cone, made)),
  };
}

function holdShank(lathe: VirtualLathe, { way, task }: ConeTried, out: number): void {
  const device = CONE_DEVICES[way];
  const diameter = Math.ceil(task.largeDiameter + OVER);
  device.hold(lathe, diameter, out);
  lathe.act({ do: 'tool', side: 'outside', nose: NOSE });
  device.begin(lathe, signOf(task));
  aside(lathe, diameter / 2 + CLEAR);
  lathe.act({ do: 'turn', handle: 'carriage', by: out + BEFORE - ZERO });
}

function holdBore(lathe: VirtualLathe, { way, task }: ConeTried, out: number): void {
  const device = CONE_DEVICES[way];
  const bore = Math.floor(task.smallDiameter - UNDER);
  const diameter = Math.ceil(1.5 * task.largeDiameter + UNDER);
  lathe.act({ do: 'hold', by: 'three-jaw', blank: { diameter, length: out + GRIPPED, bore }, out });
  lathe.act({ do: 'tool', side: 'inside', nose: NOSE, barDiameter: Math.round(BAR_PART * bore) });
  device.begin(lathe, signOf(task));
  aside(lathe, bore / 2 - INSIDE);
  lathe.act({ do: 'turn', handle: 'carriage', by: out + device.beforeBore - ZERO });
}

/** The edge stands within the hole, clear of its wall. */
const INSIDE = 3;

const aside = (lathe: VirtualLathe, to: number): void =>
  void lathe.act({ do: 'turn', handle: 'cross', by: dialOf(ASIDE - to, lathe.lathe.dial.reads) });

const FINE = 0.01;
function judgePiece({ task, standOff: limit }: ConeTried, cone: ConePlace, lathe: VirtualLathe): Outcome {
  const { angleOff, standOff } = coneTruth(cone, lathe);
  const band = task.tolerance.halfAngle;
  const [angleIn, lineIn] = [Math.abs(angleOff) <= band, standOff !== null && Math.abs(standOff) <= limit];
  return {
    right: angleIn && lineIn,
    lines: [
      {
        what: 'Half angle of the cone, cold',
        is: angle(task.halfAngle + angleOff),
        wanted: [angle(task.halfAngle), ', give or take ', angle(band)],
        inside: angleIn,
      },
      {
        what: 'A true gauge stands off its line by',
        is: standOff === null ? null : length(standOff, FINE, { signed: true }),
        wanted: standOff === null ? ['it does not touch yet'] : ['at most ', length(limit, FINE)],
        inside: lineIn,
      },
    ],
  };
}
