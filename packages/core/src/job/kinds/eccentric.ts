import { length } from '../../figure/figure';
import type { RecordOf } from '../records/row';
import { ofKind } from '../records/row';
import type { EccentricFacts } from '../facts';
import type { ShapeAt, ShapeProgressKind } from './kind';

/** Two throws nearer than this are one figure, mm. */
const SAME_THROW = 1e-6;

/** An eccentric is set when its throw has read right, and cut when something has been made at that setting. */
export const eccentricProgress: ShapeProgressKind<EccentricFacts> = {
  done(at) {
    const { facts, records, piece, closed } = at;
    // What is made at the throw is the bore, or the outside of what has none.
    const atThrow = facts.bored ? 'bore' : 'outside';
    const made = ofKind(records, 'made', piece).some(
      (r) => r.body.eccentric === facts.feature && r.body.what === atThrow,
    );
    return {
      way: facts.way !== null || closed,
      set: thrownRight(at).length > 0 || closed,
      cut: made || closed,
    };
  },
  /** A throw set for another figure than the drawing has now. */
  stale(at) {
    const set = thrownRight(at).at(-1);
    return set && at.facts.throw > 0 && Math.abs(set.body.wanted - at.facts.throw) > SAME_THROW
      ? { set: ['set for a throw of ', length(set.body.wanted, 0.001)] }
      : {};
  },
  next: {
    way: 'Choose how the throw is made',
    set: 'Set the throw over',
    cut: 'Bore or turn it at that setting',
    prove: 'Measure its travel',
  },
};

const thrownRight = ({ facts, records, piece }: ShapeAt<EccentricFacts>): RecordOf<'thrown'>[] =>
  ofKind(records, 'thrown', piece).filter((r) => r.body.eccentric === facts.feature && r.body.inside);
