import { nextStage, routeOf, type StageOf, stagesOf, staysWhole } from '@dagboek/core/cut';
import {
  bestWeightOf,
  type CutState,
  doubtsOf,
  type FishState,
  onTheBoard,
  packNumber,
  progressOf,
  speciesOnBoard,
} from '@dagboek/journal';
import { saySpan } from '@dagboek/core/time';
import { Link, useParams } from 'react-router';
import { MissingPage } from '../../frame/missing-page.tsx';
import { StruckBanner } from '../../frame/struck-banner.tsx';
import { type Species, useCatalogue } from '../../asked/catalogue.ts';
import { sayFish, useNames } from '../../asked/names.ts';
import { LogLines } from '../../lines/log-lines.tsx';
import { useFormat } from '../../asked/format.ts';
import { useBook } from '../../offline/journal-context.tsx';
import { Page, Row } from '../../frame/page.tsx';
import { useNow } from '../../ui/use-now.ts';
import { Byproducts } from './byproducts.tsx';
import { IntoPack } from './into-pack.tsx';
import { KnifeTrend } from './knife-trend.tsx';
import { useSteaks } from './use-steaks.ts';
import { NotKnown } from './not-known.tsx';
import { PURPOSE_WORDS } from './purpose-words.ts';
import { WeighingEntry } from './weighing-entry.tsx';
import { YieldBars } from './yield-bars.tsx';
import { inSentence } from '../../ui/names-in-text.ts';
import { sayMass, units } from '../../asked/units.ts';

/** One cut, from whole to trimmed: weighed stage by stage, against what is usual, then into packs. */
export function CutPage() {
  const { id = '' } = useParams();
  const { book } = useBook();
  const cut = book.getAny('cut', id);
  const { byId } = useCatalogue();
  if (!cut) return <MissingPage />;
  return <Cut cut={cut} species={speciesOnBoard(book, cut.fish, byId)} />;
}

function Cut({ cut, species }: { cut: CutState; species: Species | null }) {
  const { book } = useBook();
  const names = useNames();
  const { timeBesideMs, shortDay, day } = useFormat();
  const now = useNow();
  const lies = onTheBoard(book, cut.fish, species);
  const { fish, count, knownG: known, weighed } = lies;
  const steaks = useSteaks(cut, species, lies);
  const progress = progressOf(book, cut, species);
  const route = routeOf(cut.route);
  const next = nextStage(
    route,
    cut.stages,
    cut.steps.map((s) => s.step),
  );
  const doubts = doubtsOf(book, cut, units);
  const packs = book.naming('pack', cut.id);
  const landed = fish[0]?.landed.at;
  const weightOf = (f: FishState): string => {
    const w = bestWeightOf(book, f, species);
    if (!w) return 'not weighed';
    return `${sayMass(w.g * f.count)}${{ scale: '', board: ' on the board', estimated: ' estimated' }[w.how]}`;
  };
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
        {
          label: 'Way',
          value: `${names.member(cut.by)}, ${cut.route}${cut.purpose === 'pan' ? '' : `, for: ${PURPOSE_WORDS[cut.purpose]}`}`,
        },
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
            <WeighingEntry
              key={next.stage}
              cut={cut}
              progress={progress}
              stage={next}
              species={species}
              known={known}
              weighed={weighed}
              startedAt={timeBesideMs(Date.parse(cut.startedAt), now)}
              since={now - Date.parse(cut.startedAt)}
            />
          )}
          {!species && <NotKnown fishId={cut.fish[0]} />}
          {doubts.map((d) => (
            <Row key={d} className="pad">
              <p className="alert alert-warning">
                <b>This cannot be.</b> {d}
              </p>
            </Row>
          ))}
          {species && (
            <IntoPack
              cut={cut}
              species={species}
              pieces={count * Math.max(1, steaks?.plan.steaksG.length ?? 1)}
              known={known}
              open={next === null || cut.stages.fillets !== undefined || staysWhole(route)}
            />
          )}
          <Row className="pad ruled">
            <Byproducts cut={cut} species={species} />
          </Row>
          <Row className="pad ruled">
            <h2>Log of this cut</h2>
            <LogLines lines={cut.log} {...(landed ? { from: landed } : {})} />
          </Row>
        </div>
        <aside className="margin">
          <YieldBars cut={cut} species={species} known={known} />
          <KnifeTrend by={cut.by} species={species} />
          <h2 className="ruled">From</h2>
          <ul className="plain-list">
            {fish.map((f) => (
              <li key={f.id}>
                <Link to={`/fish/${f.id}`}>
                  {sayFish(f, names)}, caught by {names.member(f.angler)}
                </Link>
                <small>{weightOf(f)}</small>
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
    <ol className="route px-0 pt-3 pb-2 flex" aria-label="Steps">
      {steps.map((s) => (
        <li
          className="pt-5.5 flex-1 relative text-center text-cap text-ink-2 before:inset-x-0 before:border-t-2 before:[border-top-style:dotted] before:content-[''] before:absolute before:top-[9px] before:border-rule-2 in-[.route]:[&[data-state='now']]:text-ink in-[.route]:[&[data-state='now']]:font-bold in-[.route]:[&[data-state='now']]:text-s in-[.route]:[&[data-state='done']]:before:border-t-4 in-[.route]:[&[data-state='done']]:before:top-2 in-[.route]:[&[data-state='done']]:before:border-teal"
          key={s.word}
          data-state={s.state}
          aria-current={s.state === 'now' ? 'step' : undefined}
        >
          <span
            className="size-3.5 border-2 border-teal absolute top-[3px] left-[calc(50%_-_7px)] rounded-[50%] bg-paper [.route_li[data-state='now']>&]:border-act-edge [.route_li[data-state='now']>&]:bg-act-fill [.route_li[data-state='now']>&]:h-4.5 [.route_li[data-state='now']>&]:top-px [.route_li[data-state='now']>&]:rounded-[7px] [.route_li[data-state='done']>&]:rounded-none [.route_li[data-state='done']>&]:w-[5px] [.route_li[data-state='done']>&]:left-[calc(50%_-_2px)] [.route_li[data-state='done']>&]:bg-teal"
            aria-hidden="true"
          />
          {s.word}
        </li>
      ))}
    </ol>
  );
}
