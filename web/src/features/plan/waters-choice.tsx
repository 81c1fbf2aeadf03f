import type { RulePack } from '@dagboek/core/rules';

/** Which waters: those whose rules the server has, or none yet. */
export function WatersChoice({
  packs,
  chosen,
  setWaters,
}: {
  packs: {
    readonly isPending: boolean;
    readonly isError: boolean;
    readonly data?: { readonly packs: readonly RulePack[] } | undefined;
  };
  chosen: string | null;
  setWaters: (to: string | null) => void;
}) {
  return (
    <>
      {packs.isPending && <p>Asking the server which rules it has.</p>}
      {packs.isError && <p>The server does not answer, so the rules cannot be listed yet.</p>}
      <div role="radiogroup" aria-label="Waters">
        {packs.data?.packs.map((p) => (
          <label
            className="gap-3 border-b grid grid-cols-[26px_minmax(120px,200px)_minmax(0,1fr)] items-center min-h-12 cursor-pointer border-rule max-tablet:py-1.5 max-tablet:px-0 max-tablet:grid-cols-[26px_minmax(0,1fr)]"
            key={p.id}
          >
            <input
              type="radio"
              name="waters"
              className="radio border-2 border-ink [--size:1.6rem] text-ink flex-none"
              checked={p.id === chosen}
              onChange={() => setWaters(p.id)}
            />
            <b>{p.name}</b>
            <span className="text-ink-2 max-tablet:col-[2]">
              {p.sample ? 'made-up rules for trying the app, not real law' : `${p.authority}, checked ${p.checked}`}
            </span>
          </label>
        ))}
        <label className="gap-3 border-b grid grid-cols-[26px_minmax(120px,200px)_minmax(0,1fr)] items-center min-h-12 cursor-pointer border-rule max-tablet:py-1.5 max-tablet:px-0 max-tablet:grid-cols-[26px_minmax(0,1fr)]">
          <input
            type="radio"
            name="waters"
            className="radio border-2 border-ink [--size:1.6rem] text-ink flex-none"
            checked={chosen === 'none'}
            onChange={() => setWaters('none')}
          />
          <b>None yet</b>
          <span className="text-ink-2 max-tablet:col-[2]">no rules: add your own places and rules later</span>
        </label>
      </div>
    </>
  );
}
