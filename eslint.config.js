import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import js from '@eslint/js';
import tseslint from 'typescript-eslint';
import vue from 'eslint-plugin-vue';
import vueParser from 'vue-eslint-parser';
import prettier from 'eslint-config-prettier';

/**
 * One way only: web → contract → core, server → contract → core.
 * @param {string[]} names
 * @param {string} why
 * @returns {Record<string, import('eslint').Linter.RuleEntry>}
 */
const forbid = (names, why) => ({
  'no-restricted-imports': ['error', { patterns: [{ group: names, message: why }] }],
});
/** Ids of ways that are no other word here as well: whoever needs to know something of a way asks it. */
const WAY_BY_ID = {
  selector: 'BinaryExpression > Literal[value=/^(form-tool|copy-master|offset-centres|own-stub|fixture)$/]',
  message: 'A way knows itself: ask it, not its id.',
};
/**
 * The kinds of a family, as its files say them.
 * @param {string} folder
 */
const kindsIn = (folder) =>
  readdirSync(folder)
    .filter((file) => file.endsWith('.ts') && !file.includes('.test'))
    .flatMap((file) => [...readFileSync(`${folder}/${file}`, 'utf8').matchAll(/readonly kind: '([\w-]+)'/g)])
    .map(([, kind]) => kind)
    .join('|');
const CORE = join(import.meta.dirname, 'packages/core/src');
/** A feature and a kept row know themselves as well: `isTaper(feature)`, `isPass(body)`, from beside their kinds. */
const FEATURE_BY_KIND = {
  selector: `BinaryExpression:matches([left.name='kind'], [left.property.name='kind'], [left.expression.property.name='kind']) > Literal[value=/^(${kindsIn(`${CORE}/part/kinds`)})$/]`,
  message: 'The word of a kind of feature stands beside its kind: ask with a name from part/kinds/is.',
};
const RECORD_BY_KIND = {
  selector: ['left', 'left.expression']
    .flatMap((of) => [`${of}.object.name`, `${of}.object.property.name`].map((whose) => [of, whose]))
    .map(([of, whose]) => `BinaryExpression[${of}.property.name='kind'][${whose}='body'] > Literal`)
    .join(', '),
  message: 'The word of a kind of kept row stands beside its kind: ask with a name from job/records/is.',
};
/** Families that say some of these words of something else: what a figure is, how a gauge sat, what a curve is made of. */
const OTHER_WORDS = ['quantity', 'evidence', 'curve'].map((area) => `packages/core/src/${area}/**`);
const NODE_API = ['node:*', 'fs', 'path', 'os', 'crypto'];

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', '**/*.generated.js', 'data/**', '.anello/**'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.ts', '**/*.vue', '**/*.mjs', '**/*.js'],
    languageOptions: {
      globals: {
        console: 'readonly',
        process: 'readonly',
        URL: 'readonly',
        fetch: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        localStorage: 'readonly',
        document: 'readonly',
      },
    },
    rules: {
      'no-warning-comments': ['error', { terms: ['todo', 'fixme'] }],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      eqeqeq: 'error',
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
    },
  },
  {
    files: ['**/*.vue'],
    languageOptions: {
      parser: vueParser,
      parserOptions: { parser: tseslint.parser, extraFileExtensions: ['.vue'] },
    },
    rules: {
      'vue/multi-word-component-names': 'off',
      'no-undef': 'off',
      'vue/require-default-prop': 'off',
      // Inside a form one without a type sends it.
      'vue/html-button-has-type': 'error',
      'vue/valid-v-slot': ['error', { allowModifiers: true }],
    },
  },
  { files: ['**/*.ts', 'packages/web/bundle/serviceWorker.js'], rules: { 'no-undef': 'off' } },
  {
    files: ['packages/*/src/**/*.{ts,vue}'],
    ignores: ['packages/core/src/ways/**', '**/*.test.ts', '**/*.testdata.ts'],
    rules: {
      'no-restricted-syntax': ['error', WAY_BY_ID],
      'vue/no-restricted-syntax': ['error', WAY_BY_ID],
    },
  },
  {
    files: ['packages/*/src/**/*.{ts,vue}'],
    ignores: [
      'packages/core/src/ways/**',
      'packages/core/src/part/kinds/**',
      'packages/core/src/job/records/**',
      ...OTHER_WORDS,
      '**/*.test.ts',
      '**/*.testdata.ts',
    ],
    rules: {
      'no-restricted-syntax': ['error', WAY_BY_ID, FEATURE_BY_KIND, RECORD_BY_KIND],
      'vue/no-restricted-syntax': ['error', WAY_BY_ID, FEATURE_BY_KIND, RECORD_BY_KIND],
    },
  },
  {
    files: ['packages/web/src/**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.object.name='vi'][callee.property.name=/^(do)?[mM]ock$/]",
          message:
            'Files share what is loaded: another may have loaded the real one. Put a browser or a server under it instead.',
        },
      ],
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: forbid(
      ['@anello/*', 'vue', 'vue/*', 'zod', ...NODE_API],
      'The core computes and nothing else: no interface, no schema, no Node.',
    ),
  },
  {
    files: ['packages/contract/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: forbid(
      ['@anello/web', '@anello/server', 'vue', 'fastify', ...NODE_API],
      'The contract depends on zod and the core.',
    ),
  },
  {
    files: ['packages/web/src/**/*.{ts,vue}'],
    rules: forbid(
      ['@anello/server', '**/server/**', 'fastify', '@mikro-orm/*', ...NODE_API],
      'The web side never imports the server.',
    ),
  },
  // Playwright reads what a fixture needs from its pattern, an empty one too.
  {
    files: ['e2e/*.ts'],
    rules: { 'no-empty-pattern': ['error', { allowObjectPatternsAsParameters: true }] },
  },
  {
    files: ['packages/server/src/**/*.ts'],
    rules: forbid(['@anello/web', '**/web/**', 'vue', 'vuetify'], 'The server never imports the web side.'),
  },
  prettier,
);
