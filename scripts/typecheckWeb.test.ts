import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';

// Inside the project: what its components import is found from there.
const root = join(import.meta.dirname, '..');
mkdirSync(join(root, '.anello'), { recursive: true });
const folder = mkdtempSync(join(root, '.anello/typed-'));
const web = join(folder, 'web');

function checked(files: Record<string, string>): { code: number | null; said: string[] } {
  rmSync(web, { recursive: true, force: true });
  mkdirSync(join(web, 'src'), { recursive: true });
  const settings = { extends: '../../../tsconfig.base.json', compilerOptions: { lib: ['ES2023', 'DOM'] } };
  writeFileSync(join(web, 'tsconfig.json'), JSON.stringify({ ...settings, include: ['src'] }));
  for (const [name, text] of Object.entries(files)) writeFileSync(join(web, 'src', name), text);
  const { status, stderr } = spawnSync(process.execPath, ['scripts/typecheckWeb.mjs', web], {
    cwd: root,
    encoding: 'utf8',
  });
  const said = stderr.split('\n').filter((line) => line !== '');
  return { code: status, said: said.map((line) => line.replace(/^.*\/src\//, '')) };
}

const DEPTH = `<script setup lang="ts">
defineProps<{ depth: number; note?: string }>();
defineEmits<{ fed: [by: number] }>();
</script>

<template>
  <b>{{ depth.toFixed(2) }}</b>
</template>
`;
const asking = (template: string, script = ''): string => `<script setup lang="ts">
import DepthFed from './DepthFed.vue';
${script}
</script>

<template>
  ${template}
</template>
`;

afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('the types of components', () => {
  it('say nothing of what is right', () => {
    const right = asking('<DepthFed :depth="0.2" note="a spring pass" @fed="(by) => by.toFixed(1)" />');
    expect(checked({ 'DepthFed.vue': DEPTH, 'AskIt.vue': right })).toEqual({ code: 0, said: [] });
  });

  it('tell of what is asked of another component wrongly, each by its own line', () => {
    const { code, said } = checked({
      'DepthFed.vue': DEPTH,
      'AnotherType.vue': asking('<DepthFed depth="0.2" />'),
      'Wanted.vue': asking('<DepthFed note="deep" />'),
      'Event.vue': asking('<DepthFed :depth="1" @fed="(by) => by.trim()" />'),
      'NoName.vue': asking('<DepthFed :depth="deep" />'),
    });
    expect(code).toBe(1);
    for (const line of [
      /^AnotherType\.vue\(7,\d+\): error TS2322: .*'number'/,
      /^Wanted\.vue\(7,\d+\): error TS2345: /,
      /^Event\.vue\(7,\d+\): error TS2339: .*'trim'/,
      /^NoName\.vue\(7,\d+\): error TS2339: .*'deep'/,
    ])
      expect(said).toContainEqual(expect.stringMatching(line));
  });

  it('tell of a script, and of a module beside the components', () => {
    const { code, said } = checked({
      'DepthFed.vue': DEPTH,
      'AskIt.vue': asking('<DepthFed :depth="1" />', 'const idle = 3;'),
      'mount.ts': `import AskIt from './AskIt.vue';\nexport const asked: string = typeof AskIt;\nexport const n: number = '3';\n`,
    });
    expect(code).toBe(1);
    expect(said).toContainEqual(expect.stringMatching(/^AskIt\.vue\(3,7\): error TS6133: 'idle'/));
    expect(said).toContainEqual(expect.stringMatching(/^mount\.ts\(3,14\): error TS2322: /));
  });
});
