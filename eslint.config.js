import { readFileSync } from 'node:fs';
import js from '@eslint/js';
import tseslint from 'typescript-eslint';
import vue from 'eslint-plugin-vue';
import vueParser from 'vue-eslint-parser';
import prettier from 'eslint-config-prettier';
import { FEATURE_BY_KIND, RECORD_BY_KIND, USUAL_ELSEWHERE, WAY_BY_ID } from './lint/words.mjs';

// Components only: their templates are this linter's alone. Everything else is .oxlintrc.json's, a tenth of the time.

/** What holds for scripts holds for those of components too. */
const OF_SCRIPTS = JSON.parse(readFileSync(new URL('.oxlintrc.json', import.meta.url), 'utf8'));
const NEVER_IMPORTED = OF_SCRIPTS.overrides.find(({ files }) => files.includes('packages/web/src/**/*.ts'))
  .rules['no-restricted-imports'];
/** @type {import('eslint').Linter.RuleEntry} */
const WORDS = ['error', WAY_BY_ID, FEATURE_BY_KIND, RECORD_BY_KIND, USUAL_ELSEWHERE];

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', '**/*.{js,mjs,cjs,ts,mts}', 'data/**', '.anello/**'] },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: {
      parser: vueParser,
      parserOptions: { parser: tseslint.parser, extraFileExtensions: ['.vue'] },
    },
    rules: {
      'no-warning-comments': OF_SCRIPTS.rules['no-warning-comments'],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      eqeqeq: 'error',
      '@typescript-eslint/no-unused-vars': OF_SCRIPTS.rules['no-unused-vars'],
      'no-undef': 'off',
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      // Inside a form one without a type sends it.
      'vue/html-button-has-type': 'error',
      'vue/valid-v-slot': ['error', { allowModifiers: true }],
      'no-restricted-syntax': WORDS,
      'vue/no-restricted-syntax': WORDS,
      'no-restricted-imports': NEVER_IMPORTED,
    },
  },
  prettier,
);
