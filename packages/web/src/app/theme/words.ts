import type { LocaleInstance } from 'vuetify';
import { ref, shallowRef } from 'vue';

/** What the component library says by itself, most of it to who hears the page instead of seeing it. */
const WORDS: Readonly<Record<string, string>> = {
  '$vuetify.badge': 'Badge',
  '$vuetify.open': 'Open',
  '$vuetify.close': 'Close',
  '$vuetify.noDataText': 'Nothing that fits',
  '$vuetify.input.clear': 'Clear {0}',
  '$vuetify.input.prependAction': '{0}, action before it',
  '$vuetify.input.appendAction': '{0}, action after it',
};

const said = (key: string, ...given: unknown[]): string =>
  (WORDS[key] ?? key).replace(/\{(\d+)\}/g, (_, at) => String(given[Number(at)] ?? '')).trim();

/**
 * The few words the component library needs here, instead of all it could say in any tongue and the means to change it.
 * A component whose words are not among them shows its key: the test mounts what is used.
 */
export const words: LocaleInstance = {
  name: 'anello',
  current: ref('en'),
  fallback: ref('en'),
  messages: ref({}),
  decimalSeparator: shallowRef('.'),
  numericGroupSeparator: shallowRef(','),
  t: said,
  n: (value) => String(value),
  provide: () => words,
};
