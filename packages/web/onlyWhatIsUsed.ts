import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { Plugin } from 'vite';

/**
 * An area of the core is one file to whoever imports from it, and a bundler keeps a file whole: a screen that needs one
 * function of an area got every function that any screen needs. In a build each name is taken from the area by itself,
 * so that it lies with the screens that use it. The areas' index files are of one shape, which this relies on.
 */
export function onlyWhatIsUsed(): Plugin {
  const MARK = '\0core:';
  const indexOf = (area: string): string =>
    fileURLToPath(new URL(`../core/src/${area}/index.ts`, import.meta.url));
  const read = new Map<string, string>();
  const index = (area: string): string => {
    const text = read.get(area) ?? readFileSync(indexOf(area), 'utf8');
    read.set(area, text);
    return text;
  };
  /** Where a name comes from, as the index has it: let out as it is, or through the checked edge. */
  function moduleOf(area: string, name: string): string | null {
    const text = index(area);
    const from = (spec: string): string => JSON.stringify(indexOf(area).replace('index.ts', `${spec}.ts`));
    for (const [, names, spec] of text.matchAll(/export \{([^}]*)\} from '([^']*)'/g))
      if ((names as string).split(',').some((one) => one.trim() === name))
        return `export { ${name} } from ${from(spec as string)};`;
    const alias = new RegExp(`export const ${name} = /\\* @__PURE__ \\*/ checked\\((\\w+)\\);`).exec(
      text,
    )?.[1];
    if (!alias) return null;
    for (const [, names, spec] of text.matchAll(/import \{([^}]*)\} from '([^']*)'/g))
      for (const one of (names as string).split(',')) {
        const [source, as] = one.trim().split(' as ');
        if (as === alias)
          return [
            `import { checked } from ${JSON.stringify(indexOf('basics').replace('index.ts', 'publicFace.ts'))};`,
            `import { ${source} as inner } from ${from(spec as string)};`,
            `export const ${name} = /* @__PURE__ */ checked(inner);`,
          ].join('\n');
      }
    return null;
  }
  return {
    name: 'anello:only-what-is-used',
    apply: 'build',
    resolveId: (id) => (id.startsWith(MARK) ? id : null),
    load(id) {
      if (!id.startsWith(MARK)) return null;
      const [area, name] = id.slice(MARK.length).split('/') as [string, string];
      return { code: moduleOf(area, name) ?? '', moduleSideEffects: false };
    },
    transform(code) {
      if (!code.includes('@anello/core/')) return null;
      return code.replace(
        /import\s*\{([^}]*)\}\s*from\s*["']@anello\/core\/([\w-]+)["'];?/g,
        (whole: string, names: string, area: string) => {
          const taken = names
            .split(',')
            .map((one) => one.trim())
            .filter(Boolean);
          if (taken.some((one) => moduleOf(area, one.split(' as ')[0] as string) === null)) return whole;
          return taken
            .map(
              (one) => `import { ${one} } from ${JSON.stringify(`${MARK}${area}/${one.split(' as ')[0]}`)};`,
            )
            .join('');
        },
      );
    },
  };
}
