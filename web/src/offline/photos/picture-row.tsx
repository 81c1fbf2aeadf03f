import { Photo } from './photos.tsx';

/** Pictures side by side, each opening large, with what each is of; nothing without one. */
export function PictureRow({
  label,
  of,
}: {
  label: string;
  of: readonly { readonly photo: string; readonly of: string }[];
}) {
  if (of.length === 0) return null;
  return (
    <ul className="my-3 mx-0 gap-2 flex flex-wrap" aria-label={label}>
      {of.map((p) => (
        <li key={p.photo + p.of}>
          <Photo hash={p.photo} alt={p.of} />
        </li>
      ))}
    </ul>
  );
}
