import { airC, HISTAMINE_LIMITS, TYPICAL_C } from '@dagboek/core/fresh';
import { type Boundary, Conduction, fishBody, INSULATED, meets } from '@dagboek/core/heat';
import type { SpeciesFacts } from '@dagboek/core/species';
import type { FishIced } from '../kinds/deck.ts';
import type { Book } from '../state/book.ts';
import { custodyOf, type CustodyLine } from './custody.ts';
import { massOf } from './freshness-of.ts';
import { historyOf, type Lay } from './history-of.ts';

/** Cold enough inside, degC: above it histamine forms and spoiling is quick (US FDA hazards guide). */
export const COLD_C = HISTAMINE_LIMITS.aboveC;
const HOUR_MS = 3_600_000;
/** What lies longer than this on ice has long been as cold as it gets, ms: only the last of it is reckoned. */
const MOST_MS = 72 * HOUR_MS;
/** Sea water and ice together, degC: domain.md section 5. */
const SLURRY_C = -1;
/** Cells of the body: to a tenth of a degree, and twice as fast as the finest. */
const CELLS = 24;

/** How cold a fish is inside. */
export interface CoreTemperature {
  /** Of its middle now, degC. */
  readonly coreC: number;
  /** When its middle came, or will come, below COLD_C as it lies now, epoch ms; null when it does not. */
  readonly coldMs: number | null;
  /** Whether it is cold enough now. */
  readonly cold: boolean;
}

/** What its skin meets where it lies. `iced`: how it lies in the box. */
function boundaryOf(keeping: Lay['keeping'], iced: FishIced['how'] | null, waterC: number | null): Boundary | null {
  switch (keeping) {
    case 'air':
      return meets('still air', airC(waterC));
    case 'bucket':
      return meets('still water', waterC ?? TYPICAL_C.unknownWater);
    case 'board':
      return meets('still air', Math.max(TYPICAL_C.board, waterC ?? 0));
    case 'box':
      return iced === 'slurry' ? meets('still slurry', SLURRY_C) : meets('wet ice', TYPICAL_C.box);
    case 'box without ice':
      return meets('still air', TYPICAL_C.boxAfter);
    case 'fridge':
      return meets('fridge', TYPICAL_C.fridge);
    case 'freezer':
      return meets('fridge', TYPICAL_C.freezer);
    case 'gone':
      return null;
  }
}

/** Where a fish still lies whole. */
const WHOLE: readonly CustodyLine['where'][] = ['in hand', 'bleeding', 'box'];

interface Piece {
  readonly fromMs: number;
  readonly toMs: number;
  readonly boundary: Boundary;
}

/** The pieces of its history, each with what its skin meets, up to `untilMs`. */
function piecesOf(line: CustodyLine, waterC: number | null, untilMs: number): Piece[] {
  const lays = historyOf(line);
  return lays.flatMap((l, i): Piece[] => {
    const fromMs = l.atMs;
    const toMs = Math.min(lays[i + 1]?.atMs ?? untilMs, untilMs);
    const boundary = boundaryOf(l.keeping, line.fish.iced?.how ?? null, waterC);
    if (!boundary || toMs <= fromMs) return [];
    return [{ fromMs, toMs, boundary }];
  });
}

/**
 * How cold a whole fish is inside at `nowMs`, by conduction from its skin since it was killed: its body from its kind and
 * weight, the media typical until they are read. Null where that is no question: let go, on the board or
 * beyond, of no name or weight, or not killed.
 */
export function coreTemperature(
  line: CustodyLine,
  species: SpeciesFacts | null,
  waterC: number | null,
  nowMs: number,
): CoreTemperature | null {
  const mass = massOf(line.fish, species);
  if (!species || !mass || !WHOLE.includes(line.where)) return null;
  const sinceMs = Math.max(nowMs - MOST_MS, 0);
  const pieces = piecesOf(line, waterC, nowMs).filter((p) => p.toMs > sinceMs);
  const last = pieces.at(-1);
  if (!last) return null;
  const body = new Conduction(fishBody(species, mass.g), waterC ?? TYPICAL_C.unknownWater, CELLS);
  const state = { coldMs: null as number | null, beforeC: body.coreC, beforeMs: pieces[0]?.fromMs ?? nowMs };
  /** Notes when the middle comes below the line, and forgets it when it is warm again. */
  const watch = (nowC: number, atMs: number): void => {
    if (nowC > COLD_C) state.coldMs = null;
    else if (state.coldMs === null) {
      const share = state.beforeC > COLD_C ? (state.beforeC - COLD_C) / (state.beforeC - nowC) : 1;
      state.coldMs = state.beforeMs + share * (atMs - state.beforeMs);
    }
    [state.beforeC, state.beforeMs] = [nowC, atMs];
  };
  for (const p of pieces)
    body.march((p.toMs - p.fromMs) / 1000, p.boundary, INSULATED, (s) => watch(body.coreC, p.fromMs + s * 1000));
  const { coreC } = body;
  const cold = coreC <= COLD_C;
  // As it lies now, until it is cold: where what it lies in is cold enough for that.
  if (!cold && last.boundary.mediumC < COLD_C)
    body.march(
      MOST_MS / 1000,
      last.boundary,
      INSULATED,
      (s) => (watch(body.coreC, nowMs + s * 1000), state.coldMs !== null),
    );
  return { coreC, coldMs: state.coldMs === null ? null : Math.round(state.coldMs), cold };
}

/** How cold a fish of the book is inside; null as in `coreTemperature`. */
export function coreTemperatureOf(
  book: Book,
  fishId: string,
  byId: (id: string | null) => SpeciesFacts | null,
  nowMs: number,
): CoreTemperature | null {
  const line = custodyOf(book, fishId);
  if (!line) return null;
  return coreTemperature(line, byId(line.fish.species), book.getAny('trip', line.fish.trip)?.waterC ?? null, nowMs);
}
