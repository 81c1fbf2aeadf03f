/** How the steps of each dish are told apart: one bar, two, dots, dashes, and round again. */
const MARKS = ['bar', 'two', 'dots', 'dash', 'hollow'] as const;

/** The mark of the n-th dish, as tall as it is given room. */
export function DishMark({ n, height, faded = false }: { n: number; height: number; faded?: boolean }) {
  const mark = MARKS[n % MARKS.length]!;
  const ink = faded ? 'var(--rule-2)' : 'var(--teal)';
  return (
    <svg width="12" height={height} aria-hidden="true" className="flex-none">
      {mark === 'bar' && <rect x="1" width="8" height={height} fill={ink} />}
      {mark === 'two' && (
        <>
          <rect x="1" width="3" height={height} fill={ink} />
          <rect x="7" width="3" height={height} fill={ink} />
        </>
      )}
      {mark === 'dots' && (
        <path d={`M5.5 4V${height}`} stroke={ink} strokeWidth="6" strokeLinecap="round" strokeDasharray="0.1 10" />
      )}
      {mark === 'dash' && <path d={`M5 0V${height}`} stroke={ink} strokeWidth="8" strokeDasharray="9 4" />}
      {mark === 'hollow' && (
        <rect x="2" y="1" width="7" height={Math.max(2, height - 2)} fill="none" stroke={ink} strokeWidth="2" />
      )}
    </svg>
  );
}
