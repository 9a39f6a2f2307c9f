import { deviceEnd, SPINDLE } from '../../knobs';
import { BEFORE, holdInChuck, judgeAngle, PAST, REACH, type ConeDevice } from './device';

export const attachment: ConeDevice = {
  about: ['barAngle', 'barBow', 'barLash', 'toolHeight', 'crossLash', 'crossScale', 'compliance'],
  scale: { title: 'Bar to, by its scale', shows: 'angle' },
  needleOn: [],
  noBore: null,
  couples: true,
  runs: 'carriage',
  beforeBore: BEFORE,
  knobs: (lathe) => [
    deviceEnd('attachment', 'Bar’s end, steeper', lathe.attachment?.pivotLength ?? REACH),
    SPINDLE,
  ],
  out: (task) => task.length + PAST,
  hold: holdInChuck,
  begin(lathe, sign) {
    // From the first the other way, so that it is nudged that way too, whatever its scale is out by.
    if (sign === -1) lathe.act({ do: 'set', device: 'attachment', to: -Number.EPSILON });
  },
  found: (off) => ({ barAngle: off }),
  judge: (task, _, lathe) => judgeAngle(task, lathe.reveal().attachmentAngle),
};
