import type { Species } from '@dagboek/catalogue';
import { routeOf, routesFor, stepIds, stepOf } from '@dagboek/core/cut';
import { type Trait } from '@dagboek/core/key';
import { LENGTH_WORDS } from '@dagboek/core/rules';
import { cutOverlay, type FigureOptions, type FigureSpec, type Part } from '@dagboek/figure';
import { useMemo, useState } from 'react';
import { FigurePlate } from '../../fish/figure-view.tsx';
import { Chips } from '../../ui/chips.tsx';
import { useWidth } from '../../ui/use-width.ts';
import { MarkedFish } from './marked-fish.tsx';
import { marksOf } from './marks-of.ts';

type View = 'marks' | 'dangers' | 'measure' | 'dispatch' | 'cuts';

const VIEWS: { value: View; text: string }[] = [
  { value: 'marks', text: 'Marks' },
  { value: 'dangers', text: 'Dangers' },
  { value: 'measure', text: 'Measure' },
  { value: 'dispatch', text: 'Kill and bleed' },
  { value: 'cuts', text: 'Cuts' },
];

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

function noteFor(view: View, s: Species): string {
  if (view === 'dangers')
    return s.hazards.length === 0
      ? 'No venom, poison or strong bite is known. Teeth and fins may scratch.'
      : 'V venomous, S sharp, B bites, T poison in the flesh, E electric organ. Blood, roe and skin are not drawn: read the words above.';
  if (view === 'measure')
    return `From snout to tail as drawn: ${LENGTH_WORDS[s.lengthKinds[0] ?? 'total']}. A rule may name another length.`;
  if (view === 'dispatch') return `About here. ${s.dispatch} ${s.bleeding}`;
  return s.yieldClass === 'none'
    ? 'Not for eating.'
    : 'Roughly here, for fillets: follow the bones with the knife, not the line.';
}

/** The drawing of a species with its marks, dangers, measure, target or cuts. */
export function MarksFigure({
  species: s,
  all,
  traits,
}: {
  species: Species;
  all: readonly Species[];
  traits: readonly Trait[];
}) {
  const [view, setView] = useState<View>('marks');
  const [form, setForm] = useState<string | null>(null);
  const [ref, width] = useWidth(600);
  const size = Math.max(300, Math.min(760, Math.round((width - 8) / 20) * 20));
  const chosen = s.forms?.find((f) => f.id === form) ?? null;
  const spec: FigureSpec = chosen?.figure ?? s.figure;
  const marks = useMemo(() => marksOf(s, all, traits), [s, all, traits]);
  return (
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
  );
}
