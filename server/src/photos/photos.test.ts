import 'reflect-metadata';
import { createHash } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { NestExpressApplication } from '@nestjs/platform-express';
import sharp from 'sharp';
import request from 'supertest';
import { aFolder, aServer } from '../test-server.test-support.ts';

let app: NestExpressApplication;
const folder = aFolder();
beforeAll(async () => {
  app = await aServer(folder);
});
afterAll(() => app.close());

const sha = (b: Buffer): string => createHash('sha256').update(b).digest('hex');
const server = () => request(app.getHttpServer());
const put = (file: Buffer, hash = sha(file), type = 'image/jpeg') =>
  server().put(`/api/photos/${hash}`).set('content-type', type).send(file);
/** Half red, half blue, with what a phone writes into it: a place, a camera, and that it lies on its side. */
const ofAPhone = (width = 3000, height = 1500) =>
  sharp({ create: { width, height, channels: 3, background: '#2040c0' } })
    .composite([
      { input: { create: { width: width / 2, height, channels: 3, background: '#c02020' } }, left: 0, top: 0 },
    ])
    .withExif({
      IFD0: { Make: 'Brand of a camera', Orientation: '6' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '58/1 57/1 0/1', GPSLongitudeRef: 'W', GPSLongitude: '9/1 25/1 0/1' },
    })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();
const fetched = async (hash: string, size = 'large'): Promise<Buffer> =>
  (
    await server()
      .get(`/api/photos/${hash}?size=${size}`)
      .buffer(true)
      .parse((res, done) => {
        const parts: Buffer[] = [];
        res.on('data', (d: Buffer) => parts.push(d));
        res.on('end', () => done(null, Buffer.concat(parts)));
      })
      .expect(200)
  ).body as Buffer;

describe('a picture', () => {
  test('is kept upright and smaller, and comes back in two sizes', async () => {
    const file = await ofAPhone();
    expect((await put(file).expect(200)).body).toEqual({ status: 'kept' });
    const large = await sharp(await fetched(sha(file))).metadata();
    expect([large.width, large.height]).toEqual([1000, 2000]);
    const small = await sharp(await fetched(sha(file), 'small')).metadata();
    expect([small.width, small.height]).toEqual([240, 480]);
    // Turned by 90 degrees: what was on the left is now above.
    const { data } = await sharp(await fetched(sha(file)))
      .extract({ left: 500, top: 100, width: 1, height: 1 })
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect(data[0]).toBeGreaterThan(data[2] ?? 255);
  });

  test('keeps neither place nor camera: not in what is served, not on the disk', async () => {
    const file = await ofAPhone(400, 300);
    expect((await sharp(file).metadata()).exif?.includes('Brand of a camera')).toBe(true);
    await put(file).expect(200);
    for (const size of ['large', 'small']) {
      const served = await fetched(sha(file), size);
      expect((await sharp(served).metadata()).exif).toBeUndefined();
      expect(served.includes('Brand of a camera')).toBe(false);
    }
    expect(readdirSync(join(folder, 'photos')).filter((f) => f.startsWith(sha(file)))).toHaveLength(2);
  });

  test('sent twice is known the second time; a small one is not blown up', async () => {
    const file = await ofAPhone(80, 60);
    await put(file).expect(200);
    expect((await put(file).expect(200)).body).toEqual({ status: 'known' });
    const m = await sharp(await fetched(sha(file))).metadata();
    expect([m.width, m.height]).toEqual([60, 80]);
  });

  test('is served to be kept for ever, since its name is its content', async () => {
    const file = await ofAPhone(80, 60);
    await put(file);
    const res = await server()
      .get(`/api/photos/${sha(file)}`)
      .expect(200);
    expect(res.headers['cache-control']).toContain('immutable');
    expect(res.headers['content-type']).toBe('image/jpeg');
  });

  test('cut short on its way is refused, and nothing of it stays', async () => {
    const file = await ofAPhone(90, 60);
    const res = await put(file.subarray(0, file.length - 100), sha(file)).expect(400);
    expect(res.body.detail).toContain('cut short');
    await server()
      .get(`/api/photos/${sha(file)}`)
      .expect(404);
    const half = file.subarray(0, file.length / 2);
    expect((await put(half).expect(415)).body.detail).toContain('cannot be read as a picture');
    expect(readdirSync(join(folder, 'photos')).some((f) => f.startsWith(sha(half)) || f.endsWith('.part'))).toBe(false);
  });

  test.each<[string, () => Promise<request.Response>, number, string]>([
    [
      'text',
      () => put(Buffer.from('no picture'), undefined, 'image/png').then((r) => r),
      415,
      'cannot be read as a picture',
    ],
    ['nothing', () => put(Buffer.alloc(0)).then((r) => r), 415, 'Send the picture itself'],
    [
      'another type',
      () => put(Buffer.from('abc'), undefined, 'application/octet-stream').then((r) => r),
      415,
      'Send the picture itself',
    ],
    [
      'a name that is a path',
      () =>
        server()
          .get('/api/photos/..%2f..%2fbook.sqlite')
          .then((r) => r),
      400,
      '64 hex digits',
    ],
    [
      'a size nobody makes',
      () =>
        server()
          .get(`/api/photos/${'a'.repeat(64)}?size=huge`)
          .then((r) => r),
      400,
      'large or the small',
    ],
    [
      'one that never came',
      () =>
        server()
          .get(`/api/photos/${'a'.repeat(64)}`)
          .then((r) => r),
      404,
      'not reached the server',
    ],
    ['one above 25 MB', () => put(Buffer.alloc(27_000_000)).then((r) => r), 413, 'above 25 MB'],
  ])('%s is answered with a sentence', async (_, ask, status, says) => {
    const res = await ask();
    expect(res.status).toBe(status);
    expect(res.body.detail).toContain(says);
  });

  test('two devices that send the same one at once both get an answer, and it is whole', async () => {
    const file = await ofAPhone(700, 500);
    const both = await Promise.all([put(file), put(file)]);
    expect(both.map((r) => r.status)).toEqual([200, 200]);
    expect((await sharp(await fetched(sha(file))).stats()).isOpaque).toBe(true);
  });
});
