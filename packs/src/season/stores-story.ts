import type { openTheBook } from './crew.ts';
import { DAY, HOUR, type Scribe } from './scribe.ts';

/** Where the crew of the Tern keeps its fish: a fridge shelf, a tray of ice in it, a chest in the shed; read, mostly, and once without current. */
export function storesOfTheTern(s: Scribe, tern: ReturnType<typeof openTheBook>, nowMs: number): { tray: string } {
  const since = nowMs - 400 * DAY;
  const [shelf, tray, chest] = [s.besideId(since), s.besideId(since), s.besideId(since)];
  s.aside('store.added', shelf, since, tern.ilse, { name: 'lowest shelf', is: 'fridge', standsFor: 'fridge' });
  s.aside('store.added', tray, since + 5 * 60_000, tern.tomas, { name: 'ice tray', is: 'ice tray' });
  s.aside('store.added', chest, since + 9 * 60_000, tern.ilse, {
    name: 'chest in the shed',
    is: 'freezer',
    setC: -20,
    litres: 160,
    standsFor: 'freezer',
  });
  const read = (store: string, atMs: number, c: number): void =>
    void s.aside('store.read', store, atMs, s.besidePick([tern.ilse, tern.tomas]), { c });
  // Every third week, then each day since a fish was put by to be eaten raw.
  for (let d = 390; d > 21; d -= 21) {
    read(chest, nowMs - d * DAY, s.besidePick([-19, -20, -20, -21]));
    read(shelf, nowMs - d * DAY + HOUR, s.besidePick([3.5, 4, 4.5]));
  }
  // A storm took the current for a summer's evening.
  s.aside('store.power', chest, nowMs - 52 * DAY, tern.ilse, { is: 'off' });
  s.aside('store.power', chest, nowMs - 52 * DAY + 6 * HOUR, tern.ilse, { is: 'on' });
  for (let d = 12; d >= 1; d--) read(chest, nowMs - d * DAY + 5 * HOUR, s.besidePick([-21, -21.5, -22]));
  read(chest, nowMs - 4 * HOUR, -21);
  read(shelf, nowMs - 4 * HOUR, 4);
  read(tray, nowMs - 4 * HOUR, 0.5);
  return { tray };
}

/** A turbot of the harbour master's, hung in the cellar: weighed and read each morning, and turned. */
export function onTheRail(s: Scribe, tern: ReturnType<typeof openTheBook>, nowMs: number, number: number): void {
  const hung = nowMs - 4 * DAY - 5 * HOUR;
  const [rail, pack] = [s.besideId(hung), s.besideId(hung + 1000)];
  s.aside('store.added', rail, hung, tern.tomas, { name: 'rail in the cellar', is: 'ageing rack', setC: 1 });
  s.aside('store.read', rail, hung + 60_000, tern.tomas, { c: 1.2, damp: 84 });
  s.aside('pack.stored', pack, hung + 120_000, tern.tomas, {
    number,
    what: 'Turbot, whole, gutted',
    species: 'turbot',
    form: 'gutted',
    massG: 2140,
    pieces: 1,
    wrapping: 'cloth',
    place: 'fridge',
    store: rail,
    fish: [],
  });
  const weights = [2104, 2071, 2046, 2018];
  weights.forEach((massG, d) => {
    const at = hung + (d + 1) * DAY;
    s.aside('store.read', rail, at, tern.tomas, { c: s.besidePick([1, 1.2, 1.4]), damp: s.besidePick([82, 84, 86]) });
    s.aside('pack.weighed', pack, at + 60_000, tern.tomas, { massG });
    s.aside('pack.tended', pack, at + 120_000, tern.tomas, { did: 'turn' });
  });
}
