import { spawnSync } from 'node:child_process';
import {
  copyFileSync,
  existsSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Book } from '../src/db/book';
import { copyBook, restoreBook } from '../src/db/copies';
import { openBook } from '../src/db/open';
import { LikenessOf } from '../src/stores/likeness';
import { openRaw, type RawDatabase } from '../src/db/raw';
import { earlierWork } from '../src/demo/earlier';
import { DEMO_JOBS } from '../src/demo/jobs';
import { loadDemoShop } from '../src/index';
import { aReading, testServer } from './support';

let folder: string;
const file = (): string => join(folder, 'anello.sqlite');
beforeEach(async () => {
  folder = await mkdtemp(join(tmpdir(), 'anello-book-'));
});
afterEach(() => rm(folder, { recursive: true, force: true }));

async function shop(): Promise<void> {
  const open = await openBook(folder);
  await loadDemoShop(open.book, new Date('2026-11-20T12:00:00Z'));
  await open.close();
}
const jobsIn = async (): Promise<number> => {
  const open = await openBook(folder);
  const count = open.book.get<{ n: number }>('select count(*) as n from job')?.n ?? -1;
  await open.close();
  return count;
};

/** What is on the demo shop's rack, and what was put away. */
const ALL_JOBS = DEMO_JOBS.length + earlierWork(new Date()).length;

describe('a book that is closed while something is worked out of it', () => {
  it('says that the server is being stopped, and nothing is taken for worked out', async () => {
    await shop();
    const open = await openBook(folder);
    const likeness = new LikenessOf(open.book);
    const asked = likeness.of('long-lathe');
    await open.close();
    await expect(asked).rejects.toMatchObject({
      code: 'book-broken',
      message: 'The server is being stopped. What you typed waits.',
    });
  });
});

describe('a write', () => {
  const table = (book: Book): Promise<unknown> =>
    book.write(() => book.run('create table t (x integer primary key)'));
  const rows = (book: Book): number[] =>
    book.all<{ x: number }>('select x from t order by x').map((r) => r.x);
  const put = (book: Book, x: number): Promise<number> =>
    book.write(() => book.run('insert into t values (?)', x));

  it('is whole or not at all, and one that is refused takes no other with it', async () => {
    const book = new Book(file());
    await table(book);
    const all = await Promise.allSettled([
      put(book, 1),
      book.write(() => {
        book.run('insert into t values (2)');
        throw new Error('changed my mind');
      }),
      put(book, 3),
    ]);
    expect(all.map((r) => r.status)).toEqual(['fulfilled', 'rejected', 'fulfilled']);
    expect(rows(book)).toEqual([1, 3]);
    expect(() => book.run('insert into t values (4)')).toThrow(/within write/);
    await book.close();
  });

  it('waits while another program holds the file, holds up nobody, and is kept when it answers', async () => {
    const book = new Book(file());
    await table(book);
    const other = openRaw(file());
    other.exec('begin immediate');
    let turns = 0;
    const ticking = setInterval(() => turns++, 5);
    const written = put(book, 1);
    setTimeout(() => other.exec('commit'), 400);
    await written;
    clearInterval(ticking);
    expect(turns).toBeGreaterThan(30);
    expect(rows(book)).toEqual([1]);
    other.close();
    await book.close();
  });

  it('is refused in a sentence when the file stays held, and the next one is kept for good', async () => {
    const book = new Book(file(), undefined, 80);
    await table(book);
    const other = openRaw(file());
    other.exec('begin immediate');
    await expect(put(book, 1)).rejects.toMatchObject({ code: 'book-busy', status: 503 });
    other.exec('rollback');
    await put(book, 2);
    await book.close();
    const again = new Book(file());
    expect(rows(again)).toEqual([2]);
    await again.close();
    other.close();
  });

  const failing = (raw: RawDatabase, what: RegExp, times: number): void => {
    const exec = raw.exec.bind(raw);
    let left = times;
    raw.exec = (sql: string) => {
      if (what.test(sql) && left-- > 0)
        throw Object.assign(new Error('disk I/O error'), { code: 'SQLITE_IOERR' });
      exec(sql);
    };
  };
  const seenFromOutside = (): unknown[] => {
    const beside = openRaw(file());
    const all = beside.prepare('select x from t').all([]);
    beside.close();
    return all;
  };

  it('whose commit fails is refused and undone, and what follows is on the disk', async () => {
    const book = new Book(file());
    await table(book);
    failing(book.connection, /^commit$/, 1);
    await expect(put(book, 1)).rejects.toMatchObject({ code: 'book-broken', status: 503 });
    await put(book, 2);
    expect(seenFromOutside()).toEqual([{ x: 2 }]);
    await book.close();
  });

  it('that can be neither finished nor undone is the last: nothing is taken after it that is not kept', async () => {
    let stopped = 0;
    const book = new Book(file(), () => stopped++);
    await table(book);
    failing(book.connection, /^(commit|rollback)$/, 2);
    await expect(put(book, 1)).rejects.toMatchObject({ code: 'book-broken' });
    await expect(put(book, 2)).rejects.toMatchObject({ code: 'book-broken' });
    expect(stopped).toBe(1);
    expect(await book.writable()).toBe(false);
    expect(seenFromOutside()).toEqual([]);
  });
});

describe('locks of another program while readings come in', () => {
  it('every reading that was answered is there after a restart', { timeout: 30_000 }, async () => {
    const server = await testServer({ demo: true });
    const other = openRaw(join(server.folder, 'anello.sqlite'));
    const kept: string[] = [];
    const keep = async (): Promise<void> => {
      const reading = aReading('j-101');
      const answer = await server.send('POST', '/api/records', reading);
      expect([201, 503]).toContain(answer.statusCode);
      if (answer.statusCode === 201) kept.push(reading.id);
    };
    for (const held of [100, 1500]) {
      other.exec('begin immediate');
      other.exec('update job set title = title');
      setTimeout(() => other.exec('commit'), held);
      await Promise.all([keep(), keep(), keep()]);
      await keep();
    }
    other.close();
    expect(kept).toHaveLength(8);
    expect((await server.send('GET', '/api/health')).statusCode).toBe(200);
    const copy = join(folder, 'copy.sqlite');
    server.book.copyInto(copy);
    const beside = openRaw(copy);
    const ids = beside.prepare('select id from record').all([]) as { id: string }[];
    expect(ids.map((r) => r.id)).toEqual(expect.arrayContaining(kept));
    beside.close();
    await server.close();
  });
});

describe('copies', () => {
  it('after a clean stop the whole book is in its one file', async () => {
    await shop();
    copyFileSync(file(), join(folder, 'alone.sqlite'));
    const raw = openRaw(join(folder, 'alone.sqlite'));
    expect(raw.prepare('select count(*) as n from job').get([])).toMatchObject({ n: ALL_JOBS });
    raw.close();
    expect(existsSync(`${file()}-wal`) ? statSync(`${file()}-wal`).size : 0).toBe(0);
  });

  it('one made while the shop works comes back whole, and what was there is set aside', async () => {
    const server = await testServer({ demo: true });
    const reading = aReading('j-101');
    await server.send('POST', '/api/records', reading);
    const copy = copyBook(server.book, folder, 'copy');
    await server.close();
    await shop();
    await expect(restoreBook(folder, copy)).rejects.toThrow(/newer than that copy/);
    expect(existsSync(file())).toBe(true);
    const aside = await restoreBook(folder, copy, { force: true });
    expect(readdirSync(aside)).toContain('anello.sqlite');
    const open = await openBook(folder);
    expect(open.book.get('select 1 from record where id = ?', reading.id)).toBeTruthy();
    await open.close();
  });

  it('a damaged copy, or none, is refused and nothing is touched', async () => {
    await shop();
    const bad = join(folder, 'bad.sqlite');
    writeFileSync(bad, readFileSync(file()).fill(0, 8192, 40_000));
    await expect(restoreBook(folder, bad)).rejects.toThrow(/damaged/);
    await expect(restoreBook(folder, join(folder, 'nowhere'))).rejects.toThrow(/no such file/i);
    expect(await jobsIn()).toBe(ALL_JOBS);
  });

  it(
    'laid over the file of a killed server with its -wal beside, it is refused in a sentence',
    { timeout: 30_000 },
    async () => {
      await shop();
      const first = join(folder, 'first.sqlite');
      copyFileSync(file(), first);
      elsewhere(
        `await book.write(() => book.run("update job set title = 'changed'")); process.kill(process.pid, 'SIGKILL');`,
      );
      expect(statSync(`${file()}-wal`).size).toBeGreaterThan(0);
      copyFileSync(first, file());
      await expect(openBook(folder)).rejects.toThrow(/laid in beside the -wal/);
      rmSync(`${file()}-wal`);
      rmSync(`${file()}-shm`, { force: true });
      expect(elsewhere(`console.log(book.get('select count(*) as n from job').n); await close();`)).toBe(
        String(ALL_JOBS),
      );
    },
  );
});

/** What a process of its own prints, that opens the book: SQLite shares what it knows of a file within a process. */
function elsewhere(body: string): string {
  const open = new URL('../src/db/open.ts', import.meta.url).href;
  const script = `const { openBook } = await import(${JSON.stringify(open)});
    const { book, close } = await openBook(process.argv[1]);
    ${body}`;
  const { stdout } = spawnSync(
    process.execPath,
    ['--import', 'tsx', '--input-type=module', '-e', script, folder],
    { cwd: new URL('../../../', import.meta.url), encoding: 'utf8' },
  );
  return stdout.trim();
}

it('another program that opens the file, writes and closes it takes nothing from it: its locks are still held', async () => {
  const { book, close } = await openBook(folder);
  const driver = `const d = new (require('libsql'))(process.argv[1]); d.exec("create table other (n)"); d.close();`;
  const { status } = spawnSync(process.execPath, ['-e', driver, file()], {
    cwd: new URL('../', import.meta.url),
  });
  expect(status).toBe(0);
  // Had the locks gone, that program would have taken itself for the last one and cleared the -wal away under this one.
  expect(existsSync(`${file()}-wal`)).toBe(true);
  await book.write(() => book.run('insert into other values (7)'));
  const seen = `const d = new (require('libsql'))(process.argv[1]); console.log(d.prepare("select n from other").get().n);`;
  const { stdout } = spawnSync(process.execPath, ['-e', seen, file()], {
    cwd: new URL('../', import.meta.url),
    encoding: 'utf8',
  });
  expect(stdout.trim()).toBe('7');
  await close();
});

describe('before anything is written, a folder is judged', () => {
  const refused = async (why: RegExp): Promise<void> => {
    const before = existsSync(file()) ? readFileSync(file()) : null;
    await expect(openBook(folder)).rejects.toThrow(why);
    if (before) expect(readFileSync(file()).equals(before)).toBe(true);
  };
  it('an empty file, one that is no database, and another program’s are left as they are', async () => {
    writeFileSync(file(), '');
    await refused(/is empty/);
    writeFileSync(file(), 'a letter to somebody, of more than a hundred characters '.repeat(4));
    await refused(/not a database/);
    rmSync(file());
    const other = openRaw(file());
    other.exec('create table contact (name text)');
    other.close();
    await refused(/another program/);
  });
  it('zeroed pages and an index that has lost its rows', async () => {
    await shop();
    const whole = readFileSync(file());
    for (const [from, to] of [
      [4096, 12_288],
      [40_960, 45_056],
    ] as const) {
      writeFileSync(file(), Buffer.from(whole).fill(0, from, to));
      await refused(/damaged/);
    }
    writeFileSync(file(), whole.subarray(0, whole.length - 20_000));
    await refused(/damaged/);
    writeFileSync(file(), whole);
    expect(await jobsIn()).toBe(ALL_JOBS);
  });
  it('one written by a newer Anello', async () => {
    await shop();
    const raw = openRaw(file());
    raw.exec("insert into mikro_orm_migrations (name) values ('Migration20990101T0001Later')");
    raw.close();
    await refused(/newer Anello \(Migration2099/);
  });
  it('a -wal whose file is gone', async () => {
    writeFileSync(`${file()}-wal`, 'x');
    await refused(/-wal file is there/);
  });
  it('a second server on the same folder is refused while the first is there, and not after it', async () => {
    const first = await openBook(folder);
    await expect(openBook(folder)).rejects.toThrow(/already serves/);
    await first.close();
    expect(await jobsIn()).toBe(0);
  });
  it('an older book is copied before its form is changed', async () => {
    const raw = openRaw(file());
    raw.exec(
      'create table mikro_orm_migrations (id integer primary key, name text, executed_at datetime default current_timestamp)',
    );
    const old = createRequire(import.meta.url)('./fixtures/book-form-2.json') as string[];
    for (const sql of old) raw.exec(sql);
    raw.close();
    const open = await openBook(folder);
    expect(open.fresh).toBe(false);
    expect(open.book.all('select job_id, number, quantity from rack')).toEqual([
      { job_id: 'j-1', number: 'J-1', quantity: 3 },
    ]);
    await open.close();
    expect(readdirSync(join(folder, 'copies'))).toEqual([expect.stringMatching(/^before-.*\.sqlite$/)]);
  });
});

it('the demo shop is loaded whole or not at all, once; a shop may begin empty', async () => {
  const first = await openBook(folder);
  expect(first.fresh).toBe(true);
  const { book } = first;
  const run = book.run.bind(book);
  let left = 30;
  book.run = (sql, ...values) => {
    if (left-- === 0) throw new Error('killed here');
    return run(sql, ...values);
  };
  await expect(loadDemoShop(book, new Date())).rejects.toThrow('killed here');
  await first.close();
  const second = await openBook(folder);
  expect(second.fresh).toBe(true);
  expect(await loadDemoShop(second.book, new Date())).toBe(true);
  expect(await loadDemoShop(second.book, new Date())).toBe(false);
  await second.close();
});
