// npm run torture [-- SECONDS [TRIAL...]]: kills the server while it writes, fuzzes every route from its own OpenAPI and every file it takes in, holds half requests
// open and damages its folder, for as long as asked; one line each. Ends with 1 when anything promised in SECURITY.md fails.
import { spawn } from 'node:child_process';
import { Buffer } from 'node:buffer';
import { randomInt, randomUUID } from 'node:crypto';
import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { connect, createServer } from 'node:net';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { clearTimeout, setTimeout } from 'node:timers';
import { ensureBuilt, ensureInstalled, root, SERVER, startServer as startOne } from './lib.mjs';

const seconds = Number(process.argv[2] ?? 60);
/** Asked for this long, it waits out the longest locks too. */
const LONG = 600;
const Driver = createRequire(import.meta.url)('libsql');
let failed = false;

/** None outlives this process, however it ends. */
const servers = new Set();
process.on('exit', () => servers.forEach((server) => server.kill('SIGKILL')));
async function startServer(options) {
  const server = await startOne(options);
  servers.add(server);
  server.once('exit', () => servers.delete(server));
  return server;
}

const folder = () => mkdtempSync(join(tmpdir(), 'anello-torture-'));
const gone = (child) => new Promise((resolve) => child.once('exit', resolve));
const freePort = () =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = /** @type {import('node:net').AddressInfo} */ (probe.address());
      probe.close(() => resolve(port));
    });
  });

function line(what, good, said) {
  failed ||= !good;
  console.log(`${good ? 'ok ' : 'NOT'} ${what}: ${said}`);
}

const post = (base, path, body) =>
  globalThis.fetch(`${base}${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
const reading = () => ({
  id: randomUUID(),
  jobId: 'j-101',
  piece: 1,
  at: new Date().toISOString(),
  operator: 'RK',
  body: { kind: 'note', text: 'x'.repeat(randomInt(1, 400)) },
});

async function recordsOf(base) {
  const all = [];
  let page = await (await globalThis.fetch(`${base}/api/jobs/j-101`)).json();
  all.push(...page.records);
  while (page.next !== null) {
    page = await (await globalThis.fetch(`${base}/api/jobs/j-101/records?after=${page.next}`)).json();
    all.push(...page.records);
  }
  return all.map((r) => r.id);
}

/** A small photo that is not like the one before. */
function photo() {
  const bytes = Buffer.from(
    '/9j/4AAQSkZJRgABAQAAAQABAAD/2wBDAAEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQH/wAALCAAIAAgBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAAAP/aAAgBAQAAPwASNP/Z',
    'base64',
  );
  bytes[bytes.length - 4] = randomInt(1, 250);
  return { id: randomUUID(), jobId: 'j-101', jpeg: bytes.toString('base64') };
}

/** Those of the copies that were acknowledged, or have a copy's name, that are not whole books. */
function unsound(dataFolder, copied) {
  const copies = join(dataFolder, 'copies');
  const there = existsSync(copies) ? readdirSync(copies).filter((name) => name.endsWith('.sqlite')) : [];
  const broken = there.filter((name) => {
    try {
      const raw = new Driver(join(copies, name));
      const [said] = raw.prepare('pragma integrity_check').all([]);
      raw.close();
      return said.integrity_check !== 'ok';
    } catch {
      return true;
    }
  });
  const gone = copied.filter((name) => !there.includes(name));
  return [...broken, ...gone];
}

/** Kills the server at any moment of its writing and copying; all that was answered must be there, once, photos and copies too. */
async function kills(until) {
  const dataFolder = folder();
  const port = await freePort();
  const base = `http://127.0.0.1:${port}`;
  const kept = [];
  const photos = [];
  const copied = [];
  let times = 0;
  while (Date.now() < until || times < 2) {
    const server = await startServer({ dataFolder, port });
    const dead = gone(server);
    let writing = true;
    const writers = Array.from({ length: 4 }, async () => {
      while (writing) {
        const one = reading();
        const answer = await post(base, '/api/records', one).catch(() => null);
        if (answer?.status === 201) kept.push(one.id);
        const picture = photo();
        const taken = await post(base, '/api/photos', picture).catch(() => null);
        if (taken?.status === 201) photos.push(picture);
      }
    });
    const copier = post(base, '/api/copies', {})
      .then((answer) => (answer.status === 201 ? answer.json() : null))
      .then((said) => said && copied.push(said.copies[0].name))
      .catch(() => null);
    await new Promise((resolve) => setTimeout(resolve, randomInt(20, 400)));
    server.kill(times % 10 === 9 ? 'SIGTERM' : 'SIGKILL');
    writing = false;
    await dead;
    await Promise.all([...writers, copier]);
    times++;
  }
  const server = await startServer({ dataFolder, port });
  const there = await recordsOf(base);
  const lost = kept.filter((id) => !there.includes(id)).length;
  const doubled = there.length - new Set(there).size;
  let unlike = 0;
  for (const { id, jpeg } of photos) {
    const answer = await globalThis.fetch(`${base}/api/photos/${id}`);
    if (Buffer.from(await answer.arrayBuffer()).toString('base64') !== jpeg) unlike++;
  }
  server.kill('SIGTERM');
  await gone(server);
  const wrong = unsound(dataFolder, [...new Set(copied)]);
  rmSync(dataFolder, { recursive: true, force: true });
  line(
    'kills',
    lost === 0 && doubled === 0 && unlike === 0 && wrong.length === 0,
    `${times} kills, ${kept.length} answered writes, ${lost} lost, ${doubled} doubled; ${photos.length} photos, ${unlike} not as sent; ${copied.length} copies, ${wrong.length} not whole`,
  );
}

/** @type {unknown[]} */
const WILD = [
  '',
  '\u0000',
  'a%00b',
  '../../etc/passwd',
  "' or 1=1 --",
  'é'.repeat(70),
  '\ud800',
  -1,
  1e308,
  2 ** 53,
  null,
  true,
  [],
  {},
  [[]],
  { toString: 1 },
  '2031-01-01T00:00:00Z',
  'NaN',
];
/** Whatever it is, as something that fits into an address. */
const text = (value) => (typeof value === 'string' ? value : (JSON.stringify(value) ?? '')).toWellFormed();
const wild = () => WILD[randomInt(WILD.length)];

/** Something of a schema, mostly as it says, now and then not. */
function made(schema, depth = 0) {
  if (randomInt(12) === 0 || depth > 6 || !schema) return wild();
  const options = schema.anyOf ?? schema.oneOf;
  if (options) return made(options[randomInt(options.length)], depth);
  if (schema.const !== undefined) return schema.const;
  if (schema.enum) return schema.enum[randomInt(schema.enum.length)];
  if (schema.type === 'object') {
    const all = Object.entries(schema.properties ?? {}).filter(
      ([key]) => schema.required?.includes(key) || randomInt(2),
    );
    return Object.fromEntries(all.map(([key, one]) => [key, made(one, depth + 1)]));
  }
  if (schema.type === 'array')
    return Array.from({ length: randomInt(3) }, () => made(schema.items, depth + 1));
  if (schema.type === 'number' || schema.type === 'integer')
    return randomInt(4) ? randomInt(1, 50) : Math.random() * 10 - 5;
  if (schema.type === 'boolean') return randomInt(2) === 1;
  if (schema.format === 'uuid') return randomUUID();
  if (schema.format === 'date-time') return new Date(Date.now() - randomInt(1e9)).toISOString();
  return `t-${randomInt(1e6)}`;
}

/** Askers at once: a server answers none of them out of turn. */
const ASKERS = 8;
/** The throttle would answer for the routes; it has its own tests. */
const UNTHROTTLED = { ANELLO_REQUESTS_PER_MINUTE: '1000000' };

/** Requests of every route, right, half right and wild: none answered with a 5xx, and everything still opens. */
async function fuzz(until) {
  const dataFolder = folder();
  const port = await freePort();
  const base = `http://127.0.0.1:${port}`;
  const server = await startServer({ dataFolder, port, env: UNTHROTTLED });
  const { paths } = await (await globalThis.fetch(`${base}/api/openapi.json`)).json();
  const routes = Object.entries(paths).flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, spec]) => ({ path, method: method.toUpperCase(), spec })),
  );
  const broke = [];
  const answered = new Map();
  let asked = 0;
  const asker = async () => {
    while (Date.now() < until || asked < 500) {
      asked++;
      const { status, said } = await askSomething(
        base,
        /** @type {(typeof routes)[number]} */ (routes[randomInt(routes.length)]),
      );
      const sort = `${String(status)[0]}xx`;
      answered.set(sort, (answered.get(sort) ?? 0) + 1);
      if (status >= 500 || status === 0) broke.push(`${said} ${status}`);
    }
  };
  await Promise.all(Array.from({ length: ASKERS }, asker));
  const opens = [];
  for (const path of ['/api/jobs?limit=100', '/api/machines', '/api/kit', '/api/tapers']) {
    const answer = await globalThis.fetch(`${base}${path}`);
    const { aside } = await answer.json();
    if (!answer.ok || aside.length > 0) opens.push(`${path}: ${aside?.length} cannot be read`);
  }
  server.kill('SIGTERM');
  await gone(server);
  rmSync(dataFolder, { recursive: true, force: true });
  for (const one of broke.slice(0, 5)) console.log(`    ${one}`);
  const sorts = [...answered].sort().map(([sort, count]) => `${count} ${sort}`);
  line(
    'fuzz',
    broke.length === 0 && opens.length === 0,
    `${asked} requests of ${routes.length} routes (${sorts.join(', ')})${opens.length ? `; ${opens.join('; ')}` : ''}`,
  );
}

async function askSomething(base, { path, method, spec }) {
  const id = randomInt(3)
    ? ['j-101', 'long-lathe', 'kit-drills-a'][randomInt(3)]
    : encodeURIComponent(text(wild()));
  const query = randomInt(4)
    ? ''
    : `?search=${encodeURIComponent(text(wild()))}&offset=${randomInt(3) ? 0 : -1}`;
  const schema = spec.requestBody?.content?.['application/json']?.schema;
  const sent = JSON.stringify(made(schema)) ?? '';
  const body = randomInt(20) ? sent : sent.slice(0, randomInt(sent.length + 1));
  const answer = await globalThis
    .fetch(`${base}${path.replace('{id}', id)}${query}`, {
      method,
      ...(schema ? { headers: { 'content-type': 'application/json' }, body } : {}),
    })
    .catch(() => null);
  await answer?.arrayBuffer();
  return { status: answer?.status ?? 0, said: `${method} ${path} ${body.slice(0, 200)}` };
}

/** Asks once more where the book is in use, as its answer says to; anything else that is no answer ends the trial with what it was. */
async function answerOf(address) {
  for (let left = 50; ; left--) {
    const answer = await globalThis.fetch(address);
    const body = Buffer.from(await answer.arrayBuffer());
    if (answer.ok) return body;
    if (answer.status !== 503 || left === 0)
      throw new Error(`${address}: ${answer.status} ${body.toString().slice(0, 300)}`);
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
}

/** A shop's file, as it went out and then with anything in it changed: never a 5xx, and nothing that is here is another. */
async function imports(until) {
  const dataFolder = folder();
  const port = await freePort();
  const base = `http://127.0.0.1:${port}`;
  const server = await startServer({ dataFolder, port, env: UNTHROTTLED });
  const get = (path) => answerOf(base + path);
  const whole = await get('/api/shop/bundle.zip?jobs=j-101,j-103,j-110');
  const bundle = JSON.parse(String(await get('/api/shop/bundle?jobs=j-101,j-103,j-110')));
  const before = JSON.parse(String(await get('/api/shop/bundle')));
  const answered = new Map();
  const broke = [];
  let asked = 0;
  while (Date.now() < until || asked < 60) {
    asked++;
    const [type, body] =
      asked % 2 ? ['application/zip', spoilt(whole)] : ['application/json', strange(bundle)];
    const query = randomInt(3) ? '' : '?trial=yes';
    const answer = await globalThis
      .fetch(`${base}/api/shop/bundle${query}`, { method: 'POST', headers: { 'content-type': type }, body })
      .catch(() => null);
    await answer?.arrayBuffer();
    const status = answer?.status ?? 0;
    answered.set(status, (answered.get(status) ?? 0) + 1);
    if (status >= 500 || status === 0) broke.push(`${type} ${status}`);
  }
  const after = JSON.parse(String(await get('/api/shop/bundle')));
  const changed = ['machines', 'kit', 'tapers', 'jobs'].flatMap((sort) =>
    before[sort].filter((one) => {
      const now = after[sort].find(({ id }) => id === one.id);
      return JSON.stringify(now) !== JSON.stringify(one);
    }),
  );
  const lost = before.records.filter(
    (record) => !after.records.some((one) => JSON.stringify(one) === JSON.stringify(record)),
  );
  const { aside } = JSON.parse(String(await get('/api/jobs?limit=100')));
  server.kill('SIGTERM');
  await gone(server);
  rmSync(dataFolder, { recursive: true, force: true });
  for (const one of broke.slice(0, 5)) console.log(`    ${one}`);
  const sorts = [...answered].sort().map(([status, count]) => `${count} ${status}`);
  line(
    'imports',
    broke.length === 0 && changed.length === 0 && lost.length === 0 && aside.length === 0,
    `${asked} files (${sorts.join(', ')}), ${changed.length} of mine changed, ${lost.length} records other, ${aside.length} that cannot be read`,
  );
}

/** Some bytes of a file others, or its end gone. */
function spoilt(file) {
  const copy = Buffer.from(file);
  for (let i = randomInt(1, 20); i > 0; i--) copy[randomInt(copy.length)] = randomInt(256);
  return randomInt(5) ? copy : copy.subarray(0, randomInt(copy.length));
}

/** Something in a bundle something else: anywhere in it, once or a few times. */
function strange(bundle) {
  const copy = JSON.parse(JSON.stringify(bundle));
  for (let i = randomInt(1, 4); i > 0; i--) {
    let at = copy;
    for (let depth = randomInt(1, 9); depth > 0; depth--) {
      const keys = Object.keys(at);
      const key = keys[randomInt(Math.max(1, keys.length))];
      if (key === undefined) break;
      if (typeof at[key] === 'object' && at[key] !== null && depth > 1) at = at[key];
      else {
        at[key] = randomInt(2) && typeof at[key] === 'string' ? `t-${randomInt(1e6)}` : wild();
        break;
      }
    }
  }
  return JSON.stringify(copy);
}

/** Another program holds the book's file for a while: what was answered as kept is there after, once, and the rest was told. */
async function locks(lengths) {
  const told = [];
  let good = true;
  for (const length of lengths) {
    const dataFolder = folder();
    const port = await freePort();
    const base = `http://127.0.0.1:${port}`;
    const server = await startServer({ dataFolder, port });
    const other = new Driver(join(dataFolder, 'anello.sqlite'));
    other.exec("begin immediate; update job set title = title where id = 'j-101'");
    const writes = Array.from({ length: 6 }, () => reading());
    const during = Promise.all(writes.map((one) => post(base, '/api/records', one).then((a) => a.status)));
    await new Promise((resolve) => setTimeout(resolve, 1000 * length));
    const health = await globalThis.fetch(`${base}/api/health`).then((a) => a.status);
    other.exec('commit');
    other.close();
    const statuses = await during;
    // What was refused for now is sent again by every screen; here once.
    for (const [i, one] of writes.entries())
      if (statuses[i] !== 201) statuses[i] = (await post(base, '/api/records', one)).status;
    server.kill('SIGKILL');
    await gone(server);
    const again = await startServer({ dataFolder, port });
    const there = await recordsOf(base);
    again.kill('SIGTERM');
    await gone(again);
    const lost = writes.filter(({ id }, i) => statuses[i] === 201 && !there.includes(id)).length;
    good &&= lost === 0 && statuses.every((status) => status === 201) && [200, 503].includes(health);
    told.push(`${length} s: ${lost} of ${writes.length} lost, health ${health}`);
    rmSync(dataFolder, { recursive: true, force: true });
  }
  line('locks', good, told.join('; '));
}

/** Half requests must not hold their connections, nor keep others from being answered. */
async function slow() {
  const dataFolder = folder();
  const port = await freePort();
  const server = await startServer({ dataFolder, port });
  const head =
    'POST /api/records HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nContent-Length: 400\r\n\r\n{"id"';
  const from = Date.now();
  const closed = Array.from({ length: 50 }, (_, i) => {
    const socket = connect(port, '127.0.0.1', () => socket.write(i % 2 ? head : head.slice(0, 40)));
    socket.on('error', () => undefined);
    socket.resume();
    return new Promise((resolve) => socket.once('close', () => resolve(Date.now() - from)));
  });
  const health = Date.now();
  const answer = await globalThis.fetch(`http://127.0.0.1:${port}/api/health`);
  const quick = Date.now() - health;
  const late = new Promise((resolve) => setTimeout(() => resolve(null), 45_000).unref());
  const longest = await Promise.race([Promise.all(closed).then((all) => Math.max(...all)), late]);
  server.kill('SIGTERM');
  await gone(server);
  rmSync(dataFolder, { recursive: true, force: true });
  line(
    'half requests',
    answer.ok && quick < 2000 && longest !== null,
    `50 held open, health in ${quick} ms, all closed after ${longest === null ? 'never' : `${Math.round(longest / 1000)} s`}`,
  );
}

/**
 * How a process ended, and what it said of that.
 * @param {import('node:child_process').ChildProcessWithoutNullStreams} child
 * @returns {Promise<{ status: number | null; stderr: string }>}
 */
function ended(child) {
  let stderr = '';
  child.stderr.on('data', (said) => (stderr += said));
  child.stdout.resume();
  return new Promise((resolve) => child.once('close', (status) => resolve({ status, stderr })));
}

/** What a start must refuse, in a sentence and with an exit code, without writing to the file. */
async function damaged() {
  const dataFolder = folder();
  const port = await freePort();
  const server = await startServer({ dataFolder, port });
  server.kill('SIGTERM');
  await gone(server);
  const file = join(dataFolder, 'anello.sqlite');
  const whole = readFileSync(file);
  const spoiled = {
    empty: Buffer.alloc(0),
    'cut short': whole.subarray(0, whole.length / 2),
    'zeroed pages': Buffer.from(whole).fill(0, 4096, 20_000),
    'overwritten head': Buffer.concat([Buffer.from('x'.repeat(200)), whole.subarray(200)]),
  };
  const wrong = [];
  for (const [name, bytes] of Object.entries(spoiled)) {
    writeFileSync(file, bytes);
    const { status, stderr } = await ended(
      spawn(process.execPath, [SERVER], {
        cwd: root,
        env: { ...process.env, ANELLO_DATA: dataFolder, PORT: String(port) },
        timeout: 30_000,
      }),
    );
    if (status !== 1 || !/restore|folder/.test(stderr) || !readFileSync(file).equals(bytes)) wrong.push(name);
  }
  copyFileSync(file, `${file}.last`);
  rmSync(dataFolder, { recursive: true, force: true });
  line(
    'damaged files',
    wrong.length === 0,
    `${Object.keys(spoiled).length} refused in a sentence, file untouched${wrong.length ? `; not: ${wrong.join(', ')}` : ''}`,
  );
}

/** What can be run, and how much of the time those take that go on for as long as they are let. */
const TRIALS = {
  kills: { share: 0.5, run: kills },
  fuzz: { share: 0.35, run: fuzz },
  imports: { share: 0.15, run: imports },
  locks: { run: () => locks(seconds >= LONG ? [1, 3, 8, 60] : [1, 3]) },
  damaged: { run: damaged },
  slow: { run: slow },
};

ensureInstalled();
ensureBuilt();
const chosen = process.argv.length > 3 ? process.argv.slice(3) : Object.keys(TRIALS);
const shares = chosen.reduce((sum, name) => sum + (TRIALS[name].share ?? 0), 0);
// Nothing here goes on for ever: a trial that hangs is a failure.
const quiet = setTimeout(() => process.exit(2), 1000 * (seconds + 600));
async function oneByOne(names) {
  for (const name of names) {
    const { share = 0, run } = TRIALS[name];
    await run(Date.now() + (1000 * seconds * share) / (shares || 1));
  }
}
// Those that mostly wait are beside those that keep the machine busy.
const busy = (name) => TRIALS[name].share !== undefined;
await Promise.all([oneByOne(chosen.filter(busy)), oneByOne(chosen.filter((name) => !busy(name)))]);
clearTimeout(quiet);
process.exit(failed ? 1 : 0);
