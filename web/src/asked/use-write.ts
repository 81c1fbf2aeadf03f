import {
  amendLine,
  beginsSomething,
  type Entry,
  type FactsOf,
  type Kind,
  type Logged,
  standingLine,
  timeTrouble,
  validateEntry,
  type WriteMore,
  type Writing,
} from '@dagboek/journal';
import { visible } from '@dagboek/core/text';
import { stamp } from '@dagboek/core/time';
import { v7 } from 'uuid';
import { nowMs, setBackMs } from '../ui/clock.ts';
import { usePen } from './pen.ts';
import { newId } from '../offline/new-id.ts';
import { withLineRoom } from '../ui/room.ts';
import { useStampZone } from './names.ts';
import { useJournal } from '../offline/journal-context.tsx';
import { units } from './units.ts';

/** What was pasted may hold signs that nobody sees. */
const seenOnly = (_: string, x: unknown): unknown => (typeof x === 'string' ? visible(x) : x);

const DEVICE_KEY = 'dagboek.device';

function deviceId(): string {
  const kept = localStorage.getItem(DEVICE_KEY);
  if (kept) return kept;
  const made = `browser-${v7().slice(-12)}`;
  localStorage.setItem(DEVICE_KEY, made);
  return made;
}

export { newId };

/** An entry alike in kind, subject and facts so soon after is a double tap, and is passed over in silence. */
const TAP_MS = 700;
/** So long at a stretch the page is busy with checking what is written, ms. */
const SLICE_MS = 30;
/** Alike a little later, it is asked about. */
const TWICE_MS = 2000;
/** What was written last, by what it says; `asked`: that it is alike was said already. */
const lately = new Map<string, { atMs: number; asked: boolean; made: readonly string[] }>();

const signOf = (list: readonly Writing[]): string =>
  JSON.stringify(
    list.map((w) => {
      // What begins a thing has a subject (and a number) of its own each time: without them it is alike.
      const begins = beginsSomething(w.kind);
      const facts = Object.entries(w.facts).filter(([k]) => !begins || k !== 'number');
      return [w.kind, begins ? '' : w.subject, facts, w.more?.amends, w.more?.strikes, w.more?.instead];
    }),
  );

/** What was refused was not written: the same may be tried again at once. */
function forget<T>(list: readonly Writing[], result: T): T {
  lately.delete(signOf(list));
  return result;
}

/** Null when these entries may be written now; else why not: an empty sentence for a double tap. */
function alike(list: readonly Writing[]): string | null {
  const nowMs = performance.now();
  for (const [k, v] of lately) if (nowMs - v.atMs > TWICE_MS) lately.delete(k);
  const sign = signOf(list);
  const before = lately.get(sign);
  if (!before || before.asked) {
    lately.set(sign, { atMs: nowMs, asked: false, made: [] });
    return null;
  }
  if (nowMs - before.atMs < TAP_MS) return '';
  before.asked = true;
  return 'Exactly this was saved a moment ago. Tap once more if it happened twice.';
}

/** What was written is known by its ids; what was struck may be written again at once. */
function remember(list: readonly Writing[], made: readonly Entry[]): void {
  const known = lately.get(signOf(list));
  if (known) known.made = made.map((e) => e.id);
  const struck = new Set(made.flatMap((e) => e.strikes ?? []));
  for (const [k, v] of lately) if (v.made.some((id) => struck.has(id))) lately.delete(k);
}

export type WriteResult = { ok: true; made: readonly Entry[] } | { ok: false; why: string; field?: string };

/** Writes entries after checking them; a sentence instead when they cannot be. All of one call are kept together, or none. */
export function useWrite(): {
  write: <K extends Kind>(kind: K, subject: string, facts: FactsOf<K>, more?: WriteMore) => Promise<WriteResult>;
  writeAll: (list: readonly Writing[]) => Promise<WriteResult>;
  /** Corrects the line of a kind that stands: see `amendLine`. */
  amend: <K extends Kind>(
    of: { readonly log: readonly Logged[] },
    kind: K,
    change: Parameters<typeof amendLine<K>>[1],
    more?: Parameters<typeof amendLine<K>>[2],
  ) => Promise<WriteResult>;
} {
  const store = useJournal();
  const { pen } = usePen();
  const zone = useStampZone();

  const writeAll = async (list: readonly Writing[]): Promise<WriteResult> => {
    const again = alike(list);
    if (again !== null) return { ok: false, why: again };
    const now = nowMs();
    const made: Entry[] = [];
    let { book } = store.getSnapshot();
    let slice = performance.now();
    for (const w of list) {
      // Hundreds at once, as of a file: the page stays at hand.
      if (performance.now() - slice > SLICE_MS) {
        await new Promise((resolve) => setTimeout(resolve));
        slice = performance.now();
      }
      const { atMs = now, member, instead: _, ...rest } = w.more ?? {};
      const facts = JSON.parse(JSON.stringify(w.facts), seenOnly) as Record<string, unknown>;
      const entry: Entry = {
        id: newId(),
        kind: w.kind,
        subject: w.subject,
        at: stamp(atMs, zone),
        written: stamp(now, zone),
        member: member ?? pen ?? 'nobody',
        device: deviceId(),
        facts,
        ...(setBackMs() === 0 ? {} : { aheadMs: setBackMs() }),
        ...defined(rest.because === undefined ? rest : { ...rest, because: visible(rest.because) }),
      };
      const checked = validateEntry(entry, now);
      if (!checked.ok) return forget(list, checked);
      const trouble = entry.strikes === undefined ? timeTrouble(book, entry, units) : null;
      if (trouble) return forget(list, { ok: false, why: trouble, field: 'at' });
      made.push(entry);
      book = book.withEntries([entry]);
    }
    try {
      await withLineRoom(() => store.write(made));
    } catch {
      return forget(list, {
        ok: false,
        why: 'This device could not save the entry: its storage is full or closed. Free some space, and try again.',
      });
    }
    remember(list, made);
    return { ok: true, made };
  };
  return {
    writeAll,
    amend: async (of, kind, change, more) => {
      const line = standingLine(of, kind);
      return line
        ? writeAll([amendLine(line, change, more)])
        : { ok: false, why: 'The entry being corrected was crossed out meanwhile. Restore it first.' };
    },
    write: (kind, subject, facts, more) =>
      writeAll([{ kind, subject, facts: facts as object as Record<string, unknown>, ...(more ? { more } : {}) }]),
  };
}

/** Without the keys whose value is undefined. */
function defined<T extends object>(x: T): T {
  return Object.fromEntries(Object.entries(x).filter(([, v]) => v !== undefined)) as T;
}
