import { sayAny } from '@dagboek/core/units';
import type { DoorList, HomeNetwork, JoinCode } from '@dagboek/journal/log';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { sayDate } from '@dagboek/core/time';
import { plural, useFormat, sayAll } from '../../asked/format.ts';
import { minutesSeconds } from '../../ui/minutes-seconds.ts';
import { Row } from '../../frame/page.tsx';
import { Ticking } from '../../ui/ticking.tsx';
import { Key } from '../../ui/key.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { doorListQuery, showCode } from './door.ts';
import { ScanCode } from './scan-code.tsx';
import { Sign, TrustSteps } from './trust-steps.tsx';

/** How a phone comes to the book: it learns to trust this machine, what it was given is compared, and only then is a code shown. */
export function LetPhoneIn({
  home,
  list,
  fetchedMs,
  trouble,
}: {
  home: HomeNetwork;
  list: DoorList | undefined;
  fetchedMs: number;
  trouble: string | undefined;
}) {
  const client = useQueryClient();
  const showing = useMutation({
    mutationFn: showCode,
    networkMode: 'always',
    onSuccess: () => client.invalidateQueries({ queryKey: doorListQuery.queryKey }),
  });
  const code = list?.code ?? null;
  const trust = home.trustUrls[0];
  if (home.urls.length === 0)
    return (
      <Row className="pad">
        <h2>Add a phone</h2>
        <p>
          This computer is not in a home or boat network now. Join one, or use a phone’s hotspot. The address appears
          here by itself.
        </p>
      </Row>
    );
  return (
    <>
      {trust && home.fingerprint && <Trust home={home} url={trust} digits={home.fingerprint} />}
      <Row className="pad ruled">
        <h2>{trust ? '2. The phone joins the book' : 'Add a phone'}</h2>
        {code ? (
          <Shown home={home} code={code} fetchedMs={fetchedMs} />
        ) : (
          <>
            {trust && (
              <p>When the phone’s own settings show every pair as above, and the phone trusts this computer:</p>
            )}
            <div className="keys">
              <Key
                act
                name="Show a code"
                note="valid for ten minutes; each code adds one phone"
                onClick={() => !showing.isPending && showing.mutate()}
              />
            </div>
          </>
        )}
        <Trouble says={showing.error?.message ?? trouble} />
        <p className="mt-4">
          Phones find the book by its address: {sayAny(home.urls)}. Set your router to keep this address, or phones will
          have to join again.
          {home.others.length > 0 &&
            ` This computer does not answer at its other addresses (${sayAll(home.others)}); DAGBOEK_LAN_ADDRESS chooses another.`}
        </p>
      </Row>
    </>
  );
}

function Trust({ home, url, digits }: { home: HomeNetwork; url: string; digits: string }) {
  const { day } = useFormat();
  return (
    <Row className="pad">
      <h2>1. The phone learns to trust this machine</h2>
      <p>Do this in the same network, once for each phone. Afterwards the phone works at sea, without a signal.</p>
      <div className="mt-3 gap-6 flex flex-wrap">
        <ScanCode text={url} label={`A code to scan: it opens ${url}`} />
        <div className="flex-[1_1_320px] min-w-0 wrap-anywhere">
          <p>
            Scan this code, or open <b>{url}</b> on the phone, and download the certificate there.
          </p>
          <p>
            Then compare. <b>The phone’s own settings</b> show these pairs of the certificate, under SHA-256. A page on
            the phone proves nothing, whatever it shows: someone in between could have written it.
          </p>
          <Sign digits={digits} />
          <p>If one pair differs, remove the certificate from the phone, and stop.</p>
        </div>
      </div>
      <TrustSteps />
      {home.trustedUntil && (
        <p className="hint">
          Phones trust this machine until {sayDate(day(home.trustedUntil))} {home.trustedUntil.slice(0, 4)}; then they
          need a new certificate. The certificate is valid for this computer only, and nobody can sign anything else
          with it.
        </p>
      )}
    </Row>
  );
}

/** "482 915": as it is read aloud. */
const inThrees = (code: string): string => code.replace(/(\d{3})(?=\d)/g, '$1 ');

/** The code, and the way to where it is typed: over TLS alone. */
function Shown({ home, code, fetchedMs }: { home: HomeNetwork; code: JoinCode; fetchedMs: number }) {
  return (
    <div className="mt-3 gap-6 flex flex-wrap">
      <ScanCode
        text={`${home.urls[0]}/join#${code.code}`}
        label={`A code to scan: it opens ${home.urls[0]} and joins`}
      />
      <div className="flex-[1_1_320px] min-w-0 wrap-anywhere">
        <p className="code-digits gap-3 flex flex-wrap items-baseline">
          <small>Code</small>
          <b className="font-bold text-[3rem] leading-none font-head [font-variant-numeric:tabular-nums]">
            {inThrees(code.code)}
          </b>
          <small>
            for <Ticking say={() => minutesSeconds(code.forMs - (Date.now() - fetchedMs))} />
          </small>
        </p>
        {code.wrong > 0 && (
          <p className="alert alert-warning" role="status">
            <b>{plural(code.wrong, 'wrong code')} tried since this was asked for.</b>{' '}
            {code.code.length > 6
              ? 'A longer code is needed now, which cannot be guessed. If nobody here mistyped, someone in your network is trying codes.'
              : ''}
          </p>
        )}
        <ol className="pl-[1.4em] my-3 mx-0 [list-style:decimal]">
          <li>
            <b>Scan</b> this with a phone that trusts this machine, or open {home.urls[0]}/join on it.
          </li>
          <li>
            <b>Type</b> the code, if it is not filled in: only where the address begins with <b>https</b>.
          </li>
        </ol>
      </div>
    </div>
  );
}
