import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { cleanJpeg } from '../src/photos/jpeg';
import { aJpeg } from './photos.testdata';
import { aJob, testServer, type TestServer } from './support';

let server: TestServer;
const job = aJob('P-1');
beforeAll(async () => {
  server = await testServer();
  await server.send('POST', '/api/jobs', job);
});
afterAll(() => server.close());

const send = (jpeg: Uint8Array, over: object = {}) =>
  server.send('POST', '/api/photos', {
    id: randomUUID(),
    jobId: job.id,
    jpeg: Buffer.from(jpeg).toString('base64'),
    ...over,
  });

describe('a photo', () => {
  it('is kept once, and given back as it was seen', async () => {
    const id = randomUUID();
    expect((await send(aJpeg(), { id })).json()).toEqual({ kept: true, id });
    expect((await send(aJpeg(), { id })).statusCode).toBe(201);
    const back = await server.send('GET', `/api/photos/${id}`);
    expect(back.headers['content-type']).toBe('image/jpeg');
    expect(Buffer.compare(back.rawPayload, aJpeg())).toBe(0);
    expect((await send(aJpeg({ drawn: [1, 2] }), { id })).json()).toMatchObject({ code: 'record-differs' });
  });
  it('says nothing of where it was taken, nor by what', async () => {
    const beside = [
      [0xe1, 'Exif\0\0 47.3769 N 8.5417 E'],
      [0xed, 'Photoshop'],
      [0xfe, 'a comment'],
    ] as const;
    const { bytes, width, height } = cleanJpeg(Buffer.concat([aJpeg({ beside }), Buffer.from('tail')]));
    expect(Buffer.compare(bytes, aJpeg())).toBe(0);
    expect([width, height]).toEqual([8, 8]);
  });
  it('says nothing of it in a segment between two scans either', () => {
    const once = aJpeg();
    const hidden = Buffer.concat([Buffer.from([0xff, 0xe1, 0, 8]), Buffer.from('47.376')]);
    const scan = once.subarray(once.length - 2 - 4 - 10);
    const twice = Buffer.concat([once.subarray(0, -2), hidden, scan]);
    expect(Buffer.from(cleanJpeg(twice).bytes).includes('47.376')).toBe(false);
  });
  it('is refused where it is of no job here, is something else, or is too large', async () => {
    expect((await send(aJpeg(), { jobId: 'nowhere' })).statusCode).toBe(404);
    expect((await send(Buffer.from(`<svg onload="alert(1)">${' '.repeat(100)}</svg>`))).json()).toMatchObject(
      {
        code: 'invalid-document',
        field: 'jpeg',
      },
    );
    expect((await send(aJpeg({ width: 5000 }))).statusCode).toBe(422);
    expect((await send(aJpeg({ width: 0 }))).statusCode).toBe(422);
    expect((await send(Buffer.concat([aJpeg(), Buffer.alloc(720_000)]))).statusCode).toBe(422);
    expect((await server.send('GET', `/api/photos/${randomUUID()}`)).statusCode).toBe(404);
  });
  it('is a whole JPEG or refused, whatever is sent', () => {
    const whole = aJpeg();
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(whole.length - 1), fc.nat(255)), { maxLength: 6 }),
        fc.nat(whole.length),
        (flips, cut) => {
          const bytes = Buffer.from(whole.subarray(0, cut));
          for (const [at, to] of flips) if (at < bytes.length) bytes[at] = to;
          let clean: ReturnType<typeof cleanJpeg>;
          try {
            clean = cleanJpeg(bytes);
          } catch (error) {
            expect(error).toMatchObject({ code: 'invalid-document' });
            return;
          }
          // What was let in is let in again, the same.
          expect(Buffer.compare(clean.bytes, cleanJpeg(clean.bytes).bytes)).toBe(0);
        },
      ),
      { numRuns: 3000 },
    );
  });
});
