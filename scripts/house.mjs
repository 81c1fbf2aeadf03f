import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import ts from 'typescript';

/**
 * `npm run house`: what the house looks like, in numbers, into docs/generated/house.md. `npm run house -- --check` (part of
 * `npm test`) fails where a number is beyond its limit. A limit only ever goes down: when a number did, lower it here.
 */
const LIMITS = JSON.parse(readFileSync('scripts/house/limits.json', 'utf8'));
const PACKAGES = ['core', 'journal', 'figure', 'catalogue', 'packs', 'server', 'web'];
const LONG_FUNCTION = 60;
/** What draws is mostly markup, which is read by its outline: it may be longer, and is counted by itself. */
const LONG_COMPONENT = 150;
const LONG_FILE = 250;
/** Folders of core whose functions say how something is; web asks journal for that, and draws. */
const JUDGES = new Set(
  'aid board box cook cut fresh handling harm heat key larder menu plates recipes rules schedule species'.split(' '),
);

function* filesIn(folder, pattern) {
  for (const name of readdirSync(folder).sort()) {
    if (name === 'dist' || name === 'node_modules') continue;
    const path = join(folder, name);
    if (statSync(path).isDirectory()) yield* filesIn(path, pattern);
    else if (pattern.test(name)) yield path;
  }
}
const isTest = (path) => /\.test(-support)?\.tsx?$/.test(path);
const sources = PACKAGES.flatMap((p) => [...filesIn(`${p}/src`, /\.tsx?$/)]).filter((f) => !isTest(f));
const lines = (path) => readFileSync(path, 'utf8').split('\n').length;
const parsed = sources.map((path) => ({
  path,
  tree: ts.createSourceFile(
    path,
    readFileSync(path, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    path.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  ),
}));

/** A function that draws: with a capital letter, in a file of markup. */
const isComponent = (path, name) => path.endsWith('.tsx') && /^[A-Z]/.test(name);

/** Functions that are longer than anybody reads at once, by name; components in a list of their own. */
function longFunctions() {
  const found = { functions: [], components: [] };
  for (const { path, tree } of parsed) {
    const lineOf = (pos) => tree.getLineAndCharacterOfPosition(pos).line;
    const visit = (node) => {
      if (ts.isFunctionLike(node) && node.body) {
        const n = lineOf(node.end) - lineOf(node.getStart()) + 1;
        const name = node.name?.getText() ?? node.parent.name?.getText?.() ?? 'without a name';
        const says = `${path} ${name} (${n})`;
        if (isComponent(path, name)) {
          if (n > LONG_COMPONENT) found.components.push(says);
        } else if (n > LONG_FUNCTION) found.functions.push(says);
      }
      ts.forEachChild(node, visit);
    };
    visit(tree);
  }
  return found;
}

const importsOf = (tree) =>
  tree.statements.flatMap((s) =>
    (ts.isImportDeclaration(s) || ts.isExportDeclaration(s)) && s.moduleSpecifier
      ? [{ from: s.moduleSpecifier.text, node: s }]
      : [],
  );

/** Pairs of folders that import each other, types counted. A folder is one of those right beneath src (in web also beneath features). */
function twoWayFolders() {
  const folderOf = (path) => {
    const parts = path.split('/');
    const depth = parts[2] === 'features' || parts[2] === 'log' || parts[2] === 'read' ? 4 : 3;
    return parts.length > depth ? parts.slice(0, depth).join('/') : `${parts.slice(0, 2).join('/')}/.`;
  };
  const arrows = new Set();
  for (const { path, tree } of parsed)
    for (const { from } of importsOf(tree)) {
      if (!from.startsWith('.')) continue;
      const to = relative('.', resolve(dirname(path), from));
      if (folderOf(to) !== folderOf(path)) arrows.add(`${folderOf(path)} ${folderOf(to)}`);
    }
  return [...arrows].flatMap((a) => {
    const [x, y] = a.split(' ');
    // The face of a package gathers its folders; whether they look back at it is what the linter forbids.
    return x < y && arrows.has(`${y} ${x}`) && !x.endsWith('/.') && !y.endsWith('/.') ? [`${x} ↔ ${y}`] : [];
  });
}

/** Functions (no types) of judging folders of core that web imports. */
const judging = () =>
  parsed
    .filter(({ path }) => path.startsWith('web/src'))
    .flatMap(({ path, tree }) =>
      importsOf(tree).flatMap(({ from, node }) => {
        const [, folder] = /^@dagboek\/core\/(\w+)/.exec(from) ?? [];
        const bindings = node.importClause?.namedBindings;
        if (!JUDGES.has(folder) || node.importClause?.isTypeOnly || !bindings?.elements) return [];
        return bindings.elements
          .filter((e) => !e.isTypeOnly && /^[a-z]/.test(e.name.text))
          .map((e) => `${path} ${e.name.text}`);
      }),
    );

/** Packages whose exported functions say what they give, in which unit: whoever asks them reads no more than that. */
const DOCUMENTED = ['core', 'journal', 'figure', 'catalogue'];

/** Exported functions and classes of the pure packages without a comment that says what they give. */
const undocumented = () =>
  parsed
    .filter(({ path }) => DOCUMENTED.includes(path.split('/')[0]))
    .flatMap(({ path, tree }) =>
      tree.statements
        .filter((s) => s.modifiers?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword))
        .flatMap((s) => {
          const [d] = s.declarationList?.declarations ?? [];
          const named =
            ts.isFunctionDeclaration(s) || ts.isClassDeclaration(s)
              ? s.name
              : d?.initializer && ts.isArrowFunction(d.initializer)
                ? d.name
                : undefined;
          const said = ts
            .getLeadingCommentRanges(tree.text, s.pos)
            ?.some((c) => tree.text.slice(c.pos, c.pos + 3) === '/**');
          return named && !said ? [`${path} ${named.getText(tree)}`] : [];
        }),
    );

/** Named by what another package makes or asks for, not by us. */
const ASKED_FOR = new Set(['workbox-window', 'workbox-build']);

/** Packages that a workspace lists and nothing in it names. */
function unused() {
  return [...PACKAGES, 'e2e'].flatMap((p) => {
    const { dependencies = {}, devDependencies = {} } = JSON.parse(readFileSync(`${p}/package.json`, 'utf8'));
    const text = [...filesIn(p, /\.(tsx?|mjs|cjs|css|html)$/)].map((f) => readFileSync(f, 'utf8')).join('\n');
    return Object.keys({ ...dependencies, ...devDependencies })
      .filter((d) => !d.startsWith('@types/') && !ASKED_FOR.has(d))
      .filter((d) => !new RegExp(`['"(/]${d.replace(/[/.]/g, '\\$&')}['"/)]`).test(text))
      .map((d) => `${p}: ${d}`);
  });
}

/** Colours, type and radii, and what an element of HTML looks like by itself: the theme, not the style of a thing of ours. */
const THEME = ['web/src/styles/theme.css', 'web/src/styles/base.css'];
const css = [...filesIn('web/src', /\.css$/)].filter((f) => !THEME.includes(f));
const shared = existsSync('web/src/kit') ? [...filesIn('web/src/kit', /\.tsx?$/)].filter((f) => !isTest(f)) : [];
const long = longFunctions();
const counts = {
  'lines of own CSS': { n: css.reduce((sum, f) => sum + lines(f), 0), list: css.map((f) => `${f} (${lines(f)})`) },
  'files in the kit': { n: shared.length, list: [] },
  [`functions over ${LONG_FUNCTION} lines`]: { n: long.functions.length, list: long.functions },
  [`components over ${LONG_COMPONENT} lines`]: { n: long.components.length, list: long.components },
  [`files over ${LONG_FILE} lines`]: ((list) => ({ n: list.length, list }))(
    sources.filter((f) => lines(f) > LONG_FILE).map((f) => `${f} (${lines(f)})`),
  ),
  'folders that import each other': ((list) => ({ n: list.length, list }))(twoWayFolders()),
  'judging functions that web imports': ((list) => ({ n: list.length, list }))(judging()),
  'exported functions without a word': ((list) => ({ n: list.length, list }))(undocumented()),
  'packages listed and not used': ((list) => ({ n: list.length, list }))(unused()),
};

const rows = Object.entries(counts).map(([name, { n }]) => `| ${name} | ${n} | ${LIMITS[name] ?? '–'} |`);
const lists = Object.entries(counts)
  .filter(([, { list }]) => list.length > 0)
  .map(([name, { list }]) => `## ${name}\n\n${list.map((x) => `- ${x}`).join('\n')}`);
if (!process.argv.includes('--check'))
  writeFileSync(
    'docs/generated/house.md',
    `# The house in numbers\n\nWritten by \`npm run house\`; \`npm test\` fails where a number is beyond its limit. Limits only go down.\n\n| what | now | limit |\n| --- | ---: | ---: |\n${rows.join('\n')}\n\n${lists.join('\n\n')}\n`,
  );
const over = Object.entries(counts).filter(([name, { n }]) => n > (LIMITS[name] ?? 0));
for (const [name, { n }] of over)
  console.error(`The house: ${name} is ${n}, and may be ${LIMITS[name] ?? 0}. \`npm run house\` names them.`);
if (over.length === 0)
  console.log(
    Object.entries(counts)
      .map(([name, { n }]) => `${n} ${name}`)
      .join(', '),
  );
process.exitCode = over.length === 0 ? 0 : 1;
