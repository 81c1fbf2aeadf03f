import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import { type ReportRow, seasonReport, tripsInOrder } from '@dagboek/journal';
import { sayDate, stamp } from '@dagboek/core/time';
import { useSearchParams } from 'react-router';
import { useNames } from '../../asked/names.ts';
import { nowMs } from '../../ui/clock.ts';
import { percent, plural, useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { Chips, plain } from '../../ui/chips.tsx';
import { sayMass } from '../../asked/units.ts';
import { TripNext } from '../../lines/trip-next.tsx';

const COLUMNS = [
  ['keptG', 'kept'],
  ['eatenG', 'eaten'],
  ['givenG', 'given'],
  ['baitG', 'bait'],
  ['thrownG', 'thrown out'],
  ['lostG', 'not found'],
] as const;

/** A year on one page: what was caught, let go and kept, and what became of it, in grams and plates. */
export function SeasonPage() {
  const { book } = useBook();
  const names = useNames();
  const { day, zone } = useFormat();
  const asked = useAsked(useNow(60_000));
  const [params, setParams] = useSearchParams();
  const today = day(stamp(nowMs(), zone));
  const years = [
    ...new Set([...tripsInOrder(book).map((t) => day(t.startedAt).slice(0, 4)), today.slice(0, 4)]),
  ].sort();
  const wanted = params.get('year') ?? '';
  const year = years.includes(wanted) ? wanted : today.slice(0, 4);
  const report = seasonReport(asked, `${year}-01-01`, `${year}-12-31`);
  const { all, rows } = report;
  const columns = COLUMNS.filter(([k]) => k === 'keptG' || k === 'eatenG' || all[k] > 0);
  const cells = (r: ReportRow) =>
    columns.map(([k]) => (
      <td
        className="[.season-report_.total_&]:border-t-2 [.season-report_.total_&]:font-bold [.season-report_.total_&]:border-ink"
        key={k}
      >
        {r[k] >= 1 ? sayMass(r[k]) : '–'}
      </td>
    ));
  return (
    <Page
      title={`The year ${year}`}
      first={{ label: 'Year', value: year }}
      cells={[
        { label: 'Caught', value: `${all.caught} fish` },
        { label: 'Kept', value: `${all.kept}, ${sayMass(all.keptG)}` },
        { label: 'Eaten', value: plural(report.plates, 'plate') },
      ]}
    >
      <Row className="pad season-report">
        {years.length > 1 && (
          <Chips
            label="Year"
            options={plain(years)}
            value={year}
            onChange={(y) => setParams({ year: y }, { replace: true })}
          />
        )}
        <h2>What happened to it</h2>
        {rows.length === 0 ? (
          <>
            <p>
              Nothing was caught or eaten in {year}. Fish that are landed, given away, eaten or thrown out add up here.
            </p>
            <TripNext />
          </>
        ) : (
          <>
            <p>
              {all.caught} fish caught, {all.letGo} let go, {all.kept} kept
              {year === today.slice(0, 4) ? ` up to ${sayDate(today)}` : ''}. Fish kept are counted whole, what was
              eaten as meat: the difference is bones, guts and skin.
              {report.wasted !== null && report.wasted >= 0.005
                ? ` Of what left the packs ${percent(report.wasted)} was thrown out or lost.`
                : ' Nothing was thrown out.'}
            </p>
            <div className="overflow-x-auto" role="region" aria-label="By species" tabIndex={0}>
              <table className="rules-table my-2.5 mx-0 w-full text-s">
                <thead>
                  <tr className="border-b border-rule">
                    <th className="first:[&:is(th,td)]:pl-0" scope="col">
                      Kind
                    </th>
                    <th scope="col">caught</th>
                    <th scope="col">let go</th>
                    {columns.map(([k, word]) => (
                      <th key={k} scope="col">
                        {word}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {rows.map((r) => (
                    <tr className="border-b border-rule" key={r.species}>
                      <th className="first:[&:is(th,td)]:pl-0" scope="row">
                        {r.species ? names.species(r.species) : 'no name'}
                      </th>
                      <td>{r.caught || '–'}</td>
                      <td>{r.letGo || '–'}</td>
                      {cells(r)}
                    </tr>
                  ))}
                  <tr className="total border-b border-rule">
                    <th className="border-t-2 font-bold border-ink first:[&:is(th,td)]:pl-0" scope="row">
                      All
                    </th>
                    <td className="border-t-2 font-bold border-ink">{all.caught}</td>
                    <td className="border-t-2 font-bold border-ink">{all.letGo}</td>
                    {cells(all)}
                  </tr>
                </tbody>
              </table>
            </div>
          </>
        )}
      </Row>
    </Page>
  );
}
