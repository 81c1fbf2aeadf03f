import { sayAny } from '@dagboek/core/units';
import { createInterface } from 'node:readline';
import type { ReadStream } from 'node:tty';
import type { HomeNetwork, JoinCode } from '@dagboek/journal/log';
import { renderUnicodeCompact } from 'uqr';
import type { DoorService } from './door.service.ts';

/** "482 915": as it is read aloud. */
const sayCode = ({ code }: JoinCode): string => code.replace(/(\d{3})(?=\d)/g, '$1 ');

/** What a person at the terminal needs to bring a phone to the book. `screen`: the address that makes a browser here the server's own screen. */
export function sayHome(home: HomeNetwork, screen: string): string {
  const first = home.trustUrls[0] ?? home.urls[0];
  const here = `Codes that let phones in, and who was let in, on this machine: ${screen}`;
  if (first === undefined)
    return `This machine is in no network of a house or a boat now. Join one: its address is looked for by itself.\n${here}`;
  const lines = [`In your network: ${home.urls.join('  or  ')}`];
  if (home.others.length > 0)
    lines.push(`(Not at ${sayAny(home.others)}: set DAGBOEK_LAN_ADDRESS to be reached there instead.)`);
  lines.push('');
  if (home.trustUrls[0])
    lines.push(
      `A phone that comes for the first time opens ${home.trustUrls[0]} (scan this) and learns to trust this machine:`,
    );
  lines.push(renderUnicodeCompact(first, { border: 2 }));
  if (home.fingerprint)
    lines.push(
      'Before it goes on, compare what its own settings show of the certificate, under SHA-256:',
      ...inRows(home.fingerprint).map((r) => `  ${r}`),
      'If one pair differs, take the certificate off the phone and stop: someone is in between.',
    );
  return [...lines, here].join('\n');
}

/** The digits of a sign in four rows of eight pairs. */
const inRows = (sign: string): string[] => {
  const pairs = sign.split(' ');
  return [0, 8, 16, 24].map((i) => pairs.slice(i, i + 8).join(' '));
};

/** Tells the terminal how a phone comes to the book; `Return` shows a code there, for a server without a screen of its own. */
export function tellHome(
  served: { readonly home: HomeNetwork | null; readonly screen: string },
  door: Pick<DoorService, 'showCode'>,
  input: Pick<ReadStream, 'isTTY'> & NodeJS.ReadableStream,
  say: (text: string) => void = console.log,
): void {
  if (!served.home) return;
  say(sayHome(served.home, served.screen));
  if (!input.isTTY) return;
  say('Press Return to show a code here.');
  createInterface({ input }).on('line', () =>
    say(
      `The code is ${sayCode(door.showCode())}, for ten minutes and one device. Type it only where the address begins with https.`,
    ),
  );
}
