import { coneAngleTolerance, TAPER_SERIES } from '@anello/core/taper';
import { describe, expect, it } from 'vitest';
import { routerKey } from 'vue-router';
import { ledTo } from '../../testkit/ledTo';
import { plain, useMounted } from '../../testkit/mounted';
import TaperSheet from './TaperSheet.vue';

const { mount } = useMounted();
function sheet(seriesId: string, which: string): string {
  const series = TAPER_SERIES.find(({ id }) => id === seriesId)!;
  const size = series.sizes.find((one) => one.name === which || one.size === which)!;
  const host = mount(TaperSheet, { size, series }, [[routerKey, ledTo([])]] as never);
  return plain(host.textContent);
}

describe('the sheet of a size', () => {
  it('has its figures in both systems, its small end worked out, and its zone by grade', () => {
    const said = sheet('morse-iso', '3');
    expect(said).toContain('23.8250 mm');
    expect(said).toContain('0.9380 in');
    const size = TAPER_SERIES.find(({ id }) => id === 'morse-iso')!.sizes.find((one) => one.size === '3')!;
    const zone = coneAngleTolerance({ grade: 'AT6', length: size.length! }) * size.length!;
    expect(said).toMatch(new RegExp(`AT6.*${zone.toFixed(4)}`));
    expect(said).toContain((size.gaugeDiameter! - size.length! * size.ratio).toFixed(4));
  });
  it('says what it holds by', () => {
    expect(sheet('morse-iso', '3')).toContain('Self-holding: pressed home it stays');
    expect(sheet('steep', '40')).toContain('Self-releasing: it lets go when the drawbar does');
  });
});
