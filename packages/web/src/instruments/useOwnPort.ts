import { LinePattern, Lines, readWireLine, type WireLine } from '@anello/contract';
import { ref, type Ref } from 'vue';
import { useWire } from '../data/wire/wire';

/** What the browser's word for a serial port is, as far as it is used here. */
interface Port {
  readonly readable: ReadableStream<Uint8Array> | null;
  open(options: { readonly baudRate: number }): Promise<void>;
  close(): Promise<void>;
}
interface Ports {
  requestPort(): Promise<Port>;
}

export interface PortForm {
  readonly instrument: string;
  /** As LinePattern has it; of lines of the wire's own form none is needed. */
  readonly pattern: string;
  readonly unit: NonNullable<WireLine['unit']>;
  readonly baudRate: number;
}

const ports = (): Ports | undefined => (navigator as { readonly serial?: Ports }).serial;
export const hasPorts = (): boolean => ports() !== undefined;

/** The one port that is open on this screen; it stays so when the panel is closed. */
const isOpen = ref(false);
const said = ref('');
let stop: (() => Promise<void>) | null = null;

export interface OwnPort {
  readonly isOpen: Ref<boolean>;
  /** Why it is open no more, or what it sends that cannot be read. */
  readonly said: Ref<string>;
  /** Asks which port, and reads it. Errors: the pattern's; the browser's, where none was picked or it is taken. */
  open(form: PortForm): Promise<void>;
  close(): Promise<void>;
}

export function useOwnPort(): OwnPort {
  const wire = useWire();

  async function open({ instrument, pattern, unit, baudRate }: PortForm): Promise<void> {
    const reads = new LinePattern(pattern);
    const port = await ports()?.requestPort();
    if (!port) return;
    await port.open({ baudRate });
    const reader = port.readable
      ?.pipeThrough(new TextDecoderStream() as ReadableWritablePair<string, Uint8Array>)
      .getReader();
    if (!reader) return;
    isOpen.value = true;
    said.value = '';
    stop = async () => {
      stop = null;
      await reader.cancel().catch(() => undefined);
      await port.close().catch(() => undefined);
      isOpen.value = false;
      wire.loseOwn();
    };
    void readAll(reader, (text) => heardLine(text, reads, { instrument, unit }));
  }

  async function readAll(
    reader: ReadableStreamDefaultReader<string>,
    line: (text: string) => void,
  ): Promise<void> {
    const lines = new Lines();
    try {
      for (;;) {
        const { value, done } = await reader.read();
        if (done) break;
        lines.take(value).forEach(line);
      }
    } catch (error) {
      said.value = error instanceof Error ? error.message : 'The port was lost.';
    }
    await stop?.();
  }

  function heardLine(
    text: string,
    reads: LinePattern,
    rest: { instrument: string; unit: PortForm['unit'] },
  ): void {
    const found = text.trimStart().startsWith('{') ? null : reads.read(text);
    const read = readWireLine(found ? JSON.stringify({ ...rest, ...found }) : text);
    if ('reading' in read) wire.takeOwn(read.reading);
    else said.value = `It sends “${text.slice(0, 40)}”: ${read.said}`;
  }

  return { isOpen, said, open, close: async () => void (await stop?.()) };
}
