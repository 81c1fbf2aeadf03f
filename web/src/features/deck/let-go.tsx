import { deepSentences, isGrave, RELEASE_ALWAYS, releaseSentences } from '@dagboek/core/harm';
import type { Verdict } from '@dagboek/core/rules';
import {
  depthAt,
  type FishState,
  HOOKS,
  RELEASE_REASONS,
  RELEASE_STATES,
  RELEASE_WORDS,
  releaseReason,
} from '@dagboek/journal';
import { useState } from 'react';
import { type Species, useCatalogue } from '../../asked/catalogue.ts';
import { DeckKey, TurnMark } from '../../lines/deck-key.tsx';
import { HazardStrip } from '../../fish/hazard-strip.tsx';
import { useBook, useBookValue } from '../../offline/journal-context.tsx';
import { useWrite } from '../../asked/use-write.ts';
import { units } from '../../asked/units.ts';
import { Chips, plain } from '../../ui/chips.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { NOW, type When, WhenField, whenMs } from '../../asked/when.tsx';
import { useUndoWrite } from '../../lines/take-back.tsx';

/** What the fish is, or may be: all that is known of it. */
const speciesOf = (fish: FishState, byId: (id: string | null) => Species | null): Species[] =>
  [fish.species, ...fish.orElse].flatMap((id) => byId(id) ?? []);

/** The water that a fish came from, m; null when its depth was not noted. */
export const useDepthOf = (fish: FishState): number | null =>
  useBookValue((book) => {
    const trip = book.getAny('trip', fish.trip);
    return trip ? depthAt(trip, fish.landed.at) : null;
  });

/** How it swam off, asked once it is back: nobody has a hand free before. */
function HowItWent({ fishId }: { fishId: string }) {
  const { book } = useBook();
  const { amend } = useWrite();
  const fish = book.get('fish', fishId);
  const [said, setSaid] = useState<(typeof RELEASE_STATES)[number] | null>(fish?.released?.state ?? null);
  if (!fish?.released) return null;
  return (
    <Chips
      label="It"
      options={plain(RELEASE_STATES)}
      value={said}
      onChange={(state) => (setSaid(state), void amend(fish, 'fish.released', { state }))}
    />
  );
}

/** Writes at once that it went back, for the reason that the rules give; how it swam off is asked after. */
export function useBackInWater(fish: FishState, verdict: Verdict | null, onDone: () => void) {
  const { write } = useUndoWrite();
  return async (): Promise<string | null> => {
    const facts = { reason: releaseReason(fish, verdict) };
    const r = await write('fish.released', fish.id, facts, {}, <HowItWent fishId={fish.id} />);
    if (r.ok) onDone();
    return r.ok ? null : r.why;
  };
}

/** The key that lets a fish go by choice; it asks why and how, and says how it is done. */
export function LetGoKey({
  fish,
  verdict,
  name = 'Let go',
  note = 'by choice',
  onDone,
}: {
  fish: FishState;
  verdict: Verdict | null;
  name?: string;
  note?: string;
  onDone: () => void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <DeckKey type="button" mark={<TurnMark />} name={name} note={note} onClick={() => setOpen(true)} />
      {open && (
        <ReleaseDialog
          fish={fish}
          reason={releaseReason(fish, verdict)}
          onClose={() => setOpen(false)}
          onDone={onDone}
        />
      )}
    </>
  );
}

function ReleaseDialog({
  fish,
  reason: first,
  onClose,
  onDone,
}: {
  fish: FishState;
  reason: (typeof RELEASE_REASONS)[number];
  onClose: () => void;
  onDone: () => void;
}) {
  const { write } = useUndoWrite();
  const kinds = speciesOf(fish, useCatalogue().byId);
  const depthM = useDepthOf(fish);
  const [reason, setReason] = useState(first);
  const [state, setState] = useState<(typeof RELEASE_STATES)[number]>('swam off');
  const [hook, setHook] = useState<(typeof HOOKS)[number] | null>(null);
  const [when, setWhen] = useState<When>(NOW);
  const [trouble, setTrouble] = useState<string | null>(null);
  const release = async (): Promise<void> => {
    const facts = { reason, state, ...(hook ? { hook } : {}) };
    const r = await write('fish.released', fish.id, facts, { atMs: whenMs(when) });
    if (r.ok) onDone();
    else setTrouble(r.why);
  };
  return (
    <Dialog title="Back in the water" open onClose={onClose}>
      <HazardStrip hazards={kinds.flatMap((s) => s.hazards.filter(isGrave))} />
      {releaseSentences(kinds).map((say) => (
        <p key={say}>
          <b>{say}</b>
        </p>
      ))}
      {[...deepSentences(kinds, depthM, units), ...RELEASE_ALWAYS].map((say) => (
        <p key={say}>{say}</p>
      ))}
      <Chips
        label="Why"
        options={RELEASE_REASONS.map((value) => ({ value, text: RELEASE_WORDS[value] }))}
        value={reason}
        onChange={setReason}
      />
      <Chips label="How was it?" options={plain(RELEASE_STATES)} value={state} onChange={setState} />
      <Chips label="The hook" options={plain(HOOKS)} value={hook} onChange={setHook} />
      <WhenField value={when} onChange={setWhen} />
      <Trouble says={trouble} />
      <div className="keys">
        <DeckKey act mark={<TurnMark />} name="Released" note="saves the entry" onClick={() => void release()} />
      </div>
    </Dialog>
  );
}
