import { readdirSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import type { Figure } from './bench.ts';

const dist = new URL('../packages/web/dist/', import.meta.url);
const SCRIPT_KB = 170;
const STYLE_KB = 12;
/** What must be there before the reading bar of a job that is being set can be typed in. */
const ROOMS = ['job', 'set'];

/** Compressed script and styles the job screen needs before it can be worked: not what is fetched when idle or opened. */
export function firstLoad(): Figure[] {
  const files = readdirSync(new URL('assets/', dist)).filter((name) => /\.(js|css)$/.test(name));
  const text = (name: string): string => readFileSync(new URL(`assets/${name}`, dist), 'utf8');
  const kB = (name: string): number => gzipSync(text(name)).length / 1000;
  const page = readFileSync(new URL('index.html', dist), 'utf8');
  const needed = new Set<string>();
  const visit = (name: string | undefined): void => {
    if (!name || needed.has(name)) return;
    needed.add(name);
    for (const [, imported] of text(name).matchAll(/(?:from|import)\s*["']\.\/([^"']+\.js)["']/g))
      visit(imported);
  };
  visit(/assets\/(index-[^"]+\.js)/.exec(page)?.[1]);
  for (const room of ROOMS) {
    const file = files.find((name) => new RegExp(`^${room}-[\\w-]{7}\\.js$`).test(name));
    if (!file) throw new Error(`No file of the room ${room} was built; see packages/web/bundle/rooms.ts.`);
    visit(file);
  }
  const script = [...needed].reduce((sum, name) => sum + kB(name), 0);
  const style = /assets\/(index-[^"]+\.css)/.exec(page)?.[1];
  const figure = (what: string, measured: number, budget: number): Figure => ({
    what,
    measured: `${measured.toFixed(0)} kB`,
    budget: `${budget} kB`,
    within: measured <= budget,
  });
  return [
    figure('first load of the job screen, script', script, SCRIPT_KB),
    figure('first load, styles of every page', style ? kB(style) : 0, STYLE_KB),
  ];
}
