import { stamp } from '@dagboek/core/time';
import { Link } from 'react-router';
import { plural, useFormat } from '../../asked/format.ts';
import { Row } from '../../frame/page.tsx';
import type { Dinner } from './use-dinner.ts';

/** Other dinners of the kitchen at about the hour, and whether one plan holds for all of them. */
export function CookedTogether({ dinner }: { dinner: Dinner }) {
  const { time, zone } = useFormat();
  const { besides, means, together } = dinner;
  if (besides.length === 0) return null;
  const name = (b: Dinner['besides'][number]) => (
    <Link to={`/table/dinner/${b.d.id}`}>
      {b.d.dishes[0]?.name ?? 'another dinner'}, {time(stamp(b.servedMs, zone))}
    </Link>
  );
  const sharing = besides.filter((b) => b.together);
  const apart = together ? besides.filter((b) => !b.together) : besides;
  return (
    <Row className="pad">
      {together && sharing.length > 0 && (
        <p>
          <b>Planned together with:</b> <Names of={sharing.map(name)} />. {plural(means.hands, 'cook')},{' '}
          {plural(means.rings, 'hob ring')} and the pots are shared. The dinner served first is cooked first.
        </p>
      )}
      {apart.length > 0 && (
        <p className="alert alert-warning">
          <b>This could not be planned together with:</b> <Names of={apart.map(name)} />. This plan assumes that all
          cooks, hob rings and pots are free. Serve one of them at another time.
        </p>
      )}
    </Row>
  );
}

const Names = ({ of }: { of: readonly React.ReactNode[] }) =>
  of.map((x, i) => (
    <span key={i}>
      {i > 0 && '; '}
      {x}
    </span>
  ));
