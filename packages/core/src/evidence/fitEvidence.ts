import { AnelloError } from '../basics/error';
import { finite, notNegative, positive, taperAngle } from '../basics/check';
import { ratioErrorFromSwing } from '../gauging/ratioErrorFromSwing';
import type { Phrase } from '../figure/phrase';
import { halfAngleOf, ratioOf } from '../taper/solve';
import type { Member } from '../taper/task';
import type { CauseId } from './causes/cause';
import { CAUSES } from './causes/registry';
import { describeEvidence } from './describe';
import type { Evidence, MeasuredRatio } from './evidence';
import { likelihood, possibilitiesOf, type Wanted } from './likelihood';
import { nextCheck } from './nextCheck';
import { distinct, posterior } from './posterior';
import { USUAL_BAND, USUAL_LENGTH, SWING_READ } from './usual';

export interface EvidenceRequest {
  readonly member: Member;
  readonly evidence: readonly Evidence[];
  /** What the cone should be, rad; without it measured tapers cannot be judged. */
  readonly halfAngle?: number | undefined;
  /** Plus or minus that is good enough, rad. */
  readonly band?: number | undefined;
  /** Length of the cone, mm: what an angle that is out opens at the far end. */
  readonly length?: number | undefined;
}

export interface RankedCause {
  readonly cause: CauseId;
  readonly title: string;
  /** How much it is believed, 0 to 1; all of them, with none of these, add to one. */
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
  /** The single check that would most raise the chance of naming the cause rightly; null when none would by much. */
  readonly nextCheck: Phrase | null;
  /** The half angle the part stands at if the first cause is right, where something measured says so, with plus or minus (k = 2). */
  readonly halfAngle: { readonly value: number; readonly uncertainty: number } | null;
  /** Still to come off on diameter, where a stand-off says so: less than nothing is past. */
  readonly diameterLeft: number | null;
}

/**
 * What the evidence says is wrong with a shank or a bore: every size of every cause weighed by Bayes' rule, with what a
 * marker can show and a hand can feel as thresholds, with slips and tries that deceive, and with none of these; the
 * reason for each, what contradicts, the check that would decide, and the angle where it was measured. The same report
 * made twice counts once. Errors: not-finite, out-of-range and impossible at `evidence.i`; underdetermined when
 * nothing was seen.
 *
 * @example
 * fitEvidence({ member: 'external', evidence: [{ kind: 'bands', where: 'large' }] }).causes[0]?.cause
 * // → 'too-steep'
 */
export function fitEvidence(request: EvidenceRequest): EvidenceFit {
  check(request);
  const wanted = wantedOf(request);
  const weighed = posterior(request.evidence, wanted);
  const shares = sharesOf(request, wanted);
  const ranked = CAUSES.map((cause) => ({
    cause,
    belief: weighed.reduce((sum, w) => sum + (w.possibility.cause === cause.id ? w.belief : 0), 0),
  })).sort((a, b) => b.belief - a.belief);
  return {
    causes: ranked.map(({ cause, belief }) => ({
      cause: cause.id,
      title: cause.title[request.member],
      belief,
      reason: reasonFor(cause.id, shares, request.halfAngle),
      next: cause.next,
    })),
    contradictions: contradictions(request, wanted),
    nextCheck: nextCheck(weighed, wanted, request.evidence),
    halfAngle: measuredAngle(request, ranked[0]?.cause.id),
    diameterLeft: diameterLeft(request),
  };
}

const wantedOf = ({
  member,
  halfAngle,
  band = USUAL_BAND,
  length = USUAL_LENGTH,
}: EvidenceRequest): Wanted => ({
  member,
  halfAngle,
  band,
  length,
});

function check({ evidence, halfAngle, band, length }: EvidenceRequest): void {
  if (evidence.length === 0)
    throw new AnelloError(
      'underdetermined',
      'evidence',
      'Nothing has been seen yet: try it, and say what you feel.',
    );
  if (halfAngle !== undefined) taperAngle(halfAngle);
  if (band !== undefined) positive(band, 'band', 'The band');
  if (length !== undefined) positive(length, 'length', 'The length');
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
    if (e.kind === 'warmer') finite(e.by, field);
    if (e.kind === 'stand-off') finite(e.seen, field);
  });
}

/** Evidence a cause makes likelier than the run of causes do speaks for it; much less likely, against it. */
const SPEAKS = 1.5;
const AGAINST = 0.34;

/** How likely each cause makes a piece of evidence, all its sizes taken together. */
function underCauses(e: Evidence, wanted: Wanted): ReadonlyMap<CauseId, number> {
  const sums = new Map<CauseId, { of: number; prior: number }>();
  for (const p of possibilitiesOf(wanted)) {
    const sum = sums.get(p.cause) ?? { of: 0, prior: 0 };
    sums.set(p.cause, { of: sum.of + p.prior * likelihood(p, e, wanted), prior: sum.prior + p.prior });
  }
  return new Map([...sums].map(([cause, { of, prior }]) => [cause, of / prior]));
}

/** How much likelier than the run of causes each cause makes each thing seen. */
function sharesOf({ evidence }: EvidenceRequest, wanted: Wanted): readonly Share[] {
  return distinct(evidence).map((e) => {
    const by = underCauses(e, wanted);
    const usual = [...by.values()].reduce((sum, l) => sum + l, 0) / by.size;
    return { e, of: (cause) => (by.get(cause) ?? 0) / usual };
  });
}

interface Share {
  readonly e: Evidence;
  of(cause: CauseId): number;
}

function reasonFor(cause: CauseId, shares: readonly Share[], halfAngle: number | undefined): Phrase {
  const pro = shares.filter((s) => s.of(cause) > SPEAKS).map((s) => s.e);
  const contra = shares.filter((s) => s.of(cause) < AGAINST).map((s) => s.e);
  const said = (all: readonly Evidence[]): Phrase =>
    all.flatMap((e, i) => [...(i > 0 ? ['; '] : []), ...describeEvidence(e, halfAngle)]);
  return [
    ...(pro.length ? ['For it: ', ...said(pro), '. '] : ['Nothing speaks for it in particular. ']),
    ...(contra.length ? ['Against it: ', ...said(contra), '.'] : []),
  ];
}

/** No cause makes both of these likely: one of them was misread. */
const BOTH = 0.09;

function contradictions({ evidence, halfAngle }: EvidenceRequest, wanted: Wanted): Phrase[] {
  const found: Phrase[] = [];
  const possibilities = possibilitiesOf(wanted).filter((p) => p.cause !== 'none');
  const seen = distinct(evidence).map((e) => {
    const each = possibilities.map((p) => likelihood(p, e, wanted));
    const best = Math.max(...each);
    return { e, each: each.map((l) => l / best) };
  });
  seen.forEach(({ e: a, each: ofA }, i) =>
    seen.slice(i + 1).forEach(({ e: b, each: ofB }) => {
      const together = Math.max(...ofA.map((l, k) => l * (ofB[k] as number)));
      if (together < BOTH)
        found.push([
          ...describeEvidence(a, halfAngle),
          ' and ',
          ...describeEvidence(b, halfAngle),
          ' cannot both be: look again at one of them.',
        ]);
    }),
  );
  return found;
}

/** Which way a cause says the angle is out. */
const LEANS: Readonly<Partial<Record<CauseId, 1 | -1>>> = { 'too-steep': 1, 'too-shallow': -1 };

/**
 * The measured angles together, each weighed by how sure it is; a rocking part's swing counts too. Of an angle that is
 * out, only those that say so the same way: the others are what the cause makes slips. Error: impossible.
 */
function measuredAngle(
  { member, evidence, halfAngle }: EvidenceRequest,
  cause: CauseId | undefined,
): EvidenceFit['halfAngle'] {
  const all = evidence.flatMap((e, i): MeasuredRatio[] => {
    if (e.kind === 'measured') return [e];
    return e.kind === 'rock' && halfAngle !== undefined ? [ratioOfRock(e, member, halfAngle, i)] : [];
  });
  const lean = cause && LEANS[cause];
  const ratios =
    lean === undefined || halfAngle === undefined
      ? all
      : all.filter((r) => Math.sign(r.ratio - ratioOf(halfAngle)) === lean);
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
