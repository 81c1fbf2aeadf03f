import { Title } from '../../ui/title.tsx';
import type { Species } from '@dagboek/catalogue';
import { LENGTH_WORDS } from '@dagboek/core/rules';
import { routeOf, routesFor, stepIds, stepOf } from '@dagboek/core/cut';
import { deepSentences } from '@dagboek/core/harm';
import { type KeyedSpecies, keyTable, splitPair, type Trait } from '@dagboek/core/key';
import { cutOverlay, type FigureOptions, type FigureSpec, type Part } from '@dagboek/figure';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { FigurePlate, FigureView } from '../../fish/figure-view.tsx';
import { HazardStrip } from '../../fish/hazard-strip.tsx';
import { Chips } from '../../ui/chips.tsx';
import { useWidth } from '../../ui/use-width.ts';
import { MarkedFish } from './marked-fish.tsx';
import { OwnRecord } from './own-record.tsx';
import { languageName } from './languages.ts';
import { stateWords } from '../../asked/state-words.ts';
import { sayDepths, sayShortLength, shortLength, units } from '../../asked/units.ts';

type View = 'marks' | 'dangers' | 'measure' | 'dispatch' | 'cuts';
const VIEWS: { value: View; text: string }[] = [
  { value: 'marks', text: 'Marks' },
  { value: 'dangers', text: 'Dangers' },
  { value: 'measure', text: 'Measure' },
  { value: 'dispatch', text: 'Spike and bleed' },
  { value: 'cuts', text: 'Cuts' },
];
const RAW = { never: 'Never', cook: 'Cook it', 'frozen first': 'Frozen first' } as const;

const optionsFor = (view: View, s: Species): FigureOptions =>
  view === 'dangers'
    ? { hazards: true }
    : view === 'measure'
      ? { measure: s.lengthKinds[0] ?? 'total' }
      : view === 'dispatch'
        ? { target: true }
        : view === 'cuts'
          ? { cuts: cutOverlay({ later: knifeLines(s), named: true }) }
          : {};

/** Lines of the knife on the route that suits it best; shears, scraper and tweezers left out. */
const knifeLines = (s: Species) =>
  routesFor(s)
    .slice(0, 1)
    .flatMap((r) => stepIds(routeOf(r).steps))
    .flatMap((id) => (stepOf(id)?.pose || stepOf(id)?.caution ? (stepOf(id)?.lines ?? []) : []))
    .filter((l) => l !== 'venomous spines' && l !== 'gills' && l !== 'v-cut' && l !== 'dark line');

/** A mark worth knowing: a trait that parts this species from one it is taken for. */
interface Mark {
  readonly trait: Trait;
  readonly words: string;
  readonly decides: boolean;
}

/** Its most telling marks: those that decide against a lookalike first, then what is unusual about it. */
export function marksOf(s: Species, all: readonly Species[], traits: readonly Trait[], most = 6): Mark[] {
  const table = keyTable({ traits, species: all as readonly KeyedSpecies[] });
  const deciding = s.lookalikes.flatMap((l) => splitPair(table, s.id, l.id)?.trait ?? []);
  const unusual = traits
    .filter((t) => t.part !== undefined && t.usual !== undefined)
    .map((t) => {
      const best = Object.entries(s.traits[t.id] ?? {}).sort((a, b) => b[1] - a[1])[0];
      return { t, odd: (best?.[1] ?? 0) * (1 - (t.usual?.[best?.[0] ?? ''] ?? 0)) };
    })
    .filter((x) => x.odd > 0.5)
    .sort((a, b) => b.odd - a.odd)
    .map((x) => x.t);
  const chosen = [...new Set([...deciding, ...unusual])]
    .filter((t) => t.id !== 'plan' && t.id !== 'colour')
    .slice(0, most);
  return chosen.map((trait) => ({ trait, words: stateWords(s, trait), decides: deciding.includes(trait) }));
}

/** One species: its drawing, dangers, marks, what it is taken for, how to handle and keep it, and this book's record of it. */
export function SpeciesSheet({ species: s }: { species: Species }) {
  const { all, traits, byId, packs } = useCatalogue();
  const [view, setView] = useState<View>('marks');
  const [form, setForm] = useState<string | null>(null);
  const [ref, width] = useWidth(600);
  const size = Math.max(300, Math.min(760, Math.round((width - 8) / 20) * 20));
  const chosen = s.forms?.find((f) => f.id === form) ?? null;
  const spec: FigureSpec = chosen?.figure ?? s.figure;
  const marks = useMemo(() => marksOf(s, all, traits), [s, all, traits]);
  const pack = packs.find((p) => p.id === s.pack)?.name ?? 'a pack of your own';
  return (
    <article
      className="species-sheet px-6 pt-4 pb-7 min-w-0 max-tablet:pt-3 max-tablet:pr-2.5 max-tablet:pb-5 max-tablet:pl-[calc(var(--time-col)_+_16px)]"
      aria-label={s.name}
    >
      <Link className="hidden max-tablet:inline-flex max-tablet:min-h-11 max-tablet:items-center" to="/catalogue">
        All species
      </Link>
      <header className="pb-2 flex flex-wrap items-baseline gap-y-0.5 gap-x-4">
        <Title>{s.name}</Title>
        <i className="text-m" lang="la">
          {s.latin}
        </i>
        <span className="text-ink-2">{s.family}</span>
      </header>
      <HazardStrip hazards={s.hazards} aid={s.id} />
      <div className="sheet-figure">
        <Chips label="Show on the drawing" hideLabel options={VIEWS} value={view} onChange={setView} />
        {s.forms && (
          <Chips
            label="Form"
            hideLabel
            options={s.forms.map((f) => ({ value: f.id, text: f.name }))}
            value={form ?? s.forms[0]?.id ?? null}
            onChange={setForm}
          />
        )}
        <div ref={ref} className="plate mt-2.5 min-w-0 flex justify-center">
          {width > 0 &&
            (view === 'marks' ? (
              <MarkedFish
                spec={spec}
                size={size}
                marks={marks.map((m) => ({ part: (m.trait.part ?? 'flank') as Part, decides: m.decides }))}
              />
            ) : (
              <FigurePlate spec={spec} size={size} options={optionsFor(view, s)} />
            ))}
        </div>
        {view === 'marks' ? (
          <ol className="species-marks mt-2 list-none grid grid-cols-[repeat(auto-fill,minmax(230px,1fr))] gap-y-1.5 gap-x-4.5">
            {marks.map((m, i) => (
              <li key={m.trait.id} className={m.decides ? 'decides' : undefined}>
                <b
                  className="first:size-6 first:place-items-center first:border-[1.6px] first:border-ink first:rounded-[50%] first:grid first:text-cap [.species-marks_li.decides>&]:first:bg-ink [.species-marks_li.decides>&]:first:text-paper"
                  aria-hidden="true"
                >
                  {i + 1}
                </b>
                <span>
                  {m.trait.question.replace(/\?$/, '')}: <b>{m.words}</b>
                  {m.decides && <small> decides</small>}
                </span>
              </li>
            ))}
          </ol>
        ) : (
          <p className="mt-2 max-w-[70ch]">{noteFor(view, s)}</p>
        )}
        <p className="lead">{chosen?.look ?? s.look}</p>
      </div>
      <div className="mt-4.5 border-t-2 [columns:2_330px] gap-x-8 border-ink">
        <section className="px-0 pt-3 pb-3.5 [break-inside:avoid]" aria-label="Taken for">
          <h3 className="text-[length:var(--t-lead,20px)]">Taken for</h3>
          <ul className="plain-list">
            {s.lookalikes.map((l) => {
              const other = byId(l.id);
              return (
                other && (
                  <li className="gap-3 grid grid-cols-[104px_minmax(0,1fr)] items-center" key={l.id}>
                    <Link to={`/catalogue/${l.id}`} className="icon h-auto min-h-11" aria-label={other.name}>
                      <FigureView spec={other.figure} size={96} plain />
                    </Link>
                    <p>
                      <b>{other.name}</b> {l.mark}{' '}
                      <Link to={`/catalogue/compare?of=${s.id},${l.id}`}>Side by side</Link>
                    </p>
                  </li>
                )
              );
            })}
          </ul>
        </section>
        <OwnRecord species={s} />
        <section className="px-0 pt-3 pb-3.5 [break-inside:avoid]" aria-label="Handling">
          <h3 className="text-[length:var(--t-lead,20px)]">In the hand</h3>
          <dl>
            <Fact name="Hold">{s.grip}</Fact>
            {s.release && <Fact name="Let it go">{[s.release, ...deepSentences([s], null, units)].join(' ')}</Fact>}
            {s.aid && <Fact name="First aid">{s.aid}</Fact>}
            <Fact name="Dispatch">{s.dispatch}</Fact>
            <Fact name="Bleed">{s.bleeding}</Fact>
            <Fact name="Length">
              {LENGTH_WORDS[s.lengthKinds[0] ?? 'total']}, mostly {shortLength(s.usualMm[0])} to{' '}
              {sayShortLength(s.usualMm[1])}, at most {shortLength(s.maxMm)}
              {s.conversions
                .map((c) => ` · ${LENGTH_WORDS[c.to]} is about ${c.slope.toFixed(2)} × ${LENGTH_WORDS[c.from]}`)
                .join('')}
            </Fact>
          </dl>
        </section>
        <section className="px-0 pt-3 pb-3.5 [break-inside:avoid]" aria-label="On the plate">
          <h3 className="text-[length:var(--t-lead,20px)]">On the plate</h3>
          <dl>
            <Fact name="Raw?">
              <b>{RAW[s.raw.verdict]}.</b> {s.raw.why}
            </Fact>
            <Fact name="Keeps on ice">
              {s.raw.verdict === 'never' ? 'not for the table' : `about ${s.iceDays} days, typical`}
            </Fact>
            {s.yields.trimmed && (
              <Fact name="Meat">
                {Math.round(s.yields.trimmed[0] * 100)} to {Math.round(s.yields.trimmed[1] * 100)} % of its weight,
                skinless and boneless; {s.fat}
              </Fact>
            )}
            <Fact name="Mercury">
              {s.mercury === 'low'
                ? 'low'
                : s.mercury === 'some'
                  ? 'some: in pregnancy and for small children a plate a week at most'
                  : 'high: not in pregnancy and not for small children; for others seldom'}
            </Fact>
            {s.eating.map((e) => (
              <Fact key={e} name="Note">
                {e}
              </Fact>
            ))}
          </dl>
        </section>
        <section className="px-0 pt-3 pb-3.5 [break-inside:avoid]" aria-label="Where it lives">
          <h3 className="text-[length:var(--t-lead,20px)]">Where it lives</h3>
          <dl>
            <Fact name="Range">{s.range}</Fact>
            <Fact name="Ground">
              {s.habitat} {sayDepths(...s.depthM)}.
            </Fact>
            <Fact name="Waters">{s.waters.join(', ')}</Fact>
            {s.conservation && (
              <Fact name="How it fares">
                {s.conservation.note} Noted of {s.conservation.asOf}; the rules of your waters decide.
              </Fact>
            )}
          </dl>
        </section>
        <section className="px-0 pt-3 pb-3.5 [break-inside:avoid]" aria-label="What others call it">
          <h3 className="text-[length:var(--t-lead,20px)]">What others call it</h3>
          <dl className="names">
            {Object.entries(s.names).map(([code, list]) => (
              <Fact key={code} name={languageName(code)}>
                <span lang={code}>{list.join(', ')}</span>
              </Fact>
            ))}
          </dl>
        </section>
      </div>
      <footer className="pt-2.5 mt-3 border-t text-cap text-ink-2 max-w-[90ch] border-rule-2">
        <p>
          {pack}.{' '}
          {s.confidence === 'sure'
            ? 'Well known.'
            : s.confidence === 'typical'
              ? 'Figures are typical, not those of your fish.'
              : 'To be checked.'}
          {s.toCheck && ` Not sure of: ${s.toCheck.join(', ')}.`} Written from general knowledge of:{' '}
          {s.sources.join('; ')}. Where the knife, the spike and the cuts go is worked out from the drawing: about here.
          Follow your local rules and a doctor’s advice before this page.
        </p>
      </footer>
    </article>
  );
}

function noteFor(view: View, s: Species): string {
  if (view === 'dangers')
    return s.hazards.length === 0
      ? 'No venom, poison or strong bite is known of it. Teeth and fins may scratch.'
      : 'V venomous, S sharp, B bites, T poison in the flesh, E electric organ. Blood, roe and skin are not drawn: read the words above.';
  if (view === 'measure')
    return `From snout to tail as the line shows: ${LENGTH_WORDS[s.lengthKinds[0] ?? 'total']}. A rule may name another length.`;
  if (view === 'dispatch') return `About here. ${s.dispatch} ${s.bleeding}`;
  return s.yieldClass === 'none'
    ? 'Not for the table.'
    : 'About here, for fillets: the knife follows the bone, not the line.';
}

const Fact = ({ name, children }: { name: string; children: React.ReactNode }) => (
  <div className="py-[5px] px-0 gap-2.5 border-b grid grid-cols-[108px_minmax(0,1fr)] border-rule max-tablet:grid-cols-[88px_minmax(0,1fr)]">
    <dt className="text-ink-2">{name}</dt>
    <dd>{children}</dd>
  </div>
);
