import { migrateJobDocument } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { openDatabase, readConfig } from '../src/index';
import { testServer } from './support';

describe('what the server can be told', () => {
  it('has defaults for all of it', () => {
    expect(readConfig({}, [])).toEqual({
      host: '127.0.0.1',
      port: 4600,
      dataFolder: 'data',
      passphrase: null,
      empty: false,
    });
  });
  it('refuses to listen to the network without a passphrase', () => {
    expect(() => readConfig({ HOST: '0.0.0.0' }, [])).toThrow(/ANELLO_PASSPHRASE/);
    expect(readConfig({ HOST: '0.0.0.0', ANELLO_PASSPHRASE: 'long enough' }, []).host).toBe('0.0.0.0');
    expect(() => readConfig({ HOST: '0.0.0.0', ANELLO_PASSPHRASE: 'short' }, [])).toThrow(
      /ANELLO_PASSPHRASE/,
    );
  });
  it('refuses what it does not know', () => {
    expect(() => readConfig({ PORT: 'abc' }, [])).toThrow(/PORT/);
    expect(() => readConfig({}, ['--demo'])).toThrow(/--demo/);
    expect(readConfig({}, ['--empty']).empty).toBe(true);
  });
});

it('the database commits to disk before it answers: WAL, synchronous FULL', async () => {
  const server = await testServer();
  const orm = await openDatabase(`${server.folder}/other.sqlite`);
  const pragma = async (name: string) =>
    Object.values((await orm.em.getConnection().execute(`pragma ${name}`))[0] as object)[0];
  expect(await pragma('journal_mode')).toBe('wal');
  expect(await pragma('synchronous')).toBe(2);
  await orm.close();
  await server.close();
});

it('a job written by a newer Anello is refused with a clear message', () => {
  expect(() => migrateJobDocument({ schema: 99 })).toThrow(
    expect.objectContaining({ code: 'newer-document' }),
  );
});
