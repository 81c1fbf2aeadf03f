import { Module } from '@nestjs/common';
import { CatalogueController } from './catalogue.controller.ts';

@Module({ controllers: [CatalogueController] })
export class CatalogueModule {}
