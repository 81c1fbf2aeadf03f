import { type DynamicModule, Module, ValidationPipe } from '@nestjs/common';
import { APP_FILTER, APP_GUARD, APP_PIPE } from '@nestjs/core';
import type { ValidationError } from 'class-validator';
import { BackupsModule } from './backups/backups.module.ts';
import { BookModule } from './book/book.module.ts';
import { CatalogueModule } from './catalogue/catalogue.module.ts';
import type { Clock } from './common/clock.ts';
import { CommonModule } from './common/common.module.ts';
import type { Config } from './common/config.ts';
import { ProblemException, ProblemFilter } from './common/problem.filter.ts';
import { DoorModule } from './door/door.module.ts';
import { OnlyJoined } from './door/only-joined.ts';
import { DevicesModule } from './devices/devices.module.ts';
import { RightBook } from './guards/right-book.ts';
import { FishModule } from './fish/fish.module.ts';
import { HealthModule } from './health/health.module.ts';
import { JournalModule } from './journal/journal.module.ts';
import { LarderModule } from './larder/larder.module.ts';
import { PhotosModule } from './photos/photos.module.ts';
import { SendersModule } from './senders/senders.module.ts';
import { StorageModule } from './storage/storage.module.ts';
import { TripsModule } from './trips/trips.module.ts';

/** What kind of thing it is comes before how long it may be. */
const KIND_FIRST = ['isString', 'isInt', 'isNumber', 'isIso8601', 'minLength'];

const refuseBody = (errors: ValidationError[]): ProblemException => {
  const e = errors[0];
  const said = e?.constraints ?? {};
  const why = KIND_FIRST.flatMap((k) => said[k] ?? [])[0] ?? Object.values(said)[0] ?? 'Not as it should be.';
  // The library's own words begin with the name of the field: of one that is not there they say that it is too long.
  if (e && e.value === undefined && why.startsWith(`${e.property} `))
    return new ProblemException(400, `"${e.property}" is missing.`, e.property);
  return new ProblemException(400, why, e?.property);
};

/** The server: a module for each noun. */
@Module({})
export class AppModule {
  static with(config: Config, clock: Clock): DynamicModule {
    return {
      module: AppModule,
      imports: [
        CommonModule.with(config, clock),
        StorageModule.in(config.data),
        BookModule,
        JournalModule,
        FishModule,
        TripsModule,
        LarderModule,
        CatalogueModule,
        HealthModule,
        PhotosModule,
        DevicesModule,
        DoorModule,
        SendersModule,
        BackupsModule,
      ],
      providers: [
        { provide: APP_FILTER, useClass: ProblemFilter },
        // Who asks, before what is asked of which book.
        { provide: APP_GUARD, useClass: OnlyJoined },
        { provide: APP_GUARD, useClass: RightBook },
        {
          provide: APP_PIPE,
          useValue: new ValidationPipe({
            whitelist: true,
            forbidNonWhitelisted: true,
            transform: true,
            exceptionFactory: refuseBody,
          }),
        },
      ],
    };
  }
}
