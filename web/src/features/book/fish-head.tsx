import type { Freshness } from '@dagboek/core/fresh';
import { bestWeightOf, earlierLengths, type Book, type CustodyLine, type FishState } from '@dagboek/journal';
import { type Species } from '../../asked/catalogue.ts';
import { LENGTH_UNIT, lengthShown, massParts } from '../../asked/units.ts';
import { TONE_COLOR, TONE_WORD } from '../../fish/custody/slots.ts';
import { FigureView } from '../../fish/figure-view.tsx';
import { FirstMark } from '../../fish/first-mark.tsx';
import { Row } from '../../frame/page.tsx';
import { Title } from '../../ui/title.tsx';

/** Number, name, drawing, length, weight and freshness of a fish. */
export function FishHead({
  number,
  name,
  fish,
  species,
  fresh,
  line,
  book,
}: {
  number: string;
  name: string;
  fish: FishState;
  species: Species | null;
  fresh: Freshness | null;
  line: CustodyLine;
  book: Book;
}) {
  const mass = bestWeightOf(book, fish, species);
  const wasMm = earlierLengths(fish).at(-1);
  return (
    <Row
      className="fish-head"
      time={
        <>
          <small className="font-normal text-cap text-ink-2">Fish</small>
          <b className="q">{number}</b>
        </>
      }
    >
      <Title>
        {name}
        <FirstMark fish={fish} small />
      </Title>
      {species && <FigureView spec={species.figure} size={220} />}
      {fish.length && (
        <p className="num big text-[2rem]">
          {typeof wasMm === 'number' && wasMm !== fish.length.mm && <s>{lengthShown(wasMm)}</s>}{' '}
          {lengthShown(fish.length.mm)}
          {fish.length.longestMm ? ` to ${lengthShown(fish.length.longestMm)}` : ''}
          <u>{LENGTH_UNIT}</u>
        </p>
      )}
      {mass && (
        <p className="num big text-[2rem]">
          {massParts(mass.g * fish.count)[0]}
          <u>
            {massParts(mass.g * fish.count)[1]}
            {mass.how === 'estimated' ? ' est.' : mass.how === 'board' ? ' on the board' : ''}
          </u>
        </p>
      )}
      {fresh && (
        <p
          className="ml-auto text-right max-tablet:ml-0 max-tablet:text-left"
          style={{ color: TONE_COLOR[fresh.tone] }}
        >
          <span className="num text-[2.375rem]">{Math.round(fresh.used * 100)}</span>{' '}
          <b>% of the freshness used{line.eatenAt ? ' when eaten' : ''}</b>
          <small className="block">
            {TONE_WORD[fresh.tone]}; {fresh.iceDaysUsed.toFixed(1)} of about {fresh.iceDaysAllowed.toFixed(0)} days on
            ice.
          </small>
        </p>
      )}
    </Row>
  );
}
