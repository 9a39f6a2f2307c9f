import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { Plugin } from 'vite';

interface Source {
  /** The file of the core that makes it, and what it is called there. */
  readonly file: string;
  readonly name: string;
  /** Goes through the checked edge, as the area's index has it. */
  readonly checked: boolean;
}

const at = (path: string): string => fileURLToPath(new URL(path, import.meta.url));
/** An area of the core, or the contract, which is one. */
const indexOf = (area: string): string =>
  area === 'contract' ? at('../../contract/src/index.ts') : at(`../../core/src/${area}/index.ts`);
const beside = (area: string, spec: string): string => indexOf(area).replace('index.ts', `${spec}.ts`);
const CHECKED = `import { checked as checked$ } from ${JSON.stringify(at('../../core/src/basics/publicFace.ts'))};`;
const listed = (names: string): string[] =>
  names
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean);

/**
 * An area of the core is one file to whoever imports from it, as is the contract, and a bundler keeps a file whole: a
 * screen that needs one function of an area got every function that any screen needs. In a build each name is taken from
 * the file that makes it, so that it lies with the screens that use it, and goes through the checked edge where it is
 * used: as a file of its own that line was one request for each name. The index files are of one shape, which this
 * relies on.
 */
export function onlyWhatIsUsed(): Plugin {
  const read = new Map<string, string>();
  const index = (area: string): string => {
    const text = read.get(area) ?? readFileSync(indexOf(area), 'utf8');
    read.set(area, text);
    return text;
  };
  /** Where a name comes from, as the index has it; null where it is of another shape. */
  function sourceOf(area: string, name: string): Source | null {
    const text = index(area);
    for (const [, names = '', spec = ''] of text.matchAll(/export \{([^}]*)\} from '([^']*)'/g))
      if (listed(names).includes(name)) return { file: beside(area, spec), name, checked: false };
    const alias = new RegExp(`export const ${name} = /\\* @__PURE__ \\*/ checked\\((\\w+)\\);`).exec(
      text,
    )?.[1];
    for (const [, names = '', spec = ''] of text.matchAll(/import \{([^}]*)\} from '([^']*)'/g))
      for (const one of listed(names)) {
        const [inner = '', as] = one.split(' as ');
        if (alias && as === alias) return { file: beside(area, spec), name: inner, checked: true };
      }
    return null;
  }
  /** `import { a as b } from` an area, as imports of the one file. */
  function taken(area: string, one: string): { readonly imported: string; readonly made: string } | null {
    const [name = '', local = name] = one.split(' as ');
    const source = sourceOf(area, name);
    if (!source) return null;
    const from = JSON.stringify(source.file);
    return source.checked
      ? {
          imported: `import { ${source.name} as ${local}$ } from ${from};`,
          made: `const ${local} = /* @__PURE__ */ checked$(${local}$);`,
        }
      : { imported: `import { ${source.name} as ${local} } from ${from};`, made: '' };
  }
  return {
    name: 'anello:only-what-is-used',
    apply: 'build',
    transform(code) {
      if (!code.includes('@anello/')) return null;
      let goesThrough = false;
      const out = code.replace(
        /import\s*\{([^}]*)\}\s*from\s*["']@anello\/(?:core\/)?([\w-]+)["'];?/g,
        (whole: string, names: string, area: string) => {
          const all = listed(names).map((one) => taken(area, one));
          if (all.includes(null)) return whole;
          goesThrough ||= all.some((one) => one?.made);
          return all.map((one) => `${one?.imported}${one?.made}`).join('');
        },
      );
      return goesThrough ? CHECKED + out : out;
    },
  };
}
