import type { ReactNode } from 'react';
import { useTitle } from './page.tsx';
import { Key, KeyLink } from '../ui/key.tsx';

/** A page to be printed: black on white, one sheet of A4, with its keys on the screen alone. */
export function PrintPage({
  title,
  aside,
  cells,
  foot,
  back = { to: '/plan', name: 'Back to the plan' },
  children,
}: {
  title: string;
  aside: ReactNode;
  cells: readonly (readonly [string, ReactNode])[];
  foot: readonly [ReactNode, ReactNode];
  /** Where it was opened from. */
  back?: { readonly to: string; readonly name: string };
  children: ReactNode;
}) {
  useTitle(title);
  return (
    <div className="print-ground">
      <nav className="print-keys" aria-label="Sheet">
        <Key act onClick={() => window.print()} name="Print it" note="or save as PDF" />
        <KeyLink to={back.to} name={back.name} />
      </nav>
      <main className="print-sheet" tabIndex={0} aria-label={title}>
        <header>
          <h1>{title}</h1>
          <p>{aside}</p>
        </header>
        <dl className="print-cells">
          {cells.map(([label, value]) => (
            <div key={label}>
              <dt>{label}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </dl>
        {children}
        <footer>
          <span>{foot[0]}</span>
          <span>{foot[1]}</span>
        </footer>
      </main>
    </div>
  );
}

/** Ten centimetres, to check the print's scale by. */
export const TenCentimetres = () => (
  <svg className="ten-cm" viewBox="0 0 108 12" role="img" aria-label="A bar ten centimetres long, to check the print">
    <path d="M2 2H102" stroke="#000" strokeWidth="0.6" />
    {Array.from({ length: 101 }, (_, i) => (
      <path
        key={i}
        d={`M${i + 2} 2v${i % 10 === 0 ? 4 : i % 5 === 0 ? 2.6 : 1.5}`}
        stroke="#000"
        strokeWidth={i % 10 === 0 ? 0.4 : 0.2}
      />
    ))}
    {Array.from({ length: 11 }, (_, i) => (
      <text key={i} x={i * 10 + 2} y="11" textAnchor="middle" style={{ fontSize: 4, fill: '#000' }}>
        {i}
      </text>
    ))}
  </svg>
);
