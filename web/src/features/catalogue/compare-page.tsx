import { leastOf, rulesAbout, sayBag, sayLeast, sayShut } from '@dagboek/core/rules';
import type { Species } from '@dagboek/catalogue';
import { keyTable } from '@dagboek/core/key';
import type { FishState } from '@dagboek/journal';
import { useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useRules } from '../../asked/names.ts';
import { nowMs } from '../../ui/clock.ts';
import { plural, useFormat, wordFor } from '../../asked/format.ts';
import { HazardStrip } from '../../fish/hazard-strip.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { Page } from '../../frame/page.tsx';
import { useNarrow, useWidth } from '../../ui/use-width.ts';
import { LinkedPair } from './linked-pair.tsx';
import { MarkedFish } from './marked-fish.tsx';
import { alikeIn, type PairMark, pairMarks } from './pair-marks.ts';
import { orNames } from '../../ui/names-in-text.ts';
import { LENGTH_UNIT, shortLength, units } from '../../asked/units.ts';

const MOST = 3;

/** Two or three species side by side: what parts them, drawn on each, and what hangs on it. `?of=turbot,brill`. */
export function ComparePage() {
  const [params] = useSearchParams();
  const { all, traits, byId } = useCatalogue();
  const ids = [...new Set((params.get('of') ?? '').split(','))].slice(0, MOST);
  const list = ids.flatMap((id) => byId(id) ?? []);
  const table = useMemo(() => keyTable({ traits, species: all }), [traits, all]);
  const marks = useMemo(
    () => (list.length > 1 ? pairMarks(list, table) : []),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the list follows from the ids
    [ids.join(), table],
  );
  if (all.length > 0 && list.length < 2) return <MissingPage />;
  const title = orNames(list.map((s) => s.name));
  const deciding = marks.filter((m) => m.decides).length;
  return (
    <Page
      title={title || 'Side by side'}
      first={{ label: 'Species', value: list.length }}
      cells={[
        { label: 'Catalogue', value: <Link to="/catalogue">All species</Link> },
        { label: 'Drawn', value: 'at the same length, noses in line' },
        { label: 'Marks', value: 'numbered by how well they split' },
      ]}
    >
      <div className="with-margin wide">
        <section
          className="pair pt-3 pr-5.5 pb-6 pl-[calc(var(--time-col)_+_20px)] min-w-0 max-tablet:pt-3 max-tablet:pr-2.5 max-tablet:pb-5 max-tablet:pl-[calc(var(--time-col)_+_16px)]"
          aria-label="Side by side"
        >
          <Link className="hidden max-tablet:inline-flex max-tablet:min-h-11 max-tablet:items-center" to="/catalogue">
            All species
          </Link>
          <header className="pb-2 flex flex-wrap justify-between items-baseline gap-y-0.5 gap-x-5">
            <h2 className="huge text-[2.75rem] font-bold max-tablet:text-[1.75rem]">{title}?</h2>
            <p className="hint">
              {deciding === 0
                ? 'No single feature decides'
                : `${plural(deciding, 'mark')} ${wordFor(deciding, 'decides', 'decide')}`}
              {marks.length > deciding ? `; ${marks.length - deciding} only hint.` : '.'}
            </p>
          </header>
          {list.map((s) => s.hazards.length > 0 && <HazardStrip key={s.id} hazards={s.hazards} of={s.name} />)}
          <Drawn list={list} marks={marks} />
          <AddThird list={list} />
        </section>
        <aside className="margin" aria-label="Why the name matters">
          <WhyItMatters list={list} />
          <h2 className="ruled">Alike in {list.length === 2 ? 'both' : 'all'}</h2>
          <Alike list={list} />
          <h2 className="ruled">In this book</h2>
          {list.map((s) => (
            <NamedRight key={s.id} species={s} />
          ))}
        </aside>
      </div>
    </Page>
  );
}

function Drawn({ list, marks }: { list: readonly Species[]; marks: readonly PairMark[] }) {
  const [ref, width] = useWidth(720);
  const narrow = useNarrow();
  const [a, b] = list;
  const size = Math.max(260, Math.min(620, Math.round((width - 8) / 10) * 10));
  return (
    <div ref={ref} className="mt-1.5 min-w-0">
      {!narrow && list.length === 2 && a && b ? (
        <>
          <PairName species={a} />
          <LinkedPair pair={[a, b]} marks={marks} width={width} />
          <PairName species={b} />
        </>
      ) : (
        <>
          {list.map((s) => (
            <div key={s.id}>
              <PairName species={s} />
              <MarkedFish spec={s.figure} size={size} marks={marks} />
            </div>
          ))}
          <ol className="species-marks mt-2 list-none grid grid-cols-[repeat(auto-fill,minmax(260px,1fr))] gap-y-1.5 gap-x-4.5">
            {marks.map((m, i) => (
              <li key={m.trait.id} className={m.decides ? 'decides' : undefined}>
                <b
                  className="first:size-6 first:place-items-center first:border-[1.6px] first:border-ink first:rounded-[50%] first:grid first:text-cap [.species-marks_li.decides>&]:first:bg-ink [.species-marks_li.decides>&]:first:text-paper"
                  aria-hidden="true"
                >
                  {i + 1}
                </b>
                <div>
                  {m.trait.question} {m.decides && <small>decides</small>}
                  <dl>
                    {list.map((s, k) => (
                      <div className="gap-2 grid grid-cols-[minmax(90px,auto)_minmax(0,1fr)]" key={s.id}>
                        <dt className="text-ink-2">{s.name}</dt>
                        <dd className="font-semibold">{m.words[k]}</dd>
                      </div>
                    ))}
                  </dl>
                </div>
              </li>
            ))}
          </ol>
        </>
      )}
    </div>
  );
}

const PairName = ({ species: s }: { species: Species }) => (
  <h3 className="mt-2">
    <Link to={`/catalogue/${s.id}`}>{s.name}</Link>{' '}
    <i className="italic font-normal text-s leading-[normal] font-text" lang="la">
      {s.latin}
    </i>
  </h3>
);

/** What else it may be: those that either of them is taken for. */
function AddThird({ list }: { list: readonly Species[] }) {
  const { byId } = useCatalogue();
  const ids = list.map((s) => s.id);
  const more = [...new Set(list.flatMap((s) => s.lookalikes.map((l) => l.id)))].filter((id) => !ids.includes(id));
  if (list.length < 2 || (more.length === 0 && list.length === 2)) return null;
  return (
    <p className="mt-3.5">
      {list.length < MOST ? 'Add a third: ' : 'Remove one: '}
      {(list.length < MOST ? more : ids).map((id) => {
        const of = list.length < MOST ? [...ids, id] : ids.filter((x) => x !== id);
        return (
          <Link
            className="mr-3.5 inline-flex items-center min-h-8"
            key={id}
            to={`/catalogue/compare?of=${of.join(',')}`}
            replace
          >
            {byId(id)?.name}
          </Link>
        );
      })}
    </p>
  );
}

function WhyItMatters({ list }: { list: readonly Species[] }) {
  const rules = useRules();
  const { dayOfMs } = useFormat();
  if (!rules)
    return (
      <>
        <h2>Why it matters</h2>
        <p>This book has no rules, so the name only decides what you eat and how you hold it.</p>
      </>
    );
  const day = dayOfMs(nowMs());
  const about = list.map((s) => rulesAbout(rules, s.id, null, day));
  const least = about.map((r) => leastOf(r));
  const sizes = least.flatMap((l) => (l ? [l.mm] : []));
  const [low, high] = [Math.min(...sizes), Math.max(...sizes)];
  const sameKind = new Set(least.flatMap((l) => (l ? [l.kind] : []))).size === 1;
  const shut = about.map((r) => sayShut(r, day));
  return (
    <>
      <h2>Why it matters</h2>
      <table className="rules-table my-2.5 mx-0 w-full text-s">
        <thead>
          <tr className="border-b border-rule">
            <th className="first:[&:is(th,td)]:pl-0" scope="col">
              <span className="sr-only">Rule</span>
            </th>
            {list.map((s) => (
              <th scope="col" key={s.id}>
                {s.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <RuleRow name={`Minimum length, ${LENGTH_UNIT}`} says={about.map((a) => sayLeast(a, units))} />
          <RuleRow name="Per person and day" says={about.map(sayBag)} />
          <RuleRow name="Closed now" says={shut.map((x) => x ?? 'no')} />
        </tbody>
      </table>
      <p>
        {sizes.length === list.length && sameKind && low < high && (
          <b>
            From {shortLength(low)} to {shortLength(high)} the name decides.{' '}
          </b>
        )}
        {sizes.length > 0 || shut.some(Boolean)
          ? 'Until it is identified, the stricter rule applies.'
          : 'There is no rule here for either species; follow the local rules.'}{' '}
        {rules.sample && <small>Made-up rules, not law</small>}
      </p>
    </>
  );
}

const RuleRow = ({ name, says }: { name: string; says: readonly string[] }) => (
  <tr className="border-b border-rule">
    <th className="first:[&:is(th,td)]:pl-0" scope="row">
      {name}
    </th>
    {says.map((x, i) => (
      <td key={i}>{x}</td>
    ))}
  </tr>
);

function Alike({ list }: { list: readonly Species[] }) {
  const { traits } = useCatalogue();
  const alike = alikeIn(list, traits);
  if (alike.length === 0) return <p>Nothing that most fish do not also have.</p>;
  return (
    <ul className="plain-list">
      {alike.map((a) => (
        <li key={a.trait.id}>
          {a.trait.question} <b>{a.words}</b>
        </li>
      ))}
    </ul>
  );
}

/** The name a fish was first given, before any correction or later naming. */
const firstName = (f: FishState): unknown => {
  const line = f.log.find((l) => l.first.kind === 'fish.named' && !l.struck);
  return line?.first.facts['species'];
};

/** How often fish of this kind carried their right name from the first; a tally a fish. */
function NamedRight({ species }: { species: Species }) {
  const { book } = useBook();
  const fish = book.fishNamed(species.id).filter((f) => f.species === species.id && f.orElse.length === 0);
  const right = fish.filter((f) => (firstName(f) ?? f.species) === species.id).length;
  if (fish.length === 0) return <p>{species.name}: not caught yet.</p>;
  return (
    <p>
      {species.name}:{' '}
      <b>
        {right} of {fish.length}
      </b>{' '}
      named right at first
      {fish.length <= 40 && (
        <svg className="block max-w-full" width={fish.length * 8} height="18" aria-hidden="true">
          {fish.map((_, i) => (
            <path
              key={i}
              d={`M${i * 8 + 3} 2V16`}
              stroke="var(--teal)"
              strokeWidth={i < right ? 4 : 1.4}
              strokeDasharray={i < right ? undefined : '2 2'}
            />
          ))}
        </svg>
      )}
    </p>
  );
}
