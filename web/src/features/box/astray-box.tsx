import type { FishState } from '@dagboek/journal';
import { Row } from '../../frame/page.tsx';
import { BoxFish } from './box-fish.tsx';

/** Fish that were put into a box of which this book knows nothing: nothing can be reckoned of its ice. */
export function AstrayBox({ lines, now }: { lines: readonly FishState[]; now: number }) {
  const name = 'In a box that is not in this book';
  return (
    <section aria-label={name}>
      <Row className="pad box-head">
        <h2>{name}</h2>
        <p>Its ice is not known: one day of ice is assumed. Check the ice, or cut the fish while they are cold.</p>
      </Row>
      <BoxFish lines={lines} now={now} />
    </section>
  );
}
