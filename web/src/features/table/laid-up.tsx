/** Several lines laid up into one at the meal: drawn beside their rows, as tall as these together. */
export function LaidUp({ n }: { n: number }) {
  const y = (i: number): number => ((i + 0.5) / n) * 100;
  return (
    <svg
      className="absolute right-0 top-0 w-15 h-full pointer-events-none max-tablet:hidden"
      viewBox="0 0 60 100"
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      {Array.from({ length: n }, (_, i) => (
        <path
          key={i}
          d={`M0 ${y(i)}C28 ${y(i)} 22 50 50 50`}
          fill="none"
          stroke="var(--teal)"
          strokeWidth="3"
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </svg>
  );
}
