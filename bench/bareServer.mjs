// A bare server with the same driver and the same pragmas, that does nothing but insert a row: what a kept reading is held against.
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const fromServer = createRequire(fileURLToPath(new URL('../packages/server/package.json', import.meta.url)));
const fastify = fromServer('fastify');
const Database = createRequire(fromServer.resolve('@mikro-orm/libsql'))('libsql');

const book = new Database(join(process.argv[2] ?? '.', 'bare.sqlite'));
for (const pragma of ['journal_mode = WAL', 'synchronous = FULL', 'busy_timeout = 0'])
  book.exec(`pragma ${pragma}`);
book.exec('create table record (seq integer primary key autoincrement, id text unique, body text)');
const insert = book.prepare('insert into record (id, body) values (?, ?)');

const app = fastify();
app.get('/api/health', async () => ({ status: 'ok' }));
app.post('/api/records', async (request, reply) => {
  insert.run([request.body.id, JSON.stringify(request.body)]);
  return reply.status(201).send({ kept: true });
});
await app.listen({ host: '127.0.0.1', port: Number(process.argv[3]) });
