import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { loadRulePacks, loadSpecies, mutated, skerrowSeason } from '@dagboek/packs';
import { Config } from '../../server/dist/common/config.js';
import { serve } from '../../server/dist/serve.js';

/** Requests changed in all ways: none may answer with a fault of the server's own, and the book opens afterwards. */
export async function requests(times, rng) {
  const data = mkdtempSync(join(tmpdir(), 'dagboek-storm-'));
  const config = Config.from({ DAGBOEK_DATA: data, DAGBOEK_PORT: '0', DAGBOEK_LOG: 'silent' });
  let served = await serve(config);
  const species = loadSpecies();
  const season = skerrowSeason(
    species,
    loadRulePacks(species).find((p) => p.id === 'skerrow-isles'),
  );
  const paths = [
    '/api/journal?after=1&limit=5',
    '/api/trips?limit=5',
    '/api/fish/x',
    '/api/larder',
    '/api/photos/ab?size=small',
    '/api/devices/position?waters=a&zone=b',
  ];
  let [broken, taken, refused] = [0, 0, 0];
  const odd = (s) =>
    s.replace(
      /[a-z0-9]+$/,
      () => ['', '-1', '%00', '../..', '9'.repeat(400), 'NaN', '[]', "' OR 1=1"][Math.floor(rng() * 8)],
    );
  for (let i = 0; i < times; i++) {
    const one = season[Math.floor(rng() * season.length)];
    const ask =
      i % 10 === 0
        ? fetch(served.url + odd(paths[Math.floor(rng() * paths.length)]))
        : fetch(`${served.url}/api/journal`, {
            method: 'POST',
            headers: { 'content-type': rng() < 0.02 ? 'text/plain' : 'application/json' },
            body: JSON.stringify(
              rng() < 0.9 ? { entries: [mutated(one, rng)] } : mutated({ entries: [one, one] }, rng),
            ),
          });
    const res = await ask.catch(() => null);
    const body = res ? await res.json().catch(() => null) : null;
    if (!res || res.status >= 500 || body === null) broken++;
    else if (res.status >= 400 && !(typeof body.detail === 'string' && body.detail !== '')) broken++;
    for (const r of body?.receipts ?? []) {
      if (r.status === 'accepted') taken++;
      else if (r.status === 'refused') refused += r.why ? 1 : 0;
      if (r.status === 'refused' && !r.why) broken++;
    }
  }
  await served.close();
  // Whatever got in, the book opens with it, and says the same.
  served = await serve(config);
  const { entries } = await (await fetch(`${served.url}/api/health`)).json();
  if (entries !== taken) broken++;
  if ((await fetch(`${served.url}/api/trips?limit=500`)).status !== 200) broken++;
  await served.close();
  rmSync(data, { recursive: true, force: true });
  return { tried: `${times} requests; ${taken} lines taken, ${refused} refused with a sentence`, lost: 0, broken };
}
