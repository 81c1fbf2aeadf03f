import { sayAll } from '../../asked/format.ts';
import type { Species } from '@dagboek/catalogue';
import { Link } from 'react-router';
import { useCatalogue } from '../../asked/catalogue.ts';
import { sayDepths } from '../../asked/units.ts';
import { FigureView } from '../../fish/figure-view.tsx';
import { HazardStrip } from '../../fish/hazard-strip.tsx';
import { Title } from '../../ui/title.tsx';
import { Fact } from './fact.tsx';
import { HandAndPlate } from './hand-and-plate.tsx';
import { languageName } from './languages.ts';
import { MarksFigure } from './marks-figure.tsx';
import { OwnRecord } from './own-record.tsx';

/** One species: its drawing, dangers, marks, what it is taken for, how to handle and keep it, and this book's record of it. */
export function SpeciesSheet({ species: s }: { species: Species }) {
  const { all, traits, byId, packs } = useCatalogue();

  const pack = packs.find((p) => p.id === s.pack)?.name ?? 'a pack of your own';
  return (
    <article
      className="species-sheet px-6 pt-4 pb-7 min-w-0 max-tablet:pt-3 max-tablet:pr-2.5 max-tablet:pb-5 max-tablet:pl-[calc(var(--time-col)_+_16px)]"
      aria-label={s.name}
    >
      <Link className="hidden max-tablet:inline-flex max-tablet:min-h-11 max-tablet:items-center" to="/catalogue">
        All species
      </Link>
      <header className="pb-2 flex flex-wrap items-baseline gap-y-0.5 gap-x-4">
        <Title>{s.name}</Title>
        <i className="text-m" lang="la">
          {s.latin}
        </i>
        <span className="text-ink-2">{s.family}</span>
      </header>
      <HazardStrip hazards={s.hazards} aid={s.id} />
      <MarksFigure species={s} all={all} traits={traits} />
      <div className="mt-4.5 border-t-2 [columns:2_330px] gap-x-8 border-ink">
        <section className="px-0 pt-3 pb-3.5 [break-inside:avoid]" aria-label="Taken for">
          <h3 className="text-[length:var(--t-lead,20px)]">Taken for</h3>
          <ul className="plain-list">
            {s.lookalikes.map((l) => {
              const other = byId(l.id);
              return (
                other && (
                  <li className="gap-3 grid grid-cols-[104px_minmax(0,1fr)] items-center" key={l.id}>
                    <Link to={`/catalogue/${l.id}`} className="icon h-auto min-h-11" aria-label={other.name}>
                      <FigureView spec={other.figure} size={96} plain />
                    </Link>
                    <p>
                      <b>{other.name}</b> {l.mark}{' '}
                      <Link to={`/catalogue/compare?of=${s.id},${l.id}`}>Side by side</Link>
                    </p>
                  </li>
                )
              );
            })}
          </ul>
        </section>
        <OwnRecord species={s} />
        <HandAndPlate s={s} />
        <section className="px-0 pt-3 pb-3.5 [break-inside:avoid]" aria-label="Where it lives">
          <h3 className="text-[length:var(--t-lead,20px)]">Where it lives</h3>
          <dl>
            <Fact name="Range">{s.range}</Fact>
            <Fact name="Ground">
              {s.habitat} {sayDepths(...s.depthM)}.
            </Fact>
            <Fact name="Waters">{s.waters.join(', ')}</Fact>
            {s.conservation && (
              <Fact name="Conservation">
                {s.conservation.note} Noted of {s.conservation.asOf}; the rules of your waters decide.
              </Fact>
            )}
          </dl>
        </section>
        <section className="px-0 pt-3 pb-3.5 [break-inside:avoid]" aria-label="Other names">
          <h3 className="text-[length:var(--t-lead,20px)]">Other names</h3>
          <dl className="names">
            {Object.entries(s.names).map(([code, list]) => (
              <Fact key={code} name={languageName(code)}>
                <span lang={code}>{list.join(', ')}</span>
              </Fact>
            ))}
          </dl>
        </section>
      </div>
      <footer className="pt-2.5 mt-3 border-t text-cap text-ink-2 max-w-[90ch] border-rule-2">
        <p>
          {pack}.{' '}
          {s.confidence === 'sure'
            ? 'Well known.'
            : s.confidence === 'typical'
              ? 'Figures are typical, not measured on your fish.'
              : 'To be checked.'}
          {s.toCheck && ` Not sure of: ${sayAll(s.toCheck)}.`} Written from general knowledge of: {s.sources.join('; ')}
          . Where the knife, the spike and the cuts go is worked out from the drawing: about here. Local rules and a
          doctor’s advice come first.
        </p>
      </footer>
    </article>
  );
}
