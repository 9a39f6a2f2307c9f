import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';

const SOURCE = fileURLToPath(new URL('../src/', import.meta.url));
const LESS_MOTION = /@media \(prefers-reduced-motion: reduce\) \{[\s\S]*?\n\}/;

it('nothing overrules by force but who asks for less motion: the library’s styles lie in layers, under ours', () => {
  const files = readdirSync(SOURCE, { recursive: true, encoding: 'utf8' }).filter((file) =>
    /\.(vue|css)$/.test(file),
  );
  const texts = files.map((file) => [file, readFileSync(`${SOURCE}${file}`, 'utf8')] as const);
  expect(texts.some(([, text]) => LESS_MOTION.test(text))).toBe(true);
  const forced = texts.filter(([, text]) => text.replace(LESS_MOTION, '').includes('!important'));
  expect(forced.map(([file]) => file)).toEqual([]);
});
