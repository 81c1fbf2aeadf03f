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
    <div className="print-ground px-3 pt-4 pb-10 bg-[#d9d4c8] min-h-screen night:bg-paper print:p-0 print:bg-white max-tablet:px-0 max-tablet:pt-2 max-tablet:pb-17.5">
      <nav
        className="mx-auto mt-0 mb-3.5 gap-3 flex flex-wrap max-w-[210mm] print:hidden! max-tablet:py-0 max-tablet:px-2"
        aria-label="Sheet"
      >
        <Key act onClick={() => window.print()} name="Print it" note="or save as PDF" />
        <KeyLink to={back.to} name={back.name} />
      </nav>
      <main
        className="print-sheet p-[14mm] my-0 mx-auto flex-1 block flex-col min-w-0 [--ink:#000] [--ink-2:#000] [--teal:#000] [--buoy:#000] [--buoy-ink:#000] [--crimson:#000] [--paper:#fff] [--paper-open:#fff] [--rule:#ccc] [--rule-2:#999] bg-white text-black max-w-[210mm] text-[13px] leading-[1.35] overflow-x-auto print:p-0 print:overflow-visible print:max-w-none max-tablet:p-3"
        tabIndex={0}
        aria-label={title}
      >
        <header className="pb-1.5 border-b-3 flex flex-wrap justify-between items-end gap-y-1 gap-x-5 border-black">
          <h1 className="text-[32px]">{title}</h1>
          <p className="text-right">{aside}</p>
        </header>
        <dl className="print-cells border-b flex flex-wrap border-black">
          {cells.map(([label, value]) => (
            <div className="py-1.5 pr-3.5 pl-0 mr-3.5 border-r border-black [.print-cells>&]:last:border-0" key={label}>
              <dt>{label}</dt>
              <dd className="font-bold text-[14px]">{value}</dd>
            </div>
          ))}
        </dl>
        {children}
        <footer className="pt-1 mt-[8mm] gap-3 border-t flex justify-between border-black">
          <span>{foot[0]}</span>
          <span>{foot[1]}</span>
        </footer>
      </main>
    </div>
  );
}

/** Ten centimetres, to check the print's scale by. */
export const TenCentimetres = () => (
  <svg
    className="ten-cm w-[108mm] h-[12mm] block"
    viewBox="0 0 108 12"
    role="img"
    aria-label="A bar ten centimetres long, to check the print"
  >
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
