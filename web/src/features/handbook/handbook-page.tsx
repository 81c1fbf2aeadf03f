import { useEffect } from 'react';
import { Link, useLocation, useParams } from 'react-router';
import { Page, Row } from '../../frame/page.tsx';
import { SearchField } from '../../ui/search-field.tsx';
import { useAddressed } from '../../ui/use-addressed.ts';
import { HANDBOOK, type Section } from './pages.ts';
import { WordsList } from './words-list.tsx';

/** How everything is done, one page for each station, and the words of the craft; searched as a whole, and here without a signal. */
export function HandbookPage() {
  const { id } = useParams();
  const { hash } = useLocation();
  // The place on the page that the address names is outside React.
  useEffect(() => document.getElementById(hash.slice(1))?.scrollIntoView(), [id, hash]);
  const [asked, setAsked] = useAddressed('q');
  const words = (asked ?? '').toLowerCase().split(/\s+/).filter(Boolean);
  const page = HANDBOOK.find((p) => p.id === id) ?? HANDBOOK[0];
  const found = HANDBOOK.flatMap((p) => p.sections.filter((s) => words.every((w) => s.words.includes(w))));
  return (
    <Page
      title="Handbook"
      first={{ label: 'Pages', value: HANDBOOK.length }}
      cells={[{ label: 'Open', value: words.length > 0 ? 'what was found' : (page?.title ?? '') }]}
    >
      <Row className="pad">
        <SearchField
          label="Search the handbook"
          value={asked ?? ''}
          onChange={setAsked}
          placeholder="steaks, pedal, swim bladder"
        />
        <nav aria-label="Handbook pages">
          <ul className="flex flex-wrap gap-x-5">
            {HANDBOOK.map((p) => (
              <li key={p.id}>
                <Link
                  className="inline-flex min-h-12 items-center aria-[current]:font-bold"
                  to={`/handbook/${p.id}`}
                  aria-current={p === page && words.length === 0 ? 'page' : undefined}
                >
                  {p.title}
                </Link>
              </li>
            ))}
          </ul>
        </nav>
      </Row>
      <Row className="pad ruled">
        {words.length > 0 ? (
          <>
            <h2>{found.length === 0 ? 'Nothing found' : `Found in ${found.length} parts`}</h2>
            {found.length === 0 && <p>Try another word, or fewer of them.</p>}
            <Sections of={found} />
          </>
        ) : (
          page && (
            <>
              <h2>{page.title}</h2>
              <p className="lead">{page.lead}</p>
              {page.id === 'words' ? <WordsList /> : <Sections of={page.sections} />}
            </>
          )
        )}
      </Row>
    </Page>
  );
}

const Sections = ({ of }: { of: readonly Section[] }) =>
  of.map((s) => (
    <section key={`${s.page} ${s.id}`} id={s.id} className="mt-6">
      <h3 className="mb-1">{s.title}</h3>
      {/* Written with this program and built into it: nothing of it comes from a book. */}
      <div className="max-w-prose space-y-3" dangerouslySetInnerHTML={{ __html: s.html }} />
    </section>
  ));
