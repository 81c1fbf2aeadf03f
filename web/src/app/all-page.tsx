import { wordFor } from '../asked/format.ts';
import { sayDate } from '@dagboek/core/time';
import { useState } from 'react';
import { Link } from 'react-router';
import { useCrew } from '../asked/crew.ts';
import { WhenFacts } from '../asked/facts-here.tsx';
import { usePen } from '../asked/pen.ts';
import { Page, Row, useTabs } from '../frame/page.tsx';
import { LogLines } from '../lines/log-lines.tsx';
import { PapersDialog } from '../lines/papers-dialog.tsx';
import { useBook, useOutbox } from '../offline/journal-context.tsx';
import { FoldKey } from '../ui/fold-key.tsx';
import { BackUp } from './back-up.tsx';
import { ChooseAlarm } from './choose-alarm.tsx';
import { ChooseHand } from './choose-hand.tsx';
import { ChooseUnits } from './choose-units.tsx';
import { LookUpList } from './look-up-list.tsx';

/** Every station, who holds the pen, and what the book itself is made of. */
export function AllPage() {
  const tabs = useTabs();
  const { book } = useBook();
  const { pen, setPen } = usePen();

  const { members } = useCrew();
  const unsent = useOutbox().length;
  const [papers, setPapers] = useState<string | null>(null);
  const ofPapers = members.find((m) => m.id === papers) ?? null;
  const settings = book.all('book').flatMap((s) => s.log);
  const apart = book.apart();
  return (
    <Page
      title="Stations and settings"
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
        <LookUpList />
      </Row>
      <Row className="pad ruled">
        <h2>Who is using this device?</h2>
        <p>New entries on this device are written in this name.</p>
        <fieldset className="chips">
          <legend className="sr-only">Who is using this device?</legend>
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
        <p>Ages and licences, where the rules ask for them. Expired ones are shown on the Deck and in the briefing.</p>
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
          <h2>Entries that cannot be read</h2>
          <p>
            {wordFor(apart.length, 'One entry is', `${apart.length} entries are`)} set apart: kept, but not counted.
            Correct {wordFor(apart.length, 'it', 'them')}, or cross {wordFor(apart.length, 'it', 'them')} out.
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
