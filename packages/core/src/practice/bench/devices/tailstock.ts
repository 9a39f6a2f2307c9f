import { length } from '../../../figure/figure';
import type { Phrase } from '../../../figure/phrase';
import { tailstockSetOver } from '../../../ways/tailstockSetOver';
import { BARREL, deviceEnd } from '../../knobs';
import { BEFORE, type ConeDevice } from './device';

const FINE = 0.01;
const FINER = 0.001;

export const tailstock: ConeDevice = {
  about: ['tailstockOff', 'toolHeight', 'crossLash', 'crossScale', 'compliance'],
  scale: { title: 'Set over to, by its marks', shows: 'length' },
  needleOn: ['barrel'],
  noBore: ['A bore is not made by setting the tailstock over.'],
  couples: false,
  runs: 'carriage',
  beforeBore: BEFORE,
  knobs(_, sign) {
    const across = deviceEnd('tailstock', 'Tailstock across, more', 0);
    return [{ ...across, turn: (by) => across.turn(sign * by) }, BARREL];
  },
  out: (task) => task.workLength,
  hold: (lathe, diameter, out) =>
    void lathe.act({ do: 'hold', by: 'centres', blank: { diameter, length: out }, out }),
  begin: () => undefined,
  // Its marks tell no angle.
  found: () => ({}),
  judge({ workLength, halfAngle, tolerance }, sign, lathe) {
    const { setOver } = lathe.reveal();
    const [wanted, band] = [
      sign * tailstockSetOver({ workLength, halfAngle }).setOver,
      workLength * tolerance.halfAngle,
    ];
    const inside = Math.abs(setOver - wanted) <= band;
    const said: Phrase = [length(wanted, FINE), ', give or take ', length(band, FINER)];
    const line = { what: 'Set-over as it stands', is: length(setOver, FINER), wanted: said, inside };
    return { right: inside, lines: [line] };
  },
};
