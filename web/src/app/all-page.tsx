import { FoldKey } from '../ui/fold-key.tsx';
import { sayDate } from '@dagboek/core/time';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCatalogueIfHere } from '../asked/catalogue.ts';
import { WhenFacts } from '../asked/facts-here.tsx';
import { useBook, useOutbox } from '../offline/journal-context.tsx';
import { Page, Row, useTabs } from '../frame/page.tsx';
import { PapersDialog } from '../lines/papers-dialog.tsx';
import { usePen } from '../asked/pen.ts';
import { useCrew } from '../asked/crew.ts';
import { LogLines } from '../lines/log-lines.tsx';
import { BackUp } from './back-up.tsx';
import { ChooseAlarm } from './choose-alarm.tsx';
import { ChooseHand } from './choose-hand.tsx';
import { ChooseUnits } from './choose-units.tsx';

/** Every station, who holds the pen, and what the book itself is made of. */
export function AllPage() {
  const tabs = useTabs();
  const { book } = useBook();
  const { pen, setPen } = usePen();
  const kinds = useCatalogueIfHere()?.all.length ?? 0;
  const { members } = useCrew();
  const unsent = useOutbox().length;
  const [papers, setPapers] = useState<string | null>(null);
  const ofPapers = members.find((m) => m.id === papers) ?? null;
  const settings = book.all('book').flatMap((s) => s.log);
  const apart = book.apart();
  return (
    <Page
      title="All stations and settings"
      first={{ label: 'Book', value: 'All' }}
      cells={[{ label: 'Title', value: book.all('book')[0]?.name ?? 'not opened yet' }]}
    >
      <Row className="pad">
        <h2>Stations</h2>
        <ul className="mt-2">
          {tabs.map((t, i) => (
            <li
              className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule"
              key={t.to}
            >
              <Link
                className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center"
                to={t.to}
              >
                {t.name}
              </Link>
              <span>{t.state}</span>
              <kbd className="kbd h-auto border-rule-2 bg-transparent px-1.5 py-0.5 font-text text-cap text-ink-2 shadow-none">
                Alt {i + 1}
              </kbd>
            </li>
          ))}
        </ul>
      </Row>
      <Row className="pad ruled">
        <h2>Look things up</h2>
        <ul className="mt-2">
          <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
            <Link className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center" to="/hurt">
              Someone is hurt
            </Link>
            <span>stings, cuts, shocks, ill from a meal: what helps, and when to call</span>
          </li>
          <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
            <Link
              className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center"
              to="/handbook"
            >
              Handbook
            </Link>
            <span>how everything is done, a page a station; here without a signal</span>
          </li>
          <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
            <Link
              className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center"
              to="/catalogue"
            >
              Catalogue
            </Link>
            <span>
              {kinds > 0 ? `${kinds} species: how to know them, hold them and keep them` : 'not on this device yet'}
            </span>
          </li>
          <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
            <Link className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center" to="/crew">
              People and boxes
            </Link>
            <span>add, rename or retire people, boxes and places</span>
          </li>
          <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
            <Link
              className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center"
              to="/phones"
            >
              Phones
            </Link>
            <span>bring the phones of the crew to this book, and put one out again</span>
          </li>
          <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
            <Link
              className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center"
              to="/catalogue/packs"
            >
              Packs
            </Link>
            <span>species of your own, written down or read from a file</span>
          </li>
        </ul>
      </Row>
      <Row className="pad ruled">
        <h2>Who holds the pen</h2>
        <p>Lines written on this device stand in this name.</p>
        <fieldset className="chips">
          <legend className="sr-only">Who holds the pen</legend>
          {members.map((m) => (
            <label className="relative inline-flex" key={m.id}>
              <input
                className="absolute inset-0 m-0 size-full cursor-pointer opacity-0"
                type="radio"
                name="pen"
                checked={m.id === pen}
                onChange={() => setPen(m.id)}
              />
              <span>{m.name}</span>
            </label>
          ))}
        </fieldset>
      </Row>
      <Row className="pad ruled">
        <ChooseUnits />
      </Row>
      <Row className="pad ruled">
        <ChooseHand />
      </Row>
      <Row className="pad ruled">
        <ChooseAlarm />
      </Row>
      <Row className="pad ruled">
        <h2>Papers</h2>
        <p>Ages and licences, where the rules ask for them. One that lapses is said on the Deck and on the briefing.</p>
        <ul className="plain-list">
          {members.map((m) => (
            <li key={m.id}>
              <FoldKey onClick={() => setPapers(m.id)}>Papers of {m.name}</FoldKey>
              <small>
                {m.licences === null
                  ? 'nothing noted'
                  : m.licences.length === 0
                    ? 'no licence'
                    : m.licences.map((l) => `${l.name} to ${sayDate(l.until)} ${l.until.slice(0, 4)}`).join(', ')}
              </small>
            </li>
          ))}
        </ul>
        <WhenFacts>{ofPapers && <PapersDialog member={ofPapers} onClose={() => setPapers(null)} />}</WhenFacts>
      </Row>
      <Row className="pad ruled">
        <BackUp unsent={unsent} />
      </Row>
      {apart.length > 0 && (
        <Row className="pad ruled">
          <h2>Lines that cannot be read</h2>
          <p>
            {apart.length === 1 ? 'One line is' : `${apart.length} lines are`} set apart: kept, and counted nowhere.
            Correct {apart.length === 1 ? 'it' : 'them'}, or strike {apart.length === 1 ? 'it' : 'them'}.
          </p>
          <WhenFacts>
            <LogLines lines={apart.map((a) => a.line)} />
          </WhenFacts>
        </Row>
      )}
      <Row className="pad ruled">
        <h2>This program</h2>
        <p>
          The <a href="/licences.txt">licences</a> of what it is made of, and its{' '}
          <a href="/bom.cdx.json">bill of materials</a>.
        </p>
      </Row>
      <Row className="pad ruled">
        <h2>The book itself</h2>
        <WhenFacts>
          <LogLines lines={settings} />
        </WhenFacts>
      </Row>
    </Page>
  );
}
