import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { X509Certificate } from 'node:crypto';
import { fingerprint } from './certificates.ts';

const POLICY = "default-src 'none'; style-src 'unsafe-inline'; script-src 'self'; connect-src https:";

/**
 * The page that teaches a phone to trust this machine, over plain HTTP since nothing is trusted yet: the authority's
 * certificate, the steps, and a key that goes on once the phone trusts it. It tells nothing of the book and takes nothing.
 * `urls`: where the book opens, the likeliest first.
 */
export function trustServer(authority: string, urls: () => readonly string[]): Server {
  const der = new X509Certificate(authority).raw;
  const answer = (res: ServerResponse, type: string, body: string | Buffer): void => {
    res.writeHead(200, {
      'Content-Type': type,
      'Content-Security-Policy': POLICY,
      'X-Content-Type-Options': 'nosniff',
      'Cache-Control': 'no-store',
    });
    res.end(body);
  };
  return createServer((req: IncomingMessage, res: ServerResponse) => {
    const path = (req.url ?? '/').split('?')[0];
    if (req.method !== 'GET' && req.method !== 'HEAD') return void res.writeHead(405).end();
    if (path === '/') return answer(res, 'text/html; charset=utf-8', page(fingerprint(authority), urls()));
    if (path === '/trust.js') return answer(res, 'text/javascript; charset=utf-8', SCRIPT);
    if (path === '/dagboek.crt') return answer(res, 'application/x-x509-ca-cert', der);
    res.writeHead(404, { 'Content-Type': 'text/plain; charset=utf-8' }).end('Nothing here. Begin at /\n');
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
      location.href = url + '/join' + location.hash;
      return;
    } catch {}
  }
  says.textContent = 'This phone does not trust the book’s machine yet, or stands in another network. Do the steps above once more, the last one too.';
});
`;

const page = (digest: string, urls: readonly string[]): string => `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Bring this phone to the book</title>
<style>
:root { color-scheme: light dark; --ground: #f3ebd9; --ink: #0d3036; --line: #b9ab8b; --act: #c2410c; --on: #fff; }
@media (prefers-color-scheme: dark) { :root { --ground: #0b2227; --ink: #efe6d2; --line: #3f5a5e; --act: #f0a25c; --on: #1a0f05; } }
body { margin: 0 auto; max-width: 38rem; padding: 1rem 1rem 3rem; background: var(--ground); color: var(--ink); font: 1.125rem/1.5 Georgia, serif; }
h1 { font-size: 1.6rem; line-height: 1.2; } h2 { font-size: 1.2rem; margin: 1.5rem 0 .25rem; }
.key { display: block; width: 100%; box-sizing: border-box; min-height: 3.5rem; padding: 1rem; border: 2px solid var(--ink); background: none; color: var(--ink); font: inherit; font-weight: bold; text-align: center; text-decoration: none; cursor: pointer; }
.act { background: var(--act); border-color: var(--act); color: var(--on); }
.key:focus-visible, summary:focus-visible { outline: 3px solid var(--ink); outline-offset: 3px; }
code { font: bold 1.2rem ui-monospace, monospace; letter-spacing: .05em; white-space: nowrap; }
details { border-top: 1px solid var(--line); } details:last-of-type { border-bottom: 1px solid var(--line); }
summary { min-height: 3rem; padding: .75rem 0; cursor: pointer; font-weight: bold; box-sizing: border-box; }
li { margin: .4rem 0; } #says { min-height: 1.5rem; font-weight: bold; }
</style>
<main>
<h1>Bring this phone to the book</h1>
<p>Once, at home: this phone learns to trust the machine that keeps the book. After that Dagboek opens here like any other application, and works at sea without a signal.</p>
<h2>1. Fetch the certificate</h2>
<a class="key" href="/dagboek.crt" download="dagboek.crt">Fetch the certificate</a>
<p>It can vouch for addresses inside a house only, never for a bank or a shop. The server’s screen shows the same sign as this page:</p>
<p><code>${digest}</code></p>
<p>If it shows another, stop: somebody stands between.</p>
<h2>2. Tell the phone to trust it</h2>
<details open><summary>Android</summary><ol>
<li>Open the settings and search them for <b>CA certificate</b>.</li>
<li>Choose <b>Install anyway</b>, and then the file <b>dagboek.crt</b> among the downloads.</li>
</ol></details>
<details><summary>iPhone and iPad</summary><ol>
<li>Open the settings: <b>Profile downloaded</b> stands on top. Install it.</li>
<li>Settings, <b>General</b>, <b>About</b>, <b>Certificate trust settings</b>: switch <b>Dagboek</b> on. Without this step the next key fails.</li>
</ol></details>
<details><summary>Another computer</summary><ol>
<li>Open the file and add it to the <b>trusted root authorities</b>, or read it under <b>Certificates, Authorities</b> in the settings of the browser.</li>
</ol></details>
<h2>3. Go on</h2>
<button type="button" class="key act" id="go">Go on to the book</button>
<p id="says" role="status"></p>
<p>It asks for the code on the server’s screen. The book opens at ${urls.map((u) => `<span data-at="${u}">${u}</span>`).join(' or ')}.</p>
<p>To undo it later, take the certificate named <b>Dagboek</b> out of the same settings.</p>
</main>
<script src="/trust.js"></script>
</html>
`;
