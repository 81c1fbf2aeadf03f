import { type SettingsScreen, TRUST_STEPS } from '@dagboek/journal/log';

/** As a phone shows the digits of a certificate, in four rows: compared pair by pair. */
export function Sign({ digits }: { digits: string }) {
  const pairs = digits.split(' ');
  return (
    <p
      className="sign my-3 flex flex-col font-mono text-[clamp(0.95rem,4.4vw,1.25rem)] leading-normal font-bold whitespace-nowrap"
      aria-label={`SHA-256 of the certificate: ${digits}`}
    >
      {[0, 8, 16, 24].map((i) => (
        <code key={i}>{pairs.slice(i, i + 8).join(' ')}</code>
      ))}
    </p>
  );
}

/** A screen of the phone's settings, as far as it helps to find one's way. The words beside it say all of it. */
function Screen({ screen: { title, rows, marked } }: { screen: SettingsScreen }) {
  return (
    <span
      className="settings-screen mt-2 overflow-hidden border-2 border-rule-2 flex flex-col max-w-[17rem] rounded-[14px] bg-paper-open font-normal"
      aria-hidden="true"
    >
      <b>{title}</b>
      {rows.map((r, i) => (
        <span key={r} className={i === marked ? 'marked' : undefined}>
          {r}
        </span>
      ))}
    </span>
  );
}

/** How each kind of device is taught to trust this machine, to be read beside it: the page on the phone cannot be believed. */
export function TrustSteps() {
  return (
    <div className="trust-steps">
      {TRUST_STEPS.map(({ device, steps }) => (
        <details key={device}>
          <summary className="min-h-12 content-center font-bold cursor-pointer">{device}</summary>
          <ol className="pl-[1.4em] grid grid-cols-[repeat(auto-fit,minmax(min(240px,100%),1fr))] gap-x-10 [list-style:decimal]">
            {steps.map((s) => (
              <li key={s.say} className={s.compare ? 'font-bold' : undefined}>
                {s.say}
                {s.screen && <Screen screen={s.screen} />}
              </li>
            ))}
          </ol>
        </details>
      ))}
    </div>
  );
}
