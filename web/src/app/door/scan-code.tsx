import { encode } from 'uqr';

/** An address as a code to scan, black on white by day and by night, with the quiet margin that cameras need. */
export function ScanCode({ text, label }: { text: string; label: string }) {
  const { data, size } = encode(text, { border: 3 });
  const path = data.flatMap((row, y) => row.flatMap((on, x) => (on ? [`M${x} ${y}h1v1h-1z`] : []))).join('');
  return (
    <svg
      className="flex-[0_0_auto] w-[min(260px,100%)] h-auto"
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label={label}
      shapeRendering="crispEdges"
    >
      <path d={`M0 0h${size}v${size}h-${size}z`} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
