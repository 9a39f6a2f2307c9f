import { angle, length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { dialOf } from '../../machine/dialReads';
import type { Device, Lathe } from '../../machine/lathe';
import { tailstockSetOver } from '../../ways/tailstockSetOver';
import { makeVirtualLathe, type VirtualLathe } from '../../virtual-lathe/makeVirtualLathe';
import type { FaultId } from '../../virtual-lathe/faults/registry';
import type { Knob, Outcome } from '../exercise';
import { BARREL, CARRIAGE, CROSS, compoundHandle, deviceEnd, HEIGHT, SPINDLE } from '../knobs';
import type { Bench, WorkTried } from './bench';
import { coneTruth, type ConePlace } from './conePlace';

export type ConeTried = Extract<WorkTried, { kind: 'cone' }>;

/** Held by so much more than stands out; metal over the large end, and past the cone for its runs, mm. */
const GRIPPED = 40;
const OVER = 4;
const PAST = 14;
/** The free end is past the cone by nothing; every run begins so far before it. */
const BEFORE = 14;
/** Where the carriage shows nothing the tool stands at this z, and its point so far from the axis. */
const ZERO = 60;
const ASIDE = 40;
/** Kept off the work's surface at first. */
const CLEAR = 10;
const NOSE = 0.4;
/** Of the hole before a bore is bored: so much smaller than its small end; and the bar that goes in. */
const UNDER = 4;
const BAR_PART = 0.42;
/** Stood farther out than so many diameters it is carried by a centre. */
const SLENDER = 4;
const REACH = 150;

/** More than nothing where the large end is at the headstock: the other way every device is set the other way. */
const signOf = ({ largeEnd }: ConeTried['task']): 1 | -1 => (largeEnd === 'headstock' ? 1 : -1);

/** Where a cone lies: its end at the tailstock is the free end of the work. */
function placeOf({ way, task, gauge }: ConeTried): ConePlace & { readonly out: number } {
  const out = way === 'tailstock' ? task.workLength : task.length + PAST;
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

const ABOUT: Readonly<Record<Device, readonly FaultId[]>> = {
  attachment: ['barAngle', 'barBow', 'barLash', 'toolHeight', 'crossLash', 'crossScale', 'compliance'],
  compound: ['compoundAngle', 'compoundLash', 'toolHeight', 'crossLash', 'crossScale', 'compliance'],
  tailstock: ['tailstockOff', 'toolHeight', 'crossLash', 'crossScale', 'compliance'],
};

const KNOBS: Readonly<Record<Device, (lathe: Lathe, sign: 1 | -1) => readonly Knob[]>> = {
  attachment: (lathe) => [
    deviceEnd('attachment', 'Bar’s end, steeper', lathe.attachment?.pivotLength ?? REACH),
    SPINDLE,
  ],
  compound: (lathe) => [
    compoundHandle(lathe),
    deviceEnd('compound', 'Compound, steeper', lathe.compound?.handleReach ?? REACH),
  ],
  tailstock: (_, sign) => {
    const across = deviceEnd('tailstock', 'Tailstock across, more', 0);
    return [{ ...across, turn: (by) => across.turn(sign * by) }, BARREL];
  },
};

const SCALES: Readonly<Record<Device, { readonly title: string; readonly shows: 'angle' | 'length' }>> = {
  attachment: { title: 'Bar to, by its scale', shows: 'angle' },
  compound: { title: 'Compound to, by its scale', shows: 'angle' },
  tailstock: { title: 'Set over to, by its marks', shows: 'length' },
};

/**
 * Why a cone cannot be worked at the practice lathe in its way; null where it can.
 */
export function whyNotCone({ way, task }: ConeTried, lathe: Lathe): Phrase | null {
  const external = task.member === 'external';
  if (!lathe[way]) return ['This lathe has nothing to make it by in that way.'];
  if (!external && way === 'tailstock') return ['A bore is not made by setting the tailstock over.'];
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
  const { out, ...cone } = placeOf(work);
  const external = task.member === 'external';
  const side = external ? 'outside' : 'inside';
  const sign = signOf(task);
  return {
    knobs: [CARRIAGE, CROSS, ...KNOBS[way](lathe, sign)],
    raise: HEIGHT,
    needleOn: [
      ...(way === 'tailstock' ? (['barrel'] as const) : []),
      'test-bar',
      external ? 'work' : 'bore',
      'master',
    ],
    // Where the large end is at the headstock the tool goes away from what it stands on as it climbs; else it comes nearer.
    sense: (on) => (on === 'barrel' ? sign : sign === 1 && (on === 'test-bar' || on === 'master') ? -1 : 1),
    scale: {
      ...SCALES[way],
      set: (to) => ({ do: 'set', device: way, to: sign * to }),
    },
    cone,
    // A sleeve goes on from the small end, which is in the chuck here.
    gauged: !external || sign === 1,
    side,
    out,
    couples: way === 'attachment',
    runs: way === 'compound' ? 'compound' : 'carriage',
    found(scaleTo, stood) {
      const off = stood - Math.abs(scaleTo);
      // Swung the other way, what makes it steeper there is less than nothing on its scale.
      return way === 'tailstock' ? {} : { [way === 'compound' ? 'compoundAngle' : 'barAngle']: sign * off };
    },
    about: ABOUT[way],
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
    judge: (made) => (work.until === 'set' ? judgeSetting(work, made) : judgePiece(work, cone, made)),
  };
}

function holdShank(lathe: VirtualLathe, { way, task }: ConeTried, out: number): void {
  const diameter = Math.ceil(task.largeDiameter + OVER);
  const long = way === 'tailstock' ? out : out + GRIPPED;
  const blank = { diameter, length: long };
  if (way === 'tailstock') lathe.act({ do: 'hold', by: 'centres', blank, out });
  else lathe.act({ do: 'hold', by: 'three-jaw', blank, out, centre: out > SLENDER * diameter });
  lathe.act({ do: 'tool', side: 'outside', nose: NOSE });
  if (way === 'compound') lathe.act({ do: 'set', device: 'compound', to: 0 });
  if (way === 'attachment' && signOf(task) === -1) theOtherWay(lathe);
  aside(lathe, diameter / 2 + CLEAR);
  lathe.act({ do: 'turn', handle: 'carriage', by: out + BEFORE - ZERO });
}

function holdBore(lathe: VirtualLathe, { way, task }: ConeTried, out: number): void {
  const bore = Math.floor(task.smallDiameter - UNDER);
  const diameter = Math.ceil(1.5 * task.largeDiameter + UNDER);
  lathe.act({ do: 'hold', by: 'three-jaw', blank: { diameter, length: out + GRIPPED, bore }, out });
  lathe.act({ do: 'tool', side: 'inside', nose: NOSE, barDiameter: Math.round(BAR_PART * bore) });
  if (way === 'compound') lathe.act({ do: 'set', device: 'compound', to: 0 });
  else theOtherWay(lathe);
  aside(lathe, bore / 2 - INSIDE);
  lathe.act({
    do: 'turn',
    handle: 'carriage',
    by: out + (way === 'compound' ? INSIDE_BEFORE : BEFORE) - ZERO,
  });
}
/** The bar from the first the other way, so that it is nudged that way too, whatever its scale is out by. */
const theOtherWay = (lathe: VirtualLathe): void =>
  void lathe.act({ do: 'set', device: 'attachment', to: -Number.EPSILON });

/** The edge stands within the hole, clear of its wall; and so far before the mouth. */
const INSIDE = 3;
const INSIDE_BEFORE = 6;

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
        is: length(standOff ?? 0, FINE, { signed: true }),
        wanted: standOff === null ? ['it does not touch yet'] : ['at most ', length(limit, FINE)],
        inside: lineIn,
      },
    ],
  };
}

function judgeSetting({ way, task }: ConeTried, lathe: VirtualLathe): Outcome {
  const { attachmentAngle, compoundAngle, setOver } = lathe.reveal();
  const band = task.tolerance.halfAngle;
  if (way === 'tailstock') {
    const { workLength, halfAngle } = task;
    const wanted = signOf(task) * tailstockSetOver({ workLength, halfAngle }).setOver;
    const inside = Math.abs(setOver - wanted) <= workLength * band;
    const said: Phrase = [length(wanted, FINE), ', give or take ', length(workLength * band, 0.001)];
    return {
      right: inside,
      lines: [{ what: 'Set-over as it stands', is: length(setOver, 0.001), wanted: said, inside }],
    };
  }
  const stands = Math.abs(way === 'attachment' ? attachmentAngle : compoundAngle);
  const inside = Math.abs(stands - task.halfAngle) <= band;
  return {
    right: inside,
    lines: [
      {
        what: 'Angle it stands at',
        is: angle(stands),
        wanted: [angle(task.halfAngle), ', give or take ', angle(band)],
        inside,
      },
    ],
  };
}
