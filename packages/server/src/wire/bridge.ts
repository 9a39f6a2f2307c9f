import { Lines } from '@anello/contract';
import { connect } from 'node:net';
import type { Readable } from 'node:stream';
import WebSocket from 'ws';

/** A source of lines that can be opened again. */
export interface LineSource {
  readonly name: string;
  open(): Readable;
  /** What comes over the standard input ends with it. */
  readonly once?: boolean;
}

export interface BridgeOptions {
  /** Where Anello is: http://127.0.0.1:4600. */
  readonly to: string;
  readonly passphrase: string | null;
  line(text: string): string | null;
  say(text: string): void;
}

/** Tried again after so long, ms. */
const AGAIN = 1000;
/** Fits a message with room to spare. */
const LONGEST_MESSAGE = 3000;
/** More than this on its way, and the wire is slower than the instrument: what comes now is let go, as it is past already. */
const MOST_WAITING = 64 * 1024;

export const tcpSource = (host: string, port: number): LineSource => ({
  name: `${host}:${port}`,
  open: () => connect({ host, port }),
});

/** Feeds a source of lines to Anello, both opened again when either ends, until it is told to stop. */
export function bridge(source: LineSource, options: BridgeOptions): () => void {
  let stopped = false;
  let close = (): void => undefined;
  const begin = (): void => {
    if (stopped) return;
    close = session(source, options, () => {
      if (source.once) stopped = true;
      if (!stopped) setTimeout(begin, AGAIN);
    });
  };
  begin();
  return () => {
    stopped = true;
    close();
  };
}

/** One time of both being open. With the source goes the line to Anello, so that its instruments are missed at once. */
function session(source: LineSource, options: BridgeOptions, ended: () => void): () => void {
  const { to, passphrase, line, say } = options;
  const lines = new Lines();
  const stream = source.open();
  const socket = new WebSocket(`${to.replace(/^http/, 'ws').replace(/\/$/, '')}/api/wire/feed`, {
    headers: passphrase
      ? { authorization: `Basic ${Buffer.from(`bridge:${passphrase}`).toString('base64')}` }
      : {},
  });
  let over = false;
  const end = (why: string): void => {
    if (over) return;
    over = true;
    say(why);
    stream.destroy();
    // What was sent last is still on its way.
    socket.close();
    ended();
  };
  socket.on('open', () => say(`${source.name} is fed to ${to}`));
  socket.on('message', (data) => say(`${source.name}: ${saidIn(String(data))}`));
  socket.on('close', () => end(`${to} has closed; trying again`));
  socket.on('error', (error) => end(`${to} does not take it (${error.message}); trying again`));
  stream.on('data', (piece: Buffer | string) => {
    const ready = lines.take(String(piece)).flatMap((text) => line(text) ?? []);
    if (socket.readyState !== WebSocket.OPEN || socket.bufferedAmount > MOST_WAITING) return;
    for (const message of packed(ready)) socket.send(message);
  });
  stream.on('error', (error) => end(`${source.name} is not there (${error.message}); trying again`));
  stream.on('close', () => end(`${source.name} has closed${source.once ? '' : '; trying again'}`));
  return () => end(`${source.name} is let go`);
}

function saidIn(text: string): string {
  try {
    return String((JSON.parse(text) as { said?: unknown }).said ?? text);
  } catch {
    return text;
  }
}

/** Several lines a message, as many as fit. */
function packed(lines: readonly string[]): string[] {
  const messages: string[] = [];
  for (const line of lines) {
    const last = messages.at(-1);
    if (last !== undefined && last.length + line.length < LONGEST_MESSAGE)
      messages[messages.length - 1] = `${last}\n${line}`;
    else messages.push(line);
  }
  return messages;
}
