import type { Entry } from '../entry.ts';
import { type FactsOf, isKind, type Kind, type SubjectKind, subjectKindOf } from '../kinds/index.ts';
import { factsOf, type Logged, linesOf } from '../logged.ts';
import type { CutState, SubjectState, Timed } from './states.ts';

type Live<K extends Kind> = { line: Logged; facts: FactsOf<K> };

/** The lines of a subject that still stand, by kind, each in order of time. */
class Standing {
  private readonly byKind = new Map<string, Logged[]>();
  constructor(readonly all: readonly Logged[]) {
    for (const line of all) {
      if (line.struck) continue;
      const list = this.byKind.get(line.now.kind);
      if (list) list.push(line);
      else this.byKind.set(line.now.kind, [line]);
    }
  }

  of(kind: Kind): readonly Logged[] {
    return this.byKind.get(kind) ?? NO_LINES;
  }
}
const NO_LINES: readonly Logged[] = [];

/** The lines of one kind that still stand, in order of time. */
const live = <K extends Kind>(log: Standing, kind: K): Live<K>[] =>
  log.of(kind).map((line) => ({ line, facts: line.now.facts as unknown as FactsOf<K> }));

const timed = <T extends object>(line: Logged, facts: T): Timed<T> => ({
  ...facts,
  at: line.now.at,
  about: line.now.about ?? false,
});
/** The last of a kind that stands, with its time; null when there is none. */
function last<K extends Kind>(log: Standing, kind: K): Timed<FactsOf<K>> | null {
  const line = log.of(kind).at(-1);
  return line ? timed(line, line.now.facts as object as FactsOf<K>) : null;
}
/**
 * The line that begins a subject: the last of its kind that stands, else the last that was struck, with that strike; null
 * when it never came. A struck beginning keeps the subject readable.
 */
function beginning<K extends Kind>(log: Standing, kind: K): { s: Timed<FactsOf<K>>; struck: Entry | null } | null {
  const s = last(log, kind);
  if (s) return { s, struck: null };
  const line = log.all.findLast((l) => l.struck && factsOf(l, kind));
  const facts = line ? factsOf(line, kind) : null;
  return line && facts ? { s: timed(line, facts as object as FactsOf<K>), struck: line.struck } : null;
}
const everyText = (log: Standing, kind: 'fish.noted' | 'cut.found' | 'meal.noted') =>
  live(log, kind).map((x) => timed(x.line, { text: x.facts.text }));

function projectTrip(id: string, log: Standing): SubjectState | null {
  const begun = beginning(log, 'trip.started');
  if (!begun) return null;
  const { s, struck } = begun;
  const end = last(log, 'trip.ended');
  return {
    kind: 'trip',
    id,
    log: log.all,
    struck,
    startedAt: s.at,
    endedAt: end?.at ?? null,
    rodHours: end?.rodHours ?? null,
    waters: s.waters,
    zone: s.zone,
    moves: live(log, 'trip.moved').map((x) =>
      timed(x.line, { zone: x.facts.zone, position: x.facts.position ?? null }),
    ),
    from: s.from,
    boat: s.boat ?? null,
    crew: s.crew,
    box: s.box ?? null,
    iceKg: s.iceKg ?? null,
    waterC: s.waterC ?? null,
    notes: live(log, 'trip.noted').map((x) => timed(x.line, { text: x.facts.text, by: x.line.now.member })),
    harm: live(log, 'trip.harm').map((x) => timed(x.line, { text: x.facts.text, who: x.facts.who })),
  };
}

function projectFish(id: string, log: Standing): SubjectState | null {
  const begun = beginning(log, 'fish.landed');
  if (!begun) return null;
  const { s: l, struck } = begun;
  const m = last(log, 'fish.measured');
  const w = last(log, 'fish.weighed');
  const named = last(log, 'fish.named');
  return {
    kind: 'fish',
    id,
    log: log.all,
    struck,
    number: l.number ?? null,
    trip: l.trip,
    angler: l.angler,
    count: l.count,
    species: named?.species ?? l.species ?? null,
    orElse: named?.orElse ?? [],
    seen: named?.seen ?? {},
    gear: l.gear ?? null,
    origin: l.origin ?? null,
    landed: { at: l.at, about: l.about },
    length: m
      ? {
          mm: m.lengthMm,
          longestMm: m.longestMm ?? null,
          kind: m.lengthKind,
          method: m.method,
          sdMm: m.sdMm ?? null,
          at: m.at,
          about: m.about,
        }
      : null,
    mass: w ? { g: w.massG, how: w.how, at: w.at, about: w.about } : null,
    released: last(log, 'fish.released'),
    dispatched: last(log, 'fish.dispatched'),
    bled: last(log, 'fish.bled'),
    iced: last(log, 'fish.iced'),
    notes: everyText(log, 'fish.noted'),
    reported: live(log, 'fish.reported').map((x) => timed(x.line, x.facts)),
    pictures: live(log, 'fish.pictured').map((x) => timed(x.line, x.facts)),
  };
}

function projectCut(id: string, log: Standing): SubjectState | null {
  const begun = beginning(log, 'cut.started');
  if (!begun) return null;
  const { s, struck } = begun;
  const stages: { -readonly [K in keyof CutState['stages']]: CutState['stages'][K] } = {};
  for (const x of live(log, 'cut.weighed')) stages[x.facts.stage] = timed(x.line, { massG: x.facts.massG });
  return {
    kind: 'cut',
    id,
    log: log.all,
    struck,
    startedAt: s.at,
    fish: s.fish,
    route: s.route,
    by: s.by,
    stages,
    byproducts: live(log, 'cut.byproduct').map((x) =>
      timed(x.line, { what: x.facts.what, massG: x.facts.massG, use: x.facts.use, entryId: x.line.now.id }),
    ),
    found: everyText(log, 'cut.found'),
  };
}

function projectPack(id: string, log: Standing): SubjectState | null {
  const begun = beginning(log, 'pack.stored');
  if (!begun) return null;
  const { s, struck } = begun;
  const d = last(log, 'pack.discarded');
  return {
    kind: 'pack',
    id,
    log: log.all,
    struck,
    number: s.number,
    what: s.what,
    species: s.species,
    form: s.form,
    massG: s.massG,
    pieces: s.pieces ?? null,
    wrapping: s.wrapping,
    storedAt: s.at,
    fish: s.fish,
    cut: s.cut ?? null,
    meal: s.meal ?? null,
    places: [
      { place: s.place, at: s.at, about: s.about },
      ...live(log, 'pack.moved').map((x) => timed(x.line, { place: x.facts.place })),
    ],
    discarded: d ? { why: d.why, at: d.at, about: d.about } : null,
  };
}

function projectMeal(id: string, log: Standing): SubjectState | null {
  const begun = beginning(log, 'meal.served');
  if (!begun) return null;
  const { s, struck } = begun;
  const marks: Record<string, number> = {};
  for (const x of live(log, 'meal.rated')) marks[x.facts.eater] = x.facts.mark;
  return {
    kind: 'meal',
    id,
    log: log.all,
    struck,
    name: s.name,
    cook: s.cook,
    method: s.method,
    servedAt: s.at,
    packs: s.packs,
    eaters: s.eaters,
    guests: s.guests ?? 0,
    doneness: s.doneness ?? null,
    coreC: s.coreC ?? null,
    marks,
    notes: everyText(log, 'meal.noted'),
  };
}

const PROJECTORS: Record<SubjectKind, (id: string, log: Standing) => SubjectState | null> = {
  book: (id, log) => {
    const begun = beginning(log, 'book.opened');
    if (!begun) return null;
    const { s, struck } = begun;
    const errors = Object.fromEntries(
      live(log, 'book.error').map((x): [string, number] => [x.facts.method, x.facts.sdMm]),
    );
    const { name, waters, from } = s;
    return {
      kind: 'book',
      id,
      log: log.all,
      struck,
      name,
      waters,
      boat: s.boat ?? null,
      from,
      places: s.places ?? [],
      errors,
    };
  },
  member: (id, log) => {
    const begun = beginning(log, 'member.joined');
    if (!begun) return null;
    const { s, struck } = begun;
    return {
      kind: 'member',
      id,
      log: log.all,
      struck,
      name: s.name,
      role: s.role ?? '',
      bornOn: s.bornOn ?? null,
      licences: s.licences ?? null,
      joinedAt: s.at,
      leftAt: last(log, 'member.left')?.at ?? null,
    };
  },
  box: (id, log) => {
    const begun = beginning(log, 'box.added');
    if (!begun) return null;
    const { s, struck } = begun;
    const retiredAt = last(log, 'box.retired')?.at ?? null;
    return { kind: 'box', id, log: log.all, struck, name: s.name, litres: s.litres, addedAt: s.at, retiredAt };
  },
  trip: projectTrip,
  fish: projectFish,
  cut: projectCut,
  pack: projectPack,
  meal: projectMeal,
  species: (id, log) => {
    const s = last(log, 'species.added');
    return (
      s && {
        kind: 'species',
        id,
        log: log.all,
        struck: null,
        pack: s.pack,
        packName: s.packName,
        species: s.species,
        addedAt: s.at,
      }
    );
  },
  rules: (id, log) => {
    const s = last(log, 'rules.added');
    return s && { kind: 'rules', id, log: log.all, struck: null, pack: s.pack, from: s.from, addedAt: s.at };
  },
  rule: (id, log) => {
    const s = last(log, 'rule.set');
    return (
      s && {
        kind: 'rule',
        id,
        log: log.all,
        struck: null,
        waters: s.waters,
        rule: s.rule,
        // One that was changed twice in a day said, in older books, that it takes over from itself: then what it took over from first.
        replaces:
          live(log, 'rule.set')
            .map((x) => x.facts.replaces ?? null)
            .findLast((id) => id !== s.rule['id']) ?? null,
        setAt: s.at,
      }
    );
  },
};

/** What the subject of these entries is: by the first entry whose kind says so. */
function kindOfSubject(entries: Iterable<Entry>): SubjectKind | null {
  for (const e of entries) {
    const k = isKind(e.kind) ? subjectKindOf(e.kind) : null;
    if (k) return k;
  }
  return null;
}

/**
 * The state of one subject, from all of its entries and nothing else: so it does not matter in which order they came.
 * Null while the entry that begins it (landed, started, stored, served) is missing. When it was struck the state says so
 * (`struck`): it stays readable, and whoever counts leaves it out. A species, rule or version that was struck is gone, since
 * an earlier one of the same name may stand in its place.
 */
export function projectSubject(id: string, entries: readonly Entry[]): SubjectState | null {
  const kind = kindOfSubject(entries);
  return kind ? PROJECTORS[kind](id, new Standing(linesOf(entries))) : null;
}
