import { createInterface } from 'node:readline';
import type { ReadStream } from 'node:tty';
import type { HomeNetwork, JoinCode } from '@dagboek/journal';
import { renderUnicodeCompact } from 'uqr';
import type { DoorService } from './door.service.ts';

/** "482 915": as it is read aloud. */
const sayCode = ({ code }: JoinCode): string => `${code.slice(0, 3)} ${code.slice(3)}`;

/** What a person at the terminal needs to bring a phone to the book. */
export function sayHome(home: HomeNetwork, url: string): string {
  const first = home.trustUrls[0] ?? home.urls[0];
  if (first === undefined)
    return 'This machine stands in no network of a house or a boat now. Join one: its address is looked for by itself.';
  const lines = [`In your network: ${home.urls.join('  or  ')}`, ''];
  if (home.trustUrls[0])
    lines.push(
      `A phone that comes for the first time opens ${home.trustUrls[0]} (scan this) and learns to trust this machine:`,
    );
  lines.push(
    renderUnicodeCompact(first, { border: 2 }),
    ...(home.fingerprint ? [`Its page shows the sign ${home.fingerprint}. If it shows another, stop.`] : []),
    `The code that lets it in, and who was let in: ${url}/phones on this machine.`,
  );
  return lines.join('\n');
}

/** Tells the terminal how a phone comes to the book; `Return` shows a code there, for a server without a screen of its own. */
export function tellHome(
  served: { readonly home: HomeNetwork | null; readonly url: string },
  door: Pick<DoorService, 'showCode'>,
  input: Pick<ReadStream, 'isTTY'> & NodeJS.ReadableStream,
  say: (text: string) => void = console.log,
): void {
  if (!served.home) return;
  say(sayHome(served.home, served.url));
  if (!input.isTTY) return;
  say('Press Return to show a code here.');
  createInterface({ input }).on('line', () =>
    say(`The code is ${sayCode(door.showCode())}, for ten minutes and one device.`),
  );
}
