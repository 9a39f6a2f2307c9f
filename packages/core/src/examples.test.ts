import { readdirSync, readFileSync } from 'node:fs';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import * as workshop from './examples.testdata';
import * as core from './index';
import * as kit from './testkit.testdata';

/** Every function that tools outside may call has an example in its docstring, and it is true. */
interface Example {
  readonly name: string;
  readonly code: string;
  readonly expected: string;
}

const SOURCE = new URL('./', import.meta.url);
const read = (at: URL): string => readFileSync(at, 'utf8');

/** The functions an area lets out, each with the file it stands in. */
function publicFunctions(area: string): { name: string; source: string; file: URL }[] {
  const index = new URL(`${area}/index.ts`, SOURCE);
  const text = read(index);
  const from = new Map<string, { source: string; file: URL }>();
  for (const [, names, spec] of text.matchAll(/import \{([^}]*)\} from '([^']*)'/g))
    for (const one of (names as string).split(',')) {
      const [source, alias] = one.trim().split(' as ');
      if (source && alias) from.set(alias, { source, file: new URL(`${spec}.ts`, index) });
    }
  const edged = [...text.matchAll(/export const (\w+) = \/\* @__PURE__ \*\/ checked\((\w+)\)/g)].map(
    ([, name, alias]) => ({ name: name as string, ...from.get(alias as string)! }),
  );
  // A question that narrows what it is asked goes out as it is.
  const asked = [...text.matchAll(/export \{([^}]*)\} from '([^']*)'/g)].flatMap(([, names, spec]) =>
    [...(names as string).matchAll(/\bis[A-Z]\w+/g)].map(([name]) => ({
      name,
      source: name,
      file: new URL(`${spec}.ts`, index),
    })),
  );
  return [...edged, ...asked];
}

function docOf(file: URL, source: string): string {
  const parsed = ts.createSourceFile(file.pathname, read(file), ts.ScriptTarget.Latest, true);
  const holder = parsed.statements.find((statement) =>
    ts.isFunctionDeclaration(statement)
      ? statement.name?.text === source
      : ts.isVariableStatement(statement) &&
        statement.declarationList.declarations.some((d) => d.name.getText() === source),
  );
  return holder ? (ts.getJSDocCommentsAndTags(holder).at(-1)?.getText() ?? '') : '';
}

function exampleIn(name: string, doc: string): Example | null {
  const [, body] = doc.split('@example');
  const lines = (body ?? '').split('\n').map((line) => line.replace(/^\s*\*\/?\s?/, ''));
  const at = lines.findIndex((line) => line.startsWith('// → '));
  if (at < 0) return null;
  const expected = lines.slice(at).map((line) => line.replace(/^\/\/ (→ )?/, ''));
  return { name, code: lines.slice(0, at).join('\n').trim(), expected: expected.join(' ').trim() };
}

const scope: Record<string, unknown> = { ...core, ...kit, ...workshop };
const run = (code: string): unknown =>
  new Function(...Object.keys(scope), `return (${code});`)(...Object.values(scope));

/** A figure written with places is true to half of the last one; whole numbers are themselves. */
class Written {
  readonly value: number;
  readonly within: number;
  constructor(text: string) {
    this.value = Number(text);
    const [, places] = /\.(\d+)$/.exec(text) ?? [];
    this.within = places === undefined ? 1e-9 : 0.51 * 10 ** -places.length;
  }
}
const written = (text: string): unknown => {
  const marked = text.replace(/'(?:[^'\\]|\\.)*'|-?\d+(?:\.\d+)?(?:e-?\d+)?/g, (one) =>
    one.startsWith("'") ? one : `W('${one}')`,
  );
  return new Function('W', `return (${marked});`)((figure: string) => new Written(figure));
};

function agree(found: unknown, wanted: unknown, at: string): void {
  if (wanted instanceof Written) {
    expect(typeof found, at).toBe('number');
    expect(Math.abs((found as number) - wanted.value), `${at}: ${String(found)}`).toBeLessThanOrEqual(
      wanted.within,
    );
  } else if (typeof wanted === 'object' && wanted !== null) {
    if (Array.isArray(wanted)) expect((found as unknown[]).length, at).toBe(wanted.length);
    for (const [key, value] of Object.entries(wanted))
      agree((found as Record<string, unknown>)[key], value, `${at}.${key}`);
  } else expect(found, at).toBe(wanted);
}

const areas = readdirSync(SOURCE, { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map((entry) => entry.name)
  .filter((area) => publicFunctions(area).length > 0);

describe.each(areas)('the examples of %s', (area) => {
  const functions = publicFunctions(area);
  it.each(functions)('$name does what its docstring shows', ({ name, source, file }) => {
    const example = exampleIn(name, docOf(file, source));
    expect(example, `${name} has no example in its docstring`).not.toBeNull();
    expect(example!.code, 'an example calls what it is of').toContain(`${name}(`);
    agree(run(example!.code), written(example!.expected), name);
  });
});

it('a wrong example is found out', () => {
  expect(() => agree(19.76, written('19.7591'), 'x')).toThrow();
  expect(() => agree(19.7591, written('19.7591'), 'x')).not.toThrow();
  expect(() => agree({ a: 1 }, written("{ a: 'one' }"), 'x')).toThrow();
  expect(() => agree([1, 2], written('[1]'), 'x')).toThrow();
});
