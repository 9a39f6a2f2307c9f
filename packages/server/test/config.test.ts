import { migrateJobDocument } from '@anello/contract';
import { describe, expect, it } from 'vitest';
import { openness } from '../src/config';
import { readConfig } from '../src/index';
import { testServer } from './support';

describe('what the server can be told', () => {
  it('has defaults for all of it', () => {
    expect(readConfig({}, [])).toEqual({
      host: '127.0.0.1',
      port: 4600,
      dataFolder: 'data',
      copies: 'data/copies',
      passphrase: null,
      names: [],
      tls: null,
      proxy: false,
      requestsPerMinute: 120_000,
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
  it('a passphrase of spaces, or of one letter over and over, is none', () => {
    for (const ANELLO_PASSPHRASE of ['        ', 'aaaaaaaaaa', '  abcd   '])
      expect(() => readConfig({ ANELLO_PASSPHRASE }, [])).toThrow(/ANELLO_PASSPHRASE/);
  });
  it('a certificate and its key go together and can be read', () => {
    expect(() => readConfig({ ANELLO_TLS_CERT: 'a.pem' }, [])).toThrow(/go together/);
    expect(() => readConfig({ ANELLO_TLS_CERT: 'no.pem', ANELLO_TLS_KEY: 'no.pem' }, [])).toThrow(
      /could not be read/,
    );
  });
  it('says at the start who can come in and what travels in clear', () => {
    const said = (env: Record<string, string>) => openness(readConfig(env, [])).join(' ');
    expect(said({})).toMatch(/Only this machine/);
    const open = { HOST: '0.0.0.0', ANELLO_PASSPHRASE: 'the back toolroom' };
    expect(said(open)).toMatch(/NOT encrypted/);
    expect(said({ ...open, ANELLO_PROXY: '1' })).not.toMatch(/NOT encrypted/);
  });
  it('refuses what it does not know', () => {
    expect(() => readConfig({ PORT: 'abc' }, [])).toThrow(/PORT/);
    expect(() => readConfig({}, ['--demo'])).toThrow(/--demo/);
    expect(readConfig({}, ['--empty']).empty).toBe(true);
  });
});

it('the database commits to disk before it answers: WAL, synchronous FULL', async () => {
  const server = await testServer();
  const pragma = (name: string) => Object.values(server.book.get<object>(`pragma ${name}`) ?? {})[0];
  expect(pragma('journal_mode')).toBe('wal');
  expect(pragma('synchronous')).toBe(2);
  await server.close();
});

it('a job written by a newer Anello is refused with a clear message', () => {
  expect(() => migrateJobDocument({ schema: 99 })).toThrow(
    expect.objectContaining({ code: 'newer-document' }),
  );
});
