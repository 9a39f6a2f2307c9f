import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { accessSync, constants as modes, existsSync, mkdtempSync, rmSync, statSync } from 'node:fs';
import { constants, tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { describe, expect, it } from 'vitest';
import { root } from './lib.mjs';

const node = process.execPath;
const ranLast = pathToFileURL(join(root, 'scripts/ranLast.mjs')).href;
/** A program that runs a command last and says how it went. */
const program = (command: readonly string[]): string =>
  `import { ranLast } from '${ranLast}'; console.log('went well:', await ranLast(${JSON.stringify(command)}));`;
const run = (command: readonly string[]): string =>
  spawnSync(node, ['--input-type=module', '-e', program(command)], { encoding: 'utf8' }).stdout;

/** Whether sessions share the processors here, and may be put last. */
function mayPutLast(): boolean {
  try {
    accessSync('/proc/self/autogroup', modes.W_OK);
    return true;
  } catch {
    return false;
  }
}

describe('a command that is run last', () => {
  it('says what it said, and whether it went well', () => {
    expect(run([node, '-e', 'console.log("no fault"); console.error("a word")'])).toBe(
      'no fault\na word\nwent well: true\n',
    );
    expect(run([node, '-e', 'console.log("a fault"); process.exit(2)'])).toBe('a fault\nwent well: false\n');
    expect(run(['no-such-command'])).toBe('went well: false\n');
  });

  it('and whatever it runs wait for all others', () => {
    const asks = 'console.log(require("node:os").getPriority())';
    const twice = `require("node:child_process").execFileSync(process.execPath, ["-e", ${JSON.stringify(asks)}], { stdio: "inherit" })`;
    expect(run([node, '-e', `setTimeout(() => ${twice}, 100)`])).toBe(
      `${constants.priority.PRIORITY_LOW}\nwent well: true\n`,
    );
  });

  it.skipIf(!mayPutLast())('waits as a session, where sessions share', () => {
    const asks = 'console.log(require("node:fs").readFileSync("/proc/self/autogroup", "utf8"))';
    expect(run([node, '-e', `setTimeout(() => ${asks}, 100)`])).toMatch(/nice 19\n/);
  });

  it.each(['SIGINT', 'SIGTERM'] as const)('ends with who ran it, by %s', async (signal) => {
    const folder = mkdtempSync(join(tmpdir(), 'anello-last-'));
    const file = join(folder, 'alive');
    const beats = `setInterval(() => require("node:fs").appendFileSync(${JSON.stringify(file)}, "."), 20); setTimeout(process.exit, 30_000)`;
    const runner = spawn(node, ['--input-type=module', '-e', program([node, '-e', beats])]);
    const size = (): number => (existsSync(file) ? statSync(file).size : 0);
    const growth = async (): Promise<number> => {
      const before = size();
      await new Promise((resolve) => setTimeout(resolve, 200));
      return size() - before;
    };
    await expect.poll(growth, { timeout: 20_000 }).toBeGreaterThan(0);
    runner.kill(signal);
    await once(runner, 'exit');
    await expect.poll(growth, { timeout: 20_000 }).toBe(0);
    rmSync(folder, { recursive: true });
  });
});
