import type { Bundle, Imported, JobView, People } from '@anello/contract';
import fc from 'fast-check';
import { strToU8, unzipSync, zipSync } from 'fflate';
import { randomUUID } from 'node:crypto';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { buildApp, openBook } from '../src/index';
import { unzipped } from '../src/bundle/zip';
import { aJpeg } from './photos.testdata';
import { aJob, aReading, testServer, type TestServer } from './support';

let server: TestServer;
const photo = randomUUID();
const reading = aReading('j-101');
beforeAll(async () => {
  server = await testServer({ demo: true });
  await server.send('POST', '/api/photos', {
    id: photo,
    jobId: 'j-101',
    jpeg: aJpeg().toString('base64'),
  });
  await server.send('POST', '/api/records', reading);
  await server.send('POST', '/api/records', {
    ...reading,
    id: randomUUID(),
    body: { kind: 'photo', photo, text: 'The needle', of: reading.id },
  });
});
afterAll(() => server.close());

const zip = async (query = ''): Promise<Buffer> =>
  (await server.send('GET', `/api/shop/bundle.zip${query}`)).rawPayload;
const taken = (to: TestServer, file: Uint8Array, query = '') =>
  to.app.inject({
    method: 'POST',
    url: `/api/shop/bundle${query}`,
    headers: { 'content-type': 'application/zip' },
    payload: Buffer.from(file),
  });
/** The same file with something else in its JSON. */
const changed = (file: Buffer, change: (bundle: Bundle) => Bundle): Uint8Array => {
  const { text, photos } = unzipped(file);
  return zipSync({
    'shop.json': strToU8(JSON.stringify(change(JSON.parse(text) as Bundle))),
    ...Object.fromEntries([...photos].map(([id, bytes]) => [`photos/${id}.jpg`, bytes])),
  });
};

describe('the shop in a zip', () => {
  it('comes back into an empty shop the same, photos and all; twice it adds nothing', async () => {
    const file = await zip();
    expect(Object.keys(unzipSync(file)).sort()).toEqual([`photos/${photo}.jpg`, 'shop.json'].sort());
    const other = await testServer();
    const done = (await taken(other, file)).json<Imported>();
    expect(done).toMatchObject({ photos: 1, differ: [], left: { withoutJob: 0, photos: 0 } });
    expect(Buffer.compare((await other.send('GET', `/api/photos/${photo}`)).rawPayload, aJpeg())).toBe(0);
    expect((await other.send('GET', '/api/shop/bundle')).json()).toEqual(
      (await server.send('GET', '/api/shop/bundle')).json(),
    );
    expect((await taken(other, file)).json()).toMatchObject({ added: [], photos: 0, kept: 0, differ: [] });
    await other.close();
  });
  it('tried first, says what it would do and does nothing', async () => {
    const other = await testServer();
    const file = await zip('?jobs=j-101');
    const tried = (await taken(other, file, '?trial=yes')).json<Imported>();
    expect(tried.added).toContain('J-101');
    expect((await other.send('GET', '/api/shop/bundle')).json()).toMatchObject({ jobs: [], machines: [] });
    expect((await other.send('GET', `/api/photos/${photo}`)).statusCode).toBe(404);
    expect((await taken(other, file)).json()).toEqual(tried);
    await other.close();
  });
  it('what differs is told with where, and stands beside mine, is left out, or takes its place', async () => {
    const other = await testServer();
    const file = await zip('?jobs=j-101');
    await taken(other, file);
    const theirs = changed(file, (bundle) => ({
      ...bundle,
      jobs: bundle.jobs.map((job) => ({ ...job, document: { ...job.document, title: 'Theirs' } })),
      records: [...bundle.records, { ...aReading('j-101'), operator: 'TH' } as Bundle['records'][number]],
    }));
    const title = async (id: string): Promise<string> =>
      (await other.send('GET', `/api/jobs/${id}`)).json<JobView>().job.document.title;
    const mine = await title('j-101');

    const left = (await taken(other, theirs, '?leave=jobs:j-101')).json<Imported>();
    expect(left.differ).toEqual([
      { sort: 'jobs', id: 'j-101', name: 'J-101', as: 'left', beside: null, where: ['title'] },
    ]);
    expect(left.kept).toBe(0);
    expect(await title('j-101')).toBe(mine);

    const beside = (await taken(other, theirs)).json<Imported>();
    expect(beside.differ[0]).toMatchObject({ as: 'beside', beside: 'J-101-2' });
    expect([await title('j-101'), await title('j-101-2')]).toEqual([mine, 'Theirs']);
    const copy = (await other.send('GET', '/api/jobs/j-101-2')).json<JobView>();
    const picture = copy.records.find(({ body }) => body.kind === 'photo')?.body as {
      photo: string;
      of: string;
    };
    // Its photo came with it, and is still of the reading it was of.
    expect((await other.send('GET', `/api/photos/${picture.photo}`)).statusCode).toBe(200);
    expect(picture.photo).not.toBe(photo);
    expect(copy.records.some(({ id }) => id === picture.of)).toBe(true);

    const over = (await taken(other, theirs, '?over=jobs:j-101')).json<Imported>();
    expect(over.differ[0]).toMatchObject({ as: 'over', beside: null });
    expect(await title('j-101')).toBe('Theirs');
    expect(over.kept).toBe(1);
    await other.close();
  });
  it('carries who works there and its searches, and takes nothing of them from whoever is here', async () => {
    const [from, to] = [await testServer({ demo: true }), await testServer()];
    await from.send('PUT', '/api/people/RK', {
      name: 'Rosa Keel',
      may: 'read',
      archived: false,
      passphrase: 'eight letters',
    });
    await from.send('PUT', `/api/searches/${encodeURIComponent('Dug in')}`, { asked: { words: 'dug in' } });
    await to.send('PUT', '/api/people/MT', { name: 'Mona Thorn', may: 'read', archived: true });
    const file = (await from.send('GET', '/api/shop/bundle')).body;
    expect(file).not.toContain('eight letters');
    expect(file).not.toMatch(/secret/);
    const done = (await to.send('POST', '/api/shop/bundle', JSON.parse(file))).json<Imported>();
    expect(done.added).toEqual(expect.arrayContaining(['RK, Rosa Keel', 'DO, Dara Orme', 'Dug in']));
    expect(done.same).toEqual(['MT, Milo Tarn']);
    const { people } = (await to.send('GET', '/api/people')).json<People>();
    expect(people.find(({ initials }) => initials === 'MT')).toMatchObject({
      name: 'Mona Thorn',
      archived: true,
    });
    expect(people.find(({ initials }) => initials === 'RK')).toMatchObject({
      may: 'read',
      ownPassphrase: false,
    });
    expect((await to.send('GET', '/api/searches')).json()).toEqual({
      searches: [{ name: 'Dug in', asked: { words: 'dug in' } }],
    });
    await Promise.all([from.close(), to.close()]);
  });
  it('a job from elsewhere is made on its own lathe, though one here has the same id', async () => {
    const other = await testServer({ demo: true });
    const lathe = (await other.send('GET', '/api/shop/bundle')).json<Bundle>().machines[0]!;
    const file: Bundle = {
      format: 'anello-shop',
      schema: 3,
      machines: [{ ...lathe, document: { ...lathe.document, note: 'Of the other shop' } }],
      kit: [],
      tapers: [],
      jobs: [aJob('E-1', { machineId: lathe.id })],
      records: [],
      settings: [],
      people: [],
      searches: [],
      photos: [],
    };
    const done = (await other.send('POST', '/api/shop/bundle', file)).json<Imported>();
    expect(done.added).toEqual(['E-1']);
    const view = (await other.send('GET', `/api/jobs/${file.jobs[0]!.id}`)).json<JobView>();
    expect(view.job.document.machineId).toBe(`${lathe.id}-2`);
    // Again: the same, and nothing more.
    expect((await other.send('POST', '/api/shop/bundle', file)).json()).toMatchObject({
      added: [],
      beside: [],
      differ: [],
    });
    await other.close();
  });
  it('jobs of an older form come in', async () => {
    const jobs = JSON.parse(
      readFileSync(new URL('../../contract/src/job/fixtures/form4.json', import.meta.url), 'utf8'),
    ) as { document: object }[];
    const rows = jobs.map(({ document }, i) => ({ id: `old-${i}0`, document }));
    const other = await testServer();
    const old = { format: 'anello-shop', schema: 2, machines: [], kit: [], tapers: [], jobs: rows };
    const answer = await other.send('POST', '/api/shop/bundle', old);
    expect(answer.json<Imported>().added).toHaveLength(rows.length);
    await other.close();
  });
});

describe('a file that is no shop', () => {
  it('is refused in a sentence, and nothing is written', async () => {
    const whole = await zip('?jobs=j-101');
    const before = (await server.send('GET', '/api/shop/bundle')).body;
    const refused = async (file: Uint8Array): Promise<void> => {
      const answer = await taken(server, file);
      expect(answer.statusCode).toBe(422);
      expect(answer.json<{ sentence: string }>().sentence).toMatch(/\.$/);
    };
    await refused(Buffer.from('no zip at all'));
    await refused(whole.subarray(0, whole.length / 2));
    await refused(zipSync({ 'other.json': strToU8('{}') }));
    await refused(zipSync({ 'shop.json': strToU8('{"__proto__": 1}') }));
    await refused(zipSync({ 'shop.json': strToU8('{"a": "\\u0000"}') }));
    // A way out of the folder is no name here.
    await refused(zipSync({ '../shop.json': strToU8('{}') }));
    expect((await server.send('GET', '/api/shop/bundle')).body).toBe(before);
    // Zips are taken where they mean something.
    const elsewhere = await server.app.inject({
      method: 'POST',
      url: '/api/jobs',
      headers: { 'content-type': 'application/zip' },
      payload: whole,
    });
    expect(elsewhere.statusCode).toBe(415);
  });
  it('one that only looks like one never breaks the server', async () => {
    const whole = await zip('?jobs=j-101');
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.nat(whole.length - 1), fc.nat(255)), { minLength: 1, maxLength: 12 }),
        async (flips) => {
          const file = Buffer.from(whole);
          for (const [at, to] of flips) file[at] = to;
          expect([200, 422]).toContain((await taken(server, file, '?trial=yes')).statusCode);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('a photo in it that is none is left out and counted', async () => {
    const other = await testServer();
    const { text } = unzipped(await zip('?jobs=j-101'));
    const file = zipSync({ 'shop.json': strToU8(text), [`photos/${photo}.jpg`]: strToU8('<script>') });
    expect((await taken(other, file)).json()).toMatchObject({ photos: 0, left: { photos: 1 } });
    const without = await other.send('POST', '/api/shop/bundle', JSON.parse(text));
    expect(without.json()).toMatchObject({ left: { photos: 1 } });
    await other.close();
  });
});

describe('a job an older Anello took in under a number that no job may have', () => {
  it('is readable again once its book is opened', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'anello-older-'));
    const first = await openBook(folder);
    const job = aJob('J-900');
    const app = await buildApp({ book: first.book, version: 'test' });
    await app.inject({ method: 'POST', url: '/api/jobs', payload: job });
    await first.book.write(() => {
      first.book.run(
        "update `job` set `number` = 'J-900 (2)', `document` = json_set(`document`, '$.number', 'J-900 (2)')",
      );
      first.book.run("update `rack` set `number` = 'J-900 (2)'");
      first.book.run('drop table `photo`');
      first.book.run("delete from `mikro_orm_migrations` where `name` like '%Photos'");
    });
    await app.close();
    await first.close();
    const again = await openBook(folder);
    const brought = await buildApp({ book: again.book, version: 'test' });
    const view = (await brought.inject({ url: `/api/jobs/${job.id}` })).json<JobView>();
    expect(view.job.document.number).toBe('J-900-2');
    await brought.close();
    await again.close();
    await rm(folder, { recursive: true, force: true });
  });
});
