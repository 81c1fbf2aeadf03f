import { packNumber } from '@dagboek/journal';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useBook } from '../../offline/journal-context.tsx';
import { Dialog } from '../../ui/dialog.tsx';
import { Trouble } from '../../ui/trouble.tsx';

/** What a browser that can read codes brings along; most phones do. */
interface CodeReader {
  detect: (source: HTMLVideoElement) => Promise<{ rawValue: string }[]>;
}
declare global {
  interface Window {
    BarcodeDetector?: new (options: { formats: string[] }) => CodeReader;
  }
}

export const canScan = (): boolean =>
  window.BarcodeDetector !== undefined && navigator.mediaDevices?.getUserMedia !== undefined;

/** So often a picture is looked at, ms. */
const LOOK_MS = 250;
const UUID = /\/larder\/([0-9a-f-]{36})(?:$|[?#])/;

/** Reads the code of a label by the camera, and opens its pack. */
export function ScanDialog({ onClose }: { onClose: () => void }) {
  const { book } = useBook();
  const navigate = useNavigate();
  const video = useRef<HTMLVideoElement>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  // Lines that arrive meanwhile do not open the camera anew.
  const known = useRef(book);
  useEffect(() => {
    known.current = book;
  }, [book]);
  // The camera is outside React: it is opened with the dialog, and let go with it.
  useEffect(() => {
    let stream: MediaStream | null = null;
    let over = false;
    let timer = 0;
    const reader = window.BarcodeDetector ? new window.BarcodeDetector({ formats: ['qr_code'] }) : null;
    const look = async (): Promise<void> => {
      const el = video.current;
      if (over || !reader || !el) return;
      const codes = await reader.detect(el).catch(() => []);
      for (const { rawValue } of codes) {
        const id = UUID.exec(rawValue)?.[1];
        const pack = id ? known.current.getAny('pack', id) : null;
        if (pack && !over) {
          over = true;
          onClose();
          return void navigate(`/larder/${pack.id}`);
        }
        setTrouble(
          id
            ? 'This label is from another book, or from a pack that is not on this device yet.'
            : 'This is not a pack label.',
        );
      }
      timer = window.setTimeout(() => void look(), LOOK_MS);
    };
    navigator.mediaDevices
      .getUserMedia({ video: { facingMode: 'environment' } })
      .then(async (s) => {
        stream = s;
        if (over || !video.current) return s.getTracks().forEach((t) => t.stop());
        video.current.srcObject = s;
        await video.current.play();
        void look();
      })
      .catch(() => setTrouble('The camera cannot be used here. Type the number of the pack instead.'));
    return () => {
      over = true;
      clearTimeout(timer);
      stream?.getTracks().forEach((t) => t.stop());
    };
  }, [navigate, onClose]);
  return (
    <Dialog title="Scan a label" open onClose={onClose}>
      <video
        ref={video}
        className="w-full max-h-[50vh] bg-black rounded-[2px]"
        muted
        playsInline
        aria-label="What the camera sees"
      />
      <p className="hint">Hold the code of the label before the camera. No picture is kept.</p>
      <Trouble says={trouble} />
    </Dialog>
  );
}

/** The pack of a number; null when there is none, or several bear it. */
export const packOfNumber = (book: ReturnType<typeof useBook>['book'], text: string): string | null => {
  const same = book.packsWithFood().filter((p) => packNumber(book, p) === text.trim());
  return same.length === 1 ? same[0]!.id : null;
};
