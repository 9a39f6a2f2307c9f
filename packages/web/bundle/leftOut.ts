import { fileURLToPath } from 'node:url';
import type { Plugin } from 'vite';

const WAITING = fileURLToPath(new URL('../src/ui/WaitingRing.vue', import.meta.url));

interface LeftOut {
  /** The file of a library, by the end of its path. */
  file: RegExp;
  /** What stands there instead: the same names, doing nothing. */
  instead: string;
}

/**
 * What a library carries into every page and Anello has no use for. Each is said with why; a component that needs one of
 * them takes its line out here.
 */
const LEFT_OUT: LeftOut[] = [
  // Dates are picked nowhere: they are written by the shop's clock.
  {
    file: /vuetify\/lib\/composables\/date\/date\.js$/,
    instead:
      'export const DateAdapterSymbol = Symbol(), DateOptionsSymbol = Symbol(), createDate = () => ({ options: {}, instance: {} }), useDate = createDate, daysDiff = () => 0;',
  },
  // Its words in every tongue: the few that are said here are in app/theme/words.ts, by the library's own option.
  {
    file: /vuetify\/lib\/locale\/adapters\/vuetify\.js$/,
    instead: 'export const createVuetifyAdapter = () => { throw new Error("words.ts is the only one"); };',
  },
  // One ring that turns, instead of one that can show how far a thing has come, watches its own size, and is made of SVG.
  {
    file: /vuetify\/lib\/components\/VProgressCircular\/index\.js$/,
    instead: `export { default as VProgressCircular } from ${JSON.stringify(WAITING)};`,
  },
  // What is waited for is said by a button's own circle, never by a line along a field.
  {
    file: /vuetify\/lib\/components\/VProgressLinear\/index\.js$/,
    instead: 'export const VProgressLinear = () => null;',
  },
  // Pages are scrolled by who reads them.
  {
    file: /vuetify\/lib\/composables\/goto\.js$/,
    instead: 'export const GoToSymbol = Symbol(), createGoTo = () => ({}), useGoTo = () => async () => 0;',
  },
  // Icons as letters of a typeface, which is not shipped: ours are drawn, and said in app/theme/vuetify.ts.
  {
    file: /vuetify\/lib\/iconsets\/mdi\.js$/,
    instead: 'export const aliases = {}, mdi = { component: () => null };',
  },
  // Nothing spreads from under a finger here.
  { file: /vuetify\/lib\/directives\/ripple\/index\.js$/, instead: 'export default {};' },
];

/** Leaves those out of what is built; should a library move the file, the build goes on with all of it. */
export function leftOut(): Plugin {
  return {
    name: 'anello:left-out',
    apply: 'build',
    enforce: 'pre',
    load(id) {
      const found = LEFT_OUT.find(({ file }) => file.test(id));
      return found ? { code: found.instead, moduleSideEffects: false } : null;
    },
  };
}
