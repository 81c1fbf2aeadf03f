/** A sentence that says what is wrong and what to do; read out as it appears. Nothing when all is well. */
export function Trouble({ says }: { says: string | null | undefined }) {
  if (!says) return null;
  return (
    <p className="alert alert-outline" role="alert">
      {says}
    </p>
  );
}
