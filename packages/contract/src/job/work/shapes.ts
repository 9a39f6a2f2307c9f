import { isGroove, type FeatureKind } from '@anello/core/part';
import type { JobDocument } from '../schema';
import { newWork } from './new';
import type { Work, WorkKind, WorkOf } from './schema';

/** A feature that is worked by a loop of its own: its way, its setting, its cut and its proof. */
export interface Shape {
  readonly feature: string;
  readonly name: string;
  readonly kind: WorkKind;
}

/** What kind of work a feature takes, the chief first; the others are plain operations. */
const WORKED: readonly (readonly [FeatureKind, WorkKind])[] = [
  ['taper', 'taper'],
  ['eccentric', 'eccentric'],
  ['profile', 'curve'],
];

/** One form tool plunges grooves with the curve beside them. */
const WITH_GROOVES = 'curve' satisfies WorkKind;

type Featured = Pick<JobDocument, 'features'>;

/**
 * The shapes of a part: its tapers, then its eccentrics, then its curves, each along the axis. Grooves are plain work but
 * in a part that has nothing else: there the first stands for the set, which one form tool may plunge.
 */
export function shapesOf({ features }: Featured): Shape[] {
  const shapes = WORKED.flatMap(([of, kind]) =>
    features.filter((f) => f.kind === of).map(({ id, name }) => ({ feature: id, name, kind })),
  );
  const groove = features.find(isGroove);
  return shapes.length > 0 || !groove
    ? shapes
    : [{ feature: groove.id, name: groove.name, kind: WITH_GROOVES }];
}

/**
 * The shape a feature is worked with: itself; or, of a groove, the curve of the part, whose form tool cuts both. Null for plain
 * features.
 */
export function shapeWith(document: Featured, feature: string): Shape | null {
  const shapes = shapesOf(document);
  const groove = document.features.some((f) => f.id === feature && isGroove(f));
  const own = shapes.find((shape) => shape.feature === feature);
  return own ?? (groove ? shapes.find(({ kind }) => kind === WITH_GROOVES) : undefined) ?? null;
}

/** The work of a shape as it was said, or the usual where nothing is. */
export function workOf<K extends WorkKind>(
  { work }: Pick<JobDocument, 'work'>,
  feature: string,
  kind: K,
): WorkOf<K> {
  const said = work[feature];
  return said?.kind === kind ? (said as WorkOf<K>) : newWork(kind);
}

/** Puts changed work of a shape into a document being edited. */
export function putWork(draft: Pick<JobDocument, 'work'>, feature: string, work: Work): void {
  draft.work = { ...draft.work, [feature]: work };
}
