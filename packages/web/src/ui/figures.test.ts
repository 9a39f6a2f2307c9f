import { length } from '@anello/core/figure';
import { describe, expect, it } from 'vitest';
import { nextTick } from 'vue';
import { usePreferences } from '../data/stores/preferences';
import { plain, useMounted } from '../testkit/mounted';
import FigureText from './FigureText.vue';
import PhraseText from './PhraseText.vue';

const { mount } = useMounted();

describe('figures on the screen', () => {
  it('follow the units of the screen, and show the other system beside', async () => {
    const host = mount(FigureText, { figure: length(25.4, 0.01) });
    expect(plain(host.textContent)).toBe('25.40 mm');
    usePreferences().units = 'inch';
    await nextTick();
    expect(plain(host.textContent)).toBe('1.0000 in');
  });
  it('stay in a dial’s own units whatever the screen shows', () => {
    usePreferences().units = 'mm';
    const host = mount(FigureText, { figure: { ...length(2.54, 0.0254), system: 'inch' } });
    expect(plain(host.textContent)).toBe('0.100 in');
  });
  it('read as part of a sentence', () => {
    usePreferences().units = 'mm';
    const host = mount(PhraseText, { phrase: ['Run the carriage ', length(75, 1), ' and watch.'] });
    expect(plain(host.textContent)).toBe('Run the carriage 75 mm and watch.');
  });
});
