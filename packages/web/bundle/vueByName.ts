import type { Plugin } from 'vite';

/** The one file of Vuetify's headless half that looks into the whole of Vue, for a name today's Vue has not. */
const LOOKS_IN = /@vuetify\/v0\/dist\/utilities\/instance\.mjs/;
const ALL_OF_VUE = 'import * as Vue from "vue";';

/**
 * Whoever imports all of Vue keeps all of it in what is sent: elements of one's own, groups that move, a compiler's helpers.
 * That file is given the one name it uses. Should it change its shape the build goes on as it is written.
 */
export function vueByName(): Plugin {
  return {
    name: 'anello:vue-by-name',
    apply: 'build',
    transform(code, id) {
      if (!LOOKS_IN.test(id) || !code.includes(ALL_OF_VUE)) return null;
      return {
        code: code.replace(
          ALL_OF_VUE,
          'import { getCurrentInstance } from "vue";\nconst Vue = { getCurrentInstance };',
        ),
        map: null,
      };
    },
  };
}
