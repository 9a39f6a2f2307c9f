import { Lines, type WireLine } from '@anello/contract';
import { createServer, type Server, type Socket } from 'node:net';
import { pressedIn, scriptSchema, shownAt, type Script } from './script';

/** A made-up instrument that speaks the protocol of the wire over TCP, and plays what it is given. */
export class StandIn {
  private began: number;
  private saidTo = 0;
  private readonly sockets = new Set<Socket>();
  private readonly server: Server;
  private timer: ReturnType<typeof setInterval> | null = null;
  private trembles = 1;

  constructor(
    private readonly name: string,
    private script: Script,
    private readonly now: () => number = () => performance.now() / 1000,
  ) {
    this.began = now();
    this.server = createServer((socket) => this.join(socket));
  }

  /** Answers the port that it listens on. */
  async listen(port: number): Promise<number> {
    await new Promise<void>((resolve, reject) => {
      this.server.once('error', reject);
      this.server.listen(port, '127.0.0.1', resolve);
    });
    this.beat();
    return (this.server.address() as { port: number }).port;
  }

  /** Plays another script from its beginning. */
  play(script: Script): void {
    this.script = script;
    [this.began, this.saidTo] = [this.now(), 0];
    if (this.timer) this.beat();
  }

  close(): void {
    if (this.timer) clearInterval(this.timer);
    this.server.close();
    for (const socket of this.sockets) socket.destroy();
  }

  private beat(): void {
    if (this.timer) clearInterval(this.timer);
    this.timer = setInterval(() => this.say(), 1000 / this.script.rate);
  }

  private join(socket: Socket): void {
    this.sockets.add(socket);
    const lines = new Lines();
    // Told another script, it plays that: as if its spindle were moved by hand.
    socket.on('data', (piece) => lines.take(String(piece)).forEach((line) => this.told(socket, line)));
    socket.on('error', () => undefined);
    socket.on('close', () => this.sockets.delete(socket));
  }

  private told(socket: Socket, line: string): void {
    try {
      this.play(scriptSchema.parse(JSON.parse(line)));
    } catch {
      socket.write('{"said":"That is no script: see docs/instruments.md."}\n');
    }
  }

  private say(): void {
    const time = this.now() - this.began;
    const lines = Object.entries(this.script.channels).flatMap(([channel, axis]) =>
      (axis.pressed
        ? pressedIn(axis, this.saidTo, time)
        : [[time, shownAt(axis, time) + axis.noise * this.tremble()] as [number, number]]
      ).map(([when, value]): WireLine => ({
        instrument: this.name,
        value: Math.round(value * 1e5) / 1e5,
        unit: this.script.unit,
        time: Math.round((this.began + when) * 1e4) / 1e4,
        ...(channel ? { channel } : {}),
        ...(axis.pressed ? { pressed: true } : {}),
      })),
    );
    this.saidTo = time;
    const text = lines.map((line) => `${JSON.stringify(line)}\n`).join('');
    if (text) for (const socket of this.sockets) socket.write(text);
  }

  /** Evenly up and down by the same each time, of variance 1. */
  private tremble(): number {
    this.trembles = (this.trembles * 48_271) % 2_147_483_647;
    return Math.sqrt(12) * (this.trembles / 2_147_483_647 - 0.5);
  }
}
