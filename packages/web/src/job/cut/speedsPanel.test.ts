import type { JobDocument, KitRow } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { shank } from '../../../../contract/src/job/jobs.testdata';
import { useKit } from '../../data/stores/kit';
import { barRow } from '../../testkit/kitRows';
import { plain } from '../../testkit/mounted';
import { shankJob, useOnScreen } from '../../testkit/onScreen';
import SpeedsPanel from './SpeedsPanel.vue';

const screen = useOnScreen();
const bored = (): JobDocument => {
  const job = shankJob('compound');
  return { ...job, features: [shank({ side: 'internal', largeEnd: 'tailstock' }), job.features[1]!] };
};
function said(...bars: KitRow[]): string {
  useKit().kit = bars;
  return plain(screen.show(bored(), SpeedsPanel).textContent);
}

describe('the bar a bore is worked with', () => {
  it.each([
    [[], 'No boring bar is on record for this shop.'],
    [[barRow('Stout', 16, 120)], 'Stout, out 5.4 diameters. Light cuts, low speed'],
    [[barRow('Thin', 8, 120)], 'Thin, out 10.8 diameters. Too far: it sings and springs.'],
    [[barRow('Short', 16, 60)], 'No bar on record works in this bore. The Short reaches 60.0 mm'],
    [[barRow('Thick', 40, 200)], 'No bar on record works in this bore. The Thick clears a bore of'],
    [[barRow('Thick', 40, 200), barRow('Thin', 8, 120)], 'Thin, out 10.8 diameters. Too far'],
  ])('%#: is said', (bars, words) => {
    const all = said(...bars);
    expect(all).toContain(words);
    expect(all.match(/No bar|No boring bar|, out /g)).toHaveLength(1);
  });
});
