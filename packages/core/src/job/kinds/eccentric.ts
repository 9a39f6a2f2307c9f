import { length } from '../../figure/figure';
import type { RecordOf } from '../records/row';
import { ofKind } from '../records/row';
import type { JobKind, PieceAt } from './kind';

/** Two throws nearer than this are one figure, mm. */
const SAME_THROW = 1e-6;

/** An eccentric is set when its throw has read right, and cut when something has been made at that setting. */
export const eccentricKind: JobKind = {
  id: 'eccentric',
  is: ({ eccentric }) => Boolean(eccentric),
  done(at) {
    const { facts, records, piece, closed } = at;
    // What is made at the throw is the bore, or the outside of what has none.
    const atThrow = facts.eccentric?.bored ? 'bore' : 'outside';
    const made = ofKind(records, 'made', piece).some(
      (r) => r.body.eccentric === facts.eccentric?.id && r.body.what === atThrow,
    );
    return {
      way: Boolean(facts.eccentric?.way) || closed,
      set: thrownRight(at).length > 0 || closed,
      cut: made || closed,
    };
  },
  /** A throw set for another figure than the drawing has now. */
  stale(at) {
    const set = thrownRight(at).at(-1);
    return set && at.facts.eccentric && Math.abs(set.body.wanted - at.facts.eccentric.throw) > SAME_THROW
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

const thrownRight = ({ facts, records, piece }: PieceAt): RecordOf<'thrown'>[] =>
  ofKind(records, 'thrown', piece).filter((r) => r.body.eccentric === facts.eccentric?.id && r.body.inside);
