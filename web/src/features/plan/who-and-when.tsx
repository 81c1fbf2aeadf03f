import { type MemberState } from '@dagboek/journal';
import { Link } from 'react-router';
import { useNames } from '../../asked/names.ts';
import { DateTimeField, NO_TIME } from '../../asked/when.tsx';
import { ManyChips } from '../../ui/chips.tsx';
import { Trouble } from '../../ui/trouble.tsx';

/** Who is aboard, when they leave and when they mean to be back. */
export function WhoAndWhen({
  members,
  crew,
  setCrew,
  leaving,
  setLeaving,
  homeMs,
  setHome,
  home,
  timeTrouble,
}: {
  members: MemberState[];
  crew: string[];
  setCrew: (to: string[]) => void;
  leaving: number | null;
  setLeaving: (to: number | null) => void;
  homeMs: number | null;
  setHome: (to: number | null | undefined) => void;
  home: number | null | undefined;
  timeTrouble: string | null;
}) {
  const names = useNames();
  return (
    <>
      <h2>Who, and when?</h2>
      <ManyChips
        label="Aboard"
        options={members.map((m) => ({ value: m.id, text: names.member(m.id) }))}
        values={crew}
        onChange={setCrew}
      />
      <p className="line-links">
        <Link to="/crew">Add a person, box or place</Link> <Link to="/hurt">Someone is hurt</Link>
      </p>
      <DateTimeField label="Leaving" valueMs={leaving} onChange={setLeaving} />
      <DateTimeField label="Expected back" valueMs={homeMs} onChange={setHome} />
      {home !== undefined && <Trouble says={timeTrouble === NO_TIME ? null : timeTrouble} />}
    </>
  );
}
