import { Link } from 'react-router';
import { useCatalogueIfHere } from '../asked/catalogue.ts';

/** Pages that belong to no station: first aid, handbook, catalogue, people, phones, packs. */
export function LookUpList() {
  const kinds = useCatalogueIfHere()?.all.length ?? 0;
  return (
    <ul className="mt-2">
      <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
        <Link className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center" to="/hurt">
          Someone is hurt
        </Link>
        <span>stings, cuts, shocks, illness after a meal: what helps, and when to call</span>
      </li>
      <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
        <Link className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center" to="/handbook">
          Handbook
        </Link>
        <span>how to do everything, one page for each station; works without a signal</span>
      </li>
      <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
        <Link
          className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center"
          to="/handbook/words"
        >
          Words
        </Link>
        <span>what the words of the craft mean, with drawings</span>
      </li>
      <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
        <Link
          className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center"
          to="/catalogue"
        >
          Catalogue
        </Link>
        <span>{kinds > 0 ? `${kinds} species: how to identify, handle and store them` : 'not on this device yet'}</span>
      </li>
      <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
        <Link className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center" to="/crew">
          People and boxes
        </Link>
        <span>add, rename or retire people, boxes and places</span>
      </li>
      <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
        <Link className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center" to="/phones">
          Phones
        </Link>
        <span>add or remove the phones of the crew</span>
      </li>
      <li className="grid min-h-14 grid-cols-[120px_1fr_auto] items-center gap-x-2 border-b border-rule">
        <Link
          className="font-bold text-[1.25rem] leading-[normal] font-head min-h-14 flex items-center"
          to="/catalogue/packs"
        >
          Packs
        </Link>
        <span>your own species, typed in or read from a file</span>
      </li>
    </ul>
  );
}
