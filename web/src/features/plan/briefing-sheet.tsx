import { briefing, leastOf, readRule, type Rule } from '@dagboek/core/rules';
import { addDays, sayDate, sayDay } from '@dagboek/core/time';
import { openTrip, placeNow, tripsInOrder } from '@dagboek/journal';
import { useSearchParams } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { useNames, useRules } from '../../asked/names.ts';
import { useFormat, sayAll } from '../../asked/format.ts';
import { sayTime, shortLength } from '../../asked/units.ts';
import { MissingPage } from '../../frame/missing-page.tsx';
import { PrintPage } from '../../frame/print-page.tsx';
import { useBook } from '../../offline/journal-context.tsx';
import { nowMs } from '../../ui/clock.ts';
import { HurtsHere } from './hurts-here.tsx';
import { OpenTable } from './open-table.tsx';
import { SIZES } from './size-kinds.ts';

const AHEAD = 14;

/** What holds in a zone on a day: sizes, bags, what is shut, hours, and what changes within two weeks. `?zone=…&day=…`. */
export function BriefingSheet() {
  const [params] = useSearchParams();
  const { book } = useBook();
  const rules = useRules();
  const names = useNames();
  const { all, byId } = useCatalogue();
  const { dayOfMs } = useFormat();
  if (!rules) return <MissingPage />;
  const trip = openTrip(book) ?? tripsInOrder(book).at(-1);
  const zone =
    rules.zones.find((z) => z.id === (params.get('zone') ?? (trip && placeNow(trip).zone))) ?? rules.zones[0];
  const asked = params.get('day');
  const day = asked && /^\d{4}-\d\d-\d\d$/.test(asked) ? asked : dayOfMs(nowMs());
  if (!zone) return <MissingPage />;
  const b = briefing(
    rules,
    zone.id,
    day,
    all.map((s) => s.id),
    AHEAD,
  );
  const say = (r: Rule): string => readRule(r, names);
  const sizes = (list: readonly Rule[]): string => {
    const least = leastOf(list);
    const others = list.filter((r) => SIZES.has(r.kind) && r.kind !== 'minimumSize');
    return [
      ...(least
        ? [`${shortLength(least.mm)}${least.kind === 'discWidth' ? ' wide' : least.kind === 'fork' ? ' fork' : ''}`]
        : []),
      ...others.map((r) =>
        say(r)
          .replace(/^[^:]*: /, '')
          .replace(/\.$/, ''),
      ),
    ].join('; ');
  };
  const livesHere = (id: string): boolean => zone.grounds.some((g) => (byId(id)?.grounds[g] ?? 0) > 0);
  const open = b.species.filter((s) => !s.shut && livesHere(s.speciesId));
  const strays = b.species.filter((s) => !s.shut && !livesHere(s.speciesId));
  const shut = b.species.filter((s) => s.shut);
  const until = addDays(day, AHEAD);
  const lapsing = book
    .all('member')
    .flatMap((m) =>
      (m.licences ?? [])
        .filter((l) => l.until < until)
        .map(
          (l) =>
            `${m.name}: ${l.name}, ${l.until < day ? 'lapsed on' : 'to'} ${sayDate(l.until)} ${l.until.slice(0, 4)}`,
        ),
    );

  return (
    <PrintPage
      title="Briefing"
      aside={
        <>
          {rules.name}
          {rules.sample ? ', not law' : ''}
          <br />
          version {rules.version}, checked {sayDate(rules.checked)} {rules.checked.slice(0, 4)}
        </>
      }
      cells={[
        ['Day', `${sayDay(day)} ${day.slice(0, 4)}`],
        ['Zone', zone.name],
        ['Ground', zone.about],
        [
          'Sun',
          b.sun?.rise ? `${sayTime(b.sun.rise)} to ${sayTime(b.sun.set)}` : b.sun ? `up all ${b.sun.all}` : 'not known',
        ],
      ]}
      foot={['The local authority’s text decides.', `${rules.authority}`]}
    >
      {b.all.length > 0 && (
        <>
          <h2>For all fish</h2>
          <ul className="list-none">
            {b.all.map((r) => (
              <li className="py-[3px] px-0 border-b border-[#ccc]" key={r.id}>
                <b>{r.sentence}</b> {r.kind === 'advice' ? '' : say(r)}
              </li>
            ))}
          </ul>
        </>
      )}
      <h2>{open.length > 0 ? 'Open today' : 'Nothing may be kept here today'}</h2>
      {open.length > 0 && <OpenTable open={open} byId={byId} names={names} sizes={sizes} say={say} />}
      {strays.length > 0 && (
        <p className="mt-1.5 text-[13px]">
          Rarely caught here, but with their own rules:{' '}
          {sayAll(strays.map((s) => `${names.species(s.speciesId)} ${sizes(s.rules)}`))}.
        </p>
      )}
      {shut.length > 0 && (
        <>
          <h2>Must be released today</h2>
          <ul className="list-none">
            {shut.map((s) => (
              <li className="py-[3px] px-0 border-b border-[#ccc]" key={s.speciesId}>
                <b>{names.species(s.speciesId)}</b>
              </li>
            ))}
          </ul>
        </>
      )}
      <h2>What changes by {sayDate(until)}</h2>
      {b.changes.length === 0 ? (
        <p>Nothing.</p>
      ) : (
        <ul className="list-none">
          {b.changes.map((c) => (
            <li className="py-[3px] px-0 border-b border-[#ccc]" key={`${c.day} ${c.rule.id}`}>
              <b>{sayDate(c.day)}:</b> {c.what}: {say(c.rule)}
            </li>
          ))}
        </ul>
      )}
      {lapsing.length > 0 && (
        <>
          <h2>Papers that expire by then</h2>
          <ul className="list-none [.in-short+&]:mt-1 [.in-short+&]:col-span-full">
            {lapsing.map((x) => (
              <li className="py-[3px] px-0 border-b border-[#ccc] [li+&]:mt-1" key={x}>
                {x}
              </li>
            ))}
          </ul>
        </>
      )}
      <HurtsHere all={all} livesHere={livesHere} />
    </PrintPage>
  );
}
