import { marked } from 'marked';
import { slug } from '../../ui/slug.ts';

const FILES = import.meta.glob<string>('../../../../docs/handbook/*.md', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** In the order in which a fish meets them. */
const ORDER = ['plan', 'deck', 'box', 'board', 'larder', 'table', 'book', 'harm', 'words', 'server'];

/** A part of a page, with a heading of its own. */
export interface Section {
  /** In its page's address: `#measuring`. */
  readonly id: string;
  /** The page that it stands on. */
  readonly page: string;
  readonly title: string;
  readonly html: string;
  /** As it is searched: in small letters. */
  readonly words: string;
}

export interface HandbookPage {
  readonly id: string;
  readonly title: string;
  readonly lead: string;
  readonly sections: readonly Section[];
}

/** What stands in another folder of the documentation is not in the application: its words stay, its link goes. */
const withoutFarLinks = (md: string): string =>
  md
    .replace(/\s*\(?\[(why|how|how exact|more|what it withstands)\]\([^)]*\)(, )?\)?/g, '')
    .replace(/\[([^\]]+)\]\(http:\/\/127\.0\.0\.1:4310(\/[^)]*)\)/g, '[$1]($2)')
    .replace(/\[([^\]]+)\]\((?![/#]|https?:)([^)]*)\)/g, '$1')
    .replace(/^\s*\(?[,.)\s]*$/gm, '');

function pageOf(id: string, text: string): HandbookPage {
  const [head = '', ...parts] = withoutFarLinks(text).split(/^## /m);
  const [, title = id, lead = ''] = /^# (.+)\n+([\s\S]*)$/.exec(head.trim()) ?? [];
  const sections = parts.map((part): Section => {
    const at = part.indexOf('\n');
    const [name, body] = [part.slice(0, at).trim(), part.slice(at + 1)];
    return {
      id: slug(name),
      page: id,
      title: name,
      html: marked.parse(body, { async: false }),
      words: `${title} ${name} ${body}`.toLowerCase(),
    };
  });
  return { id, title, lead: lead.trim(), sections };
}

const byId = new Map(
  Object.entries(FILES).map(([path, text]) => {
    const id = path.replace(/^.*\/|\.md$/g, '');
    return [id, pageOf(id, text)] as const;
  }),
);

/** The handbook, page by page. */
export const HANDBOOK: readonly HandbookPage[] = ORDER.flatMap((id) => byId.get(id) ?? []);
