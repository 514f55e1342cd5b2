import { useMemo, useState } from 'react';
import { chipWords } from '../../core/shorthand/chip-words';
import { LINE_EXAMPLES } from '../../core/shorthand/examples';
import { parseLine } from '../../core/shorthand/parse-line';
import { LineChips } from '../../parts/line-chips';
import { useLineContext } from '../../parts/use-line-context';
import { TextField } from '../../ui/field';
import { PageHead } from '../../ui/page-head';

/** How a make is written in one line, with examples from the sewist's own ledger and a field to try. */
export function LineHelp() {
  const context = useLineContext();
  const [text, setText] = useState('');
  const fill = useMemo(() => {
    const pattern = context.patterns.find((p) => (p.sizes?.length ?? 0) > 2) ?? context.patterns[0];
    const sizes = pattern?.sizes ?? [];
    const middle = Math.floor(sizes.length / 2);
    const names: Record<string, string> = {
      pattern: pattern?.name.toLowerCase() ?? 'a pattern',
      person: context.people[0]?.name ?? 'Maren',
      fabric: context.fabrics[0]?.name ?? 'a fabric',
      size: sizes[middle] ?? 'C',
      next: sizes[middle + 1] ?? sizes[middle] ?? 'D',
    };
    return (line: string) => line.replace(/\{(\w+)\}/g, (_, name: string) => names[name] ?? name);
  }, [context]);
  const chips = parseLine(text, context);
  return (
    <>
      <PageHead
        title="The line"
        under="A whole make in one line, in any order: press / anywhere, write, and Ctrl Enter enters it. Parts are parted by a space, a comma or a dot in the middle."
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
          <LineChips text={text} chips={chips} context={context} onText={setText} />
        </div>
      </div>
      <div className="grid max-w-5xl grid-cols-2 gap-x-8 gap-y-5 max-lg:grid-cols-1">
        {LINE_EXAMPLES.map(({ about, note, lines }) => (
          <section key={about} aria-label={about}>
            <h2 className="double-rule-b text-head">{about}</h2>
            <p className="py-1 text-ink2">{note}</p>
            <table className="w-full">
              <tbody>
                {lines.map(fill).map((line) => (
                  <tr key={line} className="border-b border-rule">
                    <td className="w-1/2 py-0.5">
                      <button
                        type="button"
                        className="min-h-6 text-left underline decoration-dotted underline-offset-4"
                        onClick={() => setText(line)}
                      >
                        {line}
                      </button>
                    </td>
                    <td className="py-0.5 text-ink2">
                      {parseLine(line, context)
                        .map((c) => {
                          const { kind, says } = chipWords(c.understood, context, context.unit);
                          return `${kind}: ${says}`;
                        })
                        .join(' · ')}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        ))}
      </div>
    </>
  );
}
