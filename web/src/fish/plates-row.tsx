/** Plates that are covered, and those still wanting. */
export function PlatesRow({ have, want, size = 42 }: { have: number; want: number; size?: number }) {
  return (
    <div className="mt-2 gap-[5px] flex flex-wrap" role="img" aria-label={`${have} of ${want} plates`}>
      {Array.from({ length: Math.min(8, Math.max(want, Math.min(have, want))) }, (_, i) => (
        <svg key={i} width={size} height={size} viewBox="0 0 44 44" aria-hidden="true">
          <circle
            cx="22"
            cy="22"
            r="20"
            fill={i < have ? 'var(--paper-open)' : 'none'}
            stroke={i < have ? 'var(--teal)' : 'var(--buoy-ink)'}
            strokeWidth="2.4"
            strokeDasharray={i < have ? undefined : '4 4'}
          />
          {i < have && (
            <>
              <circle cx="22" cy="22" r="14" fill="none" stroke="var(--teal)" />
              <path d="M11 22C15 15.5 24 15.5 29 21L34 17.5V27L29 23C24 28.5 15 28.5 11 22Z" fill="var(--teal)" />
            </>
          )}
        </svg>
      ))}
    </div>
  );
}

/** A bag as boxes: used filled, this fish orange, left open. Always with the number in words beside it. */
export function BagBoxes({ most, used, now = 0 }: { most: number; used: number; now?: number }) {
  const n = Math.min(most, 5);
  const scale = n / most;
  const full = Math.round(used * scale);
  const mine = Math.min(n - full, Math.ceil(now * scale));
  return (
    <svg width={n * 11} height="20" aria-hidden="true">
      {Array.from({ length: n }, (_, i) => (
        <rect
          key={i}
          x={i * 11 + 1.5}
          y="1.5"
          width="7"
          height="17"
          fill={i < full ? 'var(--teal)' : i < full + mine ? 'var(--buoy)' : 'none'}
          stroke={i < full ? 'var(--teal)' : i < full + mine ? 'var(--ink)' : 'var(--rule-2)'}
          strokeWidth="1.5"
        />
      ))}
    </svg>
  );
}
