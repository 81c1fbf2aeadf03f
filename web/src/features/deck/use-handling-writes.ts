import { type FishState, type Writing } from '@dagboek/journal';
import type { WriteResult } from '../../asked/use-write.ts';
import { useUndoWrite } from '../../lines/take-back.tsx';
import { type useHowAndWhen } from './ways-fields.tsx';

/** Writes what was done to a fish: killed, bled or not, iced; each at the hour and in the way that was chosen. `then` hears what came of it. */
export function useHandlingWrites(
  fish: FishState,
  how: ReturnType<typeof useHowAndWhen>,
  snapped: boolean,
  then: (r: WriteResult, done?: boolean) => void,
) {
  const { write, writeAll } = useUndoWrite();
  const after = (r: WriteResult, done = false): void => {
    if (r.ok) how.clear();
    then(r, done);
  };
  const at = (): { atMs: number } => ({ atMs: how.atMs() });
  const dispatched = (): void => {
    const { signsSeen, wired, gutPierced } = how.marks;
    const facts = {
      how: how.kill,
      ...(signsSeen ? { signsSeen } : {}),
      ...(wired ? { wired } : {}),
      ...(gutPierced ? { gutPierced } : {}),
    };
    const list: Writing[] = [{ kind: 'fish.dispatched', subject: fish.id, facts, more: at() }];
    // In what it bled nobody chose: it bleeds on in the ice.
    if (snapped) list.push({ kind: 'fish.bled', subject: fish.id, facts: { cut: how.kill }, more: at() });
    void writeAll(list).then((r) => after(r));
  };
  const bled = (): void =>
    void write('fish.bled', fish.id, { cut: how.cut, medium: how.medium }, at()).then((r) => after(r));
  const notBled = (): void => void write('fish.bled', fish.id, { cut: 'none' }, at()).then((r) => after(r));
  const iced = (): void =>
    void write('fish.iced', fish.id, { box: how.box, how: how.icing }, at()).then((r) => after(r, true));

  return { dispatched, bled, notBled, iced };
}
