import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** What an attribute says to whoever reads or hears the page; all other attributes are for the machine. */
const SPOKEN = new Set([
  'aria-label',
  'aria-roledescription',
  'alt',
  'title',
  'label',
  'name',
  'note',
  'placeholder',
  'hint',
  'waits',
  'more',
  'unit',
  'of',
  'says',
]);
/** Functions whose text is never shown. */
const NOT_SHOWN =
  /^(querySelector|closest|matches|getItem|setItem|removeItem|addEventListener|createElement|RegExp|require|import|useKept|useAddressed|reckoned|on|off|get|set|has|split|join|replace|replaceAll|includes|startsWith|endsWith|indexOf|fetch|matchMedia|keyTable|performance|mark|URL)$/;
/** Fields of an object that hold no sentence. */
const NOT_FIELDS = new Set([
  'className',
  'd',
  'style',
  'key',
  'id',
  'to',
  'href',
  'pattern',
  'transform',
  'type',
  'kind',
  'path',
  'cacheName',
  'accept',
  'rel',
  'points',
  'viewBox',
  'strokeDasharray',
  'fill',
  'stroke',
  'font',
  'queryKey',
  'url',
  'like',
  'source',
  'sources',
]);

/** Files beneath a folder whose name matches. */
export function* filesIn(folder, pattern) {
  for (const name of readdirSync(folder).sort()) {
    if (name === 'dist' || name === 'node_modules') continue;
    const path = join(folder, name);
    if (statSync(path).isDirectory()) yield* filesIn(path, pattern);
    else if (pattern.test(name)) yield path;
  }
}

const tidy = (text) => text.replace(/[\s\p{Cc}]+/gu, ' ').trim();

/** Whether a text is a sentence for people: two words with letters, and no code. */
const isSentence = (text) =>
  /[a-zà-ÿ]{2,}/i.test(text) &&
  / /.test(text) &&
  !/^[\w.#:[\]()=>~,\-/\s]*[{}[\]_=>]/.test(text) &&
  !/^M?-?\d/.test(text) &&
  !/^(https?:|\/|var\(|url\()/.test(text);

/** The names of a route, a state or an id: lower case without an end; shown only in a sentence of which it is a part. */
const shownIn = (node) => {
  for (let n = node; n.parent; n = n.parent) {
    const p = n.parent;
    if (ts.isImportDeclaration(p) || ts.isExportDeclaration(p) || ts.isLiteralTypeNode(p) || ts.isCaseClause(p))
      return false;
    if (ts.isElementAccessExpression(p) || ts.isIndexedAccessTypeNode?.(p)) return false;
    if (ts.isBinaryExpression(p) && /^(={2,3}|!={1,2}|in)$/.test(p.operatorToken.getText())) return false;
    if (ts.isJsxAttribute(p)) return SPOKEN.has(p.name.getText());
    if (ts.isPropertyAssignment(p) && p.initializer === n) {
      if (NOT_FIELDS.has(p.name.getText().replace(/['"]/g, ''))) return false;
    }
    if (ts.isPropertyAssignment(p) && p.name === n) return false;
    if (ts.isCallExpression(p) && p.arguments.includes(n)) {
      const name = ts.isPropertyAccessExpression(p.expression) ? p.expression.name.text : p.expression.getText();
      if (NOT_SHOWN.test(name)) return false;
    }
    if (ts.isBlock(p) || ts.isSourceFile(p)) return true;
  }
  return true;
};

/** A template with its amounts as "…". */
const ofTemplate = (node) =>
  ts.isNoSubstitutionTemplateLiteral(node)
    ? node.text
    : node.head.text + node.templateSpans.map((s) => `…${s.literal.text}`).join('');

/** Elements that stand within a sentence. */
const INLINE = new Set([
  'b',
  'i',
  'em',
  'strong',
  's',
  'u',
  'span',
  'Link',
  'a',
  'small',
  'Term',
  'kbd',
  'LineKey',
  'FoldKey',
]);
const tagOf = (n) =>
  ts.isJsxElement(n) ? n.openingElement.tagName.getText() : ts.isJsxSelfClosingElement(n) ? n.tagName.getText() : '';

/** The words among the children of an element, with "…" for what is put in. */
function ofChildren(children) {
  return tidy(
    children
      .map((c) => {
        if (ts.isJsxText(c)) return c.text;
        if (ts.isJsxExpression(c)) {
          const e = c.expression;
          if (!e) return '';
          if (ts.isStringLiteralLike(e)) return e.text;
          return ts.isTemplateExpression(e) ? ofTemplate(e) : '…';
        }
        if (ts.isJsxElement(c) && INLINE.has(tagOf(c))) return ofChildren([...c.children]);
        return ' ';
      })
      .join(''),
  );
}

const hasText = (children) => children.some((c) => ts.isJsxText(c) && /[a-z]{2}/i.test(c.text));

/** Every sentence that a file can show, with its line: of code, from its syntax tree. */
export function sentencesOfCode(path) {
  const text = readFileSync(path, 'utf8');
  const tree = ts.createSourceFile(
    path,
    text,
    ts.ScriptTarget.Latest,
    true,
    path.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const found = [];
  const put = (says, node) => {
    const t = tidy(says);
    if (isSentence(t))
      found.push({ says: t, path, line: tree.getLineAndCharacterOfPosition(node.getStart()).line + 1 });
  };
  const visit = (node) => {
    if ((ts.isJsxElement(node) || ts.isJsxFragment(node)) && hasText([...node.children])) {
      const inline =
        ts.isJsxElement(node) &&
        INLINE.has(tagOf(node)) &&
        ts.isJsxElement(node.parent) &&
        hasText([...node.parent.children]);
      if (!inline) put(ofChildren([...node.children]), node);
    }
    if (ts.isStringLiteral(node) && shownIn(node)) put(node.text, node);
    if ((ts.isTemplateExpression(node) || ts.isNoSubstitutionTemplateLiteral(node)) && shownIn(node))
      put(ofTemplate(node), node);
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return found;
}

/** Every sentence of a file of data: its strings, by the path of their keys. `skip`: keys that hold no sentence. */
export function sentencesOfData(path, skip = NOT_FIELDS) {
  const found = [];
  const visit = (value, at) => {
    if (typeof value === 'string') {
      const t = tidy(value);
      if (isSentence(t) && /[.?!]$/.test(t)) found.push({ says: t, path, line: at });
    } else if (Array.isArray(value)) value.forEach((v, i) => visit(v, `${at}[${i}]`));
    else if (value && typeof value === 'object')
      for (const [k, v] of Object.entries(value)) if (!skip.has(k)) visit(v, at ? `${at}.${k}` : k);
  };
  visit(JSON.parse(readFileSync(path, 'utf8')), '');
  return found;
}

/** Every sentence of a page of the handbook: its headings and paragraphs, links and emphasis by their words. */
export function sentencesOfPage(path) {
  return readFileSync(path, 'utf8')
    .split(/\n{2,}/)
    .flatMap((block, i) => {
      const says = tidy(
        block
          .replace(/^#+ /, '')
          .replace(/\s*\(\[[^\]]+\]\([^)]*\)(, \[[^\]]+\]\([^)]*\))*\)/g, '')
          .replace(/\[([^\]]+)\]\([^)]*\)/g, '$1')
          .replace(/[_*`]/g, ''),
      );
      return says ? [{ says, path, line: i + 1 }] : [];
    });
}

/** Single sentences out of a text: it ends at a full stop, a question or an exclamation mark before a space and a capital. */
export const single = (text) =>
  text
    .split(/(?<=[.?!…:]["’”)]?)\s+(?=["“‘(]?[A-ZÀ-Þ0-9…])/)
    .flatMap((t) => t.split(/(?<=;)\s+/))
    .map((t) => t.trim())
    .filter((t) => /[a-z]/i.test(t));

/** Words of a sentence: what is between spaces and has a letter or a figure; "…" is one. */
export const words = (sentence) => sentence.split(/\s+/).filter((w) => /[\p{L}\d…]/u.test(w));
