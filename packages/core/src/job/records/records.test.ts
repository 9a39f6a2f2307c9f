import { plainText } from '../../figure/phrase';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { generateEveryKind, generateFlags } from '../../../../../scripts/records.mjs';
import { KINDS } from './every.generated';
import { isBeside, isOfTheCut } from './flags';
import type { KindOfRecord } from './kind';
import { RECORD_EXAMPLES } from './records.testdata';
import { describeRecord, RECORD_KINDS, type RecordBody } from './registry';
import type { KeptRecord } from './row';

const said = (body: RecordBody, units: 'mm' | 'inch' = 'mm'): string => {
  const row: KeptRecord = {
    id: '7f1b0f5e-3a55-4b52-9d2e-1f6a8f0c1a2b',
    jobId: 'j-101',
    piece: 2,
    at: '2026-11-20T09:30:00.000Z',
    operator: 'RK',
    body,
  };
  return plainText(describeRecord(row), units).replaceAll('\u00a0', ' ');
};

describe.each(Object.values<RecordBody>(RECORD_EXAMPLES))('a kept row of kind $kind', (body) => {
  it('is a sentence, with nothing missing in it, in either units', () => {
    for (const units of ['mm', 'inch'] as const) {
      const text = said(body, units);
      expect(text.length).toBeGreaterThan(4);
      expect(text).not.toMatch(/undefined|null|NaN|Infinity|\[object/);
      expect(text[0]).toBe(text[0]!.toUpperCase());
    }
  });
});

describe('what a row says', () => {
  it.each([
    [RECORD_EXAMPLES.joint, 'Joint measured at 11 places: gap 0.132 mm to 0.251 mm, tightest 33.0 mm along'],
    [RECORD_EXAMPLES.crept, 'The drawing had crept +0.05 mm across: +0.10 mm on diameter at the worst'],
    [{ ...RECORD_EXAMPLES.crept, along: -0.3 }, 'The drawing had crept −0.30 mm along, +0.05 mm across'],
    [RECORD_EXAMPLES.curve, 'Curve measured at 6 places: −0.005 mm at the worst, 8.0 mm along'],
    [RECORD_EXAMPLES.shaped, 'Cut by two-handle steps: 250 steps'],
    [{ ...RECORD_EXAMPLES.shaped, said: '' }, 'Cut by two-handle steps'],
    [RECORD_EXAMPLES.verdict, 'Scrap: one pass too many'],
    [RECORD_EXAMPLES.pass, 'Cut to 24.100 mm on the dial, 0.200 mm on radius'],
    [{ ...RECORD_EXAMPLES.pass, depth: -0.2 }, 'Drawn back to 24.100 mm on the dial'],
    [{ ...RECORD_EXAMPLES.pass, depth: 0 }, 'Once more at 24.100 mm on the dial, nothing fed in'],
    [{ ...RECORD_EXAMPLES.contact, swing: null, distance: null }, 'Touched in two bands'],
    [{ ...RECORD_EXAMPLES.piece, carriedFrom: null }, 'Piece 2 started'],
    [RECORD_EXAMPLES['stand-off'], 'Stood off 1.20 mm: 0.060 mm left on diameter'],
    [
      { ...RECORD_EXAMPLES['stand-off'], seen: -0.4, diameterLeft: -0.02 },
      'Past its line by 0.40 mm: 0.020 mm on diameter',
    ],
  ] as const)('%#', (body, text) => {
    expect(said(body).startsWith(text)).toBe(true);
  });
  it('a swing is told with its distance, and only where there was one', () => {
    const { contact } = RECORD_EXAMPLES;
    expect(said(contact)).toBe('Touched in two bands, swung 0.040 mm over 70.0 mm');
    expect(said({ ...contact, swing: null })).toBe('Touched in two bands');
  });
  it('figures follow the units of the screen', () => {
    expect(said(RECORD_EXAMPLES.joint, 'inch')).toMatch(/gap 0\.005\d* in to 0\.009\d* in/);
  });
});

it('the checked-in lists of kinds are what the files beside them say (npm run records)', () => {
  const written = (file: string) => readFileSync(new URL(file, import.meta.url), 'utf8');
  expect(written('every.generated.ts')).toBe(generateEveryKind());
  expect(written('flags.generated.ts')).toBe(generateFlags());
});

describe('the list of all kinds', () => {
  it('has the flags of each kind', () => {
    for (const [word, { kind, beside, ofTheCut }] of Object.entries<KindOfRecord<RecordBody>>(KINDS)) {
      expect([kind, isBeside(kind), isOfTheCut(kind)]).toEqual([word, beside === true, ofTheCut === true]);
    }
  });
  it('each is called something when it is looked for, but what takes another back', () => {
    const called = RECORD_KINDS.map((one) => one.called);
    expect(new Set(called).size).toBe(called.length);
    expect(
      Object.keys(RECORD_EXAMPLES).filter((kind) => !RECORD_KINDS.some((one) => one.kind === kind)),
    ).toEqual(['withdrawn']);
  });
});
