import { length } from '../../figure/figure';
import type { Phrase } from '../../figure/phrase';
import { powerFinish } from '../finish';
import { setUpMinutes } from '../minutes';
import { stillSetNotes } from '../stillSetNotes';
import { tailstockSetOver } from '../tailstockSetOver';
import type { Way, WayContext } from './way';
import { checkFigure } from './compound';

const SHOWN = 0.01;
/** Set over by more than this part of the length, a plain centre bears on one edge: use balls. */
export const PLAIN_CENTRE_LIMIT = 0.02;
/** Set to the nearest mark, the scale is out by half a division at most. */
const NEAREST_MARK = 1 / 2;

/**
 * Change of diameter over a taper length (mm) when the set-over stays and the blank is longer by `longer`:
 * 2 l (tan asin(S / L) - tan asin(S / (L + longer))).
 */
export function blankLengthError(
  workLength: number,
  halfAngle: number,
  taperLength: number,
  longer: number,
): number {
  const { setOver } = tailstockSetOver({ workLength, halfAngle });
  const became = Math.asin(setOver / (workLength + longer));
  return 2 * taperLength * (Math.tan(halfAngle) - Math.tan(became));
}

/** Diameter error over the taper for one division of the set-over scale. */
export function setOverDivisionError(
  workLength: number,
  halfAngle: number,
  taperLength: number,
  division: number,
): number {
  const { setOver } = tailstockSetOver({ workLength, halfAngle });
  const sine = (setOver + division) / workLength;
  return 2 * taperLength * (Math.tan(Math.asin(Math.min(sine, 1 - 1e-9))) - Math.tan(halfAngle));
}

export const tailstockWay: Way = {
  id: 'tailstock',
  title: 'Tailstock set over',
  name: 'tailstock',
  device: 'tailstock',
  adjusts: 'tailstock',
  schools: ['indicator', 'scale-trial', 'setting-gauge'],
  feeds: 'carriage',
  betweenCentres: true,
  checkedBy: 'With an indicator',
  usualMinutes: 35,
  order: {
    danger: 'The tailstock is off the axis: a drill from it goes off the axis too.',
    threading: 'With the tailstock still over, the thread would be cut tapered.',
    home: 'Bring the tailstock back and prove it with a test bar',
  },
  reasons: [
    {
      rank: 50,
      applies: () => true,
      say: ({ task }) => [
        'Power feed over ',
        length(task.length, 0.1),
        '; by hand the compound would leave its marks.',
      ],
    },
  ],
  assess(context) {
    const { task, lathe } = context;
    const stock = lathe.tailstock;
    const { setOver } = tailstockSetOver({ workLength: task.workLength, halfAngle: task.halfAngle });
    return {
      blockers: blockers(context, setOver),
      settingLabel: 'Set over by',
      setting: length(setOver, SHOWN),
      needLabel: 'Set-over',
      needed: length(setOver, SHOWN),
      available: stock ? length(stock.limit, SHOWN) : null,
      divisionError: stock
        ? length(setOverDivisionError(task.workLength, task.halfAngle, task.length, stock.division), 0.001)
        : null,
      errorByScale: stock
        ? length(
            setOverDivisionError(task.workLength, task.halfAngle, task.length, stock.division * NEAREST_MARK),
            0.001,
          )
        : null,
      errorByIndicator: stock ? checkFigure(context) : null,
      feed: stock ? 'power' : null,
      finish: powerFinish(context),
      minutes: setUpMinutes(tailstockWay, lathe),
      notes: notes(context, setOver),
    };
  },
};

function blockers({ task, lathe }: WayContext, setOver: number): Phrase[] {
  if (!lathe.tailstock) return [[`${lathe.name} has no tailstock that sets over.`]];
  const found: Phrase[] = [];
  if (task.member === 'internal') found.push(['Between centres there is nowhere to bore from.']);
  if (setOver > lathe.tailstock.limit) {
    found.push(['It sets over ', length(lathe.tailstock.limit, SHOWN), ' at most.']);
  }
  return found;
}

function notes(context: WayContext, setOver: number): Phrase[] {
  const { task, lathe } = context;
  if (!lathe.tailstock || task.member === 'internal') return [];
  const perMm = blankLengthError(task.workLength, task.halfAngle, task.length, 1);
  const found: Phrase[] = [
    ...stillSetNotes(context, 'tailstock'),
    [
      'Every blank the same length: one ',
      length(1, 1),
      ' longer comes out ',
      length(perMm, 0.001),
      ' less tapered.',
    ],
  ];
  if (setOver > task.workLength * PLAIN_CENTRE_LIMIT) {
    found.push(['That much over wants ball centres, or the centres wear oval.']);
  }
  return found;
}
