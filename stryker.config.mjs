// npm run mutate: changes the code a little, many times over, and tells which changes no test noticed.
/** @type {import('@stryker-mutator/api/core').PartialStrykerOptions} */
export default {
  testRunner: 'vitest',
  plugins: ['@stryker-mutator/vitest-runner'],
  vitest: { configFile: 'vitest.mutate.config.ts', related: true },
  reporters: ['clear-text', 'json'],
  jsonReporter: { fileName: '.anello/mutation.json' },
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportScoreTable: true },
  tempDirName: '.anello/mutants',
  // Those of the root: folders of the same name lie in the packages.
  ignorePatterns: ['/data', '**/dist', '/docs', '/e2e', '/bench', '/test-results'],
  ignoreStatic: true,
  // Words are judged by eye and by journeys; what is computed and decided is what is changed here.
  // A value that only the types ask about is no decision either.
  mutator: { excludedMutations: ['StringLiteral', 'ObjectLiteral', 'Regex', 'OptionalChaining'] },
  timeoutMS: 20_000,
  // All tests together, before anything is changed: on a machine that others use as well it takes its time.
  dryRunTimeoutMinutes: 20,
  allowEmpty: true,
};
