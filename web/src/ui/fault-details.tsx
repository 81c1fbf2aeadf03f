/** What the program says of a fault: for a report to those who mend it, folded, since it helps nobody else. */
export const FaultDetails = ({ why }: { why: string }) => (
  <details className="text-cap">
    <summary className="min-h-7">Details for a report</summary>
    <code>{why}</code>
  </details>
);
