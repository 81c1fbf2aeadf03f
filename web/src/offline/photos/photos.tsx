import { createContext, type ReactNode, useContext, useEffect, useMemo, useSyncExternalStore } from 'react';
import type { PhotoShelf, WaitingPhoto } from './photo-shelf.ts';

const Context = createContext<PhotoShelf | null>(null);
/** How often to try to send what waits, ms. */
const TRY_MS = 30_000;

export function PhotosProvider({ shelf, children }: { shelf: PhotoShelf; children: ReactNode }) {
  // The network and the clock are outside React: what waits is sent when either gives occasion.
  useEffect(() => {
    const send = (): void => void shelf.send();
    send();
    const timer = setInterval(send, TRY_MS);
    addEventListener('online', send);
    return () => {
      clearInterval(timer);
      removeEventListener('online', send);
    };
  }, [shelf]);
  return <Context value={shelf}>{children}</Context>;
}

export function usePhotoShelf(): PhotoShelf {
  const shelf = useContext(Context);
  if (!shelf) throw new Error('usePhotoShelf: no shelf is open above this component');
  return shelf;
}

/** Pictures that are on this device only. */
export function useWaitingPhotos(): readonly WaitingPhoto[] {
  const shelf = usePhotoShelf();
  return useSyncExternalStore(shelf.subscribe, shelf.getSnapshot);
}

/** An address for a file that is held here, given back when it is no longer shown. */
export function useFileUrl(file: Blob | null): string | null {
  const url = useMemo(() => (file ? URL.createObjectURL(file) : null), [file]);
  useEffect(() => () => void (url && URL.revokeObjectURL(url)), [url]);
  return url;
}

/** A picture of the book, small, opening large: from this device while it waits here, else from the server. */
export function Photo({ hash, alt }: { hash: string; alt: string }) {
  const held = useWaitingPhotos().find((w) => w.hash === hash) ?? null;
  const url = useFileUrl(held?.file ?? null);
  return (
    <a href={url ?? `/api/photos/${hash}`} target="_blank" rel="noreferrer">
      <img
        className="photo border border-rule-2 block max-w-full w-55 h-auto"
        src={url ?? `/api/photos/${hash}?size=small`}
        alt={alt}
        loading="lazy"
      />
    </a>
  );
}
