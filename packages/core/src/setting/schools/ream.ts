import { length } from '../../figure/figure';
import { reamerFor } from '../../ways/taper/reamer';
import type { SettingSchool, SettingStep } from '../setting';
import { angleWorking } from '../shared';

/** A reamer cleans up about this much on diameter without being forced, mm. */
const CLEAN_UP = 0.25;

/** Bored close, then reamed: the taper is in the reamer. */
export const reamSchool: SettingSchool = {
  id: 'ream',
  title: 'Bore, then ream',
  what: 'bore close to the taper and size it with the reamer',
  provedBy: 'reamed',
  blocked: (_, context) => (reamerFor(context) ? null : ['No taper reamer owned fits this bore.']),
  steps: (_, context) => {
    const reamer = reamerFor(context);
    if (!reamer) return [];
    const { task } = context;
    const bore: SettingStep = {
      id: 'ream.bore',
      short: 'bore close',
      title: ['Bore it to its own taper, or in steps, and leave ', length(CLEAN_UP, 0.01)],
      detail: [
        'A reamer follows the hole it is given: a bore that runs out stays out. Bored to the angle it has least to do and wears longest.',
      ],
      figures: [
        { label: 'Small end before reaming', figure: length(task.smallDiameter - CLEAN_UP, 0.01) },
        { label: 'Large end before reaming', figure: length(task.largeDiameter - CLEAN_UP, 0.01) },
      ],
      working: [angleWorking(context)],
    };
    const ream: SettingStep = {
      id: 'ream.ream',
      short: 'ream',
      title: [`Ream with ${reamer.name}, by hand or at the slowest speed, with oil`],
      detail: [
        'On the tailstock centre, the wrench held, the spindle turned by hand. Clear the chips often; try the plug well before the line.',
      ],
      figures: [],
      caution:
        'Never turn a reamer backwards, never force it, and never start the spindle with its wrench on.',
      proves: true,
      working: [],
    };
    return [bore, ream];
  },
};
