import { sayTemperature, type Units } from '../units/index.ts';
import { type FreshAtPacking, frozenKind, KEEPING, ofFreshness, type PackPlace } from './keep-until.ts';
import { formFacts, type KeepsAs, type PackForm } from './pack-forms.ts';
import { type Wrapping, WRAPPING_FACTS, type WrappingFacts } from './wrappings.ts';
import { STORE_FACTS } from './store-kinds.ts';
import type { KeepRate } from './keep-in-store.ts';

/** One thing that a pack's days are made of, and where it is written. */
export interface WhyUntil {
  readonly says: string;
  readonly source?: string;
}

/** What the days of a pack hang on. */
export interface UntilFacts {
  readonly place: PackPlace;
  readonly form: PackForm;
  readonly fat: 'lean' | 'oily';
  readonly wrapping: Wrapping;
  readonly darkLine: 'out' | 'left' | null;
  readonly thawed: boolean;
  readonly fresh: FreshAtPacking | null;
  readonly rates: { readonly mean: KeepRate; readonly now: KeepRate };
  /** Of its store now, degC, and whether that was ever read. */
  readonly storeC: number;
  readonly wasRead: boolean;
  /** It is a fridge that nobody read: reckoned as warm as most are. */
  readonly unreadFridge: boolean;
}

const TABLES = 'FDA cold storage chart; FSA chilling advice';
const SMOKED_SOURCE = 'US FDA Hazards Guide, ch. 13; PNW 238, Smoking fish at home';
const FRIDGE_WORDS: Readonly<Record<KeepsAs, string>> = {
  raw: 'Raw',
  offal: 'Roe and liver, raw',
  cured: 'Cured at home, which counts as raw',
  smoked: 'Smoked at home, hot through',
  cooked: 'Cooked',
  stock: 'Stock',
};
const FROZEN_SOURCE = 'FAO, Torry Advisory Note 28';
const times = (x: number): string => (x >= 9.5 ? String(Math.round(x)) : x.toFixed(1)).replace(/\.0$/, '');
const inHundred = (x: number): string => `${Math.round(x * 100)} in 100`;

/** Why a pack keeps as long as it does: the table, the fish, the wrapping, the store; each with its source. The order is that of the reckoning. */
export function whyUntil(f: UntilFacts, units?: Units): WhyUntil[] {
  const out: WhyUntil[] = [];
  const { keepsAs } = formFacts(f.form);
  const cooked = !ofFreshness(keepsAs);
  if (f.place === 'fridge') {
    const table = KEEPING.fridgeDays[keepsAs];
    out.push(
      f.thawed
        ? { says: 'Thawed: one day, whoever keeps it.', source: TABLES }
        : keepsAs === 'smoked'
          ? {
              says: `${FRIDGE_WORDS.smoked}: ${table.authority} days by the authorities, ${table.careful} for a careful keeper, and both only at ${sayTemperature(3, units)} or colder. Warmer than that it is ${KEEPING.smokedWarmDays} days: a poison can grow in it that does not smell. Freeze what is not eaten by then.`,
              source: SMOKED_SOURCE,
            }
          : {
              says: `${FRIDGE_WORDS[keepsAs]}, in the fridge: the stricter authority says ${table.authority} days; a careful keeper${keepsAs === 'raw' ? ', dry and in changed towels,' : ''} ${table.careful}.`,
              source: TABLES,
            },
    );
    if (f.unreadFridge)
      out.push({
        says: `Nobody has read it. Many fridges are at ${sayTemperature(STORE_FACTS.fridge.typicalC, units)} or more, and freshness and histamine are reckoned at that. Lay a thermometer in it, and note what it says.`,
        source: 'EFSA BIOHAZ 2020, on household fridges',
      });
    if (f.fresh && !cooked && !f.thawed)
      out.push({
        says: `${inHundred(f.fresh.used)} of its time on ice was used when it was packed: what is left counts, where that is less.`,
        source: 'FAO Fisheries Technical Paper 348',
      });
  } else {
    const months = KEEPING.freezerMonths[frozenKind(f.form, f.fat)];
    out.push({
      says: `${keepsAs === 'raw' ? (f.fat === 'lean' ? 'Lean fish' : 'Oily fish') : FRIDGE_WORDS[keepsAs]}, frozen at ${sayTemperature(-18, units)}: ${months.careful} months at their best, ${months.authority} by the authority’s chart.`,
      source: TABLES,
    });
    const { factor: w, says }: WrappingFacts = WRAPPING_FACTS[f.wrapping];
    if (w !== 1)
      out.push({
        says: `${says.charAt(0).toUpperCase()}${says.slice(1)}: ${times(w)} times as long; air dries it and turns its fat.`,
      });
    if (f.darkLine === 'left' && f.fat === 'oily' && !cooked)
      out.push({
        says: `The dark line was left in: ${times(KEEPING.darkLineFactor)} times as long; it turns rancid first.`,
      });
    if (f.darkLine === 'out' && f.fat === 'oily') out.push({ says: 'The dark line is out: nothing is taken off.' });
    if (f.fresh && !cooked && f.fresh.used > 1 / 3)
      out.push({
        says: `${inHundred(f.fresh.used)} of its time was used before it froze: freezing keeps what is left.`,
      });
  }
  const at = `${sayTemperature(Math.round(f.storeC * 10) / 10, units)}${f.wasRead ? '' : ', as nobody read it'}`;
  const line = f.place === 'fridge' ? 'authority' : 'careful';
  const { now, mean } = f.rates;
  if (Math.abs(now[line] - 1) > 0.02)
    out.push({
      says: `Its store is at ${at}: a day there costs ${times(now[line])} of the table’s.`,
      source: f.place === 'freezer' ? FROZEN_SOURCE : 'FAO Fisheries Technical Paper 348',
    });
  else out.push({ says: `Its store is at ${at}: a day there is a day of the table.` });
  if (Math.abs(mean[line] - now[line]) > 0.05)
    out.push({ says: `Up to now, as warm as it was, a day cost ${times(mean[line])}.` });
  return out;
}
