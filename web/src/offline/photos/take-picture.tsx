import { ImagePlus } from 'lucide-react';
import { useRef, useState } from 'react';
import { openPhoto } from './open-photo.ts';
import { useFileUrl, usePhotoShelf } from './photos.tsx';
import { Key, LineKey } from '../../ui/key.tsx';
import { FileInput } from '../../ui/file-input.tsx';
import { Trouble } from '../../ui/trouble.tsx';
import { whyNotKept } from './photo-shelf.ts';

/** A picture that is safe on this device, to be written down with a find. */
export interface KeptPhoto {
  readonly file: Blob;
  readonly photo: string;
  readonly width: number;
  readonly height: number;
}

/** A picture from the camera or a file: kept on this device at once, sent beside the line. `of`: what it is of, in a sentence. */
export function TakePicture({
  of,
  kept,
  onKept,
}: {
  of: string;
  kept: KeptPhoto | null;
  onKept: (p: KeptPhoto | null) => void;
}) {
  const shelf = usePhotoShelf();
  const input = useRef<HTMLInputElement>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const url = useFileUrl(kept?.file ?? null);
  const keep = async (file: Blob): Promise<void> => {
    setTrouble(null);
    const opened = await openPhoto(file);
    if (!opened)
      return setTrouble('This browser cannot read this file as a picture. JPEG, PNG and WebP work everywhere.');
    try {
      const photo = await shelf.keep(file);
      onKept({ file, photo, width: opened.width, height: opened.height });
    } catch (e) {
      setTrouble(whyNotKept(e));
    }
  };
  return (
    <>
      <FileInput ref={input} accept="image/*" label={`Picture of ${of}`} onFile={(file) => void keep(file)} />
      {kept && url ? (
        <span>
          <img
            className="photo border border-rule-2 block w-auto h-24 max-w-full"
            src={url}
            alt={`The picture for ${of}`}
          />
          <LineKey onClick={() => onKept(null)}>Without the picture</LineKey>
        </span>
      ) : (
        <Key
          small
          onClick={() => input.current?.click()}
          mark={<ImagePlus size={22} aria-hidden="true" />}
          name="Picture of it"
        />
      )}
      <Trouble says={trouble} />
    </>
  );
}
