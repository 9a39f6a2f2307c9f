import { length } from '../../../figure/figure';
import type { OperationId } from '../operation';
import { groove, insideThread, orderFor, plainHole, type Maker } from './facts';

export const staircase: Maker = ({ task, cone, allowance }) =>
  task && cone === 'shank'
    ? {
        id: 'staircase',
        title: ['Rough the cone by shoulders, ', length(allowance, 0.01), ' over it'],
        why: ['Parallel cuts under power take the bulk off before the angle is set.'],
        after: [{ id: 'rough', danger: 'The shoulders are counted from the turned bar.' }],
      }
    : null;

export const setUp: Maker = ({ task, way, has }) => {
  if (!task || !way) return null;
  const { setUp, danger } = orderFor(way);
  const needs = (id: OperationId): { id: OperationId; danger: string } => ({ id, danger });
  return {
    id: 'set',
    title: [`${setUp} and prove the angle`],
    why: ['Everything that needs the tailstock or the plain feeds comes before it.'],
    after: [
      ...(has(plainHole) || task.member === 'internal' ? [needs('holes')] : []),
      ...(has(insideThread) ? [needs('drawbar')] : []),
      ...(task.member === 'external'
        ? [
            {
              id: 'staircase' as const,
              danger: 'The shoulders need the plain feed, which the set-up takes away.',
            },
          ]
        : []),
    ],
  };
};

export const cone: Maker = ({ task, cone, has, allowance }) =>
  task
    ? {
        id: 'taper',
        title: ['Cut the taper to ', length(allowance, 0.01), ' over size'],
        why: [
          cone === 'shank'
            ? 'Between centres or in one chucking, so that the cone shares the part’s axis.'
            : 'In the same chucking as the reference, so that bore and outside share an axis.',
        ],
        after: [
          { id: 'set', danger: 'The angle is not proved.' },
          ...(has(groove)
            ? [{ id: 'grooves' as const, danger: 'Grooving after it can shift or bruise the finished cone.' }]
            : []),
          { id: 'rough', danger: 'Heavy cuts after it shift the part in its chuck, and the cone with it.' },
        ],
        caution: 'Tool clear before power feed.',
      }
    : null;

export const tryIt: Maker = ({ task }) =>
  task
    ? {
        id: 'try',
        title: ['Try it in its mate, correct, and bring it to its line'],
        why: [
          'While the stock and the setting are still there; a mating plug or socket is cut now, from the same setting.',
        ],
        after: [{ id: 'taper', danger: 'There is nothing to try yet.' }],
      }
    : null;

export const home: Maker = ({ way }) => {
  const { home } = orderFor(way);
  return home
    ? {
        id: 'home',
        title: [home.title],
        why: [home.why],
        after: [{ id: 'try', danger: 'The setting is gone while the cone may still need a cut.' }],
      }
    : null;
};

export const ownTaper: Maker = ({ cone, has, features }) =>
  cone === 'shank' && features.length > 1
    ? {
        id: 'own-taper',
        title: ['Hold it by its own taper in the spindle, drawn home, and finish the body'],
        why: ['Bore and body then share the taper’s axis.'],
        after: [
          { id: 'try', danger: 'A cone not yet proved does not hold the part on its axis.' },
          ...(has(insideThread)
            ? [{ id: 'drawbar' as const, danger: 'There is nothing to draw it home by.' }]
            : []),
        ],
        caution: 'Never spin it with the drawbar loose.',
      }
    : null;
