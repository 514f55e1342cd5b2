import { format, parseISO } from 'date-fns';
import { smallOf } from '../../parts/blob-url';
import { usually } from '../../core/fabric/usually';
import { askedFields, calledField, fieldWords, Fabric, FABRIC_TESTS, Piece, Swatch as SwatchShape, type FabricTest } from '../../core/records';
import { RecordFields } from '../../parts/record-fields';
import { Fragment, useEffect, useState } from 'react';
import type { ColoursSeen } from '../../core/fabric/colours-seen';
import { colourFamily } from '../../core/units/colour';
import { pictureReducer } from '../../workers/pictures';
import { toast } from 'react-toastify';
import { testResult, washed, withTest } from '../../core/fabric/stash';
import { parseLength, type LengthUnit } from '../../core/units/length';
import { newId } from '../../data/new-id';
import { today } from '../../data/today';
import { save } from '../../parts/save';
import { recalledFor } from '../../core/plan/lessons';
import { counted } from '../../core/units/counted';
import { useFabrics, useMakes, usePatterns, usePicturesBy } from '../../data/queries';
import { RecalledLessons } from '../../parts/recalled-lessons';
import { Pictures } from '../../parts/pictures/pictures';
import { RecordField } from '../../parts/record-field';
import { Swatch } from '../../parts/swatch';
import { Button } from '../../ui/button';
import { ChoiceField, TextField } from '../../ui/field';
import { FlawRows } from '../../parts/flaw-rows';
import { Fold } from '../../ui/fold';

/** The parts of the form by what they are about, in the order in which one asks of a fabric. */
const GROUPS = [
  { head: 'How it behaves', part: 'behaviour' },
  { head: 'Where it is from', part: 'from' },
] as const;

/** What is noted in a part of the form, short. */
const notedIn = (fabric: Fabric, part: (typeof GROUPS)[number]['part'], unit: LengthUnit): string =>
  askedFields(Fabric.shape, (meta) => meta.form === part && meta.ask !== 'date')
    .flatMap(({ name, meta }) => {
      const words = fieldWords(meta, fabric[name], unit);
      if (words === undefined) return [];
      return meta.ask === 'words' ? words : `${calledField(Fabric.shape, name)} ${words}`;
    })
    .join(' · ');

/** What is measured before and after, in words and units of its own. */
const TEST_WORDS: Record<FabricTest['of'], { before: string; after: string; result: (n: number) => string }> = {
  'stretch across': { before: 'Length at rest', after: 'Pulled to', result: (n) => `stretches ${n}\u202f% across` },
  'stretch along': { before: 'Length at rest', after: 'Pulled to', result: (n) => `stretches ${n}\u202f% along` },
  'shrinkage across': { before: 'Width before', after: 'After the wash', result: (n) => `shrinks ${n}\u202f% across` },
  'shrinkage along': { before: 'Length before', after: 'After the wash', result: (n) => `shrinks ${n}\u202f% along` },
  weight: { before: 'Area, cm²', after: 'Weight, g', result: (n) => `weighs ${n}\u202fg/m²` },
};

/** A test on a piece of the fabric: 10 cm pulled to 13. The result is worked out and stands where the fabric says what it does. */
function TestEntry({ fabric, unit, onTest }: { fabric: Fabric; unit: LengthUnit; onTest: (test: FabricTest) => void }) {
  const [of, setOf] = useState<FabricTest['of']>('stretch across');
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
        <ChoiceField label="Test" value={of} all={FABRIC_TESTS} onValue={setOf} />
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
      {fabric.tests.length > 0 && (
        <ul className="text-small text-ink2">
          {fabric.tests.map((t) => (
            <li key={t.id}>
              {format(parseISO(t.date), 'd MMM yyyy')}: {TEST_WORDS[t.of].result(testResult(t))}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** What a fabric of that name usually is, where nothing else was said: a guess, to be taken in one touch or left. */
function UsuallyLine({ fabric, unit, onTake }: { fabric: Fabric; unit: LengthUnit; onTake: (part: Partial<Fabric>) => void }) {
  const found = usually(fabric);
  if (!found) return null;
  const said = askedFields(Fabric.shape).flatMap(({ name, meta }) => {
    const words = fieldWords(meta, found.fields[name], unit);
    return words === undefined ? [] : [`${meta.label.toLowerCase()} ${words}`];
  });
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 border-l-4 border-rule2 bg-tint px-3 py-1 text-small">
      <p className="min-w-56 flex-1">
        A fabric called {found.family.names[0]} is usually: {said.join('; ')}. A guess until you test this one.
      </p>
      <Button onClick={() => onTake(found.fields)}>Take it where nothing is noted</Button>
    </div>
  );
}

/** The colours that its first picture shows, to be taken for its swatch: drawings, what goes with it and the wardrobe go by them. */
function ColoursOfPicture({ fabric, onTake }: { fabric: Fabric; onTake: (seen: ColoursSeen) => void }) {
  const picture = usePicturesBy('fabricId', fabric.id)?.[0];
  const shown = picture && smallOf(picture);
  const [seen, setSeen] = useState<ColoursSeen>();
  useEffect(() => {
    let left = false;
    if (!shown) return;
    void pictureReducer()
      .colours(shown)
      .then((found) => !left && setSeen(found))
      // What this browser cannot draw has no colours to offer.
      .catch(() => undefined);
    return () => {
      left = true;
    };
  }, [shown]);
  if (!shown || !seen || (seen.ground === fabric.swatch.ground && seen.figure === fabric.swatch.figure)) return null;
  return (
    <p className="mb-3 flex flex-wrap items-center gap-2 text-small text-ink2">
      Its picture shows
      {[...new Set([seen.ground, seen.figure])].map((colour) => (
        <span key={colour} className="flex items-center gap-1">
          <span aria-hidden className="inline-block size-5 rounded-sm border border-rule2" style={{ background: colour }} />
          {colourFamily(colour)}
        </span>
      ))}
      <Button quiet onClick={() => onTake(seen)}>
        Take {seen.ground === seen.figure ? 'this colour' : 'these colours'}
      </Button>
    </p>
  );
}

/** Everything that a stash says of a fabric; each change is saved as it is made. */
export function FabricFields({ fabric, unit }: { fabric: Fabric; unit: LengthUnit }) {
  const of = Fabric.shape;
  const put = (to: Fabric, what: string) => void save(`${what} of ${fabric.name}`, [{ table: 'fabrics', from: fabric, to }]);
  const change = (part: Partial<Fabric>, what = calledField(of, Object.keys(part)[0] ?? '')) => put({ ...fabric, ...part }, what);
  const fields = (part: string) => (
    <RecordFields of={of} part={part} record={fabric} onChange={change} widths={{ behaviour: 'basis-full' }} className="w-[136px]" />
  );
  const makes = useMakes();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const alone = { fabrics: [{ id: fabric.id, fabricId: fabric.id, part: 'main' as const }], alterations: [], notions: [], sources: [] };
  const taught = recalledFor({ make: alone, fabrics }, makes).filter((l) => l.because !== 'the technique');
  const setPiece = (index: number, part: Partial<Piece>) =>
    change({ pieces: fabric.pieces.map((p, i) => (i === index ? { ...p, ...part } : p)) }, 'a piece');
  return (
    <div className="mt-3 flex flex-col gap-3">
      <div className="flex items-end gap-3">
        <Swatch swatch={fabric.swatch} className="size-16" />
        <RecordField of={of} name="name" value={fabric.name} onValue={(name) => change({ name })} className="flex-1" />
      </div>
      <UsuallyLine fabric={fabric} unit={unit} onTake={(part) => change(part, 'what it usually is')} />
      <div className="flex flex-wrap items-start gap-3">{fields('first')}</div>
      <section aria-labelledby="pieces">
        <h3 id="pieces" className="text-name">
          In the stash
        </h3>
        {fabric.pieces.map((p, i) => (
          <Fragment key={i}>
            <div className="flex flex-wrap items-end gap-2 border-b border-rule py-1">
              <RecordField of={Piece.shape} name="length" value={p.length} onValue={(length) => setPiece(i, { length })} className="w-24" />
              <RecordField of={Piece.shape} name="width" value={p.width} onValue={(width) => setPiece(i, { width })} className="w-24" />
              <RecordField
                of={Piece.shape}
                name="note"
                value={p.note}
                onValue={(note) => setPiece(i, { note })}
                className="min-w-40 flex-1 max-sm:order-last max-sm:basis-full"
              />
              <Button
                quiet
                aria-label={`Take piece ${i + 1} from the stash`}
                onClick={() => change({ pieces: fabric.pieces.filter((_, at) => at !== i) }, 'a piece')}
              >
                ×
              </Button>
            </div>
            <Fold
              head={fabric.pieces.length > 1 ? `Flaws and holes of piece ${i + 1}` : 'Flaws and holes'}
              said={(p.lacks ?? []).length > 0 ? counted((p.lacks ?? []).length, 'place') : ''}
            >
              <FlawRows lacks={p.lacks ?? []} unit={unit} onLacks={(lacks) => setPiece(i, { lacks })} />
            </Fold>
          </Fragment>
        ))}
        <div className="mt-1 flex flex-wrap gap-2">
          <Button
            quiet
            onClick={() =>
              change(
                {
                  pieces: [...fabric.pieces, { length: fabric.boughtLength ?? 100, ...(fabric.width === undefined ? {} : { width: fabric.width }) }],
                },
                'a piece',
              )
            }
          >
            + a piece
          </Button>
          {fabric.pieces.length > 0 && (
            <Button
              quiet
              onClick={() => {
                void save('a wash', [{ table: 'fabrics', id: fabric.id, edit: (now) => washed(now, today()) }]);
                toast(
                  fabric.washedOn
                    ? 'Washed again; it shrank the first time.'
                    : fabric.shrinkAlong
                      ? `Washed: every piece is ${fabric.shrinkAlong}\u202f% shorter.`
                      : 'Washed. How much it shrinks is not noted, so its pieces stay as long.',
                );
              }}
            >
              It was washed
            </Button>
          )}
          {fabric.washedOn && <span className="self-center text-small text-ink2">washed {format(parseISO(fabric.washedOn), 'd MMM yyyy')}</span>}
        </div>
      </section>
      <div>
        <Fold head="Test a piece" said="stretch, shrinkage, weight" open={fabric.stretchAcross === undefined}>
          <TestEntry fabric={fabric} unit={unit} onTest={(test) => put(withTest(fabric, test), test.of)} />
        </Fold>
        {taught.length > 0 && (
          <Fold head="What it and its like taught" said={counted(taught.length, 'lesson')} open>
            <RecalledLessons lessons={taught} patterns={patterns} />
          </Fold>
        )}
        {GROUPS.map(({ head, part }) => (
          <Fold key={head} head={head} said={notedIn(fabric, part, unit)}>
            <div className="flex flex-wrap items-start gap-3">{fields(part)}</div>
          </Fold>
        ))}
        <Fold head="How it looks" said={fabric.swatch.print}>
          <div className="mb-3 flex flex-wrap items-end gap-3">
            {(['print', 'ground', 'figure', 'repeat'] as const).map((name) => (
              <RecordField
                key={name}
                of={SwatchShape.shape}
                name={name}
                value={fabric.swatch[name]}
                onValue={(value) => change({ swatch: { ...fabric.swatch, [name]: value } }, 'swatch')}
              />
            ))}
          </div>
          <ColoursOfPicture fabric={fabric} onTake={(seen) => change({ swatch: { ...fabric.swatch, ...seen } }, 'colours')} />
          <Pictures of={{ fabricId: fabric.id }} name={fabric.name} />
        </Fold>
      </div>
    </div>
  );
}
