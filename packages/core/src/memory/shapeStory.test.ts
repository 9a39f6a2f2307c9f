import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { RECORDS } from '../examples.testdata';
import type { KeptRecord, RecordBody } from '../job';
import { shapeStory } from '.';
import { keptAt } from './kept.testdata';

const HALF_ANGLE = Math.atan(1 / 40);
const kept = (body: RecordBody, minute: number, over: Partial<KeptRecord> = {}): KeptRecord =>
  keptAt(minute, body, over);
const nudge = (minute: number): KeptRecord =>
  kept(
    {
      kind: 'nudge',
      way: 'attachment',
      step: 'sweep',
      amount: 0.1,
      direction: 'less',
      fromHalfAngle: HALF_ANGLE + 1e-4,
      toHalfAngle: HALF_ANGLE,
    },
    minute,
  );
const setting = (minute: number): KeptRecord =>
  kept(
    {
      kind: 'setting-kept',
      way: 'attachment',
      machineId: 'long-lathe',
      halfAngle: HALF_ANGLE,
      workLength: 120,
    },
    minute,
  );
const pass = (depth: number, minute: number): KeptRecord =>
  kept({ kind: 'pass', dialFrom: 0, dialTo: 2 * depth, planned: null, depth, typed: '' }, minute);
const tried = (stock: number, minute: number): KeptRecord =>
  kept({ kind: 'stand-off', seen: 1, halfAngle: HALF_ANGLE, diameterLeft: 2 * stock, typed: '1' }, minute);
const verdict = (said: 'accepted' | 'scrap', minute: number, over: Partial<KeptRecord> = {}): KeptRecord =>
  kept(
    { kind: 'verdict', verdict: said, cause: said === 'scrap' ? `Dug in at ${minute}` : '' },
    minute,
    over,
  );

describe('how a shape went', () => {
  it('says the way, what the setting took, the passes, what came off, the verdict and the minutes', () => {
    const story = shapeStory([
      nudge(0),
      nudge(6),
      setting(10),
      tried(0.3, 20),
      pass(0.1, 25),
      tried(0.21, 30),
      pass(0.1, 40),
      tried(0.12, 45),
      verdict('accepted', 50),
    ])!;
    expect(story).toMatchObject({
      way: 'attachment',
      setting: { nudges: 2, machineId: 'long-lathe', halfAngle: HALF_ANGLE },
      passes: 2,
      tries: 3,
      accepted: 1,
      scrapped: 0,
      minutes: 50,
      pieces: 1,
    });
    expect(story.took).toBeCloseTo(0.9, 9);
  });
  it('has the swing of a master in the spindle, as read last nearest its nose', () => {
    const read = (at: number, seen: number, minute: number): KeptRecord =>
      kept(
        {
          kind: 'reading',
          way: 'attachment',
          step: 'truth',
          travelAlong: 'axis',
          at,
          seen,
          expected: 0,
          low: 0,
          high: 1,
          typed: '',
        },
        minute,
      );
    expect(shapeStory([read(7, 0.02, 0), read(7, 0.008, 1), read(70, 0.03, 2)])!.runout).toBe(0.008);
    expect(shapeStory([nudge(0)])!.runout).toBeNull();
  });
  it('counts the minutes of the setting by themselves', () => {
    expect(shapeStory([nudge(0), nudge(6), setting(10), pass(0.1, 25)])!.setUpMinutes).toBe(10);
    expect(shapeStory([pass(0.1, 0)])!.setUpMinutes).toBeNull();
  });
  it('leaves long pauses out of the minutes, and what was taken back out of everything', () => {
    const wrong = pass(5, 12);
    const story = shapeStory([
      pass(0.1, 0),
      pass(0.1, 10),
      wrong,
      kept({ kind: 'withdrawn', record: wrong.id }, 13),
      verdict('scrap', 200),
    ])!;
    expect(story).toMatchObject({ passes: 2, minutes: 10, scrapped: 1, causes: ['Dug in at 200'] });
  });
  it('counts each piece once, by what was said of it last', () => {
    const story = shapeStory([
      verdict('scrap', 0),
      verdict('accepted', 5),
      verdict('accepted', 9, { piece: 2 }),
    ])!;
    expect(story).toMatchObject({ accepted: 2, scrapped: 0, pieces: 2, causes: ['Dug in at 0'] });
  });
  it('has nothing to tell of a job in which nothing was done yet', () => {
    expect(shapeStory([])).toBeNull();
    expect(shapeStory([kept({ kind: 'note', text: 'Bar is here' }, 0)])).toBeNull();
  });
  it('counts only the nudges before the setting that stood', () => {
    expect(shapeStory([nudge(0), setting(1), nudge(2)])!.setting!.nudges).toBe(1);
    expect(shapeStory(RECORDS)!.setting!.nudges).toBe(0);
    expect(shapeStory(RECORDS)!.setting!.scaleOff).toBeNull();
    expect(shapeStory([nudge(0), nudge(1), setting(2)])!.setting!.scaleOff).toBeCloseTo(1e-4, 12);
  });
  it('what came off for each mm fed comes back from passes made with it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 1.2, noNaN: true }),
        fc.array(fc.integer({ min: 10, max: 400 }), { minLength: 1, maxLength: 6 }),
        (share, thousandths) => {
          let stock = 4;
          const rows = [tried(stock, 0)];
          thousandths.forEach((t, i) => {
            stock -= (share * t) / 1000;
            rows.push(pass(t / 1000, 2 * i + 1), tried(stock, 2 * i + 2));
          });
          expect(shapeStory(rows)!.took).toBeCloseTo(share, 8);
        },
      ),
    );
  });
});
