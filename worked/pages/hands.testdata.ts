import { operationInHand, planPart, stockAfter } from '../../packages/core/src/plan';
import type { Outlines } from '../../packages/core/src/plan/piece/outlines';
import type { Page } from '../page.testdata';
import { sketched } from './lines.testdata';

const NAMES = [
  'an arbor with a drawbar thread',
  'a flanged bush, pressed in and reamed',
  'a crank pin between two journals',
  'a handle',
  'a plug gauge',
  'a spindle nose with its thread before a shoulder',
  'a nose piece with a tang and a cross hole',
  'a bead for a form tool',
] as const;

/** An outline as its corners, from the headstock on. */
const corners = ({ outer, inner }: Outlines): unknown => ({
  outer: outer.map(({ z, r }) => [z, r]),
  inner: inner.map(({ z, r }) => [z, r]),
});

/** Each operation of a line as it lies before whoever works it: its cards, what it is found again by, and the piece after it. */
export const HANDS_PAGE: Page = NAMES.flatMap((name): Page => {
  const part = sketched(name);
  const { holdings } = planPart(part);
  return holdings.flatMap(({ operations }) =>
    operations.map((one): Page[number] => [
      `${name}: ${one.id}`,
      () => {
        const { cards, alike, place, previous, next } = operationInHand(part, holdings, one.id);
        return {
          place,
          beside: [previous, next],
          alike,
          cards: cards.map(({ card, feature }) => ({ [feature ?? 'the piece']: card })),
          after: corners(stockAfter(part, holdings, one.id)),
        };
      },
    ]),
  );
});
