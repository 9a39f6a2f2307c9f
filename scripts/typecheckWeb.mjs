// The types of the web side, its components among them, by the native compiler: vue-tsc's own reading of a component
// (@vue/language-core) writes each as TypeScript beside the sources, and what the compiler says of those is told of the
// lines they came from. vue-tsc itself goes through the compiler written in JavaScript and takes several times as long.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import {
  createParsedCommandLine,
  createVueLanguagePlugin,
  forEachEmbeddedCode,
  shouldReportDiagnostics,
  SourceMap,
} from '@vue/language-core';
import ts from 'typescript';
import { root } from './lib.mjs';

const web = resolve(process.argv[2] ?? join(root, 'packages/web'));
const settings = join(web, 'tsconfig.json');
// Inside the project, or what is imported by name would not be found.
const written = join(root, '.anello/types', relative(root, web).replaceAll('..', '_'));

const COMPILER = join(root, 'node_modules/typescript-native/bin/tsc');

/** A component as it was written for the compiler, and which of its places are whose. */
class Component {
  /** @param {string} file @param {import('@vue/language-core').VirtualCode} code @param {string} text */
  constructor(file, code, text) {
    this.file = file;
    this.text = text;
    this.source = readFileSync(file, 'utf8');
    this.map = new SourceMap(code.mappings);
  }

  /**
   * Where something said of what was written stands in the component; null where nobody typed it.
   * @param {number} line @param {number} column @param {string} code
   */
  placeOf(line, column, code) {
    const offset = offsetOf(this.text, line, column);
    for (const [at] of this.map.toSourceLocation(offset, (of) => shouldReportDiagnostics(of, 'ts', code)))
      return placeAt(this.source, at);
    return null;
  }
}

/** @param {string} text @param {number} line from 1 @param {number} column from 1 */
function offsetOf(text, line, column) {
  let start = 0;
  for (let n = 1; n < line; n++) start = text.indexOf('\n', start) + 1;
  return start + column - 1;
}

/** @param {string} text @param {number} offset */
function placeAt(text, offset) {
  const before = text.slice(0, offset);
  return { line: before.split('\n').length, column: offset - before.lastIndexOf('\n') };
}

/**
 * @param {string} file
 * @param {import('@vue/language-core').VueVirtualCode | undefined} read
 */
function scriptOf(file, read) {
  for (const code of read ? forEachEmbeddedCode(read) : []) {
    const kind = /^script_(?<language>[jt]sx?)$/.exec(code.id)?.groups?.language;
    if (kind) return { code, extension: `.${kind}` };
  }
  throw new Error(`${file} was not read as TypeScript.`);
}

/** Each component of the web side as the compiler reads it, by the file it was written to. */
function writeComponents() {
  const { options, vueOptions } = createParsedCommandLine(ts, ts.sys, settings);
  // By name: written as a path it would lead there from the component's own folder.
  const named = { ...vueOptions, typesRoot: '@vue/language-core/types' };
  const plugin = createVueLanguagePlugin(ts, options, named, (id) => id);
  const components = new Map();
  for (const file of ts.sys.readDirectory(join(web, 'src'), ['.vue'])) {
    const snapshot = ts.ScriptSnapshot.fromString(readFileSync(file, 'utf8'));
    const read = plugin.createVirtualCode?.(file, 'vue', snapshot, { getAssociatedScript: () => undefined });
    const { code, extension } = scriptOf(file, read);
    const text = code.snapshot.getText(0, code.snapshot.getLength());
    const out = join(written, relative(web, file) + extension);
    mkdirSync(dirname(out), { recursive: true });
    writeFileSync(out, text);
    components.set(out, new Component(file, code, text));
  }
  return components;
}

/** As the web side is checked, a component being found beside its sources under the name it is imported by. */
function writeSettings() {
  const here = (path) => relative(written, path);
  const project = join(written, 'tsconfig.json');
  const sources = ['./src', here(join(web, 'src'))];
  const compilerOptions = { rootDirs: sources };
  writeFileSync(project, JSON.stringify({ extends: here(settings), compilerOptions, include: sources }));
  return project;
}

/** @param {string} project @returns {Promise<{ said: string, code: number | null }>} */
const compiled = (project) =>
  new Promise((ended, failed) => {
    const child = spawn(
      process.execPath,
      [COMPILER, '-p', project, '--noEmit', '--pretty', 'false', '--checkers', '2'],
      {
        cwd: root,
        stdio: ['ignore', 'pipe', 'inherit'],
      },
    );
    let said = '';
    child.stdout.setEncoding('utf8').on('data', (part) => (said += part));
    child.once('error', failed);
    child.once('close', (code) => ended({ said, code }));
  });

const OF_A_PLACE = /^(.+?)\((\d+),(\d+)\): (error TS(\d+): .*)$/s;

/**
 * What the compiler said, one entry each, with the lines that explain it; of components by their own lines.
 * @param {string} said
 * @param {Map<string, Component>} components
 */
function told(said, components) {
  const entries = said.split(/\n(?=\S)/).map((entry) => entry.trimEnd());
  return entries.flatMap((entry) => {
    const [, file = '', line, column, rest, code = ''] = OF_A_PLACE.exec(entry) ?? [];
    const component = components.get(resolve(root, file));
    if (!component) return entry === '' ? [] : [entry];
    const place = component.placeOf(Number(line), Number(column), code);
    return place ? [`${relative(root, component.file)}(${place.line},${place.column}): ${rest}`] : [];
  });
}

rmSync(written, { recursive: true, force: true });
const components = writeComponents();
const { said, code } = await compiled(writeSettings());
const errors = told(said, components);
rmSync(written, { recursive: true, force: true });
for (const error of errors) console.error(error);
// It ends with an error for what nobody typed as well, and without a word only where it could not run.
if (errors.length > 0 || (code !== 0 && said.trim() === '')) process.exit(1);
