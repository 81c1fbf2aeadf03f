import type { Around, Stage } from './cook-through.ts';
import type { Method, Setting } from './method.ts';
import { methodOf, settingTrouble, usualSetting } from './methods.ts';
import type { PieceCut } from './piece.ts';
import { type StageKind, STAGES } from './stage-kinds.ts';

/** A fire before or after the one that goes on until the fish is done, as it is set. */
export interface StageAsked {
  /** Which of `STAGES`. */
  readonly id: string;
  readonly mediumC: number;
  readonly seconds: number;
}

/** A stage by its id; null of one that this version does not know. */
export const stageOf = (id: string): StageKind | null => STAGES.find((s) => s.id === id) ?? null;

/** What may stand before or after a way for this cut; none around what stays raw in the middle. */
export const stagesFor = (method: Method, cut: PieceCut): StageKind[] =>
  (STAGES as readonly StageKind[]).filter(
    (s) => s.with.some((id) => id === method.id) && s.cuts.includes(cut) && method.middle === 'cooked',
  );

/** As it is usually set. */
export const usualStage = (s: StageKind): StageAsked => ({ id: s.id, mediumC: s.usualC, seconds: s.minutes * 60 });

/** No stage is longer, s. */
const MOST_STAGE_S = 3600;

/** How a stage is set: in the liquid of the way itself as much of it. */
function settingOf(kind: StageKind, { mediumC }: StageAsked, main: Setting): Setting {
  const usual = usualSetting(methodOf(kind.method)!.heat!);
  return { mediumC, turns: kind.turns, amount: kind.sameBath ? main.amount : usual.amount };
}

/** What is wrong with the stages around a way, in a sentence; null when nothing. */
export function stagesTrouble(list: readonly StageAsked[], main: Setting): string | null {
  for (const s of list) {
    const kind = stageOf(s.id);
    if (!kind) return 'This version does not know one of its fires.';
    if (!(s.seconds >= 10 && s.seconds <= MOST_STAGE_S)) return `${kind.step}: between 10 seconds and an hour.`;
    const trouble = settingTrouble(methodOf(kind.method)!.heat!, settingOf(kind, s, main));
    if (trouble) return `${kind.step}: ${trouble}`;
  }
  return null;
}

/** The fires around a way, as they are reckoned. `times`: this kitchen takes so many times as long as the charts say. */
export function aroundOf(list: readonly StageAsked[], main: Setting, times = 1): Around {
  const known = list.flatMap((s) => {
    const kind = stageOf(s.id);
    return kind ? [{ kind, s }] : [];
  });
  const stages = (at: StageKind['at']): Stage[] =>
    known
      .filter(({ kind }) => kind.at === at)
      .map(({ kind, s }) => ({
        fire: methodOf(kind.method)!.heat!.fire(settingOf(kind, s, main)),
        seconds: s.seconds / times,
        waitS: (kind.waitMin * 60) / times,
      }));
  return {
    before: stages('before'),
    after: stages('after'),
    sameBath: known.some(({ kind }) => kind.at === 'before' && kind.sameBath === true),
  };
}
