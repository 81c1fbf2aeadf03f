import type { Logged } from './logged.ts';
import { factsOf } from './logged.ts';
import type { Entry } from './entry.ts';

/** How ids are called. */
export interface Names {
  readonly member: (id: string) => string;
  readonly species: (id: string) => string;
  readonly box: (id: string) => string;
  readonly zone: (id: string) => string;
}

export const sayCm = (mm: number): string => (mm / 10).toFixed(1);
export const sayMass = (g: number): string => (g >= 1000 ? `${(g / 1000).toFixed(2)} kg` : `${Math.round(g)} g`);
const METHOD_WORDS = {
  board: 'on the board',
  mat: 'on the mat',
  tape: 'with the tape',
  photo: 'from a picture',
  eye: 'by eye',
} as const;
const KIND_WORDS = { total: '', fork: ' fork length', discWidth: ' disc width', mantle: ' mantle length' } as const;
const STAGE_WORDS = { round: 'Whole', gutted: 'Gutted', fillets: 'Fillets', trimmed: 'Trimmed' } as const;
const list = (xs: readonly string[]): string =>
  xs.length < 2 ? (xs[0] ?? '') : `${xs.slice(0, -1).join(', ')} and ${xs[xs.length - 1]}`;
const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** One entry as a plain sentence, without its time and writer. An unknown kind is named as it is. */
export function sayEntry(entry: Entry, names: Names): string {
  const line: Logged = { first: entry, now: entry, was: [], struck: null, conflict: [] };
  const f = <K extends Parameters<typeof factsOf>[1]>(kind: K) => factsOf(line, kind);
  const landed = f('fish.landed');
  if (landed)
    return `${landed.count > 1 ? `${landed.count} landed` : 'Landed'}${landed.species ? `: ${names.species(landed.species)}` : ''}${landed.gear ? `, ${landed.gear}` : ''}${landed.origin ? `, ${landed.origin}` : ''}. Caught by ${names.member(landed.angler)}.`;
  const named = f('fish.named');
  if (named) return `Named: ${[named.species, ...(named.orElse ?? [])].map(names.species).join(' or ')}.`;
  const m = f('fish.measured');
  if (m)
    return `Length ${sayCm(m.lengthMm)}${m.longestMm ? ` to ${sayCm(m.longestMm)}` : ''} cm${KIND_WORDS[m.lengthKind]}, ${METHOD_WORDS[m.method]}${m.sdMm ? `, good to ${sayCm(m.sdMm)}` : ''}.`;
  const told = f('fish.reported');
  if (told) return `Reported to ${told.to}.`;
  const picture = f('fish.pictured');
  if (picture) return `Picture taken${picture.reading ? ', with a board to measure by' : ''}.`;
  const w = f('fish.weighed');
  if (w) return `Weight ${sayMass(w.massG)}, ${w.how === 'scale' ? 'by the scale' : 'estimated from the length'}.`;
  const r = f('fish.released');
  if (r) return `Let go: ${r.reason}${r.state ? `; ${r.state}` : ''}.`;
  const d = f('fish.dispatched');
  if (d) return `Dispatched, ${d.how}${d.signsSeen ? '; signs of a clean kill seen' : ''}.`;
  const b = f('fish.bled');
  if (b)
    return b.cut === 'none'
      ? 'Not bled.'
      : `Bled, ${b.cut === 'both gills' ? 'both gills cut' : `cut at the ${b.cut}`}${b.medium ? `, ${b.medium}` : ''}.`;
  const i = f('fish.iced');
  if (i) return `Onto ice: ${i.how}, ${names.box(i.box)}.`;
  const c = f('cut.started');
  if (c) return `Onto the board: ${c.route}, by ${names.member(c.by)}.`;
  const cw = f('cut.weighed');
  if (cw) return `${STAGE_WORDS[cw.stage]}: ${sayMass(cw.massG)}.`;
  const by = f('cut.byproduct');
  if (by) return `${capital(by.what)}: ${sayMass(by.massG)}, ${by.use === 'bin' ? 'thrown away' : `for ${by.use}`}.`;
  const p = f('pack.stored');
  if (p) return `Pack ${p.number}: ${p.what}, ${sayMass(p.massG)}, ${p.wrapping}, into the ${p.place}.`;
  const mv = f('pack.moved');
  if (mv) return mv.place === 'fridge' ? 'Out of the freezer, into the fridge to thaw.' : 'Into the freezer.';
  const pd = f('pack.discarded');
  if (pd) return `Thrown away: ${pd.why}.`;
  const ms = f('meal.served');
  if (ms)
    return `${ms.name}, ${ms.method}, cooked by ${names.member(ms.cook)} for ${list(ms.eaters.map(names.member))}${ms.guests ? ` and ${ms.guests} more` : ''}.`;
  const mr = f('meal.rated');
  if (mr) return `${names.member(mr.eater)} gave it ${mr.mark} of 5.`;
  const ts = f('trip.started');
  if (ts)
    return `Left for ${names.zone(ts.zone)}: ${list(ts.crew.map(names.member))}.${ts.iceKg ? ` ${ts.iceKg} kg of ice.` : ''}`;
  const moved = f('trip.moved');
  if (moved)
    return `Moved to ${names.zone(moved.zone)}${moved.by === 'position source' ? ', by the position source' : ''}.`;
  if (f('trip.ended')) return 'Back ashore.';
  const h = f('trip.harm');
  if (h) return `${names.member(h.who)} hurt: ${h.text}`;
  const book = f('book.opened');
  if (book) return `${book.name}, ${book.from === 'boat' ? `from ${book.boat ?? 'a boat'}` : 'from the shore'}.`;
  const err = f('book.error');
  if (err) return `Lengths ${METHOD_WORDS[err.method]} are good to ${sayCm(err.sdMm)} cm from now on.`;
  const joined = f('member.joined');
  if (joined) return `${joined.name}${joined.role ? `: ${joined.role}` : ''}.${sayPapers(joined)}`;
  const sp = f('species.added');
  if (sp) return `Species added: ${String(sp.species['name'])}, with the pack ${sp.packName}.`;
  const rules = f('rules.added');
  if (rules)
    return `Rules read from a file: ${String(rules.pack['name'])}, ${String(rules.pack['version'])}, from ${rules.from} on.`;
  const rule = f('rule.set');
  if (rule) return `Rule written: ${String(rule.rule['sentence'])}`;
  if (f('member.left')) return 'No longer comes along.';
  if (f('box.retired')) return 'No longer used.';
  const box = f('box.added');
  if (box) return `${capital(box.name)}, ${box.litres} l.`;
  const text = (f('fish.noted') ?? f('trip.noted') ?? f('cut.found') ?? f('meal.noted'))?.text;
  return text ?? `An entry of the kind ${entry.kind}.`;
}

/** " Born 31 May 2012. Lake permit to 2026-12-31." after a member's name; nothing when nothing was said. */
function sayPapers(m: { bornOn?: string; licences?: readonly { name: string; until: string }[] }): string {
  const born = m.bornOn ? ` Born ${m.bornOn}.` : '';
  if (!m.licences) return born;
  return `${born}${m.licences.length === 0 ? ' Holds no licence.' : m.licences.map((l) => ` ${capital(l.name)} to ${l.until}.`).join('')}`;
}
