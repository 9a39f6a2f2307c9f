import fc from 'fast-check';
import { plainText, type Phrase } from '../../packages/core/src/figure/phrase';
import type { Taper } from '../../packages/core/src/part/kinds/taper';
import type { Feature } from '../../packages/core/src/part/kinds/registry';
import {
  describePlan,
  planPart,
  stockAfter,
  type Holding,
  type PlanPart,
} from '../../packages/core/src/plan';
import { detailed, made } from '../../packages/core/src/plan/parts.testdata';
import type { Page } from '../page.testdata';

const DEGREE = Math.PI / 180;
const rounded = (value: number): number => Number(value.toPrecision(6));

/** A feature in as few words as it can be drawn from. */
function drawnAs(feature: Feature): string {
  const { id, name: _, kind, side, halfAngle, ...figures } = feature as Feature & Pick<Taper, 'halfAngle'>;
  const said = Object.entries(figures).map(([key, value]) =>
    key === 'points'
      ? (value as readonly { z: number; diameter: number }[]).map((p) => `${p.z}/${p.diameter}`).join(' ')
      : `${key} ${typeof value === 'number' ? rounded(value) : value}`,
  );
  const angled = halfAngle === undefined ? [] : [`${rounded(halfAngle / DEGREE)}°`];
  return [`${id}:`, side === 'internal' ? `inside ${kind}` : kind, ...angled, ...said].join(' ');
}

const text = (phrase: Phrase): string => plainText(phrase);

/** The hole through it when all is done, by place and radius. */
function holeAt(part: PlanPart, holdings: readonly Holding[]): string {
  const last = holdings.at(-1)?.operations.at(-1);
  const { inner } = last ? stockAfter(part, holdings, last.id) : { inner: [] };
  return inner.map(({ z, r }) => `${rounded(z)}/${rounded(r)}`).join(' ');
}

/** How it is held and what is done, without what is looked at before; and what is said of the whole. */
function line(part: PlanPart): unknown {
  const { holdings, findings } = planPart(part);
  const { holdings: said } = describePlan(part, holdings);
  return {
    drawn: part.features.map((feature) => drawnAs(feature)),
    of: `${part.stock.shape} ${part.stock.across} by ${part.stock.length}, ${part.lathe.name}, ${part.kit.boringBars.length} bars${part.harden === undefined ? '' : `, hardened to ${part.harden}`}`,
    work: said.map(({ held, clocked, operations, holding: { by, toward, centre, grips } }) => ({
      [`${by} toward ${toward}${centre ? ', on a centre' : ''}${grips ? `, ${rounded(grips.from)} to ${rounded(grips.to)}` : ''}`]:
        [text([...held, ...(clocked ? [' · ', ...clocked] : [])])],
      by: operations.map(({ lines, minutes, loop, away }) => ({
        [`${minutes.toFixed(1)}${loop ? ' loop' : ''}${away ? ' away' : ''}`]: lines.map(text).join(' | '),
      })),
    })),
    hole: holeAt(part, holdings),
    said: findings.map(({ code, phrase }) => `${code}: ${text(phrase)}`),
  };
}

const page = (what: string, parts: readonly PlanPart[]): Page =>
  parts.map((part, i) => [`${what} ${i + 1}`, () => line(part)]);

/** Parts nobody chose, always the same ones, and their lines of work. */
export const CHANCE_PAGE: Page = [
  ...page('a part drawn by chance', fc.sample(made(2), { seed: 20261129, numRuns: 70 })),
  ...page('one with details', fc.sample(detailed(), { seed: 20261130, numRuns: 60 })),
];
