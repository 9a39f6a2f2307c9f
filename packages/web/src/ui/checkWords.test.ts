import { describe, expect, it } from 'vitest';
import { checkSaid, today } from './checkWords';
import { dueOfKit } from './dueOfKit';
import { entry, KIT_SCHEMA } from '@anello/contract';

describe('when a thing is to be checked', () => {
  it.each([
    [{ state: 'never', dueOn: null, days: null }, 'never checked here'],
    [{ state: 'overdue', dueOn: '2026-10-14', days: -43 }, 'check was due on 14 Oct 2026'],
    [{ state: 'soon', dueOn: '2026-12-01', days: 1 }, 'check due in 1 day'],
    [{ state: 'good', dueOn: '2027-08-10', days: 257 }, 'checked, good to 10 Aug 2027'],
  ] as const)('%o: %s', (due, said) => expect(checkSaid(due)).toBe(said));
  it('today is a date', () => expect(today(new Date('2026-11-26T23:00:00Z'))).toBe('2026-11-26'));
  it('a master goes by when it was proved; what has no checks by nothing', () => {
    const base = { schema: KIT_SCHEMA, archived: false, note: '', name: 'x' } as const;
    const master = {
      ...base,
      kind: 'master' as const,
      ratio: entry('1:20', 'taper'),
      length: entry('60 mm'),
      provedOn: '2026-01-01',
      checkEvery: entry('12', 'number'),
    };
    expect(dueOfKit(master)).toEqual({ checkedOn: '2026-01-01', checkEvery: 12 });
    const pins = { ...base, kind: 'pin-block' as const, holes: [] };
    expect(dueOfKit(pins)).toEqual({});
  });
});
