import {
  bundleSchema,
  KIT_SCHEMA,
  MACHINE_SCHEMA,
  migrateMachineDocument,
  sizes,
  type Bundle,
  type Imported,
  type KitRow,
  type MachineRow,
} from '@anello/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { testServer, type TestServer } from './support';

let server: TestServer;
beforeAll(async () => {
  server = await testServer({ demo: true });
});
afterAll(() => server.close());

const drills = (name: string, typed = '1; 2; 3') => ({
  schema: KIT_SCHEMA,
  kind: 'drills' as const,
  name,
  note: '',
  archived: false,
  sizes: sizes(typed),
});
const kit = async (): Promise<KitRow[]> =>
  (await server.send('GET', '/api/kit')).json<{ rows: KitRow[] }>().rows;

describe('what the shop owns', () => {
  it('comes with the demo shop’s drawers, sorted by name', async () => {
    const rows = await kit();
    expect(rows.map((r) => r.document.kind)).toEqual(
      expect.arrayContaining(['instrument', 'blocks', 'master', 'sine-bar', 'pin-block', 'boring-bar']),
    );
    const names = rows.map((r) => r.document.name);
    expect([...names].sort((a, b) => a.localeCompare(b))).toEqual(names);
  });
  it('is added once, saved over the version it was read at, and archived by saying so', async () => {
    const body = { id: 'kit-drills-a', document: drills('Stub drills') };
    expect((await server.send('POST', '/api/kit', body)).statusCode).toBe(201);
    expect((await server.send('POST', '/api/kit', body)).json()).toMatchObject({ version: 1 });
    const away = { version: 1, document: { ...body.document, archived: true } };
    expect((await server.send('PUT', '/api/kit/kit-drills-a', away)).json()).toMatchObject({ version: 2 });
    const late = await server.send('PUT', '/api/kit/kit-drills-a', away);
    expect(late.statusCode).toBe(409);
    expect(late.json()).toMatchObject({ code: 'stale-version', current: { version: 2 } });
    expect((await kit()).find((r) => r.id === 'kit-drills-a')?.document.archived).toBe(true);
    expect((await server.send('PUT', '/api/kit/no-such', away)).statusCode).toBe(404);
  });
  it.each([
    [
      'sizes that do not read as sent',
      { ...drills('x'), sizes: { typed: '1; 2', unit: 'mm', values: [1, 3] } },
      'sizes',
    ],
    ['a name of nothing', drills(' '), 'name'],
    ['a kind there is not', { ...drills('x'), kind: 'hammers' }, 'kind'],
    [
      'sizes that cannot be read',
      { ...drills('x'), sizes: { typed: 'six', unit: 'mm', values: [6] } },
      'sizes',
    ],
  ])('refuses %s, at the field', async (_, document, field) => {
    const answer = await server.send('POST', '/api/kit', { id: 'kit-bad', document });
    expect(answer.statusCode).toBe(422);
    expect(answer.json<{ field: string }>().field).toContain(field);
  });
});

describe('tapers of the shop’s own', () => {
  const taper = (over: object) => ({
    schema: 1,
    name: 'Chase wedge',
    use: '',
    archived: false,
    thread: '',
    ratio: { typed: '1:30', value: 1 / 30 },
    ...over,
  });
  it('are saved with a ratio or a half angle', async () => {
    const one = await server.send('POST', '/api/tapers', { id: 'chase-wedge', document: taper({}) });
    expect(one.statusCode).toBe(201);
    const list = (await server.send('GET', '/api/tapers')).json<{ rows: { id: string }[] }>().rows;
    expect(list.map((r) => r.id)).toEqual(expect.arrayContaining(['chase-wedge', 'crank-pin']));
  });
  it('are refused without a slope, or with two that disagree', async () => {
    const bare = await server.send('POST', '/api/tapers', {
      id: 'bare',
      document: taper({ ratio: undefined }),
    });
    expect(bare.json()).toMatchObject({ field: 'ratio', sentence: 'Give its ratio or its half angle.' });
    const halfAngle = { typed: '3°', value: (3 * Math.PI) / 180 };
    const two = await server.send('POST', '/api/tapers', { id: 'two', document: taper({ halfAngle }) });
    expect(two.json()).toMatchObject({ field: 'halfAngle' });
  });
});

describe('the shop as one file', () => {
  const read = async (): Promise<Bundle> => (await server.send('GET', '/api/shop/bundle')).json<Bundle>();

  it('goes out in the published form, and comes back into an empty shop the same', async () => {
    const bundle = await read();
    expect(bundleSchema.safeParse(bundle).error).toBeUndefined();
    const schema = (await server.send('GET', '/api/schemas/shop-bundle.json')).json<{ properties: object }>();
    expect(Object.keys(schema.properties)).toEqual(expect.arrayContaining(['machines', 'kit', 'tapers']));
    const other = await testServer();
    const done = (await other.send('POST', '/api/shop/bundle', bundle)).json<Imported>();
    const { machines, kit: things, tapers, jobs, records, settings, people } = bundle;
    expect(people.map(({ initials }) => initials)).toEqual(['DO', 'MT', 'RK']);
    expect(done.added.length).toBe(
      machines.length + things.length + tapers.length + jobs.length + people.length,
    );
    expect(jobs.length).toBeGreaterThan(5);
    expect(done.kept).toBe(records.length + settings.length);
    expect(records.length).toBeGreaterThan(40);
    expect((await other.send('GET', '/api/shop/bundle')).json()).toEqual(bundle);
    await other.close();
  });
  it('what cannot be taken in is counted and left out, and the rest goes on', async () => {
    const bundle = await read();
    const other = await testServer();
    const [record] = bundle.records;
    const [setting] = bundle.settings;
    const strange: Bundle = {
      ...bundle,
      records: [
        ...bundle.records,
        { ...record!, operator: 'ZZ' },
        { ...record!, id: 'a9d6f5c0-1111-4222-8333-444455556666', jobId: 'nobodys-job' },
        { ...record!, id: 'a9d6f5c0-1111-4222-8333-444455556667', piece: 199 },
      ],
      settings: [
        ...bundle.settings,
        { ...setting!, operator: 'ZZ' },
        { ...setting!, id: 'a9d6f5c0-1111-4222-8333-444455556668', machineId: 'no-such-lathe' },
      ],
    };
    const done = (await other.send('POST', '/api/shop/bundle', strange)).json<Imported>();
    expect(done.left).toEqual({ withoutJob: 3, different: 2, unwanted: 0, photos: 0 });
    expect(done.kept).toBe(bundle.records.length + bundle.settings.length);
    expect((await other.send('GET', '/api/shop/bundle')).json()).toEqual(bundle);
    await other.close();
  });
  it('taken in again adds nothing; what differs stands beside, and mine is untouched', async () => {
    const bundle = await read();
    const again = (await server.send('POST', '/api/shop/bundle', bundle)).json<{
      added: string[];
      same: string[];
    }>();
    expect(again.added).toEqual([]);
    const lathe = bundle.machines[0]!;
    const changed: Bundle = {
      ...bundle,
      machines: [{ ...lathe, document: { ...lathe.document, note: 'Theirs' } }],
      kit: [],
      tapers: [],
    };
    const beside = (await server.send('POST', '/api/shop/bundle', changed)).json<{ beside: string[] }>();
    expect(beside.beside).toEqual([`${lathe.document.name} (2)`]);
    const twice = (await server.send('POST', '/api/shop/bundle', changed)).json<{ beside: string[] }>();
    expect(twice.beside).toEqual([]);
    const after = await read();
    expect(after.machines.find((m) => m.id === lathe.id)).toEqual(lathe);
    expect(after.machines.filter((m) => m.document.note === 'Theirs')).toHaveLength(1);
  });
  it('a file with one bad thing in it changes nothing', async () => {
    const bundle = await read();
    const bad = {
      ...bundle,
      kit: [
        { id: 'fresh-one', document: drills('Fresh') },
        { id: 'bad-one', document: { ...drills('Bad'), sizes: null } },
      ],
    };
    const answer = await server.send('POST', '/api/shop/bundle', bad);
    expect(answer.statusCode).toBe(422);
    expect(answer.json<{ field: string }>().field).toContain('kit.1');
    expect((await kit()).some((r) => r.id === 'fresh-one')).toBe(false);
    expect((await server.send('POST', '/api/shop/bundle', { ...bundle, schema: 9 })).statusCode).toBe(422);
  });
});

describe('a lathe written by an older Anello', () => {
  const bar = {
    kind: 'telescopic',
    maxHalfAngle: { typed: '8 deg', value: (8 * Math.PI) / 180 },
    barTravel: { typed: '250 mm', value: 250 },
    pivotLength: { typed: '180 mm', value: 180 },
    indicatedEnd: 'tailstock',
    division: { typed: "5'", value: Math.PI / 180 / 12 },
    lash: { typed: '0.08 mm', value: 0.08 },
  };
  const first = (attachment: object | null) => ({
    schema: 1,
    name: 'Old lathe',
    note: '',
    centreDistance: { typed: '500 mm', value: 500 },
    swing: { typed: '200 mm', value: 200 },
    compound: null,
    attachment,
    tailstock: null,
    dial: { division: { typed: '0.02 mm', value: 0.02 }, reads: 'radius', units: 'mm' },
    indicator: { typed: '0.01 mm', value: 0.01 },
  });

  it('is brought to the present form wherever it is read, and can be saved in it', async () => {
    const old = await testServer();
    await old.book.write(() =>
      old.book.run('insert into `machine` values (?, ?, ?)', 'old', 3, JSON.stringify(first(bar))),
    );
    const [row] = (await old.send('GET', '/api/machines')).json<{ machines: MachineRow[] }>().machines;
    expect(row).toMatchObject({
      version: 3,
      document: { schema: MACHINE_SCHEMA, archived: false, chucks: [] },
    });
    expect(row!.document.attachment?.scale).toEqual({ unit: 'half-angle', division: bar.division });
    expect(row!.document.attachment).not.toHaveProperty('division');
    await old.close();
    const put = await server.send('POST', '/api/machines', { id: 'old-lathe', document: row!.document });
    expect(put.statusCode).toBe(201);
  });
  it('has no attachment where it had none; a newer one is refused', () => {
    expect(migrateMachineDocument(first(null)).attachment).toBeNull();
    expect(() => migrateMachineDocument({ schema: 99 })).toThrow(
      expect.objectContaining({ code: 'newer-document' }),
    );
  });
});
