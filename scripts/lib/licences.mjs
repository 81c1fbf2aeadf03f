import { randomUUID } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const FONTS = 'web/src/styles/fonts';

/** Packages of the lock file that the application runs with: name, version, licence and digest. Those for tests and tools are left out. */
function packages() {
  const { packages: all } = JSON.parse(readFileSync('package-lock.json', 'utf8'));
  return Object.entries(all)
    .filter(([path, p]) => path.includes('node_modules/') && !p.link && !p.dev && existsSync(path))
    .map(([path, p]) => ({ path, name: path.split('node_modules/').pop(), ...p }))
    .sort((a, b) => (a.path < b.path ? -1 : 1));
}

const read = (file) => readFileSync(file, 'utf8').trim();

/** The texts of a folder that say under which terms it is passed on. */
const termsIn = (folder) =>
  readdirSync(folder)
    .filter((f) => /^(licen[cs]e|copying|notice)/i.test(f) && !/\.(js|ts|json)$/.test(f))
    .sort()
    .map((f) => read(join(folder, f)));

/** Which licence a package says it has. */
function licenceOf(p) {
  if (p.license) return p.license;
  const told = JSON.parse(read(join(p.path, 'package.json')));
  return told.license?.type ?? told.license ?? told.licenses?.[0]?.type ?? 'see its text';
}

/** Every licence text that has to travel with the application, those of packages that are alike once. */
function licences(all) {
  const byText = new Map();
  for (const p of all) {
    const text = termsIn(p.path).join('\n\n') || `Licence: ${licenceOf(p)}. It comes without a text of its own.`;
    byText.set(text, [...(byText.get(text) ?? []), `${p.name} ${p.version} (${licenceOf(p)})`]);
  }
  const parts = [...byText].map(([text, names]) => `${names.join('\n')}\n\n${text}`);
  const fonts = termsIn(FONTS).map((text) => `A font of the interface\n\n${text}`);
  return [...fonts, ...parts].join(`\n\n${'-'.repeat(78)}\n\n`);
}

/** A bill of materials, CycloneDX 1.5. */
const bill = (all) => ({
  bomFormat: 'CycloneDX',
  specVersion: '1.5',
  serialNumber: `urn:uuid:${randomUUID()}`,
  version: 1,
  metadata: {
    component: { type: 'application', name: 'dagboek', version: JSON.parse(read('package.json')).version },
  },
  components: all.map((p) => {
    const purl = `pkg:npm/${p.name.replace('@', '%40')}@${p.version}`;
    const licence = licenceOf(p);
    return {
      type: 'library',
      'bom-ref': p.path,
      name: p.name,
      version: p.version,
      purl,
      licenses: [/ (AND|OR) /.test(licence) ? { expression: licence } : { license: { name: licence } }],
      ...(p.integrity?.startsWith('sha512-')
        ? { hashes: [{ alg: 'SHA-512', content: Buffer.from(p.integrity.slice(7), 'base64').toString('hex') }] }
        : {}),
    };
  }),
});

/** Writes the licence texts and the bill of materials beside the built interface. */
export function writeLicences(folder) {
  const all = packages();
  writeFileSync(join(folder, 'licences.txt'), `${licences(all)}\n`);
  writeFileSync(join(folder, 'bom.cdx.json'), `${JSON.stringify(bill(all), null, 1)}\n`);
}
