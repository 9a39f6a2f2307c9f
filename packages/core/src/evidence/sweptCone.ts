import { positive, taperAngle } from '../basics/check';
import { length } from '../figure/figure';
import type { Phrase } from '../figure/phrase';
import { analyseSweep } from '../sweep/analyse';
import { heightOfBow } from '../sweep/contactHeight';
import type { SweepAnalysis } from '../sweep/sweep';
import { turnsWith } from '../sweep/turnsWith';
import type { MeasuredRatio } from './evidence';

/** An indicator run along a finished cone, its travel along the axis; and what the cone should be. */
export interface ConeSweep {
  readonly travel: readonly number[];
  readonly reading: readonly number[];
  readonly halfAngle: number;
  readonly smallDiameter: number;
  readonly length: number;
  readonly resolution?: number | undefined;
  readonly lead?: number | undefined;
}

/** What a cone shows all along. */
export interface SweptCone extends MeasuredRatio {
  readonly analysis: SweepAnalysis;
  readonly halfAngle: number;
  /** What the angle costs over the whole cone, on diameter, mm; more than nothing is too steep. */
  readonly off: number;
  /** Everything else that it shows, with where it comes from: what costs most first. */
  readonly shows: readonly { readonly what: Phrase; readonly from: Phrase; readonly costs: number }[];
}

const ON_DIAMETER = 2;
const COVERAGE = 2;
const FINE = 0.001;
/** Further off centre than this part of the radius nobody sets a tool. */
const MOST_HEIGHT = 0.25;
/** A surface is smoother than so many steps of the needle, or it is rough. */
const ROUGH = 3;

/**
 * A finished cone from an indicator run along it: its ratio with plus or minus (k = 2), and what its needle's behaviour says
 * of how it was cut. More is a larger radius, whichever end it is read from. Errors: as analyseSweep; out-of-range.
 *
 * @example
 * sweptCone({
 *   travel: SWEEP_AT, reading: SWEEP_AT.map((z) => -0.05 * z),
 *   halfAngle: Math.atan(0.05), smallDiameter: 20, length: 80,
 * }).ratio
 * // → 0.1
 */
export function sweptCone(given: ConeSweep): SweptCone {
  const { travel, reading, halfAngle } = given;
  taperAngle(halfAngle);
  positive(given.length, 'length', 'The length');
  positive(given.smallDiameter, 'smallDiameter', 'The small end');
  const way = Math.sign(risesBy(travel, reading)) || 1;
  const analysis = analyseSweep({
    travel,
    // From the large end it falls: what is looked for climbs.
    reading: way < 0 ? reading.map((one) => -one) : reading,
    expectedSlope: Math.tan(halfAngle),
    resolution: given.resolution,
    lead: given.lead,
  });
  const slope = analysis.slope.value;
  return {
    analysis,
    ratio: ON_DIAMETER * slope,
    uncertainty: COVERAGE * ON_DIAMETER * analysis.slope.u,
    halfAngle: Math.atan(slope),
    off: ON_DIAMETER * given.length * (slope - Math.tan(halfAngle)),
    shows: [
      bow(way * (analysis.bow?.value ?? 0), given),
      start(analysis),
      step(analysis),
      sine(analysis, given.lead),
      marks(analysis),
      rough(analysis, given),
    ]
      .flatMap((one) => one ?? [])
      .sort((a, b) => b.costs - a.costs),
  };
}

type Shown = SweptCone['shows'][number];

function risesBy(travel: readonly number[], reading: readonly number[]): number {
  const mean = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0) / all.length;
  const [at, seen] = [mean(travel), mean(reading)];
  return travel.reduce((sum, one, i) => sum + (one - at) * ((reading[i] ?? 0) - seen), 0);
}

function bow(found: number, { smallDiameter, length: along, halfAngle }: ConeSweep): Shown | null {
  if (found === 0) return null;
  const small = smallDiameter / 2;
  const large = small + along * Math.tan(halfAngle);
  const height = found < 0 ? heightOfBow(found, small, large) : null;
  const what: Phrase = [
    length(Math.abs(found), FINE),
    found < 0 ? ' hollow in its middle' : ' high in its middle',
  ];
  const from: Phrase =
    found > 0
      ? ['A bar worn high, or work that gave way in its middle under the cut']
      : height !== null && height <= MOST_HEIGHT * small
        ? ['A tool ', length(height, 0.1), ' off centre height cuts it so; else a bar worn hollow']
        : ['A bar worn hollow; no tool stands so far off centre'];
  return { what, from, costs: ON_DIAMETER * Math.abs(found) };
}

function start({ flat, slope }: SweepAnalysis): Shown | null {
  return (
    flat && {
      what: ['Its first ', length(flat.length, 0.1), ' are parallel'],
      from: ['Lash, when the cut was begun: start further out. Or the needle’s own: run it in from further'],
      costs: ON_DIAMETER * flat.length * Math.abs(slope.value),
    }
  );
}

function step({ step: found }: SweepAnalysis): Shown | null {
  return (
    found && {
      what: ['A step of ', length(Math.abs(found.size), FINE), ' at ', length(found.at, 0.1)],
      from: ['A handle was touched there, the work slipped in its jaws, or the feed was stopped'],
      costs: ON_DIAMETER * Math.abs(found.size),
    }
  );
}

function sine({ sine: found }: SweepAnalysis, lead: number | undefined): Shown | null {
  return (
    found && {
      what: ['It swings by ', length(2 * found.amplitude, FINE), ' every ', length(found.period, 0.01)],
      from:
        lead !== undefined && !turnsWith(found.period, lead)
          ? [
              'Not the screw, which turns once in ',
              length(lead, 0.01),
              ': what else turned with it, or the tool that swings',
            ]
          : ['The screw that fed it, once a turn: lean on the slide, and wipe and oil the screw'],
      costs: ON_DIAMETER * 2 * found.amplitude,
    }
  );
}

function marks({ spikes }: SweepAnalysis): Shown | null {
  const [first] = spikes;
  return first
    ? {
        what: [
          `${spikes.length === 1 ? 'A reading jumps' : `${spikes.length} readings jump`} out, first at `,
          length(first.at, 0.1),
        ],
        from: ['A chip, a burr or a bruise: wipe it, and read there again'],
        costs: 0,
      }
    : null;
}

function rough({ noise }: SweepAnalysis, { resolution = FINE }: ConeSweep): Shown | null {
  return noise > ROUGH * resolution
    ? {
        what: ['It is rough by ± ', length(COVERAGE * noise, FINE)],
        from: [
          'Chatter or torn metal: a sharper tool, a finer feed, and ',
          'Listen',
          ' on Cut tells what swings',
        ],
        costs: ON_DIAMETER * noise,
      }
    : null;
}
