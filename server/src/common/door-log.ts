import { appendFileSync, existsSync, mkdirSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { DoorEvent } from '@dagboek/journal/log';

/** Above this the older half goes, bytes. */
const MOST_BYTES = 400_000;

/** Where a server keeps what belongs to this machine's door, and not to the book. */
export const doorFolder = (data: string): string => join(data, 'door');

const fileOf = (data: string): string => join(doorFolder(data), 'log.jsonl');

/**
 * Notes what happened at the door of a book's folder: a line of JSON each, for its owner alone. Any process may. Never throws:
 * what is done does not wait for what is told of it.
 */
export function noteAtDoor(data: string, event: DoorEvent): void {
  const file = fileOf(data);
  try {
    mkdirSync(doorFolder(data), { recursive: true, mode: 0o700 });
    if (existsSync(file) && statSync(file).size > MOST_BYTES) {
      const lines = readFileSync(file, 'utf8').split('\n');
      writeFileSync(`${file}.new`, lines.slice(Math.floor(lines.length / 2)).join('\n'), { mode: 0o600 });
      renameSync(`${file}.new`, file);
    }
    appendFileSync(file, `${JSON.stringify(event)}\n`, { mode: 0o600 });
  } catch {
    // A full disk, or a folder of somebody else: said where it matters.
  }
}

/** What was noted last, the latest first. A line that was cut short is left out. */
export function lastAtDoor(data: string, most: number): DoorEvent[] {
  if (!existsSync(fileOf(data))) return [];
  return readFileSync(fileOf(data), 'utf8')
    .split('\n')
    .slice(-most - 1)
    .flatMap((line): DoorEvent[] => {
      try {
        return line === '' ? [] : [JSON.parse(line) as DoorEvent];
      } catch {
        return [];
      }
    })
    .reverse();
}
