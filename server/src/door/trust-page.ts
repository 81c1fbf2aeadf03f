import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { X509Certificate } from 'node:crypto';
import { type TrustStep, type TrustSteps, TRUST_STEPS } from '@dagboek/journal/log';
import { nameIn } from '../guards/known-host.ts';

const POLICY =
  "default-src 'none'; style-src 'unsafe-inline'; script-src 'self'; connect-src https:; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";
const HEADERS = {
  'Content-Security-Policy': POLICY,
  'X-Content-Type-Options': 'nosniff',
  'X-Frame-Options': 'DENY',
  'Referrer-Policy': 'no-referrer',
  'Permissions-Policy': 'camera=(), geolocation=(), microphone=()',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cache-Control': 'no-store',
};
const TIMES = { headersTimeout: 10_000, requestTimeout: 10_000, connectionsCheckingInterval: 2000 } as const;

/**
 * The page that teaches a phone to trust this machine, over plain HTTP since nothing is trusted yet: the authority's
 * certificate, the steps, and a key that goes on once the phone trusts it. It tells nothing of the book and takes nothing. It
 * shows no sign and takes no code: whoever stands between could show the true sign and hand out another certificate, and would
 * read the code. `urls`: where the book opens, the likeliest first. `names`: by which it may be asked.
 */
export function trustServer(authority: string, urls: readonly string[], names: readonly string[]): Server {
  const der = new X509Certificate(authority).raw;
  const html = page(urls);
  const answer = (res: ServerResponse, status: number, type: string, body: string | Buffer): void =>
    void res.writeHead(status, { ...HEADERS, 'Content-Type': type }).end(body);
  const text = 'text/plain; charset=utf-8';
  return createServer(TIMES, (req: IncomingMessage, res: ServerResponse) => {
    const path = (req.url ?? '/').split('?')[0];
    if (!names.includes(nameIn(req.headers.host ?? ''))) return answer(res, 403, text, 'Not by this name.\n');
    if (req.method !== 'GET' && req.method !== 'HEAD') return answer(res, 405, text, 'Only to be read.\n');
    if (path === '/') return answer(res, 200, 'text/html; charset=utf-8', html);
    if (path === '/trust.js') return answer(res, 200, 'text/javascript; charset=utf-8', SCRIPT);
    if (path === '/dagboek.crt') return answer(res, 200, 'application/x-x509-ca-cert', der);
    answer(res, 404, text, 'Nothing here. Begin at /\n');
  });
}

const SCRIPT = `
const says = document.getElementById('says');
const urls = [...document.querySelectorAll('[data-at]')].map((a) => a.dataset.at);
document.getElementById('go').addEventListener('click', async () => {
  says.textContent = 'One moment.';
  for (const url of urls) {
    try {
      await fetch(url + '/api/door/knock', { signal: AbortSignal.timeout(5000) });
      location.href = url + '/join';
      return;
    } catch {}
  }
  says.textContent = 'This phone does not trust the machine of the book yet, or is in another network. Do the steps above once more, the last one too.';
});
`;

const screen = ({ screen: s }: TrustStep): string =>
  s
    ? `<figure aria-hidden="true"><figcaption>${s.title}</figcaption>${s.rows
        .map((r, i) => `<span${i === s.marked ? ' class="marked"' : ''}>${r}</span>`)
        .join('')}</figure>`
    : '';

const steps = (of: TrustSteps, i: number): string =>
  `<details${i === 0 ? ' open' : ''}><summary>${of.device}</summary><ol>${of.steps
    .map((s) => `<li${s.compare ? ' class="compare"' : ''}>${s.say}${screen(s)}</li>`)
    .join('')}</ol></details>`;

const page = (urls: readonly string[]): string => `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Bring this phone to the book</title>
<style>
:root { color-scheme: light dark; --ground: #f3ebd9; --ink: #0d3036; --line: #b9ab8b; --act: #c2410c; --on: #fff; --sheet: #fcf8ec; }
@media (prefers-color-scheme: dark) { :root { --ground: #0b2227; --ink: #efe6d2; --line: #3f5a5e; --act: #f0a25c; --on: #1a0f05; --sheet: #123038; } }
body { margin: 0 auto; max-width: 38rem; padding: 1rem 1rem 3rem; background: var(--ground); color: var(--ink); font: 1.125rem/1.5 Georgia, serif; }
h1 { font-size: 1.6rem; line-height: 1.2; } h2 { font-size: 1.2rem; margin: 1.5rem 0 .25rem; }
.key { display: block; width: 100%; box-sizing: border-box; min-height: 3.5rem; padding: 1rem; border: 2px solid var(--ink); background: none; color: var(--ink); font: inherit; font-weight: bold; text-align: center; text-decoration: none; cursor: pointer; }
.act { background: var(--act); border-color: var(--act); color: var(--on); }
.key:focus-visible, summary:focus-visible { outline: 3px solid var(--ink); outline-offset: 3px; }
details { border-top: 1px solid var(--line); } details:last-of-type { border-bottom: 1px solid var(--line); }
summary { min-height: 3rem; padding: .75rem 0; cursor: pointer; font-weight: bold; box-sizing: border-box; }
li { margin: .6rem 0; } .compare { font-weight: bold; } #says { min-height: 1.5rem; font-weight: bold; }
figure { margin: .5rem 0 1rem; max-width: 17rem; border: 2px solid var(--line); border-radius: 1rem; overflow: hidden; background: var(--sheet); font: 1rem/1.3 system-ui, sans-serif; font-weight: normal; }
figcaption { padding: .5rem .75rem; font-weight: bold; border-bottom: 1px solid var(--line); }
figure span { display: block; padding: .6rem .75rem; border-bottom: 1px solid var(--line); } figure span:last-child { border: 0; }
.marked { box-shadow: inset .4rem 0 0 var(--act); padding-left: 1.1rem; font-weight: bold; }
</style>
<main>
<h1>Bring this phone to the book</h1>
<p>Once, at home: this phone learns to trust the machine that keeps the book. After that Dagboek opens here like any other application, and works at sea without a signal.</p>
<p><b>Do it beside the server’s screen.</b> This page cannot prove itself. The digits that you compare stand on the server’s screen, and on this phone in its own settings.</p>
<h2>1. Fetch the certificate</h2>
<a class="key" href="/dagboek.crt" download="dagboek.crt">Fetch the certificate</a>
<p>It vouches for this one machine, and for nothing else.</p>
<h2>2. Compare, and trust</h2>
${TRUST_STEPS.map(steps).join('\n')}
<h2>3. Go on</h2>
<button type="button" class="key act" id="go">Go on to the book</button>
<p id="says" role="status"></p>
<p>The book opens at ${urls.map((u) => `<span data-at="${u}">${u}</span>`).join(' or ')}. There, and only there, it asks for the code on the server’s screen. Never type the code on a page whose address begins with http:.</p>
<p>To undo it later, take the certificate named <b>Dagboek</b> out of the same settings.</p>
</main>
<script src="/trust.js"></script>
</html>
`;
