import { describe, expect, it } from 'vitest';
import { dueIn } from './due';

const TODAY = new Date(2026, 10, 20, 23, 30);
const job = (due: string, over: object = {}) => ({ due, finished: false, putAway: null, ...over });

describe('when a job is wanted', () => {
  it.each([
    ['2026-11-17', 'wanted 17 Nov, 3 days late', 'late'],
    ['2026-11-19', 'wanted 19 Nov, 1 day late', 'late'],
    ['2026-11-20', 'wanted today', 'soon'],
    ['2026-11-21', 'wanted tomorrow', 'soon'],
    ['2026-11-23', 'wanted 23 Nov', 'soon'],
    ['2026-11-24', 'wanted 24 Nov', ''],
  ])('%s: %s', (due, said, tone) => {
    expect(dueIn(job(due), TODAY)).toEqual({ said, tone });
  });
  it('a finished one, or one put away, is late no more', () => {
    expect(dueIn(job('2026-11-01', { finished: true }), TODAY)).toEqual({
      said: 'was wanted 1 Nov',
      tone: '',
    });
    expect(dueIn(job('2026-11-01', { putAway: 'x' }), TODAY).tone).toBe('');
  });
});
