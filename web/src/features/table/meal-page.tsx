import { sayAll } from '@dagboek/core/units';
import { NowTime } from '../../ui/now-time.tsx';
import { useNow } from '../../ui/use-now.ts';
import { useAsked } from '../../asked/asked.ts';
import { sayCore } from '@dagboek/core/harm';
import { mealCost, mealRecord, meanMark, type MealState, packNumber } from '@dagboek/journal';
import { saySpan, sayDay } from '@dagboek/core/time';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { sayFish, useNames } from '../../asked/names.ts';
import { CustodyHead, CustodyRow } from '../../fish/custody/custody-row.tsx';
import { LogLines } from '../../lines/log-lines.tsx';
import { plural, useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { newId } from '../../asked/use-write.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { PictureRow } from '../../offline/photos/picture-row.tsx';
import { TakePicture } from '../../offline/photos/take-picture.tsx';
import { PlatesRow } from '../../fish/plates-row.tsx';
import { StruckBanner } from '../../frame/struck-banner.tsx';
import { Chips } from '../../ui/chips.tsx';
import { LineKey } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { sayMass, sayTemperature, units } from '../../asked/units.ts';
import { Afterwards } from './afterwards.tsx';
import { DoneScale } from './done-scale.tsx';
import { LaidUp } from './laid-up.tsx';
import { MealMarks } from './meal-marks.tsx';

/** So many lines are drawn; the rest are told. */
const DRAWN = 8;

/** One meal: its fish from water to plate, how done it was, who liked it, what to change, what was left. */
export function MealPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const meal = book.getAny('meal', id);
  return meal ? <Meal meal={meal} /> : <MissingPage />;
}

function Meal({ meal }: { meal: MealState }) {
  const { book } = useBook();
  const asked = useAsked(useNow(60_000));
  const names = useNames();
  const { write } = useUndoWrite();
  const { day, time, shortDay } = useFormat();
  const record = mealRecord(asked, meal);
  const { lines } = record;
  const mark = meanMark(meal);
  const grams = meal.packs.reduce((g, p) => g + p.massG, 0);
  const heads = meal.eaters.length + meal.guests;
  const cost = mealCost(asked, meal);
  const drawn = lines.slice(0, DRAWN);
  return (
    <Page
      title={meal.name}
      first={{ label: 'Plates', value: heads }}
      cells={[
        { label: 'Day', value: sayDay(day(meal.servedAt)) },
        { label: 'Cook', value: names.member(meal.cook) },
        {
          label: 'Packs',
          value: `${sayAll(record.packs.map((p) => packNumber(book, p.pack)))}, ${sayMass(grams)}`,
        },
        ...(meal.beside.length > 0 ? [{ label: 'With', value: meal.beside.join(', ') }] : []),
      ]}
    >
      <StruckBanner state={meal} />
      <Row
        className="pad meal-head"
        time={
          <>
            <small className="font-normal text-cap text-ink-2">Served</small>
            <NowTime>{time(meal.servedAt)}</NowTime>
          </>
        }
      >
        <h2 className="huge text-[2.25rem] font-bold">{meal.name}</h2>
        <p>
          {record.waterToPlateMs !== null && (
            <>
              <b className="num text-[1.875rem] block">{saySpan(record.waterToPlateMs)}</b>
              <span>from the water to the plate</span>
            </>
          )}
        </p>
        <PlatesRow have={heads} want={heads} size={38} />
        <p className="ml-auto">
          <span className="num text-[3rem] text-teal">{mark ? mark.toFixed(1) : '–'}</span> of 5
        </p>
      </Row>
      <Row className="head-row">
        <div className="log-grid short min-h-6 text-cap text-ink-2 max-tablet:hidden">
          <span>Fish</span>
          <CustodyHead />
        </div>
      </Row>
      <div className="meal-lines relative">
        {drawn.map((l) => (
          <Row key={l.fish.id} className="line" time={shortDay(day(l.fish.landed.at))}>
            <Link to={`/fish/${l.fish.id}`} className="log-grid as-row short">
              <span className="name font-semibold text-[1rem] leading-[1.15]">{sayFish(l.fish, names)}</span>
              <CustodyRow line={l} fresh={null} />
            </Link>
          </Row>
        ))}
        {drawn.length > 1 && <LaidUp n={drawn.length} />}
      </div>
      {lines.length > DRAWN && (
        <Row className="line">
          <p className="log-sentence py-[7px] px-0 text-ink-2">and {lines.length - DRAWN} more fish</p>
        </Row>
      )}
      <div className="border-t-2 grid grid-cols-[minmax(0,5fr)_minmax(0,4fr)_minmax(0,4fr)] flex-1 border-ink max-tablet:grid-cols-[minmax(0,1fr)]">
        <section className="log-part">
          <Row className="pad">
            <h2>Log of this meal</h2>
            <LogLines lines={meal.log} />
            {meal.dinner && (
              <p className="line-links">
                <Link to={`/table/dinner/${meal.dinner}`}>How it was planned and cooked</Link>
              </p>
            )}
          </Row>
        </section>
        <section className="pad px-5.5 pt-4 pb-6 border-l border-rule-2 max-tablet:px-2.5 max-tablet:pt-3 max-tablet:pb-5 max-tablet:ml-[calc(var(--time-col)_+_6px)] max-tablet:border-t max-tablet:border-l-0 max-tablet:border-rule-2">
          <h2>How done was it?</h2>
          {meal.coreC !== null && <DoneScale pulledC={meal.pulledC} peakC={meal.coreC} />}
          <p>
            {meal.method.charAt(0).toUpperCase() + meal.method.slice(1)}
            {meal.doneness ? `, ${meal.doneness}` : ', doneness not noted'}
            {meal.coreC !== null ? `; ${sayTemperature(meal.coreC)} in the middle` : ''}. {sayCore(meal.coreC, units)}
          </p>
          {meal.cues.length > 0 && <p>Seen: {meal.cues.join('; ')}.</p>}
          <h2 className="ruled">Who liked it</h2>
          <MealMarks meal={meal} />
          {cost && (
            <p>
              About <b>{cost.plate.toFixed(2)}</b> a plate: {cost.trips.toFixed(2)} of what its trips cost
              {cost.rest > 0 ? `, ${cost.rest.toFixed(2)} for the rest` : ''}.
            </p>
          )}
        </section>
        <section className="pad px-5.5 pt-4 pb-6 border-l border-rule-2 max-tablet:px-2.5 max-tablet:pt-3 max-tablet:pb-5 max-tablet:ml-[calc(var(--time-col)_+_6px)] max-tablet:border-t max-tablet:border-l-0 max-tablet:border-rule-2">
          <Afterwards meal={meal} record={record} />
          <h2 className="ruled">Picture</h2>
          <PictureRow label="Pictures" of={meal.pictures.map((p) => ({ photo: p.photo, of: meal.name }))} />
          <TakePicture
            of="the meal"
            kept={null}
            onKept={(p) => {
              if (p) void write('meal.pictured', meal.id, { photo: p.photo });
            }}
          />
          <FellIll meal={meal} />
        </section>
      </div>
    </Page>
  );
}

/** Someone fell ill after it: noted as what happened to a person, with the meal's whole record a tap away. */
function FellIll({ meal }: { meal: MealState }) {
  const { book } = useBook();
  const names = useNames();
  const { write } = useUndoWrite();
  const navigate = useNavigate();
  const [open, setOpen] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const ill = book.all('incident').filter((i) => i.meal === meal.id);
  const begin = async (who: string): Promise<void> => {
    const id = newId();
    const r = await write('incident.begun', id, { card: 'poison', meal: meal.id, ...(who === 'guest' ? {} : { who }) });
    if (r.ok) void navigate(`/hurt/${id}`);
    else setTrouble(r.why);
  };
  return (
    <>
      <h2 className="ruled">Is someone ill?</h2>
      {ill.length > 0 && (
        <p className="alert alert-warning">
          <b>{plural(ill.length, 'person', 'people')} fell ill after this meal.</b>{' '}
          {ill.map((i) => (
            <Link key={i.id} to={`/hurt/${i.id}`}>
              {i.who ? names.member(i.who) : 'a guest'}{' '}
            </Link>
          ))}
        </p>
      )}
      <p className="line-links">
        <Link to={`/table/${meal.id}/record`}>Record of the fish, for a doctor</Link>
      </p>
      {open ? (
        <Chips
          label="Who"
          options={[
            ...meal.eaters.map((e) => ({ value: e, text: names.member(e) })),
            { value: 'guest', text: 'a guest' },
          ]}
          value={null}
          onChange={(who) => void begin(who)}
        />
      ) : (
        <p>
          <LineKey onClick={() => setOpen(true)}>Note who is ill, and see what to do</LineKey>
        </p>
      )}
      <Trouble says={trouble} />
    </>
  );
}
