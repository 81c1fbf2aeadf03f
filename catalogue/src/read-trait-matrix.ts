import Papa from 'papaparse';
import type { Trait } from '@dagboek/core/key';
import type { Fault } from './check-species.ts';
import { speciesLike } from './species-like.ts';
import type { Species } from './species.ts';

/** Columns beside the traits. `like` names a species whose other facts and figure are taken over. */
const COLUMNS = ['id', 'name', 'latin', 'like'] as const;

/** A file may hold so many species. */
export const MOST_SPECIES = 500;

/** A cell that a spreadsheet would take for a formula is written with an apostrophe before it, which is no part of it. */
const asWritten = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

/** A cell may be so long; what is beyond it is no state of the key. */
const MOST_CELL = 2000;

/** A cell: a state, or several with their probabilities: "kinked 0.9, straight 0.1". Null when it cannot be read. */
function readCell(cell: string): Record<string, number> | null {
  const row: Record<string, number> = {};
  for (const part of cell.split(/[,|]/)) {
    // Word by word: one pattern for all of it takes minutes over a cell of blanks.
    const words = part.split(/\s+/).filter((w) => w !== '');
    const p = /^[\d.]+$/.test(words.at(-1) ?? '') ? Number(words.pop()) : 1;
    const state = words.join(' ');
    if (state === '' || /\d/.test(state) || !(p >= 0 && p <= 1)) return null;
    row[state] = p;
  }
  return row;
}

/** What is wrong with a line of a CSV, by the reader's own codes. */
const CSV_FAULTS: Readonly<Record<string, string>> = {
  MissingQuotes: 'a quotation mark is not closed',
  InvalidQuotes: 'a quotation mark stands within a value',
  TooFewFields: 'it has fewer values than the first line has columns',
  TooManyFields: 'it has more values than the first line has columns',
};

/**
 * Reads the CSV of a trait matrix: a line a species, columns id, name, latin, like, and one for each trait of the key.
 * Facts that the matrix does not hold are those of the species named under `like`, marked "check".
 */
export function readTraitMatrix(
  name: string,
  text: string,
  known: { readonly traits: readonly Trait[]; readonly shipped: readonly Species[] },
): { pack: { id: string; name: string; about: string; species: unknown[] } } | { faults: Fault[] } {
  const first = text.slice(0, text.search(/\r?\n|$/));
  const separator = [',', ';', '\t'].reduce((a, b) => (first.split(b).length > first.split(a).length ? b : a));
  if (separator !== ',')
    return {
      faults: [
        {
          at: name,
          say: `${name} separates its columns with ${separator === ';' ? 'semicolons' : 'tabs'}. Save it with commas, and put cells that hold a comma in quotes.`,
        },
      ],
    };
  const { data, errors, meta } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    // One more than are taken: enough to know that there are too many.
    preview: MOST_SPECIES + 1,
    transform: asWritten,
  });
  if (data.length > MOST_SPECIES)
    return {
      faults: [
        {
          at: name,
          say: `${name} has more than ${MOST_SPECIES} species, the most that one file may hold. Split it into smaller files.`,
        },
      ],
    };
  const fields = meta.fields ?? [];
  const faults: Fault[] = errors
    .filter((e) => e.code !== 'UndetectableDelimiter')
    .slice(0, 5)
    .map((e) => ({
      at: name,
      say: `${name}, line ${(e.row ?? 0) + 2}: ${CSV_FAULTS[e.code] ?? 'the line cannot be read'}. Correct that line.`,
    }));
  for (const c of COLUMNS)
    if (!fields.includes(c))
      faults.push({ at: name, say: `${name} has no column "${c}": its first line names the columns.` });
  for (const f of fields)
    if (!(COLUMNS as readonly string[]).includes(f) && !known.traits.some((t) => t.id === f))
      faults.push({
        at: name,
        say: `${name}: the column "${f}" is not a trait of the key. Remove it, or correct its name.`,
      });
  if (faults.length > 0) return { faults };
  const species: unknown[] = [];
  data.forEach((line, i) => {
    const at = line['id'] ?? `line ${i + 2}`;
    const model = known.shipped.find((s) => s.id === line['like']);
    if (!model) {
      faults.push({
        at,
        say: `${name}, line ${i + 2}: like "${line['like'] ?? ''}" is not a species that comes with the app. Name one that it resembles.`,
      });
      return;
    }
    const traits: Record<string, Record<string, number>> = {};
    for (const t of known.traits) {
      const cell = line[t.id]?.trim().slice(0, MOST_CELL);
      if (!cell) continue;
      const row = readCell(cell);
      if (row) traits[t.id] = row;
      else
        faults.push({
          at,
          say: `${name}, line ${i + 2}, ${t.id}: "${cell}" is no state; write "state", or "state 0.8, other 0.2".`,
        });
    }
    species.push(
      speciesLike(
        model,
        { id: line['id']?.trim() ?? '', name: line['name']?.trim() ?? '', latin: line['latin']?.trim() ?? '' },
        traits,
        'Trait matrix',
      ),
    );
  });
  if (faults.length > 0) return { faults };
  const id =
    name
      .replace(/\.\w+$/, '')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^[^a-z]+|-+$/g, '') || 'matrix';
  return { pack: { id, name: name.replace(/\.\w+$/, ''), about: `Read from the trait matrix ${name}.`, species } };
}

/** The trait matrix of some species as CSV, in the form that `readTraitMatrix` reads. */
export function writeTraitMatrix(species: readonly Species[], traits: readonly Trait[]): string {
  const cell = (row: Readonly<Record<string, number>> | undefined): string => {
    const list = Object.entries(row ?? {}).filter(([, p]) => p > 0);
    return list.length === 1 ? (list[0]?.[0] ?? '') : list.map(([id, p]) => `${id} ${p}`).join(', ');
  };
  const lines = species.map((s) => [s.id, s.name, s.latin, s.id, ...traits.map((t) => cell(s.traits[t.id]))]);
  return Papa.unparse([[...COLUMNS, ...traits.map((t) => t.id)], ...lines], { escapeFormulae: true });
}
