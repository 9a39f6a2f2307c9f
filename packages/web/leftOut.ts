import type { Plugin } from 'vite';

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
    file: /vuetify\/lib\/composables\/date\/adapters\/vuetify\.js$/,
    instead: 'export class VuetifyDateAdapter { constructor({ locale }) { this.locale = locale; } }',
  },
  // What is waited for is said by a button's own circle, never by a line along a field.
  {
    file: /vuetify\/lib\/components\/VProgressLinear\/index\.js$/,
    instead: 'export const VProgressLinear = () => null;',
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
