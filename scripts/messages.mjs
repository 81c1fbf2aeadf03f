import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { filesIn, sentencesOfCode, sentencesOfData, sentencesOfPage, single, words } from './messages/sentences.mjs';

/**
 * `npm run messages`: every sentence that Dagboek can show, by where it stands, into docs/generated/messages.md, with how long they
 * are. `npm run messages -- --check` (part of `npm test`) fails where a sentence is too long, all of them are on the whole, or one
 * uses a word that `docs/words.md` rules out.
 */
const MOST_WORDS = 22;
const MOST_MEAN = 11;
const TARGET = 'docs/generated/messages.md';
/** What is no text for people: texts of SQL, a page that is written as one string, what only benches and operators of this code print. */
const NOT_SHOWN =
  /server\/src\/(bench|storage\/migration|door\/trust-page|book\/book\.service)|\.test(-support)?\.tsx?$|packs\/src\/(bench|storm)/;

/** The words that are ruled out, from the table in docs/words.md: a pattern, and what is said instead. */
export function ruledOut() {
  const [, table] =
    /## Words that are ruled out\n([\s\S]*?)(?:\n## |$)/.exec(readFileSync('docs/words.md', 'utf8')) ?? [];
  if (!table) throw new Error('docs/words.md has no table of words that are ruled out.');
  return [...table.matchAll(/^\| `([^`]+)`\s*\| ([^|]+)\|$/gm)].map(([, pattern, instead]) => ({
    pattern: new RegExp(`(?<![\\p{L}.-])(?:${pattern.replaceAll('/', '|')})(?![\\p{L}-])`, 'iu'),
    says: pattern,
    instead: instead.trim(),
  }));
}

const ofCode = ['web/src', 'journal/src', 'core/src', 'catalogue/src', 'figure/src', 'server/src'].flatMap((folder) =>
  [...filesIn(folder, /\.tsx?$/)].filter((p) => !NOT_SHOWN.test(p)).flatMap((p) => sentencesOfCode(p)),
);
const ofData = [...filesIn('packs', /\.json$/)]
  .filter((p) => !/(package|tsconfig)\.json$/.test(p))
  .flatMap((p) => sentencesOfData(p));
const ofPages = [...filesIn('docs/handbook', /\.md$/)].flatMap((p) => sentencesOfPage(p));
const sentences = [...ofCode, ...ofData, ...ofPages].flatMap((m) =>
  single(m.says).map((says) => ({ ...m, says, n: words(says).length })),
);

const mean = sentences.reduce((sum, s) => sum + s.n, 0) / sentences.length;
const tooLong = sentences.filter((s) => s.n > MOST_WORDS);
const out = ruledOut();
const wrong = sentences.flatMap((s) => out.flatMap((w) => (w.pattern.test(s.says) ? [{ ...s, word: w }] : [])));

/** The screen or the part that a file belongs to. */
const partOf = (path) => {
  const parts = path.split('/');
  if (parts[0] === 'web')
    return parts[2] === 'features'
      ? parts[3]
      : parts.length > 3
        ? `around every page: ${parts[2]}`
        : 'around every page';
  if (parts[0] === 'docs') return 'handbook pages';
  if (parts[0] === 'packs') return `data: ${parts.slice(1, -1).join(', ')}`;
  return parts.length > 3 ? `${parts[0]}: ${parts.slice(2, -1).join(', ')}` : parts[0];
};
const parts = new Map();
for (const s of sentences) parts.set(partOf(s.path), [...(parts.get(partOf(s.path)) ?? []), s]);
const list = (of) => {
  const seen = new Map();
  for (const s of of) seen.set(s.says, [...(seen.get(s.says) ?? []), s.path.split('/').at(-1)]);
  return [...seen]
    .map(
      ([says, at]) =>
        `- ${says.replaceAll('|', '\\|').replaceAll('<', '&lt;')} *(${[...new Set(at)].slice(0, 3).join(', ')})*`,
    )
    .join('\n');
};
const measures = [...parts]
  .map(
    ([part, of]) =>
      `| ${part} | ${of.length} | ${(of.reduce((sum, s) => sum + s.n, 0) / of.length).toFixed(1)} | ${Math.max(...of.map((s) => s.n))} |`,
  )
  .join('\n');

if (!process.argv.includes('--check')) {
  const text = `# Every sentence\n\nWritten by \`npm run messages\`. "…" stands for what is put in: an amount, a name, a date.\n\n${sentences.length} sentences and labels, ${mean.toFixed(1)} words each on average, ${Math.max(...sentences.map((s) => s.n))} at most.\n\n| part | sentences | words on average | longest |\n| --- | ---: | ---: | ---: |\n${measures}\n\n${[...parts].map(([part, of]) => `## ${part}\n\n${list(of)}`).join('\n\n')}\n`;
  if (!existsSync(TARGET) || readFileSync(TARGET, 'utf8') !== text) writeFileSync(TARGET, text);
}
for (const s of tooLong) console.error(`${s.path}:${s.line}: ${s.n} words, and ${MOST_WORDS} are the most: ${s.says}`);
for (const s of wrong)
  console.error(`${s.path}:${s.line}: "${s.word.says}" is not used (${s.word.instead}): ${s.says}`);
if (mean > MOST_MEAN)
  console.error(`Sentences have ${mean.toFixed(1)} words on average, and ${MOST_MEAN} are the most.`);
if (tooLong.length + wrong.length === 0 && mean <= MOST_MEAN)
  console.log(
    `${sentences.length} sentences, ${mean.toFixed(1)} words on average, none over ${MOST_WORDS}, none with a word that is ruled out.`,
  );
process.exitCode = tooLong.length + wrong.length > 0 || mean > MOST_MEAN ? 1 : 0;
