import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';
import { Config } from '../../server/dist/common/config.js';
import { serve } from '../../server/dist/serve.js';
import { idsOf } from './kills.mjs';

const IN_ONE_BOOK = 25;

/** Three devices with the interface's own store against a real server on real files. */
export async function devices(histories, rng) {
  const sum = { written: 0, restored: 0, swapped: 0, lost: 0, differ: 0 };
  const out = mkdtempSync(join(tmpdir(), 'dagboek-storm-build-'));
  await build({
    configFile: 'web/vite.config.ts',
    logLevel: 'error',
    plugins: [],
    build: { ssr: 'src/offline/devices-storm.test-support.ts', outDir: out, emptyOutDir: true },
    ssr: { noExternal: true },
  });
  await import('fake-indexeddb/auto');
  const { httpTransport, stormOfDevices } = await import(
    pathToFileURL(join(out, 'devices-storm.test-support.js')).href
  );
  for (let left = histories; left > 0; left -= IN_ONE_BOOK) {
    const told = await inOneBook(Math.min(left, IN_ONE_BOOK), rng, out, httpTransport, stormOfDevices, `storm-${left}`);
    for (const k of Object.keys(sum)) sum[k] += told[k];
    if (told.first) console.log(told.first);
  }
  rmSync(out, { recursive: true, force: true });
  return {
    tried: `${histories} histories, ${sum.written} lines, ${sum.restored} older copies put back, ${sum.swapped} times another book, clocks 1 h fast and 3 h slow`,
    lost: sum.lost,
    broken: sum.differ,
  };
}

/** So many histories in one book of its own: what a device has to catch up with grows with it. */
async function inOneBook(histories, rng, out, httpTransport, stormOfDevices, shelves) {
  const [own, other] = [mkdtempSync(join(tmpdir(), 'dagboek-storm-')), mkdtempSync(join(tmpdir(), 'dagboek-storm-'))];
  const kept = join(out, 'older.sqlite');
  let port = 0;
  let [here, served] = [own, null];
  const open = async (folder) => {
    const config = Config.from({
      DAGBOEK_DATA: folder,
      DAGBOEK_PORT: String(port),
      DAGBOEK_LOG: 'silent',
      DAGBOEK_ACCEPT_LOSS: '1',
    });
    served = await serve(config);
    ({ port } = served);
    here = folder;
  };
  await open(own);
  const real = globalThis.fetch;
  globalThis.fetch = (path, init) =>
    real(String(path).startsWith('/') ? `http://127.0.0.1:${port}${path}` : path, init);
  const { book } = await (await fetch('/api/health')).json();
  const reopen = async (folder, between = () => undefined) => {
    await served.close();
    between();
    await open(folder);
  };
  const file = join(own, 'dagboek.sqlite');
  let copied = false;
  const told = await stormOfDevices(
    {
      book,
      transport: httpTransport(book),
      // An orderly end makes the one file whole: a copy of it is a copy of the book.
      copyAway: async () => {
        if (here !== own) return;
        await reopen(own, () => copyFileSync(file, kept));
        copied = true;
      },
      putBack: () => (copied && here === own ? reopen(own, () => copyFileSync(kept, file)) : Promise.resolve()),
      swap: () => reopen(here === own ? other : own),
      ids: () => idsOf(`http://127.0.0.1:${port}`),
    },
    histories,
    30,
    rng,
    shelves,
  );
  await served.close();
  globalThis.fetch = real;
  for (const f of [own, other]) rmSync(f, { recursive: true, force: true });
  return told;
}
