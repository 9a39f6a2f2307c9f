import type { Lore } from '@anello/core/infeed';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { useJob } from '../../../data/stores/job';
import { answering, type Answer } from '../../../testkit/answers';
import { LATHE_ID, shankJob, useOnScreen } from '../../../testkit/onScreen';
import { useApproach } from './useApproach';
import { useLore } from './useLore';

const screen = useOnScreen();
const HALF_ANGLE = Math.atan(1 / 19.922 / 2);
const LORE: Lore = {
  gain: 0.9,
  spread: 0.03,
  believed: 0.5,
  approaches: 5,
  latest: '2026-11-20T10:00:00.000Z',
};
const settled = async (): Promise<void> => {
  for (let i = 0; i < 6; i++) await new Promise((resolve) => setTimeout(resolve, 0));
  await nextTick();
};
/** The server says so of a lathe's tools, for as long as the test says. */
function saying(lore: () => Lore | null | 'away') {
  const { asked } = answering((): Answer => {
    const said = lore();
    return said === 'away' ? 'away' : { body: { lore: said } };
  });
  return () => asked.filter(({ url }) => url.includes('/lore')).map(({ url }) => url);
}

describe('what earlier approaches say', () => {
  it('is asked for by lathe, way, job and piece', async () => {
    const asked = saying(() => LORE);
    const { desk: lore } = screen.work(shankJob('attachment'), useLore);
    await settled();
    expect(asked()).toEqual([`/api/machines/${LATHE_ID}/lore?way=attachment&job=j-1&piece=1`]);
    expect(lore.value).toEqual(LORE);
  });
  it('does not change under anybody’s hands: the job may be edited, and it is not asked for again', async () => {
    let known: Lore = LORE;
    const asked = saying(() => known);
    const { desk: lore } = screen.work(shankJob('attachment'), useLore);
    await settled();
    known = { ...LORE, gain: 0.5 };
    useJob().edit((draft) => void (draft.title = 'Another name'));
    await settled();
    expect(asked()).toHaveLength(1);
    expect(lore.value).toEqual(LORE);
  });
  it('is asked for anew with the next piece, nothing being known meanwhile', async () => {
    let known: Lore | 'away' = LORE;
    const asked = saying(() => known);
    const { desk: lore } = screen.work(shankJob('attachment'), useLore);
    await settled();
    known = 'away';
    await useJob().keep({ kind: 'piece', carriedFrom: 1 }, { piece: 2 });
    await settled();
    expect(useJob().piece).toBe(2);
    expect(asked().at(-1)).toMatch(/piece=2$/);
    expect(lore.value).toBeNull();
  });
  it('is not asked for while there is no way', async () => {
    const asked = saying(() => LORE);
    screen.work({ ...shankJob('attachment'), work: {} }, useLore);
    await settled();
    expect(asked()).toEqual([]);
  });
  it('goes into the next infeed: of tools that are known to spring, more is dialled', async () => {
    const dialled = async (lore: Lore | null): Promise<number> => {
      saying(() => lore);
      const { desk } = screen.work(shankJob('attachment'), useApproach);
      await useJob().keep({
        kind: 'stand-off',
        seen: 10,
        halfAngle: HALF_ANGLE,
        diameterLeft: 20 * Math.tan(HALF_ANGLE),
        typed: '10',
      });
      await settled();
      expect(desk.lore.value).toEqual(lore);
      return desk.advice.value!.infeed;
    };
    const springing = await dialled({ ...LORE, gain: 0.6 });
    const stiff = await dialled({ ...LORE, gain: 0.98 });
    const unknown = await dialled(null);
    expect(springing).toBeGreaterThan(stiff);
    expect(stiff).toBeGreaterThan(unknown);
  });
});
