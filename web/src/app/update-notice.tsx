import { useEffect, useState } from 'react';
import { registerSW } from 'virtual:pwa-register';

/** A newer version waits: said, and taken only when asked, so that nothing half typed is lost. */
export function UpdateNotice() {
  const [update, setUpdate] = useState<(() => void) | null>(null);
  // The service worker lives outside React and is registered once.
  useEffect(() => {
    const apply = registerSW({ onNeedRefresh: () => setUpdate(() => () => void apply(true)) });
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
