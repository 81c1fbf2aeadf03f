import { type Menu, sayClash } from '@dagboek/core/menu';
import { type Writing } from '@dagboek/journal';
import { plural } from '../../asked/format.ts';
import { sayMass, units } from '../../asked/units.ts';
import { type WriteResult } from '../../asked/use-write.ts';
import { Row } from '../../frame/page.tsx';
import { DeckKey } from '../../lines/deck-key.tsx';
import type { NotComputed } from '../../offline/workers/compute.ts';
import { LineKey } from '../../ui/key.tsx';
import { type Known } from '../../ui/known.ts';
import { Trouble } from '../../ui/trouble.tsx';
import type { Shown } from './menu-shown.ts';
import { type MenuFound } from './use-menu.ts';

const WHY_NOT = {
  'not loaded':
    'The planner is not on this device yet; it downloads with the next signal. The last saved plan is shown below.',
  'too long': 'Planning took too long on this device, and was stopped. Plan fewer days.',
  'given up': '',
  failed: 'The plan could not be calculated. The last saved plan is shown below.',
} as const;

const sayMeasures = (m: { wasteG: number; short: number; again: number }): string =>
  [
    m.wasteG < 5 ? 'Nothing goes off.' : `${sayMass(m.wasteG)} cannot be eaten in time.`,
    m.short > 0.3 ? `${m.short.toFixed(1)} plates too few.` : '',
    m.again === 0 ? 'No species twice in a row.' : '',
  ]
    .filter(Boolean)
    .join(' ');

/** How the plan of meals stands: being reckoned, found, proven or not, and the key that keeps it. */
export function MenuState({
  busy,
  plan,
  fits,
  menu,
  pale,
  again,
  shown,
  trouble,
  keep,
  writeAll,
  setTrouble,
  answer,
}: {
  busy: boolean;
  plan: MenuFound | null;
  fits: boolean;
  menu: Menu | null;
  pale: boolean;
  again: () => void;
  shown: Shown;
  trouble: string | null;
  keep: Writing[];
  writeAll: (list: readonly Writing[]) => Promise<WriteResult>;
  setTrouble: (to: string | null) => void;
  answer: Known<MenuFound, NotComputed>;
}) {
  const why = answer.state === 'failed' ? answer.why : null;
  return (
    <Row className="pad ruled menu-state">
      <p className="[&[role='status']]:font-semibold" role="status">
        {busy
          ? 'Planning…'
          : plan && !plan.planned.ok && plan.planned.clash
            ? sayClash(plan.of, plan.planned.clash, units)
            : fits && menu && !pale
              ? sayMeasures(menu.measures)
              : why
                ? WHY_NOT[why]
                : plan && !plan.planned.ok
                  ? 'No plan was found in time. Plan fewer days, or fix fewer packs to a day.'
                  : ''}
      </p>
      {fits && menu && !menu.proven && !busy && (
        <p className="hint [&[role='status']]:font-semibold">
          This may not be the best plan: time ran out
          {menu.gap < 1 ? `, and no plan is better by more than ${Math.ceil(menu.gap * 100)} %` : ''}.
        </p>
      )}
      {(why !== null || (plan !== null && !plan.planned.ok)) && !busy && (
        <p className="in-[.menu-state]:[&[role='status']]:font-semibold">
          <LineKey onClick={again}>Plan again</LineKey>
          {shown.meals.length > 0 && !fits ? ' The last saved plan is shown below.' : ''}
        </p>
      )}
      <Trouble says={trouble} />
      <div className="keys mt-2">
        {keep.length > 0 && !busy && (
          <DeckKey
            act
            name="Save this plan"
            note={`saves ${plural(keep.length, 'day')}; shown in the larder`}
            onClick={() => void writeAll(keep).then((r) => setTrouble(r.ok ? null : r.why))}
          />
        )}
      </div>
    </Row>
  );
}
