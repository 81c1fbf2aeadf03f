import type { StageAsked } from '@dagboek/core/cook';
import type { stageChoices } from '@dagboek/journal';
import { Quantity } from '../../asked/quantity.tsx';
import { inField, typedAmount } from '../../asked/units.ts';
import { Chips } from '../../ui/chips.tsx';
import { capital } from '../../ui/names-in-text.ts';
import { typedNumber } from '../../ui/typed-number.ts';
import { useState } from 'react';

const NOTHING = 'nothing';
type StageChoice = ReturnType<typeof stageChoices>[number];

/** Other fires before and after the one in which the fish gets done: which, how hot, how long. */
export function StageFields({
  kinds,
  stages,
  setStages,
}: {
  kinds: readonly StageChoice[];
  stages: readonly StageAsked[];
  setStages: (to: readonly StageAsked[]) => void;
}) {
  if (kinds.length === 0) return null;
  const kindOf = (id: string): StageChoice | null => kinds.find((k) => k.id === id) ?? null;
  const choose = (at: StageChoice['at'], id: string): void => {
    const own = kindOf(id) ? [kindOf(id)!.usual] : [];
    const others = stages.filter((s) => kindOf(s.id)?.at !== at);
    setStages(at === 'before' ? [...own, ...others] : [...others, ...own]);
  };
  return (
    <>
      {(['before', 'after'] as const).map((at) => {
        const of = kinds.filter((k) => k.at === at);
        const now = stages.find((s) => kindOf(s.id)?.at === at) ?? null;
        return (
          of.length > 0 && (
            <div key={at}>
              <Chips
                label={at === 'before' ? 'Before that' : 'At the end'}
                options={[{ value: NOTHING, text: 'nothing' }, ...of.map((k) => ({ value: k.id, text: k.name }))]}
                value={now?.id ?? NOTHING}
                onChange={(id) => choose(at, id)}
              />
              {now && (
                <StageField
                  key={now.id}
                  kind={kindOf(now.id)!}
                  stage={now}
                  change={(to) => setStages(stages.map((s) => (s.id === now.id ? to : s)))}
                />
              )}
            </div>
          )
        );
      })}
    </>
  );
}

/** How hot and how long one of them is. */
function StageField({
  kind,
  stage,
  change,
}: {
  kind: StageChoice;
  stage: StageAsked;
  change: (to: StageAsked) => void;
}) {
  const { usual } = kind;
  const [minutes, setMinutes] = useState(stage.seconds === usual.seconds ? '' : String(stage.seconds / 60));
  const [hot, setHot] = useState('');
  return (
    <div className="measure-row">
      <Quantity
        label={kind.step}
        unit="min"
        value={minutes}
        placeholder={String(usual.seconds / 60)}
        onChange={(typed) => {
          setMinutes(typed);
          const n = typed.trim() === '' ? usual.seconds / 60 : typedNumber(typed);
          if (n !== null && Number.isFinite(n)) change({ ...stage, seconds: n * 60 });
        }}
      />
      <Quantity
        label={`${capital(kind.hot)} at`}
        amount="temperature"
        value={hot}
        placeholder={inField('temperature', usual.mediumC)}
        onChange={(typed) => {
          setHot(typed);
          const c = typed.trim() === '' ? usual.mediumC : typedAmount('temperature', typed)?.value;
          if (c !== undefined && Number.isFinite(c)) change({ ...stage, mediumC: c });
        }}
      />
    </div>
  );
}
