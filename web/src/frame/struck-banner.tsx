import type { SubjectState } from '@dagboek/journal';
import { useState } from 'react';
import { useNames } from '../asked/names.ts';
import { useFormat } from '../asked/format.ts';
import { useBook } from '../offline/journal-context.tsx';
import { useWrite } from '../asked/use-write.ts';
import { Row } from './page.tsx';
import { Trouble } from '../ui/trouble.tsx';
import { Key } from '../ui/key.tsx';

/** Over a page whose thing was struck, or hangs on something that was: it counts nowhere, and can stand again. Nothing while it stands. */
export function StruckBanner({ state }: { state: SubjectState }) {
  const { book } = useBook();
  const names = useNames();
  const { time, shortDay, day } = useFormat();
  const { write } = useWrite();
  const [trouble, setTrouble] = useState<string | null>(null);
  if (book.stands(state)) return null;
  const { struck } = state;
  return (
    <Row className="pad struck-banner">
      <p className="alert alert-warning" role="status">
        {struck ? (
          <>
            <b>
              Crossed out {shortDay(day(struck.written))}, {time(struck.written)}, by {names.member(struck.member)}
              {struck.because ? `: ${struck.because}` : ''}.
            </b>{' '}
            It stays readable but does not count.
          </>
        ) : (
          <>
            <b>What this belongs to was crossed out.</b> It stays readable but does not count, until that is restored.
          </>
        )}
      </p>
      <Trouble says={trouble} />
      {struck && (
        <div className="keys">
          <Key
            onClick={() =>
              void write('log.struck', struck.subject, {}, { strikes: struck.id }).then((r) =>
                setTrouble(r.ok ? null : r.why),
              )
            }
            name="Restore it"
            note="with everything that belongs to it"
          />
        </div>
      )}
    </Row>
  );
}
