import { type Harm, whyNotToEat } from '@dagboek/journal';
import { HistamineNote } from './histamine-note.tsx';

/** Why nothing of a pack is eaten; nothing of one that may be. `of`: its name. */
export function NotToEat({ of, harm, unread = false }: { of: string; harm: Harm; unread?: boolean }) {
  const why = whyNotToEat(harm);
  if (why !== null && (harm.never !== null || harm.histamine?.state !== 'over'))
    return (
      <p className="alert alert-warning" role="note">
        <b>{of}: do not eat it.</b> {why}
      </p>
    );
  return <HistamineNote of={of} clock={harm.histamine} unread={unread} />;
}
