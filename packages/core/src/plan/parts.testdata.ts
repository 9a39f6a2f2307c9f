import fc from 'fast-check';
import { NO_KIT } from '../kit/kit';
import { layoutPart } from '../part/layout';
import type { Feature } from '../part/kinds/registry';
import { DRAWER, LONG, SHORT } from '../testkit.testdata';
import type { PlanPart } from './piece/line';
import { planPart, type Proposal } from './propose/planPart';

/** Parts nobody chose: any features that make a part, in any bar that holds it. */
const DEG = Math.PI / 180;
const name = (id: string): { id: string; name: string } => ({ id, name: `Feature ${id}` });
const mm = (from: number, to: number): fc.Arbitrary<number> =>
  fc.integer({ min: from * 2, max: to * 2 }).map((half) => half / 2);
const end = fc.constantFrom('headstock' as const, 'tailstock' as const);

const outside = (id: string): fc.Arbitrary<Feature> =>
  fc.oneof(
    {
      weight: 4,
      arbitrary: fc
        .record({ diameter: mm(16, 40), length: mm(4, 60) })
        .map((f): Feature => ({ ...name(id), kind: 'cylinder', side: 'external', ...f })),
    },
    {
      weight: 3,
      arbitrary: fc
        .record({
          largeDiameter: mm(22, 40),
          length: mm(10, 90),
          largeEnd: end,
          angle: fc.constantFrom(1.4, 2.5, 4, 8),
        })
        .filter((f) => f.largeDiameter - 2 * f.length * Math.tan(f.angle * DEG) > 12)
        .map(({ angle, ...f }): Feature => ({
          ...name(id),
          kind: 'taper',
          side: 'external',
          ...f,
          halfAngle: angle * DEG,
        })),
    },
    {
      weight: 2,
      arbitrary: fc
        .record({ diameter: mm(10, 14), length: mm(2, 4) })
        .map((f): Feature => ({ ...name(id), kind: 'groove', side: 'external', ...f })),
    },
    {
      weight: 2,
      arbitrary: fc.record({ diameter: mm(16, 30), length: mm(8, 30) }).map((f): Feature => ({
        ...name(id),
        kind: 'thread',
        side: 'external',
        designation: '',
        pitch: 1.5,
        ...f,
      })),
    },
    {
      weight: 1,
      arbitrary: mm(8, 30).map((long): Feature => ({
        ...name(id),
        kind: 'profile',
        side: 'external',
        points: [
          { z: 0, diameter: 20 },
          { z: long / 2, diameter: 28 },
          { z: long, diameter: 22 },
        ],
      })),
    },
  );
const inside = (id: string): fc.Arbitrary<Feature> =>
  fc.oneof(
    fc
      .record({ diameter: mm(4, 9), length: mm(3, 30), from: end })
      .map((f): Feature => ({ ...name(id), kind: 'bore', side: 'internal', ...f })),
    fc.record({ length: mm(4, 18), from: end }).map((f): Feature => ({
      ...name(id),
      kind: 'thread',
      side: 'internal',
      designation: 'M8',
      diameter: 8,
      pitch: 1.25,
      ...f,
    })),
    fc.record({ length: mm(4, 20), from: end }).map((f): Feature => ({
      ...name(id),
      kind: 'taper',
      side: 'internal',
      ...f,
      largeEnd: f.from,
      largeDiameter: 10,
      halfAngle: 3 * DEG,
    })),
  );

type Detail = (id: string, hosts: readonly string[]) => fc.Arbitrary<Feature>;
const onHost = (hosts: readonly string[]) => ({ at: end, on: fc.constantFrom(...hosts) });
const small = fc.constantFrom(0.5, 1, 2);

/** What lies on the part: a corner, flats, a cross hole, a tang, a centre. */
const DETAILS: readonly Detail[] = [
  (id, hosts) =>
    fc
      .record({ ...onHost(hosts), size: small })
      .map((f): Feature => ({ ...name(id), kind: 'chamfer', side: 'external', ...f })),
  (id, hosts) =>
    fc
      .record({ ...onHost(hosts), radius: small })
      .map((f): Feature => ({ ...name(id), kind: 'corner-radius', side: 'external', ...f })),
  (id, hosts) =>
    fc
      .record({ ...onHost(hosts), across: mm(8, 30), count: fc.constantFrom(2, 4, 6) })
      .map((f): Feature => ({ ...name(id), kind: 'flats', side: 'external', ...f })),
  (id) =>
    fc
      .record({ at: end, diameter: mm(2, 6), place: mm(2, 60) })
      .map((f): Feature => ({ ...name(id), kind: 'cross-hole', side: 'external', ...f })),
  (id) =>
    fc
      .record({ at: end, thickness: mm(5, 12), length: mm(3, 12) })
      .map((f): Feature => ({ ...name(id), kind: 'tang', side: 'external', ...f })),
  (id) =>
    fc
      .record({ at: end, diameter: mm(2, 8) })
      .map((f): Feature => ({ ...name(id), kind: 'centre', side: 'external', ...f })),
];

/** The same parts with something lying on them, where it has room there. */
export const detailed = (): fc.Arbitrary<PlanPart> =>
  made(1)
    .chain((part) => {
      const hosts = part.features.map((f) => f.id);
      const detail = (i: number): fc.Arbitrary<Feature> =>
        fc.oneof(...DETAILS.map((one) => one(`d${i}`, hosts)));
      return fc.record({
        part: fc.constant(part),
        details: fc
          .integer({ min: 1, max: 4 })
          .chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => detail(i)))),
        harden: fc.constantFrom(undefined, 58),
      });
    })
    .map(({ part, details, harden }) => {
      const { problems } = layoutPart([...part.features, ...details]);
      const sound = details.filter((d) => !problems.has(d.id));
      return { ...part, features: [...part.features, ...sound], harden };
    })
    .filter(({ features }) => features.some((f) => f.id.startsWith('d')));

export const made = (least: number): fc.Arbitrary<PlanPart> =>
  fc
    .record({
      out: fc
        .integer({ min: least, max: 5 })
        .chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => outside(`o${i}`)))),
      within: fc
        .integer({ min: 0, max: 2 })
        .chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => inside(`i${i}`)))),
      over: fc.constantFrom(0, 1, 4, 12, 30, 60, 200),
      room: fc.constantFrom(0, 1, 6),
      shape: fc.constantFrom('round' as const, 'round' as const, 'hex' as const, 'square' as const),
      lathe: fc.constantFrom(LONG, SHORT),
      kit: fc.constantFrom(NO_KIT, DRAWER),
    })
    .map(({ out, within, over, room, shape, lathe, kit }) => {
      const features = [...out, ...within];
      const { length, largestRadius } = layoutPart(features);
      return {
        features,
        stock: { shape, across: 2 * largestRadius + room, length: length + over },
        quantity: 1,
        lathe,
        kit,
      };
    })
    .filter(
      ({ features }) => layoutPart(features).problems.size === 0 && opensOut(features) && endsWhole(features),
    );

/** A parallel outside. */
export const round = (id: string, diameter: number, length: number, name = id): Feature => ({
  id,
  name,
  kind: 'cylinder',
  side: 'external',
  diameter,
  length,
});

/** These features in a bar of 44, on the long lathe, with nothing in the kit. */
export const inBar = (...features: Feature[]): PlanPart => ({
  features,
  stock: { shape: 'round', across: 44, length: 140 },
  quantity: 1,
  lathe: LONG,
  kit: NO_KIT,
});

/** A cone so slight that a tailstock sets over for it. */
export const SLIGHT_CONE = {
  id: 'cone',
  name: 'Cone',
  kind: 'taper',
  side: 'external',
  largeEnd: 'headstock',
  largeDiameter: 30,
  length: 40,
  halfAngle: DEG,
} satisfies Feature;

/** What a line of work says of the part that it leaves undone. */
export const leftUndone = ({ findings }: Proposal): string[] =>
  findings.filter(({ code }) => ['unfinished', 'end-not-faced'].includes(code)).map((f) => f.sentence);

/** The line of work of a part that one makes the whole of: among many thousands here and there a part has none. */
export const wholeLine = (part: PlanPart): Proposal => whole(planPart(part));

/** The same of a line that is worked out already. */
export function whole(line: Proposal): Proposal {
  fc.pre(leftUndone(line).length === 0);
  return line;
}

/** A narrow place at an end is no groove. */
function endsWhole(features: readonly Feature[]): boolean {
  const out = features.filter((f) => f.side === 'external');
  return out[0]?.kind !== 'groove' && out.at(-1)?.kind !== 'groove';
}

/** A hole is no narrower at its mouth than further in, or no tool goes in. */
function opensOut(features: readonly Feature[]): boolean {
  const holes = layoutPart(features).sections.filter((s) => s.side === 'internal');
  return holes.every((s, i) =>
    holes
      .slice(0, i)
      .every(
        (mouth) =>
          mouth.from !== s.from ||
          Math.min(...mouth.points.map((p) => p.r)) >= Math.max(...s.points.map((p) => p.r)),
      ),
  );
}
