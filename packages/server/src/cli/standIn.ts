import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { scriptSchema, type Script } from '../standins/script';
import { SHIPPED } from '../standins/scripts';
import { StandIn } from '../standins/standIn';
import { said } from './said';

// One made-up instrument in a process of its own: standIn --name NAME --port N [--plays indicator | --script FILE].
said(async () => {
  const { values } = parseArgs({
    options: {
      name: { type: 'string' },
      port: { type: 'string', default: '0' },
      plays: { type: 'string' },
      script: { type: 'string' },
    },
  });
  const name = values.name ?? values.plays ?? 'indicator';
  const standIn = new StandIn(name, scriptOf(values));
  const port = await standIn.listen(Number(values.port));
  console.log(`${name} is at 127.0.0.1:${port}`);
  for (const signal of ['SIGTERM', 'SIGINT', 'disconnect'] as const)
    process.on(signal, () => {
      standIn.close();
      process.exit(0);
    });
});

function scriptOf({ plays = 'indicator', script }: { plays?: string; script?: string }): Script {
  if (script !== undefined) return scriptSchema.parse(JSON.parse(readFileSync(script, 'utf8')));
  const shipped = SHIPPED[plays];
  if (!shipped) throw new Error(`--plays is one of ${Object.keys(SHIPPED).join(', ')}.`);
  return shipped;
}
