import { spawn } from 'node:child_process';
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import { connect as connectPlain } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect } from 'node:tls';
import { makeAuthority } from '../../server/dist/door/certificates.js';

/** What the server may hold, MB. */
const MOST_MB = 300;

/** The built server in the network of a house that is this machine alone; what it says at the start, and how it is reached. */
export async function startHouse() {
  const data = mkdtempSync(join(tmpdir(), 'dagboek-storm-'));
  const child = spawn(process.execPath, ['server/dist/main.js'], {
    env: {
      ...process.env,
      DAGBOEK_DATA: data,
      DAGBOEK_PORT: '0',
      DAGBOEK_WEB: '',
      DAGBOEK_LOG: 'silent',
      DAGBOEK_LAN: '1',
      DAGBOEK_LAN_ADDRESS: '127.0.0.1',
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let said = '';
  await new Promise((resolve, reject) => {
    child.stdout.on('data', (d) => {
      said += String(d);
      if (said.includes('#here=')) resolve();
    });
    child.on('exit', () => reject(new Error(`the server stopped: ${said}`)));
  });
  const find = (pattern) => pattern.exec(said)?.[1] ?? '';
  const house = {
    child,
    url: find(/Dagboek is at (http:\S+?)\/\s/),
    https: find(/In your network: (https:\S+)/),
    trust: find(/opens (http:\S+)/),
    sign:
      said
        .match(/^ {2}((?:[0-9A-F]{2} ?){8})$/gm)
        ?.join(' ')
        .replace(/\s+/g, ' ')
        .trim() ?? '',
    screen: find(/#here=(\w+)/),
    ca: readFileSync(join(data, 'door/127.0.0.1.authority.crt'), 'utf8'),
    memoryMb: () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${child.pid}/status`, 'utf8'))?.[1] ?? 0) / 1024,
    async end() {
      const ended = new Promise((r) => child.once('exit', r));
      child.kill('SIGTERM');
      await ended;
      rmSync(data, { recursive: true, force: true });
    },
  };
  return house;
}

/** Somebody stands between, passes the true page on to the last letter, and swaps the certificate alone. */
export async function swappedFile(times) {
  const house = await startHouse();
  let [broken, told] = [0, 0];
  for (let i = 0; i < times; i++) {
    const forged = await makeAuthority('tern', ['127.0.0.1'], Date.now());
    const between = createServer(async (req, res) => {
      if (req.url === '/dagboek.crt') return res.end(new X509Certificate(forged.cert).raw);
      const { host } = new URL(house.trust);
      const true_ = await fetch(`http://${host}${req.url}`);
      res.setHeader('content-type', true_.headers.get('content-type') ?? '');
      res.end(await true_.text());
    });
    await new Promise((r) => between.listen(0, '127.0.0.1', r));
    const at = `http://127.0.0.1:${between.address().port}`;
    const page = await (await fetch(`${at}/`)).text();
    const script = await (await fetch(`${at}/trust.js`)).text();
    const given = new X509Certificate(Buffer.from(await (await fetch(`${at}/dagboek.crt`)).arrayBuffer()));
    // What the phone's settings show of it is compared with the server's screen; a page that showed a sign, or heard a code, helps who stands between.
    if (given.fingerprint256.replaceAll(':', ' ') !== house.sign) told++;
    if (page.includes(house.sign.slice(0, 11)) || /location\.hash/.test(script) || !page.includes('SHA-256')) broken++;
    between.close();
  }
  await house.end();
  return { tried: `${times} times; ${told} told by the digits`, lost: 0, broken: broken + (times - told) };
}

const opened = (port, ca) =>
  new Promise((resolve) => {
    const s = connect({ host: '127.0.0.1', port, ca });
    s.on('error', () => undefined);
    s.once('secureConnect', () => resolve(s));
    s.once('close', () => resolve(null));
  });

/** Large bodies of those who never join, and connections of those who never say anything. */
export async function crowd(bodies, halfOpen) {
  const house = await startHouse();
  const port = Number(new URL(house.https).port);
  const before = house.memoryMb();
  let worst = before;
  const look = setInterval(() => (worst = Math.max(worst, house.memoryMb())), 50);
  const chunk = Buffer.alloc(1024 * 1024, 'x');
  const send = async (n) => {
    const s = await opened(port, house.ca);
    if (!s) return;
    s.on('data', () => undefined);
    s.write(
      `PUT /api/photos/${String(n).padStart(64, 'a')} HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: image/jpeg\r\nContent-Length: 25165824\r\n\r\n`,
    );
    for (let i = 0; i < 23 && !s.destroyed; i++) await new Promise((r) => s.write(chunk, r));
    await new Promise((r) => setTimeout(r, 500));
    s.destroy();
  };
  await Promise.all(Array.from({ length: bodies }, (_, n) => send(n)));
  const held = Array.from({ length: halfOpen }, () => {
    const s = connectPlain({ host: '127.0.0.1', port });
    s.on('error', () => undefined);
    s.on('data', () => undefined);
    return s;
  });
  await new Promise((r) => setTimeout(r, 1500));
  // From another address of the house somebody comes in all the while.
  const here = (await fetch(`${house.url}/api/health`)).status;
  await new Promise((r) => setTimeout(r, 12_000));
  const left = held.filter((s) => !s.destroyed).length;
  for (const s of held) s.destroy();
  clearInterval(look);
  await house.end();
  return {
    tried: `${bodies} bodies of 24 MB, ${halfOpen} connections that say nothing; memory from ${Math.round(before)} to ${Math.round(worst)} MB, ${left} still held after 12 s`,
    lost: 0,
    broken: (worst < MOST_MB ? 0 : 1) + (left === 0 ? 0 : 1) + (here === 200 ? 0 : 1),
  };
}
