import { describe, expect, it } from 'vitest';
import { useMounted } from '../../testkit/mounted';
import LineOfWork from './LineOfWork.vue';

const { mount } = useMounted();
const shown = (holdings: { of: number; done: number }[]): HTMLElement =>
  mount(LineOfWork, { line: { holdings, now: null } });

describe('a job’s line of work on its card', () => {
  it('has a mark for each operation, filled as far as the piece has come', () => {
    const host = shown([
      { of: 3, done: 3 },
      { of: 2, done: 1 },
    ]);
    expect(host.querySelectorAll('i')).toHaveLength(5);
    expect(host.querySelectorAll('i.done')).toHaveLength(4);
    expect(host.querySelectorAll('i.next')).toHaveLength(1);
    expect(host.querySelector('[role=img]')!.getAttribute('aria-label')).toBe('4 of 5 operations done');
    expect(host.querySelectorAll('.holding.now')).toHaveLength(1);
  });
  it('points at nothing when all of it is done', () => {
    expect(shown([{ of: 2, done: 2 }]).querySelectorAll('i.next, .now')).toHaveLength(0);
  });
});
