import { readFileSync, writeFileSync } from 'node:fs';
import { ensureBuilt } from './lib/ensure-built.mjs';
import { ensureInstalled } from './lib/ensure-installed.mjs';

/**
 * `npm run storm`: everything at once that may happen to a book, and what became of it; the table goes to docs/storm.md. It
 * takes well over half an hour, and is not part of `npm test`, which has a short version of each. Fewer of each:
 * `npm run storm -- --kills 20 --histories 100 --requests 1000 --packs 300`. Some parts alone: `--only door,copies`, by words of
 * their names; the table keeps what it said of the others.
 */
ensureInstalled();
ensureBuilt();
const { seeded } = await import('@dagboek/core/random');
const { stormOfPacks } = await import('@dagboek/packs');
const { devices } = await import('./storm/devices.mjs');
const { fullDisk, kills } = await import('./storm/kills.mjs');
const { requests } = await import('./storm/requests.mjs');
const { crowd, swappedFile } = await import('./storm/door.mjs');
const { costly } = await import('./storm/costly.mjs');
const { damagedCopies, restoresKilled } = await import('./storm/copies.mjs');
const { firstVisits, portals } = await import('./storm/visits.mjs');

const many = (name, usual) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? usual : Number(process.argv[at + 1]);
};
const rng = seeded(20260912);
const packs = (n) => {
  const { tried, taken, refused, broken } = stormOfPacks(n, rng);
  for (const b of broken.slice(0, 5)) console.log(b);
  return {
    tried: `${tried} packs; ${taken} taken and drawn, ${refused} refused with a sentence`,
    lost: 0,
    broken: broken.length,
  };
};
const parts = [
  ['killed while four devices write', () => kills(many('kills', 200), rng)],
  ['the disk is full', () => fullDisk(rng)],
  ['older copies, other books, skewed clocks, no network', () => devices(many('histories', 1000), rng)],
  ['mutated requests', () => requests(many('requests', 10_000), rng)],
  ['mutated packs of species and of rules', () => packs(many('packs', 3000))],
  ['somebody between swaps the certificate alone', () => swappedFile(many('swaps', 20))],
  ['a crowd that never joins', () => crowd(many('bodies', 60), 1000)],
  ['costly documents, while another reads', () => costly(many('costly', 5))],
  ['a restore killed after each of its steps', () => restoresKilled(many('restores', 3))],
  ['copies with one digit or one byte another', () => damagedCopies(many('copies', 400), rng)],
  ['something answers in the server’s place', portals],
  ['a first visit to a slow server, over a slow line', firstVisits],
];
const only = process.argv.includes('--only') ? process.argv[process.argv.indexOf('--only') + 1].split(',') : null;
/** Rows of the last table, by name: what is not run now keeps what was said of it. */
const before = new Map(
  readFileSync('docs/storm.md', 'utf8')
    .split('\n')
    .filter((l) => l.startsWith('| '))
    .map((l) => [l.split('|')[1].trim(), l]),
);
const rows = [];
let bad = 0;
for (const [name, run] of parts) {
  if (only && !only.some((word) => name.includes(word))) {
    if (before.has(name)) rows.push(before.get(name));
    continue;
  }
  const began = Date.now();
  const { tried, lost, broken } = await run();
  bad += lost + broken;
  rows.push(`| ${name} | ${tried} | ${lost} | ${broken} |`);
  console.log(`${name}: ${tried}; ${lost} lost, ${broken} broken (${Math.round((Date.now() - began) / 1000)} s)`);
}
writeFileSync(
  'docs/storm.md',
  `# Storm

\`npm run storm\` lets everything happen to a book that may, and counts what became of it: *lost*, lines that were acknowledged,
or written on a device, and are nowhere; *broken*, answers that are faults of the server's own, refusals without a sentence,
books that differ from device to device, files that were taken and cannot be drawn. Both are to be 0. The seed is fixed: a run
can be done again. Run by run, so many of each:

| what happens | tried | lost | broken |
| --- | --- | ---: | ---: |
${rows.join('\n')}
`,
);
process.exit(bad === 0 ? 0 : 1);
