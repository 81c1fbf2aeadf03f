import { readdirSync, readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import ts from 'typescript';
import { loadSpecies } from './index.ts';
import { secondReading } from './second-reading.ts';

const SPECIES = loadSpecies();
const TEXT = secondReading(SPECIES);

test('the page for the second reading is what the files say now (npm run second-reading)', () => {
  expect(readFileSync(new URL('../../docs/generated/second-reading.md', import.meta.url), 'utf8')).toBe(TEXT);
});

test('every hazard, grip, release, first-aid, raw and eating sentence stands on it, with who should check it', () => {
  const flat = (s: string): string => s.replace(/\|/g, '\\|').replace(/\s+/g, ' ').trim();
  for (const s of SPECIES)
    for (const say of [
      ...s.hazards.flatMap((h) => [h.where, h.does, h.grip]),
      s.grip,
      s.release ?? '',
      s.aid ?? '',
      s.raw.why,
      ...s.eating,
      s.conservation?.note ?? '',
    ])
      expect([s.id, TEXT.includes(flat(say))]).toEqual([s.id, true]);
  for (const line of TEXT.split('\n').filter((l) => l.startsWith('|') && !l.includes('---') && !/\| check \|$/.test(l)))
    expect(line).toMatch(/\| [CFHA](, H)? \|$/);
});

/** Said of no harm: how a way suits, looks and is laid up. */
const NO_HARM = /^(why|whyNot|look|gear|rests|name|ask)$/;

/** Every piece of text in a source file that reads like a part of a sentence. */
function sentencesIn(file: URL): string[] {
  const out: string[] = [];
  const source = ts.createSourceFile(file.pathname, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const look = (n: ts.Node): void => {
    if (ts.isPropertyAssignment(n) && NO_HARM.test(n.name.getText(source))) return;
    if (ts.isStringLiteral(n) || ts.isNoSubstitutionTemplateLiteral(n)) out.push(n.text);
    if (ts.isTemplateHead(n) || ts.isTemplateMiddleOrTemplateTail(n)) out.push(n.text);
    n.forEachChild(look);
  };
  look(source);
  return out.map((s) => s.replace(/\s+/g, ' ').trim()).filter((s) => s.length >= 24 && s.split(' ').length >= 4);
}

const CORE = new URL('../../core/src/', import.meta.url);
const filesOf = (folder: string): URL[] =>
  readdirSync(new URL(folder, CORE))
    .filter((f) => f.endsWith('.ts') && !f.includes('.test'))
    .map((f) => new URL(folder + f, CORE));
/** Where the core keeps what it says of harm. A file that is new there is looked through by itself. */
const HARM_FILES = [
  ...filesOf('harm/'),
  ...filesOf('cook/ways/'),
  ...[
    'cut/findings.ts',
    'cook/raw-verdict.ts',
    'larder/raw-words.ts',
    'larder/warmth-words.ts',
    'larder/store-about.ts',
  ].map((f) => new URL(f, CORE)),
];

test('no sentence about harm in the code is missing from it', () => {
  const flat = TEXT.replace(/\\\|/g, '|').replace(/\s+/g, ' ');
  const missing = HARM_FILES.flatMap((f) =>
    sentencesIn(f)
      .filter((s) => !flat.includes(s))
      .map((s) => `${f.pathname.split('/core/src/')[1]}: ${s}`),
  );
  expect(missing).toEqual([]);
  expect(HARM_FILES.length).toBeGreaterThan(15);
});
