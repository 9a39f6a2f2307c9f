import { describe, expect, it } from 'vitest';
import { printed, type Page } from './page.testdata';
import { BATCHES_PAGE } from './pages/batches.testdata';
import { BENCHES_PAGE } from './pages/benches.testdata';
import { CHANCE_PAGE } from './pages/chance.testdata';
import { CURVES_PAGE } from './pages/curves.testdata';
import { CUTS_PAGE } from './pages/cuts.testdata';
import { DOCUMENTS_PAGE } from './pages/documents.testdata';
import { ECCENTRICS_PAGE } from './pages/eccentrics.testdata';
import { EVIDENCE_PAGE } from './pages/evidence.testdata';
import { FORMS_PAGE } from './pages/forms.testdata';
import { HANDS_PAGE } from './pages/hands.testdata';
import { LINES } from './pages/lines.testdata';
import { NEEDLES_PAGE } from './pages/needles.testdata';
import { ORDERS_PAGE } from './pages/orders.testdata';
import { PARTS_PAGE } from './pages/parts.testdata';
import { PRACTICE_PAGE } from './pages/practice.testdata';
import { RECORDS_PAGE } from './pages/records.testdata';
import { SETTINGS_PAGE } from './pages/settings.testdata';
import { SINGLES_PAGE } from './pages/singles.testdata';
import { SIZES_PAGE } from './pages/sizes.testdata';
import { SLIPS_PAGE } from './pages/slips.testdata';
import { SOUNDS_PAGE } from './pages/sounds.testdata';
import { STATIONS_PAGE } from './pages/stations.testdata';
import { TRIES_PAGE } from './pages/tries.testdata';
import { TYPED_PAGE } from './pages/typed.testdata';
import { WAYS_PAGE } from './pages/ways.testdata';
import { WORDS_PAGE } from './pages/words.testdata';

/**
 * Worked pages, printed beside this file. A change of a figure or a word shows in them; whoever means it
 * writes them anew with `npx vitest run worked -u` and reads what became other.
 */
const PAGES: Readonly<Record<string, Page>> = {
  parts: PARTS_PAGE,
  lines: LINES,
  chance: CHANCE_PAGE,
  orders: ORDERS_PAGE,
  hands: HANDS_PAGE,
  ways: WAYS_PAGE,
  settings: SETTINGS_PAGE,
  evidence: EVIDENCE_PAGE,
  needles: NEEDLES_PAGE,
  eccentrics: ECCENTRICS_PAGE,
  curves: CURVES_PAGE,
  sizes: SIZES_PAGE,
  cuts: CUTS_PAGE,
  sounds: SOUNDS_PAGE,
  stations: STATIONS_PAGE,
  tries: TRIES_PAGE,
  practice: PRACTICE_PAGE,
  benches: BENCHES_PAGE,
  documents: DOCUMENTS_PAGE,
  forms: FORMS_PAGE,
  records: RECORDS_PAGE,
  batches: BATCHES_PAGE,
  words: WORDS_PAGE,
  typed: TYPED_PAGE,
  singles: SINGLES_PAGE,
  slips: SLIPS_PAGE,
};

describe('a worked page says what it said', () => {
  for (const [name, page] of Object.entries(PAGES))
    it(name, async () => {
      await expect(printed(page)).toMatchFileSnapshot(`printed/${name}.txt`);
    });
});
