import { ANY_NUMBER, WIRE_UNITS, type WireLine } from '@anello/contract';
import { parseArgs } from 'node:util';
import { bridge, tcpSource, type LineSource } from '../wire/bridge';
import { wireLines, type TextForm } from '../wire/textLines';
import { said } from './said';

// npm run bridge -- --tcp host:port | --stdin: feeds real sources of lines to Anello. See docs/instruments.md.
const HELP = `--tcp host:port   a source of lines, several if wanted
--stdin           lines that come on the standard input
--to URL          where Anello is; http://127.0.0.1:4600 where left out
--instrument NAME for an instrument that sends only text: its name,
--pattern TEXT    how its lines read, {value} {unit} {channel} *,
--unit UNIT       what it shows where a line does not say: ${WIRE_UNITS.join(' ')},
--pressed         and that it sends only at a press of its key
A shop that has a passphrase: set ANELLO_PASSPHRASE.`;

said(() => {
  const { values } = parseArgs({
    options: {
      tcp: { type: 'string', multiple: true, default: [] },
      stdin: { type: 'boolean', default: false },
      to: { type: 'string', default: `http://127.0.0.1:${process.env.PORT ?? '4600'}` },
      instrument: { type: 'string' },
      pattern: { type: 'string' },
      unit: { type: 'string', default: 'mm' },
      pressed: { type: 'boolean', default: false },
      help: { type: 'boolean', default: false },
    },
  });
  if (values.help) return console.log(HELP);
  const sources: LineSource[] = values.tcp.map(tcpAt);
  if (values.stdin) sources.push({ name: 'standard input', open: () => process.stdin, once: true });
  if (sources.length === 0) throw new Error(`Nothing to feed.\n${HELP}`);
  const line = wireLines(textForm(values));
  const stops = sources.map((source) =>
    bridge(source, {
      to: values.to,
      passphrase: process.env.ANELLO_PASSPHRASE ?? null,
      line,
      say: (text) => console.log(text),
    }),
  );
  for (const signal of ['SIGTERM', 'SIGINT', 'disconnect'] as const)
    process.on(signal, () => {
      for (const stop of stops) stop();
      process.exit(0);
    });
});

function tcpAt(text: string): LineSource {
  const found = /^\[?([^\]\s]+?)\]?:(\d{1,5})$/.exec(text);
  if (!found || Number(found[2]) > 65535) throw new Error(`--tcp is host:port, not “${text}”.`);
  return tcpSource(found[1] as string, Number(found[2]));
}

function textForm(values: {
  instrument?: string;
  pattern?: string;
  unit: string;
  pressed: boolean;
}): TextForm | null {
  const unit = WIRE_UNITS.find((one) => one === values.unit) as WireLine['unit'];
  if (!unit) throw new Error(`--unit is one of ${WIRE_UNITS.join(', ')}.`);
  if (values.instrument === undefined) {
    if (values.pattern !== undefined)
      throw new Error('--pattern goes with --instrument: the name of what sends it.');
    return null;
  }
  return {
    instrument: values.instrument,
    pattern: values.pattern ?? ANY_NUMBER,
    unit,
    pressed: values.pressed,
  };
}
