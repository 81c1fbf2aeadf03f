import { useEffect, useState } from 'react';

const AFTER_MS = 1000;

/** A newer version waits: said, and taken only when asked, so that nothing half typed is lost. */
export function UpdateNotice() {
  const [update, setUpdate] = useState<(() => void) | null>(null);
  // The service worker lives outside React and is registered once.
  useEffect(() => {
    const register = async (): Promise<void> => {
      const { registerSW } = await import('virtual:pwa-register');
      const apply = registerSW({ onNeedRefresh: () => setUpdate(() => () => void apply(true)) });
    };
    // A second after the page stands: what it needs comes first. Where the network went meanwhile, the next visit registers it.
    const t = setTimeout(() => void register().catch(() => undefined), AFTER_MS);
    return () => clearTimeout(t);
  }, []);
  if (!update) return null;
  return (
    <div className="update-notice" role="status">
      A newer version is here.
      <button type="button" onClick={update}>
        Use it now
      </button>
    </div>
  );
}
