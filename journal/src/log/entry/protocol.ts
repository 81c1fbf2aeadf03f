import type { Tide, Weather } from '@dagboek/core/sky';
import type { Entry } from './entry.ts';

/** What server and devices say to each other about the log. Both sides are written against these. */

/** The header in which a request says which book it is meant for: the `book` of /api/health. */
export const BOOK_HEADER = 'dagboek-book';

/** At most this many entries in one batch. */
export const MOST_ENTRIES = 250;

/** POST /api/journal: a batch of entries. */
export interface AppendRequest {
  readonly entries: readonly Entry[];
  /** How far the log was known to reach, and its digest there. */
  readonly seen?: { readonly last: number; readonly digest: string };
}

/** What became of one entry of a batch. `early`: by the server's clock it is still to come; it is not taken yet, and may be sent again. */
export type Receipt =
  | { readonly id: string; readonly status: 'early'; readonly why: string }
  | { readonly id: string; readonly status: 'accepted' | 'known' }
  | { readonly id: string; readonly status: 'refused'; readonly why: string; readonly field?: string };

/** The answer to a batch: a receipt for each entry, in the order of the batch. */
export interface AppendAnswer {
  readonly receipts: readonly Receipt[];
  /** The log up to `seen` is not the one that was asked for: what was sent before may be gone from it. */
  readonly anew?: true;
  /** How far the log reaches with it, and its digest there: asked with as `seen`, so that a log put back to before it is noticed. */
  readonly last: number;
  readonly digest: string;
  /** The time the server goes by, ISO. */
  readonly now: string;
}

/** GET /api/journal?after=n&digest=d&seen=m&seenDigest=e: entries that arrived after a number, in order of arrival. */
export interface JournalPage {
  readonly entries: readonly Entry[];
  /** The number of the last of them: what to ask after next. */
  readonly last: number;
  /** A digest of the log up to that number: asked with it next time. */
  readonly digest: string;
  readonly more: boolean;
  /** The log up to `after`, or to `seen`, is not the one that was asked for: it was put back to an older copy. Ask from 0. */
  readonly anew?: true;
  /** The time the server goes by, ISO. */
  readonly now: string;
}

/** POST /api/backups: a backup that was made and read again. */
export interface BackupMade {
  /** Where it lies, on the server's machine. */
  readonly folder: string;
  readonly entries: number;
  /** Files of pictures, two sizes of each. */
  readonly pictures: number;
  /** Older ones that were taken away for it. */
  readonly dropped: readonly string[];
  /** Lines of the book itself that are damaged, and pictures that it speaks of and that are nowhere. */
  readonly damaged: number;
  readonly missing: number;
}

/** GET /api/health. */
export interface Health {
  readonly ok: true;
  /** Which book this is: a UUID made with its file. */
  readonly book: string;
  /** The time the server goes by, ISO. */
  readonly now: string;
  /** Whether that is the machine's own, another one that runs on, or one that stands still. */
  readonly clock: 'machine' | 'set' | 'still';
  /** How many entries it holds. */
  readonly entries: number;
}

/** Said to a device of the network that was not let in, or was put out: HTTP 401. */
export const NOT_JOINED =
  'This device has not joined the book, or was removed. Your entries stay here, and are sent once it has joined.';

/** A code that lets one device in, while it is shown, and for how much longer it holds, ms. */
export interface JoinCode {
  /** Six digits; twelve once somebody tried wrong ones, since so many cannot be guessed. */
  readonly code: string;
  readonly forMs: number;
  /** Wrong codes that were tried since it was asked for. */
  readonly wrong: number;
}

/** How this machine is reached from the network of the house or the boat. */
export interface HomeNetwork {
  /** Where the book opens there, the likeliest first. */
  readonly urls: readonly string[];
  /** Where a phone learns to trust it; empty when the certificate was given, and is trusted by others. */
  readonly trustUrls: readonly string[];
  /** SHA-256 of the authority, as a phone shows it of the certificate it was given: 32 pairs of digits. */
  readonly fingerprint: string | null;
  /** When phones stop to believe it and learn anew, ISO; null for a certificate that was given. */
  readonly trustedUntil: string | null;
  /** Other addresses of this machine in networks of a house, at which it does not listen. */
  readonly others: readonly string[];
}

/** A device that was let in. */
export interface JoinedDevice {
  readonly id: string;
  readonly name: string;
  /** ISO instants: let in, seen last, put out (null while it is in). */
  readonly joined: string;
  readonly seen: string;
  readonly out: string | null;
  /** Lines that it sent. */
  readonly lines: number;
}

/** What happened at the door, or with a copy of the book. No places and nothing of what is in the book. */
export interface DoorEvent {
  readonly at: string;
  readonly what:
    | 'joined'
    | 'wrong codes'
    | 'put out'
    | 'left'
    | 'ended unseen'
    | 'copied'
    | 'restored'
    | 'new feed address'
    | 'wrote for another';
  /** The device, or the copy. */
  readonly name?: string;
  /** The person that it wrote for. */
  readonly member?: string;
  /** The address that asked. */
  readonly from?: string;
  readonly count?: number;
}

/**
 * GET /api/door: how whoever asks stands to the door. `here`: at the server's own screen. `unproven`: perhaps there, but it did
 * not show the key that the terminal says. `open`: no door stands between.
 */
export interface DoorState {
  readonly you: 'here' | 'unproven' | 'joined' | 'not joined' | 'open';
  /** The name it joined by. */
  readonly name: string | null;
  /** Null when this server is reached from its own machine alone. */
  readonly home: HomeNetwork | null;
}

/** GET /api/door/devices, at the server's own screen. */
export interface DoorList {
  readonly devices: readonly JoinedDevice[];
  readonly code: JoinCode | null;
  /** The latest first. */
  readonly log: readonly DoorEvent[];
}

/** GET /api/door/devices/:id/lines, at the server's own screen: ids of the entries that a device sent, in order of arrival. */
export interface LinesOfDevice {
  readonly ids: readonly string[];
}

/** GET /api/journal/:id/sender: the joined device that sent a line; null for a line that came from the server's own machine. */
export interface SentBy {
  readonly device: { readonly id: string; readonly name: string } | null;
}

/** GET /api/devices/position: where the simulated position source puts the boat. */
export interface PositionReading {
  /** Longitude and latitude, degrees. */
  readonly position: readonly [number, number];
  readonly at: string;
  readonly goodToM: number;
  readonly simulated: boolean;
}

/** GET /api/devices/sky: what the simulated weather and tide sources say of a zone now. */
export interface SkyReading {
  readonly weather: Weather;
  /** Null where no tide runs. */
  readonly tide: Tide | null;
  readonly at: string;
  readonly simulated: boolean;
}

/** An event of GET /api/devices/scale. A real scale would send the same, with `simulated` false. */
export interface ScaleEvent {
  /** Null for a reading that did not come through. */
  readonly g: number | null;
  readonly simulated: boolean;
}

/** An event of GET /api/devices/thermometer. */
export interface ThermometerEvent {
  /** Null for a reading that did not come through. */
  readonly c: number | null;
  readonly simulated: boolean;
}

/** RFC 9457 problem details: why a request was turned down, in a sentence a person can act on, and the field at fault. */
export interface Problem {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly field?: string;
}
