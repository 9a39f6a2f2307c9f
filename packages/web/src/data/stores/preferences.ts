import type { UnitSystem } from '@anello/core/figure';
import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { LOCAL } from '../names';

/** What this screen is set to: units, theme, and who is at the lathe. */
export const usePreferences = defineStore('preferences', () => {
  const units = useLocalStorage<UnitSystem>(LOCAL.units, 'mm');
  const theme = useLocalStorage<'light' | 'dark'>(LOCAL.theme, 'light');
  const operator = useLocalStorage(LOCAL.operator, '');
  /** The paper that stands in the printer. */
  const paper = useLocalStorage<'a4' | 'letter'>(LOCAL.paper, 'a4');
  return {
    units,
    paper,
    theme,
    operator,
    swapUnits: () => (units.value = units.value === 'mm' ? 'inch' : 'mm'),
    swapTheme: () => (theme.value = theme.value === 'light' ? 'dark' : 'light'),
  };
});
