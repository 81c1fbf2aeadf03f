import { createHash, randomUUID } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, open, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { Injectable } from '@nestjs/common';
import sharp from 'sharp';
import { Config } from '../common/config.ts';
import { ProblemException } from '../common/problem.filter.ts';
import { pictureKind } from './picture-kind.ts';

/** The longest side that is kept, px: enough to set a point to a fifth of a millimetre on a board of 60 cm. */
const LARGE = 2000;
const SMALL = 480;
/** More pixels than any camera of today makes: beyond it is a picture made to fill the memory. */
const MOST_PIXELS = 120_000_000;

/** Decoding takes a second at most; what takes longer is made to. */
const DECODE_S = 20;
const NO_PICTURE = 'This file cannot be read as a picture. JPEG, PNG, WebP and AVIF can be read.';

export type PhotoSize = 'large' | 'small';

/**
 * Pictures beside the book, named by the SHA-256 of the file as it was sent. What is kept is upright, made smaller, and
 * holds nothing but the picture: no place, no camera, no time.
 */
@Injectable()
export class PhotosService {
  private readonly folder: string;
  /** One picture at a time: the log has the machine first. */
  private turn: Promise<unknown> = Promise.resolve();

  constructor(config: Config) {
    this.folder = join(config.data, 'photos');
  }

  /** Where a picture lies; null when it is not here. `hash`: 64 hex digits. */
  find(hash: string, size: PhotoSize): string | null {
    const path = this.path(hash, size);
    return existsSync(path) ? path : null;
  }

  /** Keeps a picture. Answers whether it was new; throws a problem with a sentence when it cannot be taken. */
  async keep(hash: string, file: Buffer): Promise<'kept' | 'known'> {
    if (createHash('sha256').update(file).digest('hex') !== hash)
      throw new ProblemException(
        400,
        'This picture is not the one it is named after: it was cut short on its way. Send it again.',
      );
    if (this.find(hash, 'large') && this.find(hash, 'small')) return 'known';
    if (pictureKind(file) === null) throw new ProblemException(415, NO_PICTURE);
    await mkdir(this.folder, { recursive: true });
    const mine = this.turn.then(async () => {
      for (const size of ['small', 'large'] as const)
        await this.write(this.path(hash, size), await this.resized(file, size));
    });
    this.turn = mine.catch(() => undefined);
    await mine;
    return 'kept';
  }

  private path(hash: string, size: PhotoSize): string {
    return join(this.folder, `${hash}.${size}.jpg`);
  }

  /** `rotate` turns it upright by its own note and drops that note; nothing else of the file's notes is carried over. */
  private async resized(file: Buffer, size: PhotoSize): Promise<Buffer> {
    const most = size === 'large' ? LARGE : SMALL;
    try {
      return await sharp(file, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
        .timeout({ seconds: DECODE_S })
        .rotate()
        .resize({ width: most, height: most, fit: 'inside', withoutEnlargement: true })
        .flatten({ background: '#fcf8ec' })
        .jpeg({ quality: size === 'large' ? 86 : 78, mozjpeg: true })
        .toBuffer();
    } catch {
      throw new ProblemException(415, NO_PICTURE);
    }
  }

  /** Under another name first, down to the disk, then in its place: a crash leaves the whole file or none. */
  private async write(path: string, data: Buffer): Promise<void> {
    const beside = `${path}.${randomUUID()}.part`;
    try {
      const handle = await open(beside, 'wx');
      try {
        await handle.writeFile(data);
        await handle.sync();
      } finally {
        await handle.close();
      }
      await rename(beside, path);
    } catch (e) {
      await rm(beside, { force: true });
      throw e;
    }
  }
}
