import { GLOSSARY, type GlossaryEntry } from '../../ui/words/glossary.ts';
import { TermDrawing } from '../../ui/words/term-drawing.tsx';

/** The words of the craft from A to Z, each with its two sentences and, where it has one, its drawing. */
export const WordsList = ({ of = GLOSSARY }: { of?: readonly GlossaryEntry[] }) => (
  <dl className="mt-4 grid grid-cols-[repeat(auto-fill,minmax(17rem,1fr))] gap-x-8 max-tablet:block">
    {of.map((e) => (
      <div key={e.id} id={e.id} className="border-t border-rule-2 py-3 target:bg-paper-open">
        <dt className="font-head text-[1.25rem] font-bold">{e.term}</dt>
        <dd>
          <TermDrawing of={e.id} />
          {e.says}
        </dd>
      </div>
    ))}
  </dl>
);
