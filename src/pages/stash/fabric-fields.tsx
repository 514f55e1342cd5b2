import { useState } from 'react';
import { toast } from 'react-toastify';
import { testResult, washed, withTest } from '../../core/fabric/stash';
import { parseLength, type LengthUnit } from '../../core/units/length';
import { Cloth, CLOTH_TESTS, Piece, Swatch as SwatchShape, type ClothTest } from '../../core/records';
import { newId } from '../../data/new-id';
import { today } from '../../data/today';
import { keep } from '../../parts/keep';
import { Pictures } from '../../parts/pictures/pictures';
import { RecordField } from '../../parts/record-field';
import { Swatch } from '../../parts/swatch';
import { Button } from '../../ui/button';
import { SelectField, TextField } from '../../ui/field';
import { Fold } from '../../ui/fold';

type ClothField = keyof typeof Cloth.shape & keyof Cloth;

/** Fields by what they are about, in the order in which one asks of a cloth. */
const GROUPS: readonly { readonly head: string; readonly names: readonly ClothField[] }[] = [
  {
    head: 'How it behaves',
    names: ['stretchAcross', 'stretchAlong', 'recovery', 'shrinkAlong', 'shrinkAcross', 'drape', 'opacity', 'nap', 'repeatAlong', 'behaviour'],
  },
  { head: 'Where it is from', names: ['source', 'bought', 'boughtLength', 'pricePerMetre', 'dear', 'irreplaceable', 'care'] },
];
const FIRST: readonly ClothField[] = ['colour', 'fibre', 'structure', 'weave', 'weight', 'weightClass', 'width', 'seasons'];

/** What is measured before and after, in words and units of its own. */
const TEST_WORDS: Record<ClothTest['of'], { before: string; after: string; result: (n: number) => string }> = {
  'stretch across': { before: 'Length at rest', after: 'Pulled to', result: (n) => `gives ${n}\u2009% across` },
  'stretch along': { before: 'Length at rest', after: 'Pulled to', result: (n) => `gives ${n}\u2009% along` },
  'shrinkage across': { before: 'Width before', after: 'After the wash', result: (n) => `shrinks ${n}\u2009% across` },
  'shrinkage along': { before: 'Length before', after: 'After the wash', result: (n) => `shrinks ${n}\u2009% along` },
  weight: { before: 'Area, cm²', after: 'Weight, g', result: (n) => `weighs ${n}\u2009g/m²` },
};

/** A test on a piece of the cloth: 10 cm pulled to 13. The result is worked out and stands where the cloth says what it does. */
function TestEntry({ cloth, unit, onTest }: { cloth: Cloth; unit: LengthUnit; onTest: (test: ClothTest) => void }) {
  const [of, setOf] = useState<ClothTest['of']>('stretch across');
  const [before, setBefore] = useState(unit === 'cm' ? '10' : '4');
  const [after, setAfter] = useState('');
  const read = (text: string) => {
    if (of === 'weight') return Number(text.replace(',', '.')) || undefined;
    const length = parseLength(text, unit);
    return length.ok && length.cm > 0 ? length.cm : undefined;
  };
  const [from, to] = [read(before), read(after)];
  const test = from && to ? { id: newId(), of, date: today(), before: from, after: to } : undefined;
  const words = TEST_WORDS[of];
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-end gap-2">
        <SelectField label="Test" value={of} onChange={(e) => setOf(e.target.value as ClothTest['of'])}>
          {CLOTH_TESTS.map((t) => (
            <option key={t}>{t}</option>
          ))}
        </SelectField>
        <TextField label={words.before} value={before} onChange={(e) => setBefore(e.target.value)} className="[&_input]:w-24" />
        <TextField
          label={words.after}
          value={after}
          onChange={(e) => setAfter(e.target.value)}
          problem={after !== '' && to === undefined ? 'This is no amount.' : undefined}
          className="[&_input]:w-24"
        />
        <Button
          disabled={!test}
          onClick={() => {
            if (!test) return;
            onTest(test);
            setAfter('');
          }}
        >
          {test ? `It ${words.result(testResult(test))}` : 'Enter the test'}
        </Button>
      </div>
      {cloth.tests.length > 0 && (
        <ul className="text-small text-ink2">
          {cloth.tests.map((t) => (
            <li key={t.id}>
              {t.date}: {TEST_WORDS[t.of].result(testResult(t))}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Everything that a shelf says of a cloth; each change is saved as it is made. */
export function ClothFields({ cloth, unit }: { cloth: Cloth; unit: LengthUnit }) {
  const of = Cloth.shape;
  const put = (to: Cloth, what: string) => void keep(`${what} of ${cloth.name}`, [{ table: 'cloths', from: cloth, to }]);
  const change = (part: Partial<Cloth>, what = Object.keys(part)[0] ?? '') => put({ ...cloth, ...part }, what);
  const fields = (names: readonly ClothField[]) =>
    names.map((name) => (
      <RecordField
        key={name}
        of={of}
        name={name}
        value={cloth[name] as never}
        onValue={(value) => change({ [name]: value })}
        className={name === 'behaviour' ? 'basis-full' : 'w-[136px]'}
      />
    ));
  const setPiece = (index: number, part: Partial<Piece>) =>
    change({ pieces: cloth.pieces.map((p, i) => (i === index ? { ...p, ...part } : p)) }, 'a piece');
  return (
    <div className="mt-3 flex flex-col gap-3">
      <div className="flex items-end gap-3">
        <Swatch swatch={cloth.swatch} className="size-16" />
        <RecordField of={of} name="name" value={cloth.name} onValue={(name) => change({ name })} className="flex-1" />
      </div>
      <div className="flex flex-wrap items-start gap-3">{fields(FIRST)}</div>
      <section aria-labelledby="pieces">
        <h3 id="pieces" className="text-[16px]">
          On the shelf
        </h3>
        {cloth.pieces.map((p, i) => (
          <div key={i} className="flex items-end gap-2 border-b border-rule py-1">
            <RecordField of={Piece.shape} name="length" value={p.length} onValue={(length) => setPiece(i, { length })} className="w-24" />
            <RecordField of={Piece.shape} name="width" value={p.width} onValue={(width) => setPiece(i, { width })} className="w-24" />
            <RecordField of={Piece.shape} name="note" value={p.note} onValue={(note) => setPiece(i, { note })} className="flex-1" />
            <Button
              quiet
              aria-label={`Take piece ${i + 1} off the shelf`}
              onClick={() => change({ pieces: cloth.pieces.filter((_, at) => at !== i) }, 'a piece')}
            >
              ×
            </Button>
          </div>
        ))}
        <div className="mt-1 flex flex-wrap gap-2">
          <Button
            quiet
            onClick={() => change({ pieces: [...cloth.pieces, { length: cloth.boughtLength ?? 100, width: cloth.width ?? 140 }] }, 'a piece')}
          >
            + a piece
          </Button>
          {cloth.pieces.length > 0 && (
            <Button
              quiet
              onClick={() => {
                void keep('a wash', [{ table: 'cloths', id: cloth.id, edit: (now) => washed(now, today()) }]);
                toast(
                  cloth.washedOn
                    ? 'Washed again; it shrank the first time.'
                    : cloth.shrinkAlong
                      ? `Washed: every piece is ${cloth.shrinkAlong}\u2009% shorter.`
                      : 'Washed. How much it shrinks is not noted, so its pieces stay as long.',
                );
              }}
            >
              It was washed
            </Button>
          )}
          {cloth.washedOn && <span className="self-center text-small text-ink2">washed {cloth.washedOn}</span>}
        </div>
      </section>
      <div>
        <Fold head="Test a piece" said="stretch, shrinkage, weight" open={cloth.stretchAcross === undefined}>
          <TestEntry cloth={cloth} unit={unit} onTest={(test) => put(withTest(cloth, test), test.of)} />
        </Fold>
        {GROUPS.map(({ head, names }) => (
          <Fold key={head} head={head}>
            <div className="flex flex-wrap items-start gap-3">{fields(names)}</div>
          </Fold>
        ))}
        <Fold head="How it looks" said={cloth.swatch.print}>
          <div className="mb-3 flex flex-wrap items-end gap-3">
            {(['print', 'ground', 'figure', 'repeat'] as const).map((name) => (
              <RecordField
                key={name}
                of={SwatchShape.shape}
                name={name}
                value={cloth.swatch[name]}
                onValue={(value) => change({ swatch: { ...cloth.swatch, [name]: value } }, 'swatch')}
              />
            ))}
          </div>
          <Pictures of={{ clothId: cloth.id }} name={cloth.name} />
        </Fold>
      </div>
    </div>
  );
}
