import { readdirSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import type { Figure } from './bench.ts';

const dist = new URL('../packages/web/dist/', import.meta.url);
const BUDGET_KB = 250;

/** Compressed script the job screen needs before it can be worked: its chunk and what that imports, not what is lazy. */
export function firstLoad(): Figure[] {
  const files = readdirSync(new URL('assets/', dist)).filter((name) => name.endsWith('.js'));
  const text = (name: string): string => readFileSync(new URL(`assets/${name}`, dist), 'utf8');
  const entry = /assets\/(index-[^"]+\.js)/.exec(readFileSync(new URL('index.html', dist), 'utf8'))?.[1];
  const job = files.find((name) => name.startsWith('JobPlace-'));
  const needed = new Set<string>();
  const visit = (name: string | undefined): void => {
    if (!name || needed.has(name)) return;
    needed.add(name);
    for (const [, imported] of text(name).matchAll(/(?:from|import)\s*["']\.\/([^"']+\.js)["']/g))
      visit(imported);
  };
  visit(entry);
  visit(job);
  const kB = [...needed].reduce((sum, name) => sum + gzipSync(text(name)).length, 0) / 1000;
  return [
    {
      what: 'first load of the job screen, script',
      measured: `${kB.toFixed(0)} kB`,
      budget: `${BUDGET_KB} kB`,
      within: kB <= BUDGET_KB,
    },
  ];
}
