import type { MarinadeAsked } from '@dagboek/core/cook';
import { saySpan } from '@dagboek/core/time';
import type { MarinadeChoice, MarinadeNow } from '@dagboek/journal';
import { useState } from 'react';
import { Quantity } from '../../asked/quantity.tsx';
import { sayTemperature, sayThickness } from '../../asked/units.ts';
import { Chips } from '../../ui/chips.tsx';
import { LineKey } from '../../ui/key.tsx';
import { capital } from '../../ui/names-in-text.ts';
import { typedNumber } from '../../ui/typed-number.ts';
import { useWidth } from '../../ui/use-width.ts';

const NOTHING = 'nothing';
/** A piece is drawn so tall, px. */
const TALL = 64;
const MIN_MS = 60_000;

/** A slice from face to face, so dark as salt has come, so white as citrus has. */
function Across({ wide, lay, label }: { wide: number; lay: MarinadeNow; label: string }) {
  const { across, whiteMm } = lay.done;
  const high = TALL / across.length;
  return (
    <svg width={wide} height={TALL + 2} role="img" aria-label={label} className="block my-2">
      <rect
        x="1"
        y="1"
        width={wide - 2}
        height={TALL}
        fill={whiteMm === null ? 'var(--paper-open)' : 'var(--teal-wash)'}
      />
      {across.map((share, i) => (
        <rect
          key={i}
          x="1"
          y={1 + i * high}
          width={wide - 2}
          height={high + 0.5}
          fill={whiteMm === null ? 'var(--teal)' : 'var(--paper-open)'}
          opacity={whiteMm === null ? share * 0.75 : share}
        />
      ))}
      <rect x="1" y="1" width={wide - 2} height={TALL} fill="none" stroke="var(--ink)" strokeWidth="1.6" />
    </svg>
  );
}

/** What salt or citrus has done by then, in a sentence. */
function sayDone({ done: { salt, whiteMm } }: MarinadeNow): string | null {
  if (salt) return `About ${salt.percent.toFixed(1)} % salt by then: ${salt.tastes}.`;
  return whiteMm === null ? null : `White ${sayThickness(whiteMm)} deep by then.`;
}

/** What the fish lies in before its fire, how long, what that does, and what becomes of it. */
export function MarinadeFields({
  lays,
  lay,
  setLay,
  thicknessMm,
  of,
  setHot,
}: {
  lays: readonly MarinadeChoice[];
  lay: MarinadeNow | null;
  setLay: (to: MarinadeAsked | null) => void;
  thicknessMm: number;
  /** What is hot: "the pan". */
  of: string;
  setHot: (c: number) => void;
}) {
  const [typed, setTyped] = useState('');
  const [ref, width] = useWidth(320);
  if (lays.length === 0) return null;
  const usual = lays.find((c) => c.id === lay?.asked.id)?.usual ?? null;
  const says = lay && sayDone(lay);
  return (
    <div ref={ref}>
      <Chips
        label="Lies in first"
        options={[{ value: NOTHING, text: 'nothing' }, ...lays.map((c) => ({ value: c.id, text: c.name }))]}
        value={lay?.asked.id ?? NOTHING}
        onChange={(id) => {
          setTyped('');
          setLay(lays.find((c) => c.id === id)?.usual ?? null);
        }}
      />
      {lay && usual && (
        <>
          <Quantity
            label="How long"
            unit="min"
            whole
            value={typed}
            placeholder={String(usual.minutes)}
            onChange={(text) => {
              setTyped(text);
              const n = text.trim() === '' ? usual.minutes : typedNumber(text);
              if (n !== null && Number.isFinite(n)) setLay({ ...lay.asked, minutes: n });
            }}
          />
          {lay.done.across.length > 0 && (
            <figure>
              <Across
                wide={Math.min(width, 360)}
                lay={lay}
                label={`${sayThickness(thicknessMm)} from face to face. ${says ?? ''}`}
              />
              <figcaption className="text-cap text-ink-2">
                A slice of {sayThickness(thicknessMm)}, flesh side up:{' '}
                {lay.done.whiteMm === null ? 'dark where the salt is.' : 'white as far as the acid has set it.'}
              </figcaption>
            </figure>
          )}
          <p>
            {says && (
              <>
                <b>{says}</b>{' '}
              </>
            )}
            A quarter of an hour {lay.quarter}; a night {lay.overnight}. On the clock:{' '}
            {saySpan(Math.max(1, Math.round(lay.asked.minutes)) * MIN_MS)} in the fridge.
          </p>
          {lay.trouble && <p className="alert alert-warning">{lay.trouble}</p>}
          {lay.tooHotC !== null && (
            <p className="alert alert-warning">
              <b>It burns.</b> {capital(of)}: {sayTemperature(lay.tooHotC)} at most after this.{' '}
              <LineKey onClick={() => setHot(lay.tooHotC!)}>Set {sayTemperature(lay.tooHotC)}</LineKey>
            </p>
          )}
          {lay.mind.map((say) => (
            <p key={say} className="alert alert-error">
              {say}
            </p>
          ))}
        </>
      )}
    </div>
  );
}
