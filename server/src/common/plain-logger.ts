import type { LoggerService } from '@nestjs/common';

const LEVELS = ['debug', 'info', 'warn', 'error', 'silent'];

/** The log for someone who started the server by hand: a line each, the time and what there is to say. */
export class PlainLogger implements LoggerService {
  private readonly least: number;

  constructor(
    level: string,
    private readonly out: (line: string) => void = (line) => console.error(line),
  ) {
    this.least = Math.max(0, LEVELS.indexOf(level));
  }
  log(message: unknown): void {
    this.say('info', message);
  }
  warn(message: unknown): void {
    this.say('warn', message);
  }
  error(message: unknown): void {
    this.say('error', message);
  }

  private say(level: string, message: unknown): void {
    if (LEVELS.indexOf(level) < this.least) return;
    const word = level === 'info' ? '' : level === 'warn' ? 'Note: ' : 'Trouble: ';
    this.out(`${new Date().toTimeString().slice(0, 8)} ${word}${String(message)}`);
  }
}
