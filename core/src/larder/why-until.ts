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
/** Days as they are said: "one day", "1.4 days". */
const daysOf = (x: number): string => (times(x) === '1' ? 'one day' : `${times(x)} days`);
const times = (x: number): string => (x >= 9.5 ? String(Math.round(x)) : x.toFixed(1)).replace(/\.0$/, '');
const percent = (x: number): string => `${Math.round(x * 100)} %`;

/** Why a pack keeps as long as it does: the table, the fish, the wrapping, the store; each with its source. The order is that of the reckoning. */
export function whyUntil(f: UntilFacts, units?: Units): WhyUntil[] {
  const out: WhyUntil[] = [];
  const { keepsAs } = formFacts(f.form);
  const cooked = !ofFreshness(keepsAs);
  if (f.place === 'fridge') {
    const table = KEEPING.fridgeDays[keepsAs];
    out.push(
      f.thawed
        ? { says: 'Thawed: one day by every limit.', source: TABLES }
        : keepsAs === 'smoked'
          ? {
              says: `${FRIDGE_WORDS.smoked}: ${table.authority} days by the official limit, ${table.careful} by the cautious limit, both only at ${sayTemperature(3, units)} or colder. When warmer it is ${KEEPING.smokedWarmDays} days: a poison without smell can form. Freeze what you do not eat by then.`,
              source: SMOKED_SOURCE,
            }
          : {
              says: `${FRIDGE_WORDS[keepsAs]}, in the fridge: the official limit is ${table.authority} days; the cautious limit${keepsAs === 'raw' ? ', dry and in fresh towels,' : ''} is ${table.careful}.`,
              source: TABLES,
            },
    );
    if (f.unreadFridge)
      out.push({
        says: `It was not measured. Many fridges are at ${sayTemperature(STORE_FACTS.fridge.typicalC, units)} or more, so that is assumed for freshness and histamine. Put a thermometer in, and note the temperature.`,
        source: 'EFSA BIOHAZ 2020, on household fridges',
      });
    if (f.fresh && !cooked && !f.thawed)
      out.push({
        says: `${percent(f.fresh.used)} of its time on ice was used when it was packed: the rest counts, if that is less.`,
        source: 'FAO Fisheries Technical Paper 348',
      });
  } else {
    const months = KEEPING.freezerMonths[frozenKind(f.form, f.fat)];
    out.push({
      says: `${keepsAs === 'raw' ? (f.fat === 'lean' ? 'Lean fish' : 'Oily fish') : FRIDGE_WORDS[keepsAs]}, frozen at ${sayTemperature(-18, units)}: ${months.careful} months at best quality, ${months.authority} by the official chart.`,
      source: TABLES,
    });
    const { factor: w, says }: WrappingFacts = WRAPPING_FACTS[f.wrapping];
    if (w !== 1)
      out.push({
        says: `${says.charAt(0).toUpperCase()}${says.slice(1)}: ${times(w)} times as long; air dries it and makes the fat rancid.`,
      });
    if (f.darkLine === 'left' && f.fat === 'oily' && !cooked)
      out.push({
        says: `The dark line was left in: ${times(KEEPING.darkLineFactor)} times as long; it turns rancid first.`,
      });
    if (f.darkLine === 'out' && f.fat === 'oily') out.push({ says: 'The dark line is out: nothing is taken off.' });
    if (f.fresh && !cooked && f.fresh.used > 1 / 3)
      out.push({
        says: `${percent(f.fresh.used)} of its time was used before freezing: freezing keeps the rest.`,
      });
  }
  const at = `${sayTemperature(Math.round(f.storeC * 10) / 10, units)}${f.wasRead ? '' : ', because it was not measured'}`;
  const line = f.place === 'fridge' ? 'authority' : 'careful';
  const { now, mean } = f.rates;
  if (Math.abs(now[line] - 1) > 0.02)
    out.push({
      says: `The store is at ${at}: one day there uses ${daysOf(now[line])} of the pack’s time.`,
      source: f.place === 'freezer' ? FROZEN_SOURCE : 'FAO Fisheries Technical Paper 348',
    });
  else out.push({ says: `The store is at ${at}: one day there uses one day of the pack’s time.` });
  if (Math.abs(mean[line] - now[line]) > 0.05)
    out.push({ says: `So far, at the temperatures it had, one day used ${daysOf(mean[line])}.` });
  return out;
}
