import type { LikenessSaid } from '@anello/contract';
import { describe, expect, it, vi } from 'vitest';
import { h } from 'vue';
import { answering } from '../../../testkit/answers';
import { plain } from '../../../testkit/mounted';
import { shankJob, useOnScreen } from '../../../testkit/onScreen';
import { useJobModel } from '../../model/useJobModel';
import ScaleNote from './ScaleNote.vue';

const screen = useOnScreen();
const MINUTE = Math.PI / 180 / 60;

/** What a lathe tells whose bar, set by its scale, was found to stand off in two jobs. */
function told(off: number, changed: LikenessSaid['figures'][number]['changed'] = null): LikenessSaid {
  const point = { at: '2026-11-01T08:00:00.000Z', jobId: 'j', number: 'J', value: off };
  return {
    figures: [
      {
        kind: 'scale',
        device: 'attachment',
        way: null,
        points: [point, point],
        mean: off,
        scatter: 0,
        changed,
      },
    ],
    ...{ shapes: 2, accepted: 2, scrapped: 0, lost: [] },
  };
}
async function note(said: LikenessSaid): Promise<string> {
  answering(({ url }) => ({ body: url.includes('likeness') ? said : {} }));
  const host = screen.show(shankJob('attachment'), {
    setup() {
      const { steps } = useJobModel();
      return () => (steps.value[0] ? h(ScaleNote, { step: steps.value[0] }) : null);
    },
  });
  await vi.waitFor(() => expect(plain(host.textContent)).toContain('jobs on this lathe'));
  return plain(host.textContent);
}

describe('a scale that is known to stand off', () => {
  it('says by how much, and the mark that comes nearer', async () => {
    expect(await note(told(12 * MINUTE))).toMatch(
      /^By 2 jobs on this lathe the scale stands off by \+12′00″: set 1°15′ on it to come nearer at once\.$/,
    );
  });
  it('where no other mark comes nearer says that', async () => {
    expect(await note(told(1 * MINUTE))).toMatch(
      /stands off by \+1′00″; no other mark of it comes nearer\.$/,
    );
  });
});
