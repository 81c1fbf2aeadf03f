import { useBook } from '../../offline/journal-context.tsx';
import { expectedWeight } from '@dagboek/core/measure';
import type { WeighedState } from '@dagboek/journal';
import { lazy, Suspense } from 'react';
import { Link, useParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { type Species, useCatalogue } from '../../asked/catalogue.ts';
import { useNames } from '../../asked/names.ts';
import { plural, useFormat } from '../../asked/format.ts';
import { type OwnFit, ownFit } from '@dagboek/journal';
import { Page, Row } from '../../frame/page.tsx';
import { LENGTH_UNIT, lengthShown, sayGrams, sayLength, sayMass, sayShortLength, units } from '../../asked/units.ts';
import { MM_PER_INCH } from '@dagboek/core/units';

/** The chart library is larger than all the rest of this page. */
const WeightChart = lazy(async () => ({ default: (await import('./weight-chart.tsx')).WeightChart }));

/** A fish beyond this many standard deviations asks which of its figures is wrong. */
const ODD = 3;

/** Weight at length of one species: own fish against the typical curve, condition, and those that do not fit. */
export function WeightPage() {
  const { species: id = '' } = useParams();
  const { byId, all } = useCatalogue();
  const species = byId(id);
  const { book } = useBook();
  const own = ownFit(book, species);
  if (!species)
    return all.length === 0 ? (
      <Page title="Weight at length" first={{ label: 'Book', value: '' }} cells={[]}>
        <Row className="pad">
          <p role="status">The list of species is being fetched.</p>
        </Row>
      </Page>
    ) : (
      <MissingPage />
    );
  return (
    <Page
      title={`Weight at length: ${species.name}`}
      first={{ label: 'Weighed', value: own.fish.length }}
      cells={[
        { label: 'Species', value: <Link to={`/catalogue/${species.id}`}>{species.name}</Link> },
        {
          label: 'Typical',
          value: (
            <>
              {species.weight.a} × cm<sup>{species.weight.b}</sup> g
            </>
          ),
        },
        { label: 'Book', value: <Link to={`/book?species=${species.id}`}>all of them</Link> },
      ]}
    >
      <Row className="pad">
        <h2>{finding(species, own)}</h2>
        <p>{explain(species, own)}</p>
        {own.why && (
          <p className="alert alert-warning">
            <b>No curve of your own.</b> {own.why}
          </p>
        )}
        <Suspense fallback={<p role="status">Drawing the chart.</p>}>
          <WeightChart species={species} own={own} />
        </Suspense>
        <Odd species={species} own={own} />
        <Table own={own} />
      </Row>
    </Page>
  );
}

/** A usual length to speak of: the middle of the own fish, else of the species. */
const middleOf = (species: Species, fish: readonly WeighedState[]): number => {
  const list = fish.map((f) => f.lengthMm).sort((a, b) => a - b);
  const mm = list[Math.floor(list.length / 2)] ?? (species.usualMm[0] + species.usualMm[1]) / 2;
  const unitMm = units.length === 'in' ? MM_PER_INCH : 10;
  return Math.round(mm / unitMm) * unitMm;
};

function finding(species: Species, { fit, fish }: OwnFit): string {
  const mm = middleOf(species, fish);
  if (!fit || fish.length === 0)
    return `A ${species.name.toLowerCase()} of ${sayShortLength(mm)} usually weighs ${sayMass(expectedWeight(species, mm).massG)}`;
  const [mine, usual] = [fit.predict(mm).massG, expectedWeight(species, mm).massG];
  const off = Math.round((mine / usual - 1) * 100);
  const how = off === 0 ? 'as is typical' : `${Math.abs(off)} % ${off > 0 ? 'more' : 'less'} than typical`;
  return `At ${sayShortLength(mm)} yours weigh ${sayMass(mine)}, ${how}`;
}

function explain(species: Species, { fit, fish }: OwnFit): string {
  const mm = middleOf(species, fish);
  if (!fit || fish.length === 0)
    return 'You have not yet measured and weighed a single whole fish of this species. One fish weighed whole, on the deck or on the board, starts your curve.';
  const p = fit.predict(mm);
  const ownB = fit.ownB === null ? '' : ` By yours alone the exponent would be ${fit.ownB.toFixed(2)}.`;
  return `90 % are between ${sayMass(p.lowG)} and ${sayMass(p.highG)}, from ${plural(fish.length, 'fish', 'fish')} of yours; the typical curve counts as ten more.${ownB} Together they make ${fit.weight.b.toFixed(2)}.`;
}

/** Fish that do not fit: one of three figures is wrong, or the fish is out of the ordinary. */
function Odd({ species, own }: { species: Species; own: OwnFit }) {
  const { fit, fish } = own;
  const z = (f: WeighedState): number =>
    fit ? fit.oddity(f) : Math.log(f.massG / expectedWeight(species, f.lengthMm).massG) / species.weight.sdLog;
  const odd = fish.filter((f) => Math.abs(z(f)) > ODD);
  if (odd.length === 0) return null;
  return (
    <>
      <h3>Which is wrong: length, weight or species?</h3>
      <ul className="plain-list" aria-label="Unlikely weights">
        {odd.map((f) => (
          <li key={f.fish.id}>
            <Link to={`/fish/${f.fish.id}`}>
              {sayLength(f.lengthMm)}, {sayMass(f.massG)}
            </Link>{' '}
            <small>
              {z(f) > 0 ? 'far too heavy' : 'far too light'} for its length;{' '}
              {sayMass(expectedWeight(species, f.lengthMm).massG)} would be typical. Correct the wrong entry; the old
              one stays readable.
            </small>
          </li>
        ))}
      </ul>
    </>
  );
}

/** Everything the chart shows, in figures. */
function Table({ own }: { own: OwnFit }) {
  const names = useNames();
  const { day, shortDay } = useFormat();
  const { fit, fish } = own;
  if (fish.length === 0) return null;
  return (
    <details className="figures">
      <summary className="min-h-11 leading-[44px] cursor-pointer">
        In figures: {plural(fish.length, 'fish', 'fish')}
      </summary>
      <table className="mt-2 border-collapse">
        <thead>
          <tr>
            <th className="py-1.5 pr-4.5 pl-0 border-b text-left border-rule" scope="col">
              Caught
            </th>
            <th className="py-1.5 pr-4.5 pl-0 border-b text-left border-rule" scope="col">
              By
            </th>
            <th className="py-1.5 pr-4.5 pl-0 border-b text-left border-rule" scope="col">
              {LENGTH_UNIT}
            </th>
            <th className="py-1.5 pr-4.5 pl-0 border-b text-left border-rule" scope="col">
              Weight
            </th>
            <th className="py-1.5 pr-4.5 pl-0 border-b text-left border-rule" scope="col">
              Condition
            </th>
          </tr>
        </thead>
        <tbody>
          {[...fish]
            .sort((a, b) => (a.fish.landed.at < b.fish.landed.at ? 1 : -1))
            .map((f) => (
              <tr key={f.fish.id}>
                <td className="py-1.5 pr-4.5 pl-0 border-b text-left border-rule">
                  <Link to={`/fish/${f.fish.id}`}>
                    {shortDay(day(f.fish.landed.at))} {day(f.fish.landed.at).slice(0, 4)}
                  </Link>
                </td>
                <td className="py-1.5 pr-4.5 pl-0 border-b text-left border-rule">{names.member(f.fish.angler)}</td>
                <td className="num py-1.5 pr-4.5 pl-0 border-b text-left border-rule">{lengthShown(f.lengthMm)}</td>
                <td className="num py-1.5 pr-4.5 pl-0 border-b text-left border-rule">{sayGrams(f.massG)}</td>
                <td className="num py-1.5 pr-4.5 pl-0 border-b text-left border-rule">
                  {fit ? fit.condition(f).toFixed(2) : ''}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
      <p className="hint">
        Condition: weight divided by the usual weight for the length. 1 is usual; above 1 is fatter.
      </p>
    </details>
  );
}
