import { expect, type Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { connect, type Socket } from 'node:net';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { root } from '../scripts/lib.mjs';

/** Seconds from now, and what is shown then. */
export type Path = readonly (readonly [number, number])[];

const ended = async (child: ChildProcess): Promise<void> => {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const gone = once(child, 'exit');
  child.kill('SIGKILL');
  await gone;
};
const program = (name: string, args: readonly string[]): ChildProcess =>
  spawn(process.execPath, [`packages/server/dist/cli/${name}.js`, ...args], {
    cwd: root,
    stdio: ['ignore', 'pipe', 'inherit'],
  });

/** A stand-in running as a process of its own, played by the journey as by a hand on the lathe. */
class Instrument {
  private hand: Socket | null = null;
  constructor(
    readonly process: ChildProcess,
    readonly place: string,
    private readonly channel: string,
  ) {}

  /** Shows this from now on. */
  async play(path: Path, noise = 0): Promise<void> {
    if (!this.hand) {
      this.hand = connect(Number(this.place.split(':').at(-1)), '127.0.0.1');
      this.hand.on('error', () => undefined);
      this.hand.resume();
      await once(this.hand, 'connect');
    }
    this.hand.write(`${JSON.stringify(script(this.channel, path, noise))}\n`);
  }

  async unplug(): Promise<void> {
    this.hand?.destroy();
    await ended(this.process);
  }
}

const script = (channel: string, path: Path, noise = 0): object => ({
  rate: 60,
  channels: { [channel]: { path, noise } },
});

/** An indicator and a readout on the wire of a shop, each a process, and the bridge that feeds them. */
export class Wire {
  private constructor(
    readonly indicator: Instrument,
    readonly readout: Instrument,
    private readonly bridge: ChildProcess,
    private readonly folder: string,
  ) {}

  static async begin(address: string): Promise<Wire> {
    const folder = await mkdtemp(join(tmpdir(), 'anello-wire-'));
    const at = async (name: string, channel: string): Promise<Instrument> => {
      const file = join(folder, `${name}.json`);
      await writeFile(file, JSON.stringify(script(channel, [[0, 0]])));
      const child = program('standIn', ['--name', name, '--script', file]);
      const [said] = (await once(child.stdout!, 'data')) as [Buffer];
      return new Instrument(child, String(said).trim().split(' ').at(-1)!, channel);
    };
    const [indicator, readout] = [await at('indicator', ''), await at('readout', 'z')];
    const bridge = program('bridge', ['--tcp', indicator.place, '--tcp', readout.place, '--to', address]);
    return new Wire(indicator, readout, bridge, folder);
  }

  async end(): Promise<void> {
    await this.indicator.unplug();
    await this.readout.unplug();
    await ended(this.bridge);
    await rm(this.folder, { recursive: true, force: true });
  }

  /** Carriage and needle together, as the carriage runs so far in so many seconds. */
  async run(mm: number, seconds: number, needle: (at: number) => number): Promise<void> {
    const pieces = 60;
    const part = (i: number): number => i / pieces;
    const moments = Array.from({ length: pieces + 1 }, (_, i) => i);
    await this.indicator.play(
      moments.map((i) => [seconds * part(i), needle(mm * part(i))]),
      0.0003,
    );
    await this.readout.play([
      [0, 0],
      [seconds, mm],
    ]);
  }
}

/** Puts them to use on the page, as a hand does. */
export async function useInstruments(page: Page, travel: boolean): Promise<void> {
  await page.getByRole('button', { name: 'Instruments' }).click();
  const panel = page.getByRole('dialog', { name: 'Instruments' });
  const row = (name: string) => panel.getByRole('listitem').filter({ hasText: name });
  await row('indicator').getByRole('button', { name: 'reads', exact: true }).click();
  if (travel) await row('readout z').getByRole('button', { name: 'tells the travel' }).click();
  await expect(panel.getByRole('region', { name: 'indicator, in use' })).toBeVisible();
}
