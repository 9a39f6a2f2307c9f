import type { Feature } from '../part/kinds/registry';
import { length } from '../figure/figure';
import type { TaperTask } from '../taper/task';
import type { WayId } from '../taper/wayId';
import { NOTHING_IN_THE_WAY, type InTheOrder } from '../ways/taper/inTheOrder';
import { wayOf } from '../ways/taper/registry';
import type { Endangered, Operation, OperationId } from './operation';

export interface PlanRequest {
  readonly features: readonly Feature[];
  readonly task: TaperTask | null;
  readonly way: WayId | null;
  /** Kept on for the try, grinding or polish, on diameter, mm. */
  readonly allowance: number;
}

interface Facts extends PlanRequest {
  readonly has: (test: (feature: Feature) => boolean) => boolean;
  readonly cone: 'shank' | 'bore' | null;
}

type Maker = (facts: Facts) => Operation | null;

/** Between centres both ends are finished before anything else, and nothing is left to part off. */
const betweenCentres = ({ way }: PlanRequest): boolean => way !== null && wayOf(way).betweenCentres;
/** What the way chosen means for the order; without one, what any means. */
const orderFor = (way: WayId | null): InTheOrder => (way ? wayOf(way).order : NOTHING_IN_THE_WAY);

const FACE: Maker = (facts) => ({
  id: 'face',
  title: betweenCentres(facts)
    ? ['Cut off, face both ends to length and centre them']
    : ['Face the outer end clean, and centre it'],
  why: betweenCentres(facts)
    ? ['Every blank must be as long as the others and as deep in its centres, or the set-over is another.']
    : ['Every length is measured from this face; the other end is faced when it has been parted off.'],
  after: [],
  caution: 'Chuck key out before the spindle turns.',
});

const REFERENCE: Maker = () => ({
  id: 'reference',
  title: ['Turn a ring or spigot true and polish it'],
  why: ['It is clocked to find the axis again whenever the part has been out of the chuck.'],
  after: [{ id: 'face', danger: 'A ring turned before the faces is lost when they are cut back.' }],
});

const ROUGH: Maker = ({ allowance }) => ({
  id: 'rough',
  title: ['Rough the big diameters, leaving ', length(Math.max(allowance, 0.5), 0.1), ' on'],
  why: ['Stock taken off later springs what is already true; the part is stiffest now.'],
  after: [{ id: 'face', danger: 'Lengths have nothing to be measured from.' }],
});

const plainHole = (f: Feature): boolean => f.kind === 'bore';
const insideThread = (f: Feature): boolean => f.kind === 'thread' && f.side === 'internal';

const HOLES: Maker = ({ has, cone, way }) =>
  has(plainHole) || cone === 'bore'
    ? {
        id: 'holes',
        title: [
          cone === 'bore'
            ? 'Drill, in steps under the taper; long holes from both ends'
            : 'Drill the holes; long ones from both ends',
        ],
        why: [orderFor(way).drilling],
        after: [{ id: 'face', danger: 'A drill started on a rough face wanders.' }],
      }
    : null;

const DRAWBAR: Maker = ({ has, cone }) =>
  has(insideThread)
    ? {
        id: 'drawbar',
        title: ['Drill, counterbore and tap for the drawbar'],
        why: [
          cone === 'shank'
            ? 'Held by its own taper later, it is drawn home by this thread. The counterbore keeps a bruised mouth off the first thread.'
            : 'The counterbore keeps a bruised mouth off the first thread.',
        ],
        after: [{ id: 'face', danger: 'A tap started on a rough face goes in crooked.' }],
      }
    : null;

const GROOVES: Maker = ({ has }) =>
  has((f) => f.kind === 'groove')
    ? {
        id: 'grooves',
        title: ['Cut the grooves and reliefs'],
        why: [
          'Grooving pushes hard: the finished cone must not feel it, and the tool needs the groove to run out into.',
        ],
        after: [
          {
            id: 'rough',
            danger: 'A groove cut in rough stock is lost or too shallow when the diameter is finished.',
          },
        ],
      }
    : null;

const STAIRCASE: Maker = ({ task, cone, allowance }) =>
  task && cone === 'shank'
    ? {
        id: 'staircase',
        title: ['Rough the cone by shoulders, ', length(allowance, 0.01), ' over it'],
        why: ['Parallel cuts under power take the bulk off before the angle is set.'],
        after: [{ id: 'rough', danger: 'The shoulders are counted from the turned bar.' }],
      }
    : null;

const SET: Maker = ({ task, way, has }) => {
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

const TAPER: Maker = ({ task, cone, has, allowance }) =>
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
          ...(has((f) => f.kind === 'groove')
            ? [{ id: 'grooves' as const, danger: 'Grooving after it can shift or bruise the finished cone.' }]
            : []),
          { id: 'rough', danger: 'Heavy cuts after it shift the part in its chuck, and the cone with it.' },
        ],
        caution: 'Tool clear before power feed.',
      }
    : null;

const TRY: Maker = ({ task }) =>
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

const THREAD: Maker = ({ has, way }) => {
  const { threading } = orderFor(way);
  return has((f) => f.kind === 'thread' && f.side === 'external')
    ? {
        id: 'thread',
        title: ['Cut the outside thread'],
        why: [
          'From the same chucking as the seat beside it, or from the reference ring, so that the nut pulls square.',
        ],
        after: [
          ...(has((f) => f.kind === 'groove')
            ? [{ id: 'grooves' as const, danger: 'The threading tool has no relief to run out into.' }]
            : []),
          ...(threading ? [{ id: 'home' as const, danger: threading }] : []),
        ],
      }
    : null;
};

const HOME: Maker = ({ way }) => {
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

const OWN_TAPER: Maker = ({ cone, has, features }) =>
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

const ECCENTRIC: Maker = ({ has }) =>
  has((f) => f.kind === 'eccentric')
    ? {
        id: 'eccentric-bore',
        title: ['Set the throw over, prove it by indicator, and bore or turn the offset diameter'],
        why: ['Width, faces and the first diameter are turned while the part still runs true.'],
        after: [{ id: 'rough', danger: 'Rough faces do not seat square on the jaws, and the throw leans.' }],
        caution: 'Swing it round by hand before power: the high side must clear.',
      }
    : null;

const PROFILE: Maker = ({ has }) =>
  has((f) => f.kind === 'profile')
    ? {
        id: 'profile',
        title: ['Turn the curve: steps first, then the line, then file and cloth'],
        why: ['Left until the part is otherwise done: nothing can hold it by the curve afterwards.'],
        after: [{ id: 'rough', danger: 'The curve’s ends have no diameters to run out to.' }],
        caution: 'Cloth in a strip held to tear away, never wrapped round.',
      }
    : null;

const PART_OFF: Maker = (facts) =>
  betweenCentres(facts)
    ? null
    : {
        id: 'part-off',
        title: ['Part off last, the tool’s own width in the sum; turn it round and face that end to length'],
        why: ['Until then there is length to hold by.'],
        after: [],
      };

const DEBURR: Maker = (facts) => ({
  id: 'deburr',
  title: ['Break the edges, clean, and record it'],
  why: ['A burr holds a taper off its seat.'],
  after: betweenCentres(facts) ? [] : [{ id: 'part-off', danger: 'The parted face still carries its burr.' }],
});

const MAKERS: readonly Maker[] = [
  FACE,
  REFERENCE,
  ROUGH,
  HOLES,
  DRAWBAR,
  GROOVES,
  STAIRCASE,
  ECCENTRIC,
  SET,
  TAPER,
  TRY,
  HOME,
  THREAD,
  OWN_TAPER,
  PROFILE,
  PART_OFF,
  DEBURR,
];

/**
 * The usual order of work for a part made a given way: each operation with its reason and what must come before it.
 *
 * @example
 * orderOfWork({ features: SHANK_PART, task: SHANK, way: 'tailstock', allowance: 0.1 })
 *   .slice(0, 3)
 *   .map((one) => one.id)
 * // → ['face', 'reference', 'rough']
 */
export function orderOfWork(request: PlanRequest): Operation[] {
  const facts: Facts = {
    ...request,
    has: (test) => request.features.some(test),
    cone: request.task ? (request.task.member === 'external' ? 'shank' : 'bore') : null,
  };
  const made = MAKERS.flatMap((maker) => maker(facts) ?? []);
  const everything = made.map((o) => o.id).filter((id) => id !== 'part-off' && id !== 'deburr');
  return made.map((operation) =>
    operation.id === 'part-off'
      ? {
          ...operation,
          after: everything.map((id) => ({
            id,
            danger: 'Once it is parted off there is nothing left to hold it by.',
          })),
        }
      : operation,
  );
}

/**
 * Operations in the order a user put them; those not named keep their usual place after the one before them.
 *
 * @example
 * inOrder(orderOfWork({ features: SHANK_PART, task: SHANK, way: 'tailstock', allowance: 0.1 }), [
 *   'taper',
 *   'face',
 * ])[0]?.id
 * // → 'taper'
 */
export function inOrder(operations: readonly Operation[], wanted: readonly string[]): Operation[] {
  const placed = wanted.flatMap((id) => operations.find((o) => o.id === id) ?? []);
  const result = [...placed];
  operations.forEach((operation, i) => {
    if (placed.includes(operation)) return;
    const previous = operations[i - 1];
    const at = previous ? result.findIndex((o) => o.id === previous.id) : -1;
    result.splice(at + 1, 0, operation);
  });
  return result;
}

/**
 * What an order endangers: every operation that stands before one it should follow, with why that matters.
 *
 * @example
 * endangeredBy(
 *   inOrder(orderOfWork({ features: SHANK_PART, task: SHANK, way: 'tailstock', allowance: 0.1 }), [
 *     'deburr',
 *     'try',
 *     'taper',
 *   ]),
 * ).map((one) => one.before)
 * // → ['taper']
 */
export function endangeredBy(ordered: readonly Operation[]): Endangered[] {
  const at = new Map(ordered.map((o, i) => [o.id, i]));
  return ordered.flatMap((operation, i) =>
    operation.after
      .filter(({ id }) => (at.get(id) ?? -1) > i)
      .map(({ id, danger }) => ({ id: operation.id, before: id, danger })),
  );
}
