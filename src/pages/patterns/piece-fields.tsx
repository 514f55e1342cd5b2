import { FileDown, FileUp, X } from 'lucide-react';
import { useRef, useState, type ReactNode } from 'react';
import { sizesInFile, type FileUnit, type PieceFile } from '../../core/lay/piece-file';
import { boundsOf } from '../../core/units/polygon';
import { counted } from '../../core/units/counted';
import { formatLength, type LengthUnit } from '../../core/units/length';
import { PatternPiece } from '../../core/records';
import { newId } from '../../data/new-id';
import { saveFile } from '../../parts/save-file';
import { RecordRows } from '../../parts/record-rows';
import { Button } from '../../ui/button';
import { Labelled } from '../../ui/labelled';
import { Refusal } from '../../ui/refusal';
import { Segmented } from '../../ui/segmented';

type Read = Extract<PieceFile, { kind: 'read' }>;

/** A file that was chosen and what was found in it. */
interface Chosen {
  readonly name: string;
  readonly text: string;
  readonly file: PieceFile;
}

const isDxf = (name: string) => /\.dxf$/i.test(name);

/** Readers come with the first file: hardly any page needs them. */
async function readPieces(name: string, text: string, unit?: FileUnit): Promise<PieceFile> {
  if (isDxf(name)) return (await import('../../core/lay/from-dxf')).readDxf(text, unit);
  return (await import('../../core/lay/from-svg')).readSvg(text, unit);
}

/** Writers too. */
async function savePieces(pieces: readonly PatternPiece[], ending: 'svg' | 'dxf'): Promise<void> {
  const { filePieces } = await import('../../core/lay/take-pieces');
  const text =
    ending === 'dxf'
      ? (await import('../../core/lay/as-dxf')).piecesAsDxf(filePieces(pieces, true))
      : (await import('../../core/lay/as-svg')).piecesAsSvg(filePieces(pieces, false));
  saveFile(new Blob([text], { type: ending === 'dxf' ? 'application/dxf' : 'image/svg+xml' }), `pieces.${ending}`);
}

const UNITS: readonly FileUnit[] = ['mm', 'cm', 'in', 'px'];

/** How large a file's largest piece is: by that one sees at once whether the unit is right. */
function largestOf({ pieces }: Read, unit: LengthUnit): string {
  const sides = pieces.map(({ name, outline }) => {
    const { left, top, right, bottom } = boundsOf(outline);
    return { name, width: right - left, height: bottom - top };
  });
  const { name, width, height } = sides.reduce((a, b) => (b.width * b.height > a.width * a.height ? b : a));
  const length = (cm: number) => formatLength(Math.round(cm * 10) / 10, unit, { about: true });
  return `${name} is ${length(height)} long and ${length(width)} wide`;
}

/** The pieces a view is cut from: read from a file, measured with a tape, or left to be drafted. */
export function PieceFields({
  pieces,
  allowance,
  unit,
  onPieces,
}: {
  pieces: readonly PatternPiece[];
  /** The pattern's seam allowance, cm. */
  allowance: number;
  unit: LengthUnit;
  onPieces: (pieces: PatternPiece[]) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const [chosen, setChosen] = useState<Chosen>();
  const [included, setIncluded] = useState<'included' | 'added'>('included');
  const [taken, setTaken] = useState('');
  const read = async (name: string, text: string, inUnit?: FileUnit) => setChosen({ name, text, file: await readPieces(name, text, inUnit) });
  const choose = async (file: File | undefined) => {
    setTaken('');
    if (file) await read(file.name, await file.text());
    // The same file may be chosen again once it was mended.
    if (input.current) input.current.value = '';
  };
  const take = async ({ name, file }: Chosen) => {
    if (file.kind !== 'read') return;
    const { withFilePieces } = await import('../../core/lay/take-pieces');
    onPieces(withFilePieces(pieces, file.pieces, { allowance: included === 'added' ? allowance : 0, upwards: isDxf(name), newId }));
    setTaken(`${counted(new Set(file.pieces.map((p) => p.name)).size, 'piece')} of ${name} taken.`);
    setChosen(undefined);
  };
  return (
    <div>
      <p className="mb-1 text-small text-ink2">
        With its own pieces a plan is laid as it will be cut. Two large ones measured are better than none; without any they are drafted from the kind
        and the size.
      </p>
      <RecordRows
        of={PatternPiece.shape}
        names={['name', 'part', 'count', 'pairs', 'fold', 'onBorder', 'length', 'width']}
        rows={pieces}
        blank={(): PatternPiece => ({ id: newId(), name: '', part: 'main', count: 1, pairs: false })}
        add="a piece"
        widths={{ name: 'w-44', count: 'w-24', length: 'w-24', width: 'w-24' }}
        under={(piece, change) =>
          (piece.outlines ?? []).length > 0 && (
            <p className="flex flex-wrap items-center gap-2 text-small text-ink2">
              Outline {outlineSizes(piece)}
              <button
                type="button"
                onClick={() => change({ outlines: [] })}
                className="inline-flex items-center gap-1 rounded-md px-1 underline underline-offset-2 hover:bg-tint max-sm:p-3"
              >
                <X size={13} aria-hidden /> forget the outline of {piece.name}
              </button>
            </p>
          )
        }
        onRows={onPieces}
      />
      <input
        ref={input}
        type="file"
        accept=".svg,.dxf"
        aria-label="A file of pattern pieces"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => void choose(event.target.files?.[0])}
      />
      <div className="mt-1 flex flex-wrap gap-2">
        <Button quiet onClick={() => input.current?.click()}>
          <FileUp size={14} aria-hidden /> Read pieces from a file (SVG, DXF)
        </Button>
        {pieces.length > 0 &&
          (['svg', 'dxf'] as const).map((ending) => (
            <Button key={ending} quiet onClick={() => void savePieces(pieces, ending)}>
              <FileDown size={14} aria-hidden /> Save them as {ending.toUpperCase()}
            </Button>
          ))}
      </div>
      {taken !== '' && (
        <p role="status" className="mt-1">
          {taken}
        </p>
      )}
      {chosen?.file.kind === 'refused' && (
        <Refusal>
          {chosen.name}: {chosen.file.problem}
        </Refusal>
      )}
      {chosen?.file.kind === 'read' && (
        <FileFound name={chosen.name} file={chosen.file} unit={unit}>
          {!chosen.file.unitSaid && (
            <Labelled className="mt-2" label="The file does not say what it is measured in. Is that right?">
              <Segmented
                label="Measured in"
                value={chosen.file.unit}
                choices={UNITS.map((value) => ({ value, label: value === 'px' ? 'pixels' : value }))}
                onChange={(value) => void read(chosen.name, chosen.text, value).then(() => setChosen((now) => now && keepAsking(now)))}
              />
            </Labelled>
          )}
          <Labelled className="mt-2" label="Seam allowance">
            <Segmented
              label="Seam allowance"
              value={included}
              choices={[
                { value: 'included', label: 'in the outlines' },
                { value: 'added', label: `to be added, ${formatLength(allowance, unit, { about: true })}` },
              ]}
              onChange={setIncluded}
            />
          </Labelled>
          <div className="mt-2 flex gap-2">
            <Button onClick={() => void take(chosen)}>Take these pieces</Button>
            <Button quiet onClick={() => setChosen(undefined)}>
              Leave them
            </Button>
          </div>
        </FileFound>
      )}
    </div>
  );
}

/** A unit that was chosen by the sewist may be chosen otherwise as long as the pieces are not taken. */
const keepAsking = (now: Chosen): Chosen => (now.file.kind === 'read' ? { ...now, file: { ...now.file, unitSaid: false } } : now);

function outlineSizes({ outlines = [] }: PatternPiece): string {
  const sizes = outlines.flatMap((o) => (o.size === undefined ? [] : [o.size]));
  return sizes.length === 0 ? 'from a file' : `in ${sizes.length === 1 ? 'size' : 'sizes'} ${sizes.join(', ')}`;
}

/** What was found in a file, before it is taken. */
function FileFound({ name, file, unit, children }: { name: string; file: Read; unit: LengthUnit; children: ReactNode }) {
  const names = [...new Set(file.pieces.map((p) => p.name))];
  const sizes = sizesInFile(file.pieces);
  return (
    <section aria-label={`Pieces in ${name}`} className="mt-2 border-l-4 border-amber bg-page px-3 py-2">
      <p>
        <strong>{counted(names.length, 'piece')}</strong> in {name}
        {sizes.length > 0 && <>, in sizes {sizes.join(', ')}</>}: {names.join(', ')}.
      </p>
      <p className="text-small text-ink2">The largest: {largestOf(file, unit)}.</p>
      {file.notices.map((notice) => (
        <p key={notice} className="text-small text-garnet">
          {notice}
        </p>
      ))}
      {children}
    </section>
  );
}
