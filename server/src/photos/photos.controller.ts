import { Controller, Get, Header, Param, Put, Query, Req, StreamableFile } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import { createReadStream } from 'node:fs';
import { ProblemException } from '../common/problem.filter.ts';
import { PhotoNameDto, PhotoSizeDto } from './photos.dto.ts';
import { PhotosService } from './photos.service.ts';

@ApiTags('photos')
@Controller('api/photos')
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Put(':hash')
  @ApiConsumes('image/jpeg', 'image/png', 'image/webp', 'image/avif')
  @ApiOperation({
    summary: 'Takes a picture in under the SHA-256 of its bytes: made smaller, its notes of place and camera dropped.',
  })
  async put(@Param() { hash }: PhotoNameDto, @Req() req: Request) {
    if (!Buffer.isBuffer(req.body) || req.body.length === 0)
      throw new ProblemException(415, 'Send the picture itself, as image/jpeg, image/png, image/webp or image/avif.');
    return { status: await this.photos.keep(hash, req.body) };
  }

  @Get(':hash')
  @Header('Cache-Control', 'private, max-age=31536000, immutable')
  @Header('Content-Type', 'image/jpeg')
  @ApiOperation({ summary: 'A picture, large or small.' })
  get(@Param() { hash }: PhotoNameDto, @Query() { size }: PhotoSizeDto): StreamableFile {
    const path = this.photos.find(hash, size ?? 'large');
    if (!path) throw new ProblemException(404, 'This picture has not reached the server yet.');
    return new StreamableFile(createReadStream(path));
  }
}
