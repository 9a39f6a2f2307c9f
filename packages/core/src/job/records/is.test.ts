import { expect, it } from 'vitest';
import * as questions from './is';
import { RECORD_EXAMPLES } from './records.testdata';

it('a kept row is answered yes by one question at most, and each question by one kind', () => {
  const yes = Object.values(RECORD_EXAMPLES).flatMap((body) =>
    Object.entries(questions).flatMap(([name, is]) => (is(body) ? [[body.kind, name]] : [])),
  );
  expect(yes).toHaveLength(Object.keys(questions).length);
  expect(new Set(yes.map(([kind]) => kind)).size).toBe(yes.length);
  expect(new Set(yes.map(([, name]) => name)).size).toBe(yes.length);
});
