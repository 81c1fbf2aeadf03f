import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import { LEAST_OF_LEVEL, type Moved, type Mover, MOVERS } from '@dagboek/core/cut';
import { cutKinds, whatMovedYields, type YieldsMoved } from '@dagboek/journal';
import { Link, useSearchParams } from 'react-router';
import { type Species, useCatalogue } from '../../asked/catalogue.ts';
import { useNames } from '../../asked/names.ts';
import { plural } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { inSentence } from '../../ui/names-in-text.ts';
import { Page, Row } from '../../frame/page.tsx';
import { Chips } from '../../ui/chips.tsx';
import { sayGrams } from '../../asked/units.ts';
import { useWidth } from '../../ui/use-width.ts';
import { QUARTERS } from './quarters.ts';

const ASK: Readonly<Record<Mover, string>> = {
  stiffness: 'How stiff it was',
  season: 'When it was caught',
  size: 'How large it was',
};
const BECAUSE: Readonly<Record<Mover, string>> = {
  stiffness:
    'A stiff fish does not bend under the knife and tears: more meat stays on the bones. Calculated from the time since death and the temperature when the cut began.',
  season: 'Before spawning much of the weight is roe or milt; afterwards the fish is thin. By date of catch.',
  size: 'Large fish have relatively less bone, and small fish leave more meat on the bones.',
};
const word = (of: Mover, is: string): string => (of === 'season' ? (QUARTERS[Number(is)] ?? is) : is);
const tenths = (x: number): string => Math.abs(x).toFixed(1);
const signed = (x: number): string => (tenths(x) === '0.0' ? '0' : `${x < 0 ? '−' : '+'}${tenths(x)}`);

/** What stiffness, season and size did to the yields of this book, kind by kind, each with the others held still. */
export function YieldsPage() {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const asked = useAsked(useNow(60_000));
  const names = useNames();
  const [params, setParams] = useSearchParams();
  const kinds = cutKinds(book).slice(0, 8);
  const species = byId(params.get('kind')) ?? byId(kinds[0]);
  const moved = species ? whatMovedYields(asked, species.id) : null;
  const options = [...new Set([...kinds, ...(species ? [species.id] : [])])];
  return (
    <Page
      title="What moved the yield"
      first={{ label: 'Cuts', value: String(moved?.all ?? 0) }}
      cells={[
        { label: 'Shown for', value: species?.name ?? 'no species yet' },
        { label: 'Of these', value: species && moved ? `${moved.own} ${inSentence(species.name)}` : 'none' },
      ]}
    >
      <Row className="pad yields-page">
        {options.length > 1 && (
          <Chips
            label="Kind"
            options={options.map((value) => ({ value, text: names.species(value) }))}
            value={species?.id ?? null}
            onChange={(kind) => setParams({ kind }, { replace: true })}
          />
        )}
        {species && moved ? (
          <Movers species={species} moved={moved} />
        ) : (
          <p>
            {species ? `No ${inSentence(species.name)} was` : 'No fish was'} weighed whole and trimmed yet. Weigh both
            on the <Link to="/board">board</Link>. After five cuts of one species this page shows a result.
          </p>
        )}
      </Row>
    </Page>
  );
}

function Movers({ species, moved }: { species: Species; moved: YieldsMoved }) {
  const most = Math.max(1, ...moved.moved.flatMap((m) => [Math.abs(m.low), Math.abs(m.high)]));
  return (
    <>
      <p>
        Yield of trimmed {moved.form} compared with your average, in % of the whole fish: {plural(moved.all, 'cut')}
        {moved.all > moved.own
          ? `, ${moved.own} of ${inSentence(species.name)}, the others compared within their own species`
          : ''}
        . Adjusted for who cut it, practice and species; each of the three is adjusted for the other two. The bar shows
        the 95 % range.
      </p>
      {MOVERS.map((of) => (
        <section key={of} className="mt-6.5 max-w-[46rem]" aria-label={ASK[of]}>
          <h2>{ASK[of]}</h2>
          <p className="hint">{BECAUSE[of]}</p>
          <ul className="plain-list">
            {moved.moved.some((m) => m.of === of) && (
              <li className="flex justify-between text-cap text-ink-2" aria-hidden="true">
                <span>{signed(-most)}</span>
                <span>the mean</span>
                <span>{signed(most)} %</span>
              </li>
            )}
            {moved.moved
              .filter((m) => m.of === of)
              .map((m) => (
                <Level key={m.is} m={m} most={most} usualG={moved.usualG} />
              ))}
          </ul>
          {moved.tooFew
            .filter((t) => t.of === of)
            .map((t) => (
              <p key={t.is} className="hint">
                <b>{word(of, t.is)}:</b> {plural(t.n, 'cut')},{' '}
                {t.n < LEAST_OF_LEVEL ? 'too few to say.' : 'and nothing to compare with.'}
              </p>
            ))}
          {of === 'stiffness' && !moved.moved.some((m) => m.of === 'stiffness') && (
            <p className="hint">It is noted with every cut from now on.</p>
          )}
        </section>
      ))}
    </>
  );
}

const HEIGHT = 30;

function Level({ m, most, usualG }: { m: Moved; most: number; usualG: number }) {
  const [ref, width] = useWidth(300);
  const x = (points: number): number => width / 2 + (points / most) * (width / 2 - 10);
  const grams = sayGrams((Math.abs(m.points) / 100) * usualG);
  const says =
    m.verdict === null ? 'no difference beyond chance' : `${grams} ${m.verdict} of a fish of ${sayGrams(usualG)}`;
  return (
    <li>
      <span>
        <b>{word(m.of, m.is)}</b>{' '}
        <small>
          {plural(m.n, 'cut')}, {signed(m.points)} % ({signed(m.low)} to {signed(m.high)}): {says}
        </small>
      </span>
      <div ref={ref}>
        <svg width={width} height={HEIGHT} aria-hidden="true">
          <path d={`M${x(0)} 2V${HEIGHT - 2}`} stroke="var(--ink)" strokeWidth="1.2" />
          <path d={`M${x(m.low)} ${HEIGHT / 2}H${x(m.high)}`} stroke="var(--teal)" strokeWidth="3" />
          <path d={`M${x(m.low)} 8V${HEIGHT - 8}M${x(m.high)} 8V${HEIGHT - 8}`} stroke="var(--teal)" strokeWidth="3" />
          <circle
            cx={x(m.points)}
            cy={HEIGHT / 2}
            r="6"
            fill={m.verdict === null ? 'var(--paper)' : 'var(--teal)'}
            stroke="var(--teal)"
            strokeWidth="2.4"
          />
        </svg>
      </div>
    </li>
  );
}
