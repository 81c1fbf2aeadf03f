import { massBalance, nextStage, routeOf, stageName, type StageOf, stagesOf, staysWhole } from '@dagboek/core/cut';
import { byproductCaution } from '@dagboek/core/harm';
import {
  BYPRODUCT_USES,
  type CutState,
  doubtsOf,
  freshnessOfFish,
  judgeWeighing,
  massOf,
  packNumber,
  weighingsOf,
} from '@dagboek/journal';
import { StruckBanner } from '../kit/struck-banner.tsx';
import { HistamineNote } from '../kit/histamine-note.tsx';
import { saySpan } from '@dagboek/core/time';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { MissingPage } from '../app/missing-page.tsx';
import { type Species, useCatalogue, sayFish, useNames } from '../kit/catalogue.ts';
import { DeckKey } from '../kit/deck-key.tsx';
import { FigurePlate } from '../kit/figure-view.tsx';
import { LogLines } from '../kit/facts/log-lines.tsx';
import { HazardStrip } from '../kit/hazard-strip.tsx';
import { useFormat } from '../kit/format.ts';
import { useBook } from '../kit/journal/journal-context.tsx';
import { useWrite } from '../kit/journal/use-write.ts';
import { Page, Row } from '../kit/page.tsx';
import { Chips, plain } from '../kit/ui/chips.tsx';
import { Quantity } from '../kit/ui/quantity.tsx';
import { useNow } from '../kit/use-now.ts';
import { IntoPack } from './into-pack.tsx';
import { YieldBars } from './yield-bars.tsx';
import { Trouble } from '../kit/ui/trouble.tsx';
import { inSentence } from '../kit/names-in-text.ts';
import { asTyped, inField, sayGrams, sayMass, typedAmount, units } from '../kit/units.ts';
import { Key } from '../kit/ui/key.tsx';

/** One cut, from whole to trimmed: weighed stage by stage, against what is usual, then into packs. */
export function CutPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const cut = book.getAny('cut', id);
  const { byId } = useCatalogue();
  if (!cut) return <MissingPage />;
  return <Cut cut={cut} species={byId(book.getAny('fish', cut.fish[0])?.species)} />;
}

function Cut({ cut, species }: { cut: CutState; species: Species | null }) {
  const { book } = useBook();
  const names = useNames();
  const { time, shortDay, day } = useFormat();
  const now = useNow();
  const fish = cut.fish.flatMap((f) => book.getAny('fish', f) ?? []);
  const count = fish.reduce((n, f) => n + f.count, 0);
  const known = fish.reduce<number | null>((g, f) => {
    const m = massOf(f, species);
    return g === null || !m ? null : g + m.g * f.count;
  }, 0);
  const weighed = fish.every((f) => f.mass?.how === 'scale');
  const route = routeOf(cut.route);
  const next = nextStage(route, cut.stages);
  const doubts = doubtsOf(book, cut, units);
  const packs = book.naming('pack', cut.id);
  const landed = fish[0]?.landed.at;
  const name = species
    ? `${count > 1 ? `${count} ` : ''}${count > 1 ? inSentence(species.name) : species.name}`
    : 'Fish';
  return (
    <Page
      title={`Board: ${name}`}
      first={{ label: 'Cut', value: shortDay(day(cut.startedAt)).slice(0, 6) }}
      cells={[
        {
          label: 'On the board',
          value: `${name}${landed ? `, ${saySpan(Date.parse(cut.startedAt) - Date.parse(landed))} from the water` : ''}`,
        },
        { label: 'Way', value: `${names.member(cut.by)}, ${cut.route}` },
        { label: 'Packs', value: packs.length ? packs.map((p) => packNumber(book, p)).join(', ') : 'none yet' },
      ]}
    >
      <div className="with-margin wide">
        <div>
          <StruckBanner state={cut} />
          <Row className="route-row">
            <RouteLine cut={cut} next={next} packed={packs.length > 0} />
          </Row>
          {next && species && (
            <Weighing
              key={next.stage}
              cut={cut}
              stage={next}
              species={species}
              known={known}
              weighed={weighed}
              startedAt={time(cut.startedAt)}
              since={now - Date.parse(cut.startedAt)}
            />
          )}
          {doubts.map((d) => (
            <Row key={d} className="pad">
              <p className="asks">
                <b>This cannot be.</b> {d}
              </p>
            </Row>
          ))}
          {species && (
            <IntoPack
              cut={cut}
              species={species}
              pieces={count}
              known={known}
              open={next === null || cut.stages.fillets !== undefined || staysWhole(route)}
            />
          )}
          <Row className="pad ruled">
            <Byproducts cut={cut} species={species} />
          </Row>
          <Row className="pad ruled">
            <h2>Lines of this cut</h2>
            <LogLines lines={cut.log} {...(landed ? { from: landed } : {})} />
          </Row>
        </div>
        <aside className="margin">
          <YieldBars cut={cut} species={species} known={known} />
          <h2 className="ruled">From</h2>
          <ul className="plain-list">
            {fish.map((f) => (
              <li key={f.id}>
                <Link to={`/fish/${f.id}`}>
                  {sayFish(f, names)}, caught by {names.member(f.angler)}
                </Link>
                <small>
                  {f.mass ? `${sayMass(f.mass.g)}${f.mass.how === 'estimated' ? ' estimated' : ''}` : 'not weighed'}
                </small>
              </li>
            ))}
          </ul>
        </aside>
      </div>
    </Page>
  );
}

/** Stages as stations: bar done, float now, ring to come. */
function RouteLine({ cut, next, packed }: { cut: CutState; next: StageOf | null; packed: boolean }) {
  const steps = [
    ...stagesOf(routeOf(cut.route), cut.stages).map((s) => ({
      word: s.short ?? s.name,
      state: cut.stages[s.stage] ? 'done' : s.stage === next?.stage ? 'now' : 'to come',
    })),
    { word: 'Packed', state: packed ? 'done' : next === null ? 'now' : 'to come' },
  ];
  return (
    <ol className="route" aria-label="Steps">
      {steps.map((s) => (
        <li key={s.word} data-state={s.state} aria-current={s.state === 'now' ? 'step' : undefined}>
          <span aria-hidden="true" />
          {s.word}
        </li>
      ))}
    </ol>
  );
}

function Weighing({
  cut,
  stage,
  species,
  known,
  weighed,
  startedAt,
  since,
}: {
  cut: CutState;
  stage: StageOf;
  species: Species;
  /** What was known of the fish before, g. */
  known: number | null;
  weighed: boolean;
  startedAt: string;
  since: number;
}) {
  const { write } = useWrite();
  const suggested = stage.stage === 'round' ? known : null;
  const [asked, setAsked] = useState<string | null>(null);
  const [value, setValue] = useState(suggested ? inField('mass', Math.round(suggested)) : '');
  const [error, setError] = useState<string | null>(null);
  const weigh = async (): Promise<void> => {
    const read = typedAmount('mass', value, suggested === null ? undefined : Math.round(suggested));
    if (!read || Number.isNaN(read.value)) return setError(`Give the weight, for example ${sayGrams(668)}.`);
    const massG = read.value;
    const judged = judgeWeighing(cut, species, stage.stage, massG, known, units);
    if (judged && 'cannot' in judged) return setError(judged.cannot);
    if (judged && asked !== judged.asks) return setAsked(judged.asks);
    const r = await write('cut.weighed', cut.id, {
      stage: stage.stage,
      massG,
      ...asTyped({ massG: read }),
    });
    if (!r.ok) setError(r.why);
  };
  const { caution } = stage;
  return (
    <Row
      className="open-entry"
      time={
        <>
          <b className="now-time">{startedAt}</b>
          <span>on the board</span>
          <b className="since">{saySpan(since)}</b>
        </>
      }
    >
      <h2 className="step-sentence">{stage.todo}</h2>
      <HazardStrip hazards={species.hazards} aid={species.id} />
      {stage.stage === 'round' && <Histamine cut={cut} />}
      {caution && (
        <div className="hazard-strip blade" role="note">
          <strong>Blade</strong>
          <p>{caution}</p>
        </div>
      )}
      <div className="cut-body">
        <div className="cut-figure">
          <FigurePlate
            spec={species.figure}
            size={490}
            options={stage.stage === 'round' ? {} : { cuts: routeOf(cut.route).drawn }}
          />
          {stage.stage !== 'round' && <small>Cut lines by rule of the body plan: about here.</small>}
        </div>
        <div>
          <Quantity
            big
            autoFocus
            label={stage.name}
            amount="mass"
            value={value}
            onChange={(v) => (setValue(v), setError(null), setAsked(null))}
            error={error}
            onEnter={() => void weigh()}
          />
          {suggested !== null && (
            <p className="hint">
              {weighed
                ? 'As weighed on deck. Weigh again if it has drained.'
                : 'Estimated from the length; better weighed.'}
            </p>
          )}
        </div>
      </div>
      {asked && (
        <p className="asks" role="alert">
          <b>Look again.</b> {asked} If it is right, press the key once more.
        </p>
      )}
      <div className="keys foot-keys">
        <DeckKey
          act
          name={`${stage.short ?? stage.name} weighed`}
          note={asked ? 'writes it as it stands' : 'writes the weight'}
          onClick={() => void weigh()}
        />
      </div>
    </Row>
  );
}

/** The clock of histamine of what lies on the board, fish by fish. */
function Histamine({ cut }: { cut: CutState }) {
  const { book } = useBook();
  const { byId } = useCatalogue();
  const names = useNames();
  const now = useNow(60_000);
  return (
    <>
      {cut.fish.map((id) => {
        const fish = book.getAny('fish', id);
        const clock = freshnessOfFish(book, id, byId, now)?.histamine;
        return fish && <HistamineNote key={id} of={sayFish(fish, names)} clock={clock} />;
      })}
    </>
  );
}

function Byproducts({ cut, species }: { cut: CutState; species: Species | null }) {
  const { write } = useWrite();
  const [what, setWhat] = useState('frame and head');
  const caution = byproductCaution(what, species);
  const [grams, setGrams] = useState('');
  const [use, setUse] = useState<(typeof BYPRODUCT_USES)[number]>('stock');
  const [found, setFound] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const add = async (): Promise<void> => {
    const read = typedAmount('mass', grams);
    if (!read || Number.isNaN(read.value))
      return setTrouble(`Give the weight of the by-product, for example ${sayGrams(120)}.`);
    const massG = read.value;
    const w = weighingsOf(cut);
    const balance = massBalance(
      { ...w, byproducts: { ...w.byproducts, [what]: (w.byproducts[what] ?? 0) + massG } },
      (s) => stageName(routeOf(cut.route), s),
      units,
    );
    if (!balance.ok) return setTrouble(balance.why);
    const r = await write('cut.byproduct', cut.id, { what: what.trim(), massG, use, ...asTyped({ massG: read }) });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setGrams('');
  };
  const note = async (): Promise<void> => {
    const r = await write('cut.found', cut.id, { text: found.trim() });
    setTrouble(r.ok ? null : r.why);
    if (r.ok) setFound('');
  };
  return (
    <>
      <h2>Where the rest goes</h2>
      <div className="by-row">
        <div className="field">
          <label htmlFor="what">What</label>
          <input id="what" className="input" list="parts" value={what} onChange={(e) => setWhat(e.target.value)} />
          <datalist id="parts">
            {['frame and head', 'cheeks', 'throat', 'roe', 'liver', 'trimmings', 'skin', 'guts'].map((p) => (
              <option key={p} value={p} />
            ))}
          </datalist>
        </div>
        <Quantity label="Weight of it" amount="mass" value={grams} onChange={setGrams} />
        <Chips label="For" options={plain(BYPRODUCT_USES)} value={use} onChange={setUse} />
        <Key onClick={() => void add()} name="Note the part" />
      </div>
      <div className="by-row">
        <div className="field grow">
          <label htmlFor="found">Found inside: stomach, sex, worms, a cut gut</label>
          <input id="found" className="input" value={found} onChange={(e) => setFound(e.target.value)} />
        </div>
        <Key onClick={() => void note()} name="Note the find" />
      </div>
      {caution && (
        <p className="asks" role="status">
          {caution}
        </p>
      )}
      <Trouble says={trouble} />
    </>
  );
}
