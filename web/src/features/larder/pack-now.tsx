import { REFROZEN, thawedByItself, WRAPPING_FACTS } from '@dagboek/core/larder';
import { sayDate, sayDay, stamp } from '@dagboek/core/time';
import { type HeldPack, isNotToEat, mayAge, type PackState } from '@dagboek/journal';
import { useFormat } from '../../asked/format.ts';
import { massParts, sayMass, sayOfMeat, units } from '../../asked/units.ts';
import { NotToEat } from '../../fish/not-to-eat.tsx';
import { capital } from '../../ui/names-in-text.ts';
import { storeName } from './say-store.ts';
import { Term } from '../../ui/words/term.tsx';

/** A freezer that failed: when, which, and what becomes of what lay in it. */
function ThawedByItself({ thawed }: { thawed: NonNullable<HeldPack['thawedInStore']> }) {
  const { day, time, zone } = useFormat();
  const at = stamp(thawed.atMs, zone);
  return (
    <p className="alert alert-warning">
      <b>Thawed unintentionally</b> about {sayDay(day(at))}, {time(at)}: {storeName(thawed.store)} was too warm.{' '}
      {thawedByItself(units)}
    </p>
  );
}

/** How much of a pack is left, and until when it may be eaten. */
export function PackNow({
  pack,
  eatenG,
  splitG,
  takenG,
  pieces,
  leftG,
  held,
  number,
  today,
}: {
  pack: PackState;
  eatenG: number;
  splitG: number;
  takenG: number;
  pieces: number | null;
  leftG: number;
  held: HeldPack | null;
  number: string;
  today: string;
}) {
  const ages = held?.ageing != null && mayAge(held.ageing);
  const [n, u] = massParts(leftG);
  return (
    <>
      <p className="lead">
        <span className="num big text-[2rem]">
          {n}
          <u>{u}</u>
        </span>{' '}
        left of {sayMass(pack.massG)}
        {eatenG > 0 ? `, ${sayMass(eatenG)} eaten` : ''}
        {splitG > 0 ? `, ${sayMass(splitG)} in other packs` : ''}
        {takenG > 0 ? `, ${sayMass(takenG)} taken out` : ''}
        {pieces !== null && pieces !== pack.pieces && leftG >= 1
          ? `; ${pieces} of ${pack.pieces ?? pieces} pieces`
          : ''}
        {held && sayOfMeat(leftG, held.body.meatG) !== sayMass(leftG)
          ? `; of which about ${sayMass(Math.round(held.body.meatG / 10) * 10)} meat`
          : ''}
        . {capital(WRAPPING_FACTS[pack.wrapping].says)}.
      </p>
      {held && <NotToEat of={`Pack ${number}`} harm={held} unread={held.facts.unreadFridge} />}
      {held && !isNotToEat(held) && (
        <p className={today > held.keeps.authority ? 'alert alert-warning' : 'lead'}>
          {today > held.keeps.authority ? (
            <>
              <b>
                Past the <Term of="Official limit">official limit</Term>
              </b>{' '}
              of {sayDate(held.keeps.authority)}. When in doubt, throw it out.
            </>
          ) : (
            <>
              {ages ? 'While ageing: eat by' : 'Eat by'} <b>{sayDay(held.keeps.eatBy)}</b>.
              {ages ? (
                ' There is no official limit for ageing.'
              ) : (
                <>
                  {' '}
                  <Term of="Cautious limit">Cautious limit</Term> {sayDate(held.keeps.careful)},{' '}
                  <Term of="Official limit">official limit</Term> {sayDate(held.keeps.authority)}
                  {held.thawed ? '; thawed, so eat it by the next day, and do not freeze it again raw' : ''}.
                </>
              )}
            </>
          )}
        </p>
      )}
      {held?.thawedInStore && <ThawedByItself thawed={held.thawedInStore} />}
      {held?.refrozen && <p className="alert alert-error">{REFROZEN}</p>}
    </>
  );
}
