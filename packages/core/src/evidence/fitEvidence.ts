import { AnelloError } from '../basics/error';
import { finite, notNegative, positive, taperAngle } from '../basics/check';
import { ratioErrorFromSwing } from '../gauging/ratioErrorFromSwing';
import { below } from '../infeed/normal';
import { angle, length } from '../phrase/figure';
import type { Phrase } from '../phrase/phrase';
import { halfAngleOf, ratioOf } from '../taper/solve';
import type { Member } from '../way/way';
import { CAUSES, likelihood, type Cause, type CauseId } from './causes';
import type { Evidence, MeasuredRatio } from './evidence';
import { nextCheck } from './nextCheck';

export interface EvidenceRequest {
  readonly member: Member;
  readonly evidence: readonly Evidence[];
  /** What the cone should be, rad; without it measured tapers cannot be judged. */
  readonly halfAngle?: number | undefined;
  /** Plus or minus that is good enough, rad. */
  readonly band?: number | undefined;
}

export interface RankedCause {
  readonly cause: CauseId;
  readonly title: string;
  /** How much it is believed, 0 to 1; all of them add to one. */
  readonly belief: number;
  /** What speaks for it, and against it, in a sentence. */
  readonly reason: Phrase;
  readonly next: string;
}

export interface EvidenceFit {
  /** Most believed first. */
  readonly causes: readonly RankedCause[];
  /** Pairs of things seen that cannot both be. */
  readonly contradictions: readonly Phrase[];
  /** The single check that would best tell the two most believed apart; null when one stands alone. */
  readonly nextCheck: Phrase | null;
  /** The half angle the part stands at, where something measured says so, with plus or minus. */
  readonly halfAngle: { readonly value: number; readonly uncertainty: number } | null;
  /** Still to come off on diameter, where a stand-off says so: less than nothing is past. */
  readonly diameterLeft: number | null;
}

/** Most cones are cut to about this, rad on the half angle, where the job does not say. */
const USUAL_BAND = 5e-5;
/** Wrong angles are out by this many bands as a rule, when they are out. */
const OUT_BY = 8;
/** A clocked swing is read to about this, mm. */
const SWING_READ = 0.01;
/** Beliefs this strong stand alone. */
const ALONE = 0.93;

/**
 * What the evidence says is wrong with a shank or a bore: every cause weighed by Bayes' rule with the reason for it,
 * what contradicts, the check that would decide, and the angle where it was measured. Errors: not-finite,
 * out-of-range and impossible at `evidence.i`; underdetermined when nothing was seen.
 */
export function fitEvidence(request: EvidenceRequest): EvidenceFit {
  check(request);
  const { member, evidence } = request;
  const judge = judgeRatio(request);
  const weighed = CAUSES.map((cause) => ({
    cause,
    belief: evidence.reduce((b, e) => b * likelihood(cause, member, e, judge), cause.met),
  }));
  const whole = weighed.reduce((sum, w) => sum + w.belief, 0);
  const ranked = weighed
    .map(({ cause, belief }) => ({ cause, belief: belief / whole }))
    .sort((a, b) => b.belief - a.belief);
  const [first, second] = ranked;
  return {
    causes: ranked.map(({ cause, belief }) => ({
      cause: cause.id,
      title: cause.title[member],
      belief,
      reason: reasonFor(cause, request, judge),
      next: cause.next,
    })),
    contradictions: contradictions(request, judge),
    nextCheck:
      first && second && first.belief < ALONE ? nextCheck(first.cause, second.cause, member, evidence) : null,
    halfAngle: measuredAngle(request),
    diameterLeft: diameterLeft(request),
  };
}

function check({ evidence, halfAngle, band }: EvidenceRequest): void {
  if (evidence.length === 0)
    throw new AnelloError(
      'underdetermined',
      'evidence',
      'Nothing has been seen yet: try it, and say what you feel.',
    );
  if (halfAngle !== undefined) taperAngle(halfAngle);
  if (band !== undefined) positive(band, 'band', 'The band');
  evidence.forEach((e, i) => {
    const field = `evidence.${i}`;
    if (e.kind === 'rock') {
      notNegative(e.swing, field, 'A swing');
      positive(e.distance, field, 'The distance');
    }
    if (e.kind === 'measured') {
      positive(e.ratio, field, 'A measured taper');
      positive(e.uncertainty, field, 'Its plus or minus');
    }
    if (e.kind === 'stand-off') finite(e.seen, field);
  });
}

type Judge = (m: MeasuredRatio) => Readonly<Record<'steep' | 'right' | 'shallow', number>>;

/**
 * How likely a measured ratio is if the angle is right (it scatters about the wanted one), or out either way (it lies
 * anywhere to OUT_BY bands off). Densities over the same figure, so only their proportion matters.
 */
function judgeRatio({ halfAngle, band = USUAL_BAND }: EvidenceRequest): Judge {
  if (halfAngle === undefined) return () => ({ steep: 1, right: 1, shallow: 1 });
  const wanted = ratioOf(halfAngle);
  const zone = 2 * band;
  return ({ ratio, uncertainty }) => {
    const off = ratio - wanted;
    const spread = Math.hypot(uncertainty, zone / 2);
    const right = Math.exp(-0.5 * (off / spread) ** 2) / spread;
    const reach = OUT_BY * zone + uncertainty;
    const side = (x: number): number =>
      ((below((x - zone / 2) / uncertainty) + 1e-3) * Math.exp(-Math.max(0, x) / reach)) / reach;
    return { steep: side(off), right: right + 1e-6, shallow: side(-off) };
  };
}

/** Evidence a cause makes likelier than the run of causes do speaks for it; much less likely, against it. */
const SPEAKS = 1.5;
const AGAINST = 0.34;

function reasonFor(cause: Cause, { member, evidence, halfAngle }: EvidenceRequest, judge: Judge): Phrase {
  const usual = (e: Evidence): number =>
    CAUSES.reduce((sum, c) => sum + likelihood(c, member, e, judge), 0) / CAUSES.length;
  const share = (e: Evidence): number => likelihood(cause, member, e, judge) / usual(e);
  const pro = evidence.filter((e) => share(e) > SPEAKS);
  const contra = evidence.filter((e) => share(e) < AGAINST);
  const said = (all: readonly Evidence[]): Phrase =>
    all.flatMap((e, i) => [...(i > 0 ? ['; '] : []), ...describe(e, halfAngle)]);
  return [
    ...(pro.length ? ['For it: ', ...said(pro), '. '] : ['Nothing speaks for it in particular. ']),
    ...(contra.length ? ['Against it: ', ...said(contra), '.'] : []),
  ];
}

const MARKED = {
  large: 'marked at the large end',
  small: 'marked at the small end',
  middle: 'marked in the middle',
  ends: 'marked at both ends',
  'two-bands': 'marked in two bands',
  spot: 'marked in one spot',
  full: 'marked all along',
} as const;
const SHAKES = {
  large: 'loose at the large end',
  small: 'loose at the small end',
  both: 'loose at both ends',
  none: 'no shake',
} as const;

/** A piece of evidence in words. */
export function describe(e: Evidence, halfAngle?: number): Phrase {
  switch (e.kind) {
    case 'bands':
      return [MARKED[e.where]];
    case 'shake':
      return [SHAKES[e.where]];
    case 'sticks':
      return [e.holds ? 'it sticks when pushed home' : 'it does not stick'];
    case 'rock':
      return [
        'rocks ',
        length(e.swing, 0.001),
        ' at ',
        length(e.distance, 0.1),
        ` about the ${e.touches} end`,
      ];
    case 'measured':
      return halfAngle === undefined
        ? ['measured at ', angle(halfAngleOf(e.ratio))]
        : [
            'measured ',
            angle(Math.abs(halfAngleOf(e.ratio) - halfAngle)),
            e.ratio > ratioOf(halfAngle) ? ' steep' : ' shallow',
          ];
    case 'stand-off':
      return ['stands off ', length(e.seen, 0.01)];
  }
}

/** No cause makes both of these likely: one of them was misread. */
const BOTH = 0.03;

function contradictions({ member, evidence, halfAngle }: EvidenceRequest, judge: Judge): Phrase[] {
  const found: Phrase[] = [];
  const best = (e: Evidence): number => Math.max(...CAUSES.map((c) => likelihood(c, member, e, judge)));
  evidence.forEach((a, i) =>
    evidence.slice(i + 1).forEach((b) => {
      const together = Math.max(
        ...CAUSES.map(
          (c) => (likelihood(c, member, a, judge) / best(a)) * (likelihood(c, member, b, judge) / best(b)),
        ),
      );
      if (together < BOTH * 3)
        found.push([
          ...describe(a, halfAngle),
          ' and ',
          ...describe(b, halfAngle),
          ' cannot both be: look again at one of them.',
        ]);
    }),
  );
  return found;
}

/** The measured angles together, each weighed by how sure it is; a rocking part's swing counts too. Error: impossible. */
function measuredAngle({ member, evidence, halfAngle }: EvidenceRequest): EvidenceFit['halfAngle'] {
  const ratios = evidence.flatMap((e, i): MeasuredRatio[] => {
    if (e.kind === 'measured') return [e];
    return e.kind === 'rock' && halfAngle !== undefined ? [ratioOfRock(e, member, halfAngle, i)] : [];
  });
  if (ratios.length === 0) return null;
  const weight = ratios.reduce((sum, r) => sum + r.uncertainty ** -2, 0);
  const ratio = ratios.reduce((sum, r) => sum + r.ratio * r.uncertainty ** -2, 0) / weight;
  return { value: halfAngleOf(ratio), uncertainty: 1 / Math.sqrt(weight) / 2 / (1 + (ratio / 2) ** 2) };
}

function ratioOfRock(
  rock: Extract<Evidence, { kind: 'rock' }>,
  member: Member,
  halfAngle: number,
  index: number,
): MeasuredRatio {
  const steep = (rock.touches === 'large') === (member === 'external');
  const { ratioError } = ratioErrorFromSwing(rock);
  if (ratioError >= ratioOf(halfAngle)) {
    throw new AnelloError(
      'impossible',
      `evidence.${index}`,
      'That much swing is more than the whole taper: check the figure and the distance.',
    );
  }
  return {
    ratio: ratioOf(halfAngle) + (steep ? 1 : -1) * ratioError,
    uncertainty: SWING_READ / rock.distance,
  };
}

function diameterLeft({ evidence, halfAngle }: EvidenceRequest): number | null {
  const last = evidence.filter((e) => e.kind === 'stand-off').at(-1);
  return last && halfAngle !== undefined ? last.seen * ratioOf(halfAngle) : null;
}
