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
  {
    files: ['packages/server/src/**/*.ts'],
    rules: forbid(['@anello/web', '**/web/**', 'vue', 'vuetify'], 'The server never imports the web side.'),
  },
  prettier,
);
