import { useTradeWords } from '../../data/queries';
import { decisionReasonWords } from '../../core/decide/decision-reason';
import type { Reckoned } from '../../core/decide/reckoning';

/** Whether to sew it again: one answer, what it rests on, and what would change it. */
export function SewItAgain({ found: { answer, because, wouldChange, early } }: { found: Reckoned }) {
  const inWords = useTradeWords();
  if (answer === 'not judged yet') return null;
  return (
    <section aria-labelledby="again">
      <h2 id="again" className="text-head text-amber first-letter:uppercase">
        {inWords(answer)}
      </h2>
      <ul className="text-small leading-[18px] text-ink2">
        {because.map(decisionReasonWords).map((words) => (
          <li key={words}>{words}</li>
        ))}
        {early && <li className="italic">Judged early: its best version was not worn three times when you last said.</li>}
        <li>What would change that: {wouldChange}.</li>
      </ul>
    </section>
  );
}
