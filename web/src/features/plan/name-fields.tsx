/** A field for each person of the crew; another appears while the last is filled in. */
export function NameFields({ people, setPeople }: { people: string[]; setPeople: (to: string[]) => void }) {
  return (
    <ul className="mt-2 gap-2.5 grid grid-cols-[repeat(auto-fill,minmax(200px,1fr))]">
      {people.map((p, i) => (
        <li key={i}>
          <label className="sr-only" htmlFor={`p${i}`}>
            Name {i + 1}
          </label>
          <input
            id={`p${i}`}
            className="input"
            placeholder={i === 0 ? 'your name' : 'next name'}
            value={p}
            maxLength={60}
            onChange={(e) =>
              setPeople([
                ...people.slice(0, i),
                e.target.value,
                ...people.slice(i + 1),
                ...(i === people.length - 1 && e.target.value ? [''] : []),
              ])
            }
          />
        </li>
      ))}
    </ul>
  );
}
