import type { LoggerService } from '@nestjs/common';
import { pino } from 'pino';

/** Nest's log through pino: one JSON object a line; only warnings and errors unless asked for more. */
export class PinoLogger implements LoggerService {
  private readonly out;
  constructor(level: string) {
    this.out = pino({ level, base: null });
  }
  log(message: unknown, ...context: unknown[]): void {
    this.out.info({ context }, String(message));
  }
  error(message: unknown, ...context: unknown[]): void {
    this.out.error({ context }, String(message));
  }
  warn(message: unknown, ...context: unknown[]): void {
    this.out.warn({ context }, String(message));
  }
}
