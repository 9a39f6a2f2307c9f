import { solveTaperFeature } from '@anello/core/part';
import { tangOf } from '@anello/core/taper';
import { coreFeatures } from '../feature/toCore';
import { cylinder, fromTable, mm, tang } from './features';
import { ask, askTaper, type Starter } from './starter';

/** Of the cone's small end, where the tables give no tang: its diameter, its thickness, its length. */
const OF_SHANK = { diameter: 0.92, thickness: 0.42, length: 1 } as const;

/** A shank with the tang a drift pushes it out by. */
export const tangShank: Starter = {
  id: 'tang-shank',
  name: 'Shank with tang',
  asks: [
    askTaper('morse-iso/3'),
    ask('body', 'Body, diameter', '30 mm'),
    ask('long', 'Body, length', '40 mm'),
  ],
  make: ({ figure, taper }) => {
    const size = taper('taper');
    const cone = fromTable(size, 'external', 'headstock');
    const given = tangOf(size) ?? usualTang(cone);
    return {
      title: `Shank with tang, ${size.name}`,
      mate: `${size.name} sleeve`,
      features: [
        cylinder('Body', figure('body'), figure('long')),
        cone,
        cylinder('Tang end', mm(given.diameter), mm(given.past)),
        tang('Tang', 'tailstock', mm(given.thickness), mm(given.length)),
      ],
    };
  },
};

function usualTang(cone: ReturnType<typeof fromTable>): {
  diameter: number;
  thickness: number;
  length: number;
  past: number;
} {
  const [feature] = coreFeatures([cone]);
  // A cone of the tables is a taper with all its figures.
  const { smallDiameter } = solveTaperFeature(feature as Parameters<typeof solveTaperFeature>[0]);
  const length = OF_SHANK.length * smallDiameter;
  return {
    diameter: OF_SHANK.diameter * smallDiameter,
    thickness: OF_SHANK.thickness * smallDiameter,
    length,
    past: length,
  };
}
