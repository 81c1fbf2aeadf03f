import { firstsOf, speciesLanded, speciesMet } from '@dagboek/journal';
import type { Species, Waters } from '@dagboek/catalogue';
import { useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useRules } from '../../asked/names.ts';
import { nowMs } from '../../ui/clock.ts';
import { LazyFigure } from '../../fish/figure-view.tsx';
import { speciesFinder } from '../../asked/find-species.ts';
import { isGrave, worstHazard } from '@dagboek/core/harm';
import { plural, useFormat } from '../../asked/format.ts';
import { WarningTriangle } from '../../fish/hazard-strip.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { Page } from '../../frame/page.tsx';
import { SearchField } from '../../ui/search-field.tsx';
import { useNarrow } from '../../ui/use-width.ts';
import { type Narrowing, passes } from './species-filter.ts';
import { FamousPairs } from './famous-pairs.tsx';
import { SpeciesSheet } from './species-sheet.tsx';

const DANGERS = {
  electric: 'shocks',
  blood: 'blood',
  venomous: 'venom',
  poison: 'poison',
  bite: 'bites',
  sharp: 'sharp',
} as const;
/** Every kind of fish this book knows: a list to search and narrow, and the page of the one that is chosen. */
export function CataloguePage() {
  const { id } = useParams();
  const { all, byId } = useCatalogue();
  const { book } = useBook();
  const narrow = useNarrow();
  const species = byId(id);
  if (id && all.length > 0 && !species) return <MissingPage />;
  const firsts = firstsOf(book).length;
  return (
    <Page
      title={species ? species.name : 'Catalogue'}
      first={{ label: 'Species', value: all.length }}
      cells={[
        {
          label: 'Catalogue',
          value: species ? <Link to="/catalogue">All species</Link> : 'What lives where, and how to know it',
        },
        { label: 'Life lists', value: plural(firsts, 'first') },
        { label: 'Packs', value: <Link to="/catalogue/packs">Species of your own</Link> },
      ]}
    >
      <div className={`catalogue${species ? ' open' : ''}`}>
        {!(narrow && species) && <SpeciesList chosen={species} />}
        {species ? (
          <SpeciesSheet key={species.id} species={species} />
        ) : (
          !narrow && <NothingChosen count={all.length} />
        )}
      </div>
    </Page>
  );
}

function NothingChosen({ count }: { count: number }) {
  if (count === 0)
    return (
      <section
        className="sheet-empty px-6 pt-4 pb-7 min-w-0 max-tablet:pt-3 max-tablet:pr-2.5 max-tablet:pb-5 max-tablet:pl-[calc(var(--time-col)_+_16px)]"
        aria-label="Nothing yet"
      >
        <h2>The catalogue has not reached this device yet</h2>
        <p>It downloads with the first signal and then stays on this device.</p>
      </section>
    );
  return (
    <section
      className="sheet-empty px-6 pt-4 pb-7 min-w-0 max-tablet:pt-3 max-tablet:pr-2.5 max-tablet:pb-5 max-tablet:pl-[calc(var(--time-col)_+_16px)]"
      aria-label="How to use the catalogue"
    >
      <h2>Choose a species</h2>
      <p>
        Its drawing, hazards, lookalikes, handling and storage, and your own record appear here. To identify a fish in
        hand, add it on the <Link to="/deck">Deck</Link> and answer the questions there.
      </p>
      <FamousPairs />
    </section>
  );
}

function SpeciesList({ chosen }: { chosen: Species | null }) {
  const { all, traits } = useCatalogue();
  const { book } = useBook();
  const rules = useRules();
  const { day, shortDay, dayOfMs } = useFormat();
  // The address follows what is chosen, a moment later: typing must not wait for it.
  const [search, setSearch] = useSearchParams();
  const [params, setParams] = useState(search);
  const set = (key: string, value: string | null): void => {
    const next = new URLSearchParams(params);
    if (value) next.set(key, value);
    else next.delete(key);
    setParams(next);
    setSearch(next, { replace: true });
  };
  const find = params.get('find') ?? '';
  const finder = useMemo(() => speciesFinder(all), [all]);
  const met = speciesMet(book);
  const grounds = rules?.zones.flatMap((z) => z.grounds) ?? [];
  const narrowing: Narrowing = {
    waters: params.get('waters') as Waters | null,
    build: params.get('build'),
    danger: params.get('danger') as Narrowing['danger'],
    here: params.get('here') ? { grounds, month: Number(dayOfMs(nowMs()).slice(5, 7)) } : null,
    met: params.get('met') ? speciesLanded(book) : null,
  };
  const shown = finder(find).filter((f) => passes(f.species, narrowing));
  const query = params.toString();
  const narrow = useNarrow();
  const narrowedBy = ['waters', 'build', 'danger', 'here', 'met'].filter((k) => params.has(k));
  const plan = traits.find((t) => t.id === 'plan');
  return (
    <section
      className="species-list border-r min-w-0 border-rule-2 tablet:sticky tablet:top-0 tablet:max-h-screen tablet:overflow-y-auto max-tablet:border-0 tablet:in-[.catalogue.open]:sticky tablet:in-[.catalogue.open]:top-0 tablet:in-[.catalogue.open]:max-h-screen tablet:in-[.catalogue.open]:overflow-y-auto"
      aria-label="Species"
    >
      <div className="list-find py-2.5 pr-3.5 pl-[calc(var(--time-col)_+_20px)] border-b-2 border-ink tablet:sticky tablet:top-0 tablet:z-1 tablet:[background:linear-gradient(to_right,var(--paper-time)_var(--time-col),var(--paper)_0)] max-tablet:pr-2.5 max-tablet:pl-[calc(var(--time-col)_+_14px)]">
        <SearchField
          label="Find a species"
          placeholder="a name in any language"
          value={find}
          onChange={(word) => set('find', word)}
        />
        <details open={!narrow || narrowedBy.length > 0}>
          <summary className="min-h-11 items-center hidden font-semibold underline underline-offset-3 max-tablet:flex">
            Filters{narrowedBy.length > 0 ? `: ${narrowedBy.length} set` : ''}
          </summary>
          <div className="narrowings mt-1.5 grid grid-cols-[1fr_1fr_1fr] gap-y-0.5 gap-x-2 max-tablet:grid-cols-[1fr_1fr]">
            <Pick
              label="Waters"
              value={narrowing.waters}
              onPick={(v) => set('waters', v)}
              options={[
                ['salt', 'sea'],
                ['brackish', 'brackish'],
                ['fresh', 'fresh water'],
              ]}
            />
            <Pick
              label="Build"
              value={narrowing.build}
              onPick={(v) => set('build', v)}
              options={(plan?.states ?? []).map((s) => [s.id, s.words])}
            />
            <Pick
              label="Danger"
              value={narrowing.danger}
              onPick={(v) => set('danger', v)}
              options={[
                ['any', 'can hurt'],
                ['venomous', 'venomous'],
                ['poison', 'poisonous to eat'],
              ]}
            />
            {grounds.length > 0 && (
              <Tick
                label="In season here"
                on={narrowing.here !== null}
                onTick={(on) => set('here', on ? 'yes' : null)}
              />
            )}
            <Tick label="In this book" on={narrowing.met !== null} onTick={(on) => set('met', on ? 'yes' : null)} />
          </div>
        </details>
        <p className="hint" role="status">
          {all.length === 0
            ? 'Waiting for the catalogue.'
            : shown.length === 0
              ? 'No species matches. Remove a filter above.'
              : plural(shown.length, 'species', 'species')}
        </p>
      </div>
      <ul className="plain-list m-0">
        {shown.map(({ species: s, byName }) => {
          const last = met.get(s.id)?.last;
          const harm = worstHazard(s.hazards);
          return (
            <li className="p-0" key={s.id}>
              <Link
                className="py-0.5 pr-3 pl-0 grid grid-cols-[calc(var(--time-col)_+_6px)_72px_minmax(0,1fr)_auto] items-center gap-x-2 min-h-14 no-underline [&[aria-current]]:[background:linear-gradient(to_right,transparent_calc(var(--time-col)_+_6px),var(--paper-open)_0)]"
                to={`/catalogue/${s.id}${query ? `?${query}` : ''}`}
                aria-current={s.id === chosen?.id ? 'page' : undefined}
              >
                <span className={`met${last ? '' : ' never'}`}>{last ? shortDay(day(last)).slice(4) : 'not yet'}</span>
                <span className="icon h-11.5">
                  <LazyFigure spec={s.figure} size={64} />
                </span>
                <span className="name">
                  <b className="leading-[1.15] [.species-list_a:hover_&]:underline [.species-list_a:hover_&]:underline-offset-3">
                    {s.name}
                  </b>
                  <small className="italic">{byName ? `also ${byName}` : s.latin}</small>
                </span>
                {harm && (
                  <small className={isGrave(harm) ? 'hurts' : 'pricks'}>
                    <WarningTriangle size={13} /> {DANGERS[harm.kind]}
                  </small>
                )}
              </Link>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function Pick({
  label,
  value,
  options,
  onPick,
}: {
  label: string;
  value: string | null;
  options: readonly (readonly [string, string])[];
  onPick: (v: string | null) => void;
}) {
  return (
    <label>
      <span className="text-cap text-ink-2">{label}</span>
      <select
        className="select py-0 pr-5.5 pl-2 text-s [background-position:calc(100%_-_12px)_50%]"
        value={value ?? ''}
        onChange={(e) => onPick(e.target.value || null)}
      >
        <option value="">any</option>
        {options.map(([v, text]) => (
          <option key={v} value={v}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}

const Tick = ({ label, on, onTick }: { label: string; on: boolean; onTick: (on: boolean) => void }) => (
  <label className="tick in-[.narrowings]:last:col-[span_2]">
    <input type="checkbox" className="checkbox" checked={on} onChange={(e) => onTick(e.target.checked)} />
    <span>{label}</span>
  </label>
);
