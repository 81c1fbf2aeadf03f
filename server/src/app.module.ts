import { type DynamicModule, Module, ValidationPipe } from '@nestjs/common';
import { APP_FILTER, APP_PIPE } from '@nestjs/core';
import { DataSource } from 'typeorm';
import type { ValidationError } from 'class-validator';
import { CatalogueController } from './catalogue/catalogue.controller.ts';
import { Clock } from './common/clock.ts';
import { Config } from './common/config.ts';
import { ProblemException, ProblemFilter } from './common/problem.filter.ts';
import { DevicesController } from './devices/devices.controller.ts';
import { FishController } from './fish/fish.controller.ts';
import { FishService } from './fish/fish.service.ts';
import { HealthController } from './health/health.controller.ts';
import { JournalController } from './journal/journal.controller.ts';
import { JournalService } from './journal/journal.service.ts';
import { LarderController } from './larder/larder.controller.ts';
import { PhotosController } from './photos/photos.controller.ts';
import { PhotosService } from './photos/photos.service.ts';
import { TripsController } from './trips/trips.controller.ts';
import { openDataSource } from './storage/data-source.ts';

const refuseBody = (errors: ValidationError[]): ProblemException => {
  const e = errors[0];
  return new ProblemException(400, Object.values(e?.constraints ?? {})[0] ?? 'Not as it should be.', e?.property);
};

@Module({})
export class AppModule {
  static with(config: Config, clock: Clock): DynamicModule {
    return {
      module: AppModule,
      controllers: [
        JournalController,
        FishController,
        TripsController,
        LarderController,
        CatalogueController,
        HealthController,
        PhotosController,
        DevicesController,
      ],
      providers: [
        { provide: Config, useValue: config },
        { provide: Clock, useValue: clock },
        { provide: DataSource, useFactory: () => openDataSource(config.data) },
        { provide: APP_FILTER, useClass: ProblemFilter },
        {
          provide: APP_PIPE,
          useValue: new ValidationPipe({
            whitelist: true,
            forbidNonWhitelisted: true,
            transform: true,
            exceptionFactory: refuseBody,
          }),
        },
        JournalService,
        FishService,
        PhotosService,
      ],
    };
  }
}
