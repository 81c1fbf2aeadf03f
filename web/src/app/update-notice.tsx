import { useEffect, useState } from 'react';
import { fetchToShelf } from '../offline/facts-shelf.ts';

const AFTER_MS = 1000;
/** Where species and rules of the newer version could not be fetched: again so often, ms. */
const AGAIN_MS = 30_000;

/** A newer version waits: said, and taken only when asked, so that nothing half typed is lost. */
export function UpdateNotice() {
  const [update, setUpdate] = useState<(() => void) | null>(null);
  // The service worker lives outside React and is registered once.
  useEffect(() => {
    const register = async (): Promise<void> => {
      const { registerSW } = await import('virtual:pwa-register');
      // Offered once its species and rules are here: they belong together, and the next page may be opened at sea.
      const offer = async (): Promise<void> => {
        if (await fetchToShelf()) setUpdate(() => () => void apply(true));
        else setTimeout(() => void offer(), AGAIN_MS);
      };
      const apply = registerSW({ onNeedRefresh: () => void offer() });
    };
    // A second after the page stands: what it needs comes first. Where the network went meanwhile, the next visit registers it.
    const t = setTimeout(() => void register().catch(() => undefined), AFTER_MS);
    return () => clearTimeout(t);
  }, []);
  if (!update) return null;
  return (
    <div
      className="py-3 px-5 inset-x-0 gap-4 fixed top-auto bottom-0 z-40 bg-ink text-paper flex items-center"
      role="status"
    >
      A newer version is here.
      <button className="underline min-h-11 cursor-pointer" type="button" onClick={update}>
        Use it now
      </button>
    </div>
  );
}
