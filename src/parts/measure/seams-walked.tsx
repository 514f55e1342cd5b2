import { useState } from 'react';
import { lengthOfMark } from '../../core/measure/kept';
import { pairNamed, SEAM_PAIRS, walked, type SeamPair, type Walked } from '../../core/measure/walk';
import type { PictureMeasured } from '../../core/records';
import { keysOf } from '../../core/units/keys';
import { formatLength, type LengthUnit } from '../../core/units/length';
import { SelectField } from '../../ui/field';
import { doubtedWords } from './measure-words';

/** Two seams that are sewn together, walked along each other: by how much one is longer, against the ease that is meant. */
export function SeamsWalked({ measured, unit }: { measured: PictureMeasured; unit: LengthUnit }) {
  const marks = measured.marks.filter((m) => m.kind !== 'outline');
  const [said, setPair] = useState<SeamPair>();
  const [firstId, setFirst] = useState<string>();
  const [secondIds, setSecond] = useState<readonly string[]>([]);
  const pair = said ?? pairNamed(marks.flatMap((m) => m.name ?? []));
  const { first: firstWord, second: secondWord } = SEAM_PAIRS[pair ?? 'any seam'];
  const first = marks.find((m) => m.id === firstId) ?? marks.find((m) => m.name === firstWord) ?? marks[0];
  const second =
    secondIds.length > 0 ? marks.filter((m) => secondIds.includes(m.id)) : marks.filter((m) => m.id !== first?.id && m.name === secondWord);
  if (!first || marks.length < 2) return null;
  const against = second.length > 0 ? second : marks.filter((m) => m.id !== first.id).slice(0, 1);
  const lengths = against.map((m) => lengthOfMark(measured, m));
  const sum = { value: lengths.reduce((a, b) => a + b.value, 0), doubt: Math.hypot(...lengths.map((l) => l.doubt)) };
  const name = (id: string) => {
    const i = measured.marks.findIndex((m) => m.id === id);
    const mark = measured.marks[i];
    return mark?.name ?? `${mark?.kind} ${i + 1}`;
  };
  return (
    <section>
      <h2 className="text-head">Do two seams meet?</h2>
      <div className="flex flex-wrap items-end gap-2">
        <SelectField label="Sewn as" value={pair ?? ''} onChange={(e) => setPair(keysOf(SEAM_PAIRS).find((p) => p === e.target.value))}>
          <option value="">not said</option>
          {keysOf(SEAM_PAIRS).map((p) => (
            <option key={p} value={p}>
              {p}
            </option>
          ))}
        </SelectField>
        <SelectField label={firstWord} value={first.id} onChange={(e) => setFirst(e.target.value)}>
          {marks.map((m) => (
            <option key={m.id} value={m.id}>
              {name(m.id)}
            </option>
          ))}
        </SelectField>
        <SelectField
          label={secondWord}
          value={against.length > 1 ? 'all' : (against[0]?.id ?? '')}
          onChange={(e) => setSecond(e.target.value === 'all' ? [] : [e.target.value])}
        >
          {against.length > 1 && <option value="all">front and back together</option>}
          {marks
            .filter((m) => m.id !== first.id)
            .map((m) => (
              <option key={m.id} value={m.id}>
                {name(m.id)}
              </option>
            ))}
        </SelectField>
      </div>
      <p className="mt-1" aria-live="polite">
        {pair ? (
          <Answer found={walked(lengthOfMark(measured, first), sum, pair)} pair={pair} unit={unit} />
        ) : (
          'Say what they are sewn as, and they are walked.'
        )}
      </p>
    </section>
  );
}

function Answer({ found: { longer, meant, answer }, pair, unit }: { found: Walked; pair: SeamPair; unit: LengthUnit }) {
  const cm = (n: number) => formatLength(n, unit, { about: true });
  return (
    <>
      {SEAM_PAIRS[pair].first} is {doubtedWords({ value: Math.abs(longer.value), doubt: longer.doubt }, unit)}{' '}
      {longer.value < 0 ? 'shorter' : 'longer'} than {SEAM_PAIRS[pair].second}; meant are {cm(meant[0])} to {cm(meant[1])} longer.{' '}
      <strong className={answer === 'meets' ? 'text-moss' : answer === 'not sure' ? '' : 'text-garnet'}>{ANSWERS[answer]}</strong>
    </>
  );
}

const ANSWERS: Record<Walked['answer'], string> = {
  meets: 'They meet.',
  'not sure': 'Too close to say.',
  'too long': 'It is too long.',
  'too short': 'It is too short.',
};
