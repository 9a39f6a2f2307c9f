import { compoundHandle, deviceEnd } from '../../knobs';
import { holdInChuck, judgeAngle, PAST, REACH, type ConeDevice } from './device';

/** Its travel is short: a run into a bore begins near the mouth. */
const BEFORE_BORE = 6;

export const compound: ConeDevice = {
  about: ['compoundAngle', 'compoundLash', 'toolHeight', 'crossLash', 'crossScale', 'compliance'],
  scale: { title: 'Compound to, by its scale', shows: 'angle' },
  needleOn: [],
  noBore: null,
  couples: false,
  runs: 'compound',
  beforeBore: BEFORE_BORE,
  knobs: (lathe) => [
    compoundHandle(lathe),
    deviceEnd('compound', 'Compound, steeper', lathe.compound?.handleReach ?? REACH),
  ],
  out: (task) => task.length + PAST,
  hold: holdInChuck,
  begin: (lathe) => void lathe.act({ do: 'set', device: 'compound', to: 0 }),
  found: (off) => ({ compoundAngle: off }),
  judge: (task, _, lathe) => judgeAngle(task, lathe.reveal().compoundAngle),
};
