import { memo, useDeferredValue, useState } from 'react';
import type { Answers } from '../../core/shorthand/chip';
import { chipWords, choicesInWords } from '../../core/shorthand/chip-words';
import type { Chip } from '../../core/shorthand/chip';
import type { AskedAct, OtherAct } from '../../core/shorthand/acts/read-other';
import type { LineContext } from '../../core/shorthand/sentence';
import { LINE_EXAMPLES, OTHER_EXAMPLES } from '../../core/shorthand/examples';
import { readLine } from '../../core/shorthand/read-line';
import { LineChips } from '../../parts/line-chips';
import { useLineContext, useReadOther } from '../../parts/use-line-context';
import { TextField } from '../../ui/field';
import { PageHead } from '../../ui/page-head';

const factWords = ({ says }: Chip, context: LineContext) =>
  says
    .map((u) => {
      const { kind, says: what } = chipWords(u, context, context.unit);
      return `${kind}: ${what}`;
    })
    .join(' · ');

/** What a line is that is no make. */
const OTHER_WORDS: Record<(OtherAct | AskedAct)['is'], string> = {
  which: 'which of what it may be said of is meant is asked',
  worn: 'a wear is noted',
  finished: 'what lies on the table is finished',
  cut: 'what was planned lies on the table, cut',
  sewing: 'what lies on the table is being sewn',
  worked: 'what was done on it, and how long that took, is noted with what lies on the table',
  looked: 'a look at a garment that there is is noted with it',
  'to do': 'it is a loose end of the garment until it is done',
  notions: 'what came in for it is noted with what lies on the table',
  noted: 'it goes into the remark of the garment',
  ended: 'what became of the garment is noted',
  mended: 'the mend is noted with the garment, and counts in what wears out',
  away: 'the garment is away for a time, which does not count as not worn',
  back: 'the garment is there again',
  bought: 'fabric goes into the stash',
  left: 'what is left of the fabric is noted in the stash',
  washed: 'that the fabric was washed is noted with it',
  'fabric told': 'what the fabric is like is noted with it',
  measured: 'the measures are noted with whose they are',
  'pattern told': 'it goes into the note of the pattern',
  'pattern bought': 'the pattern is entered, and nothing sewn from it',
  planned: 'a plan is made',
  replanned: 'by when what is planned is wanted, or that it is not any more, is noted with the plan',
};

/** How a make is written in one line, with examples from the sewist's own ledger and a field to try. */
export function LineHelp() {
  const context = useLineContext();
  const [text, setText] = useState('');
  const [answers, setAnswers] = useState<Answers>({});
  const chips = readLine(text, context, answers);
  const other = useReadOther(context)(text);
  return (
    <>
      <PageHead
        title="The line"
        under="A whole make in one line, as you would say it or in short: press / anywhere, write, and Ctrl Enter enters it. What can be read two ways is asked, and what is not understood is kept as words."
      />
      <div className="mb-5 max-w-3xl">
        <TextField
          label="Try it here; nothing is entered"
          value={text}
          onChange={(e) => setText(e.target.value)}
          spellCheck={false}
          autoComplete="off"
        />
        <div className="mt-2 min-h-8">
          {other ? <p>No make: {OTHER_WORDS[other.is]}.</p> : <LineChips chips={chips} context={context} answers={answers} onAnswers={setAnswers} />}
        </div>
      </div>
      <Examples context={context} onTry={setText} />
    </>
  );
}

/** What a line is understood as, in words. */
function UnderstoodOf({ line, context, readOther }: { line: string; context: LineContext; readOther: ReturnType<typeof useReadOther> }) {
  const other = readOther(line);
  if (other) return `no make: ${OTHER_WORDS[other.is]}`;
  return readLine(line, context)
    .map((c) => (c.asks ? `asked: ${choicesInWords(c.choices, context, context.unit).join(' or ')}` : factWords(c, context)))
    .join(' · ');
}

/** The examples with what is understood of each: read once for a ledger, and not at every letter that is tried. */
const Examples = memo(function Examples({ context, onTry }: { context: LineContext; onTry: (line: string) => void }) {
  const pattern = context.patterns.find((p) => (p.sizes?.length ?? 0) > 2) ?? context.patterns[0];
  const sizes = pattern?.sizes ?? [];
  const middle = Math.floor(sizes.length / 2);
  const names: Record<string, string> = {
    pattern: pattern?.name.toLowerCase() ?? 'Marram shirt',
    other: context.patterns.find((p) => p !== pattern && p.zones?.includes('sleeve'))?.name ?? 'Curlew blouse',
    person: context.people[0]?.name ?? 'Maren',
    fabric: context.fabrics[0]?.name ?? 'blue linen',
    size: sizes[middle] ?? 'C',
    next: sizes[middle + 1] ?? sizes[middle] ?? 'D',
  };
  const readOther = useReadOther(context);
  // To read them all for the first time takes a second: the page stands before that, and answers meanwhile.
  const isReading = useDeferredValue(true, false);
  const fill = (line: string) => line.replace(/\{(\w+)\}/g, (_, name: string) => names[name] ?? name);
  return (
    <div className="grid max-w-5xl grid-cols-2 gap-x-8 gap-y-5 max-lg:grid-cols-1">
      {[...LINE_EXAMPLES, OTHER_EXAMPLES].map(({ about, note, lines }) => (
        <section key={about} aria-label={about} className="first:col-span-full">
          <h2 className="double-rule-b text-head">{about}</h2>
          <p className="py-1 text-ink2">{note}</p>
          <table className="w-full">
            <tbody>
              {lines.map(fill).map((line) => (
                <tr key={line} className="border-b border-rule">
                  <td className="w-1/2 py-0.5 pr-3">
                    <button type="button" className="min-h-6 text-left underline decoration-dotted underline-offset-4" onClick={() => onTry(line)}>
                      {line}
                    </button>
                  </td>
                  <td className="py-0.5 text-ink2">{isReading && <UnderstoodOf line={line} context={context} readOther={readOther} />}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      ))}
    </div>
  );
});
