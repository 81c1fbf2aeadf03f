import { Module } from '@nestjs/common';
import { PhotosController } from './photos.controller.ts';
import { PhotosService } from './photos.service.ts';

@Module({ controllers: [PhotosController], providers: [PhotosService] })
export class PhotosModule {}
