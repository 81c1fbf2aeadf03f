import type { FishState } from '@dagboek/journal';
import { Row } from '../../frame/page.tsx';
import { BoxFish } from './box-fish.tsx';

/** Fish that were put into a box of which this book knows nothing: nothing can be reckoned of its ice. */
export function AstrayBox({ lines, now }: { lines: readonly FishState[]; now: number }) {
  const name = 'In a box that this book does not know';
  return (
    <section aria-label={name}>
      <Row className="pad box-head">
        <h2>{name}</h2>
        <p>
          Nothing is known of its ice: a day of it is taken. Look under the lid, or take the fish to the board while
          they are cold.
        </p>
      </Row>
      <BoxFish lines={lines} now={now} />
    </section>
  );
}
