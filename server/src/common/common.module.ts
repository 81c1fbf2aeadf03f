import { type DynamicModule, Global, Module } from '@nestjs/common';
import { Clock } from './clock.ts';
import { Config } from './config.ts';

/** What the environment set, and the clock that everything goes by. */
@Global()
@Module({})
export class CommonModule {
  static with(config: Config, clock: Clock): DynamicModule {
    return {
      module: CommonModule,
      providers: [
        { provide: Config, useValue: config },
        { provide: Clock, useValue: clock },
      ],
      exports: [Config, Clock],
    };
  }
}
