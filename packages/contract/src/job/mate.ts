import { AnelloError } from '@anello/core/basics';
import { solveTaperFeature, isTaper } from '@anello/core/part';
import { USUAL_MATE } from '@anello/core/taper';
import { tableSize } from './starters/registry';
import { cylinder, mm } from './starters/features';
import { coreFeatures } from './feature/toCore';
import type { TaperDocument } from './feature/schema';
import { taperFigures, type TaperFigures } from './feature/taperFromTable';
import type { JobDocument } from './schema';
import { newWork } from './work/new';
import type { TaperWork } from './work/taper';
import { workOf } from './work/shapes';

export interface MateStart {
  readonly title: string;
  readonly machineId: string;
  /** The new job's taper. */
  readonly feature: string;
  readonly part: Pick<JobDocument, 'features' | 'work' | 'material'>;
}

/**
 * What a taper's mate begins with: a socket for a plug, a plug for a socket, of the same taper, made the same way on the same lathe,
 * so that one setting serves both. Null where the feature is no taper, or its figures do not settle it.
 */
export function mateStart(
  document: JobDocument,
  from: { readonly id: string; readonly feature: string },
): MateStart | null {
  const taper = document.features.find((f) => f.id === from.feature);
  if (!isTaper(taper)) return null;
  const [core] = coreFeatures([taper]);
  const solved = settled(core);
  if (!solved) return null;
  const inside = taper.side === 'external';
  const name = taper.series ? taper.name : inside ? 'Socket' : 'Plug';
  const own = {
    id: inside ? 'socket' : 'plug',
    name,
    kind: 'taper' as const,
    side: inside ? ('internal' as const) : ('external' as const),
    ...(inside ? { from: 'tailstock' as const } : {}),
    largeEnd: inside ? ('tailstock' as const) : ('headstock' as const),
    ...figuresOf(taper, inside, solved),
  };
  // Its own large end: a plug goes on past the gauge line that is the socket's mouth.
  const { largeDiameter } = settled(coreFeatures([own])[0]) ?? solved;
  const across = inside ? USUAL_MATE.outside * largeDiameter : largeDiameter;
  const long = inside ? (own.length?.value ?? solved.length) : USUAL_MATE.grip;
  const body = cylinder('Body', mm(Math.ceil(across)), mm(long));
  const work = workOf(document, taper.id, 'taper');
  return {
    title: `${inside ? 'Socket' : 'Plug'} for ${document.number}, ${taper.name}`.slice(0, MOST_TITLE),
    machineId: document.machineId,
    feature: own.id,
    part: {
      material: document.material,
      features: inside ? [own, body] : [body, own],
      work: { [own.id]: { ...newWork('taper'), ...shared(work), ...linked(document, from, taper) } },
    },
  };
}
const MOST_TITLE = 120;

function settled(
  core: ReturnType<typeof coreFeatures>[number] | undefined,
): ReturnType<typeof solveTaperFeature> | null {
  try {
    return isTaper(core) ? solveTaperFeature(core) : null;
  } catch (error) {
    if (error instanceof AnelloError) return null;
    throw error;
  }
}

/** By its row of a table where it came from one; else its two ends and its length, as they are worked out. */
function figuresOf(
  { series, ratio, halfAngle }: TaperDocument,
  inside: boolean,
  solved: ReturnType<typeof solveTaperFeature>,
): Partial<TaperDocument & TaperFigures> {
  if (series && series.series !== 'shop')
    return taperFigures(tableSize(`${series.series}/${series.size}`), inside ? 'internal' : 'external');
  const angle = ratio ? { ratio } : halfAngle ? { halfAngle } : { smallDiameter: mm(solved.smallDiameter) };
  return { largeDiameter: mm(solved.largeDiameter), length: mm(solved.length), ...angle };
}

/** How it is made goes with it: the same way, set the same, held to the same. */
const shared = ({ way, tolerance }: TaperWork): Pick<TaperWork, 'way' | 'tolerance'> => ({ way, tolerance });

const linked = (
  { number, title }: JobDocument,
  { id, feature }: { readonly id: string; readonly feature: string },
  { largeEnd }: TaperDocument,
): Pick<TaperWork, 'mate' | 'mateJob'> => ({
  mate: `${number} ${title}`.slice(0, MOST_MATE),
  mateJob: { id, number, feature, largeEnd },
});
const MOST_MATE = 80;

/** The same link from the other side, for the job it was begun from. */
export const mateLink = (
  row: { readonly id: string; readonly document: JobDocument },
  feature: string,
): Pick<TaperWork, 'mate' | 'mateJob'> => {
  const taper = row.document.features.find((f) => f.id === feature);
  const largeEnd = isTaper(taper) ? taper.largeEnd : 'headstock';
  const { number, title } = row.document;
  return {
    mate: `${number} ${title}`.slice(0, MOST_MATE),
    mateJob: { id: row.id, number, feature, largeEnd },
  };
};
