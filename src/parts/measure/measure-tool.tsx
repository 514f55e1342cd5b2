import { useEffect, useRef, useState, type ReactNode } from 'react';
import { inPicture } from '../../core/measure/camera';
import { keptCorners, keptPoints, keptView, lengthOfMark, seenAs } from '../../core/measure/kept';
import { markOnTable } from '../../core/measure/lengths';
import { namedFor } from '../../core/measure/named';
import type { Corners, Reckoned } from '../../core/measure/reckon';
import { REFERENCES, type Reference, type ReferenceName } from '../../core/measure/reference';
import type { GarmentKind, PictureMark, PictureMeasured } from '../../core/records';
import { keysOf } from '../../core/units/keys';
import { formatLength, type LengthUnit } from '../../core/units/length';
import { polygonOf, type Point } from '../../core/units/polygon';
import { newId } from '../../data/new-id';
import { Button } from '../../ui/button';
import { SelectField } from '../../ui/field';
import { Labelled } from '../../ui/labelled';
import { aboveNought, LengthField } from '../../ui/length-field';
import { Refusal } from '../../ui/refusal';
import { Segmented } from '../../ui/segmented';
import { Tick } from '../../ui/tick';
import { useMeasurer } from '../../workers/use-measurer';
import { doubtedWords } from './measure-words';
import { PictureBoard, type Drawn, type Handle } from './picture-board';
import { SeamsWalked } from './seams-walked';

type Tool = 'line' | 'curve' | 'outline' | 'corners';
type Kind = ReferenceName | 'mat' | 'own' | 'ruler';

const TOOLS = [
  { value: 'line', label: 'Line' },
  { value: 'curve', label: 'Curve' },
  { value: 'outline', label: 'Outline' },
  { value: 'corners', label: 'Corners' },
] as const;

const HELP: Record<Tool, string> = {
  line: 'Put its two ends.',
  curve: 'Put points along it, six or so; then Done.',
  outline: 'Put points all round; then Done.',
  corners: 'Put each corner on a corner of the sheet; close by is enough.',
};

/** A click snaps to an edge within so much of the picture's longer side. */
const REACH = 1 / 120;
/** Thick cloth lies so high, cm. Source: two layers of a garment laid flat, by our own measuring. */
const GARMENT_THICK = 0.5;

/** Corners to begin with where none were found: a rectangle in the middle. */
const inTheMiddle = ({ width, height }: PictureMeasured['frame']): Corners => [
  [width * 0.35, height * 0.35],
  [width * 0.65, height * 0.35],
  [width * 0.65, height * 0.65],
  [width * 0.35, height * 0.65],
];

/** What a reference is called again that was kept. */
const kindOf = (measured: PictureMeasured | undefined): Kind => {
  const { reference } = measured ?? {};
  if (!reference) return 'a4';
  if (reference.ruler) return 'ruler';
  if (reference.square !== undefined) return 'mat';
  return keysOf(REFERENCES).find((name) => name === reference.name) ?? 'own';
};

interface OwnSides {
  readonly width: number;
  readonly height: number;
  readonly square: number;
}

/** The sides of what lies there, by what was chosen. */
const sidesOf = (next: Kind, sides: OwnSides): Reference => {
  if (next === 'mat') return sides;
  if (next === 'ruler') return { width: sides.width, height: sides.width, ruler: true };
  return next === 'own' ? { width: sides.width, height: sides.height } : { width: REFERENCES[next].width, height: REFERENCES[next].height };
};

/** A change to what is kept of a picture. */
export type MeasuredChange = (now: PictureMeasured | undefined) => PictureMeasured | undefined;

/**
 * Measures in a picture: what of known size lies in it, lines, curves and outlines over it, each with its doubt.
 *
 * @param picture as large as there is
 * @param measured what was kept of it
 * @param onMeasured changes what is kept as it then stands, since one mark may come while another is still being written; the words say what was done
 * @param under what stands below each mark: where its measure goes
 */
export function MeasureTool({
  picture,
  url,
  measured,
  garment,
  unit,
  thickAsked = true,
  onMeasured,
  under,
}: {
  picture: Blob;
  url: string;
  measured: PictureMeasured | undefined;
  garment: GarmentKind | undefined;
  unit: LengthUnit;
  /** Whether what is measured may lie thick above the reference. */
  thickAsked?: boolean;
  onMeasured: (change: MeasuredChange, what: string) => void;
  under?: (mark: PictureMark, measured: PictureMeasured) => ReactNode;
}) {
  const measurer = useMeasurer();
  const [opened, setOpened] = useState<{ readonly width: number; readonly height: number }>();
  const [problem, setProblem] = useState('');
  const [kind, setKind] = useState<Kind>(() => kindOf(measured));
  const [own, setOwn] = useState({
    width: measured?.reference.width ?? 40,
    height: measured?.reference.height ?? 30,
    square: measured?.reference.square ?? 5,
  });
  const [tool, setTool] = useState<Tool>(measured ? 'line' : 'corners');
  const [follow, setFollow] = useState(false);
  const [snap, setSnap] = useState(true);
  const [corners, setCorners] = useState<Corners>();
  const [draft, showDraft] = useState<readonly Point[]>([]);
  /** The points as they stand: one may come while the edge for the one before it is still looked for. */
  const points = useRef<readonly Point[]>([]);
  const setDraft = (next: readonly Point[]) => {
    points.current = next;
    showDraft(next);
  };
  const placing = useRef(Promise.resolve());
  const [hovered, setHovered] = useState<Point>();
  const [chosen, setChosen] = useState<string>();
  const frame = measured?.frame ?? opened;
  const reference = sidesOf(kind, own);
  const put = corners ?? (measured && keptCorners(measured.corners));
  const latest = useRef({ measured, onMeasured });
  useEffect(() => {
    latest.current = { measured, onMeasured };
  });

  /** Reckons the picture by corners; what is wrong with them is said, and they stay where they were put. */
  const reckon = async (at: Corners, by: Reference, found: boolean, name: Kind) => {
    const seen: Reckoned | string = await measurer().reckon(at, by);
    if (typeof seen === 'string') return setProblem(seen);
    setProblem('');
    setCorners(undefined);
    const named = { ...by, ...(name === 'mat' || name === 'own' || name === 'ruler' ? {} : { name }) };
    latest.current.onMeasured((now) => keptView(seen, named, found, now), 'what lies beside it');
    if (found) setTool('line');
  };
  const search = async (by: Reference, name: Kind) => {
    if (!frame) return;
    if (by.square !== undefined) {
      setProblem('The lines of the mat are being looked for…');
      const mat = await measurer().findMat(by.square);
      if (mat) {
        setOwn({ width: mat.reference.width, height: mat.reference.height, square: by.square });
        return reckon(mat.corners, mat.reference, true, name);
      }
    }
    const at =
      by.square === undefined && !by.ruler ? await measurer().find(Math.max(by.width, by.height) / Math.min(by.width, by.height)) : undefined;
    if (at) return reckon(at, by, true, name);
    setTool('corners');
    setCorners(put ?? inTheMiddle(frame));
    setProblem(
      by.ruler
        ? 'Put its two ends on the ruler, as far apart as you can, and say how many cm lie between them. The picture must be taken straight down.'
        : by.square === undefined
          ? 'No light sheet on a darker ground was found. Put the corners on it by hand.'
          : 'The lines of the mat could not be made out. Put the corners on crossings of them, as far apart as you can, and say how many cm lie between them.',
    );
  };
  const first = useRef(search);
  useEffect(() => {
    first.current = search;
  });
  useEffect(() => {
    let gone = false;
    measurer()
      .open(picture)
      .then(
        (size) => !gone && setOpened(size),
        () =>
          !gone &&
          setProblem('This picture cannot be read: it is damaged, or of a kind that this browser does not know. Add it once more as JPEG or PNG.'),
      );
    return () => {
      gone = true;
    };
  }, [measurer, picture]);
  // A picture that was never measured in is looked through for a sheet at once.
  useEffect(() => {
    if (opened && !latest.current.measured) void first.current({ width: REFERENCES.a4.width, height: REFERENCES.a4.height }, 'a4');
  }, [opened]);

  if (!frame) return problem === '' ? <p>The picture is being read…</p> : <Refusal>{problem}</Refusal>;
  /** From px of what was kept to px of what the worker has: a kept copy may be smaller. */
  const scale = opened ? opened.width / frame.width : 1;
  const toWorker = ([x, y]: Point): Point => [x * scale, y * scale];
  const fromWorker = ([x, y]: Point): Point => [x / scale, y / scale];
  const marks = measured?.marks ?? [];
  const curved = (of: PictureMeasured, mark: Pick<PictureMark, 'kind'>, points: readonly Point[]): Point[] => {
    const seen = seenAs(of);
    return mark.kind === 'curve' ? markOnTable(seen, 'curve', points).map((p) => inPicture(seen.view, seen.frame, p)) : [...points];
  };
  const changeMarks = (change: (now: readonly PictureMark[]) => PictureMark[], what: string) =>
    onMeasured((now) => now && { ...now, marks: change(now.marks) }, what);
  const keepMark = (places: readonly Point[]) => {
    if (!measured || tool === 'corners') return;
    const mark: PictureMark = { id: newId(), kind: follow && tool === 'curve' ? 'line' : tool, points: keptPoints(places) };
    changeMarks((now) => [...now, mark], `a ${tool}`);
    setDraft([]);
    setChosen(mark.id);
  };
  const finish = () => {
    if (draft.length >= (tool === 'outline' ? 3 : 2)) keepMark(draft);
  };
  const place = async (at: Point) => {
    if (!measured || tool === 'corners') return;
    const on = snap ? fromWorker(await measurer().snap(toWorker(at), Math.max(frame.width, frame.height) * REACH * scale)) : at;
    const from = points.current.at(-1);
    const way = follow && tool !== 'line' && from ? (await measurer().follow(toWorker(from), toWorker(on))).map(fromWorker).slice(1) : [on];
    const now = [...points.current, ...way];
    if (tool === 'line' && now.length === 2) keepMark(now);
    else setDraft(now);
  };
  /** One after the other, in the order in which they were put. */
  const point = (at: Point) => {
    placing.current = placing.current
      .then(() => place(at))
      .catch((error: unknown) => setProblem(error instanceof Error ? error.message : String(error)));
  };
  const closeOutline = async () => {
    const [from, to] = [draft.at(-1), draft[0]];
    const way = follow && from && to ? (await measurer().follow(toWorker(from), toWorker(to))).map(fromWorker).slice(1, -1) : [];
    keepMark([...draft, ...way]);
  };
  const changeMark = (mark: PictureMark, part: Partial<PictureMark>, what: string) =>
    changeMarks((now) => now.map((m) => (m.id === mark.id ? { ...m, ...part } : m)), what);
  const preview = hovered && draft.length > 0 ? [...draft, hovered] : draft;
  const draftKind = tool === 'corners' ? 'line' : follow && tool === 'curve' ? 'line' : tool;
  const draftLength =
    measured && preview.length > 1 && tool !== 'corners'
      ? doubtedWords(lengthOfMark(measured, { kind: draftKind === 'outline' ? 'line' : draftKind, points: keptPoints(preview) }), unit)
      : undefined;
  const lines: Drawn[] = [
    ...(put ? [{ key: 'reference', points: kind === 'ruler' ? put.slice(0, 2) : put, closed: kind !== 'ruler', tone: 'reference' as const }] : []),
    ...marks.flatMap((mark): Drawn[] =>
      measured
        ? [
            {
              key: mark.id,
              points: curved(measured, mark, polygonOf(mark.points)),
              closed: mark.kind === 'outline',
              tone: mark.id === chosen ? 'chosen' : 'mark',
              label: formatLength(lengthOfMark(measured, { kind: mark.kind, points: mark.points }).value, unit, { about: true }),
            },
          ]
        : [],
    ),
    ...(preview.length > 0 && measured
      ? [
          {
            key: 'draft',
            points: draftKind === 'curve' && preview.length > 2 ? curved(measured, { kind: 'curve' }, preview) : preview,
            tone: 'draft' as const,
            ...(draftLength === undefined ? {} : { label: draftLength }),
          },
        ]
      : []),
  ];
  const shownMark = marks.find((m) => m.id === chosen);
  const handles: Handle[] =
    tool === 'corners'
      ? (put ?? [])
          .slice(0, kind === 'ruler' ? 2 : 4)
          .map((at, i) => ({
            key: `corner ${i}`,
            label: kind === 'ruler' ? `End ${i + 1} of the ruler` : `Corner ${i + 1}, ${CORNER_WORDS[i] ?? ''}`,
            at,
          }))
      : shownMark && draft.length === 0 && shownMark.points.length <= 40
        ? polygonOf(shownMark.points).map((at, i) => ({ key: `point ${i}`, label: `Point ${i + 1} of ${shownMark.name ?? shownMark.kind}`, at }))
        : [];
  const move = (key: string, to: Point, done: boolean) => {
    const i = Number(key.split(' ')[1]);
    if (key.startsWith('corner') && put) {
      const moved = put.map((c, at) => (at === i ? to : c));
      const [a, b, c, d] = moved;
      if (!a || !b || !c || !d) return;
      setCorners([a, b, c, d]);
      if (done) void reckon([toWorker(a), toWorker(b), toWorker(c), toWorker(d)], reference, false, kind);
    } else if (shownMark && done) {
      changeMark(shownMark, { points: keptPoints(polygonOf(shownMark.points).map((p, at) => (at === i ? to : p))) }, 'a point moved');
    }
  };
  const choose = (next: Kind, sides = own) => {
    setKind(next);
    const by = sidesOf(next, sides);
    // What was put or found stays: it may well be the same sheet of another size.
    if (put && by.square === undefined)
      void reckon([toWorker(put[0]), toWorker(put[1]), toWorker(put[2]), toWorker(put[3])], by, measured?.found ?? false, next);
    else void search(by, next);
  };
  const side = (part: Partial<OwnSides>) => {
    const sides = { ...own, ...part };
    setOwn(sides);
    // Only the size is another: the corners stay where they are.
    if (put) void reckon([toWorker(put[0]), toWorker(put[1]), toWorker(put[2]), toWorker(put[3])], sidesOf(kind, sides), false, kind);
  };
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,330px)] gap-5 max-lg:grid-cols-1">
      <div>
        <div className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-2">
          <Segmented
            label="Tool"
            value={tool}
            choices={TOOLS.filter(({ value }) => measured || value === 'corners')}
            onChange={(next) => {
              setTool(next);
              setDraft([]);
            }}
          />
          {tool !== 'corners' && (
            <Tick on={snap} onChange={setSnap}>
              Snap to edges
            </Tick>
          )}
          {(tool === 'curve' || tool === 'outline') && (
            <Tick on={follow} onChange={setFollow}>
              Follow edges
            </Tick>
          )}
          {draft.length > 0 && tool !== 'line' && <Button onClick={() => (tool === 'outline' ? void closeOutline() : finish())}>Done</Button>}
          {draft.length > 0 && (
            <Button quiet onClick={() => setDraft(follow ? [] : draft.slice(0, -1))}>
              {follow ? 'Begin anew' : 'One point back'}
            </Button>
          )}
        </div>
        {problem !== '' && <Refusal>{problem}</Refusal>}
        <PictureBoard
          url={url}
          frame={frame}
          label={`The picture to measure in. ${HELP[tool]} Arrow keys move the cross, Enter puts a point, Backspace takes one back, F finishes.`}
          lines={lines}
          handles={handles}
          asks={measured !== undefined && tool !== 'corners'}
          onPoint={point}
          onHover={setHovered}
          onMove={move}
          onKey={(key) => {
            if (key === 'back') setDraft(draft.slice(0, -1));
            else if (key === 'finish') void (tool === 'outline' ? closeOutline() : finish());
            else setDraft([]);
          }}
        />
        <p className="mt-1 text-small text-ink2">
          {HELP[tool]} {tool !== 'corners' && 'By keys: arrows move the cross, Enter puts a point, F finishes.'}
        </p>
      </div>
      <aside className="flex flex-col gap-4" aria-label="What was measured">
        <section>
          <h2 className="text-head">What of known size lies there</h2>
          <div className="flex flex-wrap items-end gap-2">
            <SelectField label="Beside it lies" value={kind} onChange={(e) => choose(asKind(e.target.value))}>
              {keysOf(REFERENCES).map((name) => (
                <option key={name} value={name}>
                  {REFERENCES[name].label}
                </option>
              ))}
              <option value="mat">a cutting mat</option>
              <option value="ruler">a ruler or a tape</option>
              <option value="own">a rectangle I measured</option>
            </SelectField>
            {(kind === 'own' || kind === 'mat') && (
              <>
                <LengthField
                  label={kind === 'mat' ? 'Corners apart, across' : 'Its one side'}
                  cm={own.width}
                  unit={unit}
                  check={aboveNought}
                  onCm={(cm) => cm !== undefined && side({ width: cm })}
                  className="w-28"
                />
                <LengthField
                  label={kind === 'mat' ? 'and down' : 'its other side'}
                  cm={own.height}
                  unit={unit}
                  check={aboveNought}
                  onCm={(cm) => cm !== undefined && side({ height: cm })}
                  className="w-28"
                />
              </>
            )}
            {kind === 'ruler' && (
              <LengthField
                label="Its ends apart"
                cm={own.width}
                unit={unit}
                check={aboveNought}
                onCm={(cm) => cm !== undefined && side({ width: cm })}
                className="w-28"
              />
            )}
            {kind === 'mat' && (
              <LengthField
                label="Squares of"
                cm={own.square}
                unit={unit}
                check={aboveNought}
                onCm={(cm) => cm !== undefined && side({ square: cm })}
                className="w-24"
              />
            )}
            <Button quiet onClick={() => void search(reference, kind)}>
              Look for it again
            </Button>
          </div>
          {measured && (
            <p className="mt-1 text-small text-ink2">
              {measured.found ? 'Found in the picture' : kind === 'ruler' ? 'One length, put by hand' : 'Its corners were put by hand'}
              {kind === 'ruler'
                ? '; what the camera leaned and the lens bends is doubt'
                : measured.refined
                  ? ', and brought onto its edges'
                  : '; its edges could not be made out, so lengths are less sure'}
              . {measured.refined && measured.rms > 1 && 'It does not lie quite flat, or is no such rectangle: look at its corners.'}
            </p>
          )}
          {thickAsked && measured && (
            <Labelled className="mt-2" label="What is measured lies">
              <Segmented
                label="What is measured lies"
                value={measured.thick === undefined || measured.thick === 0 ? 'flat' : 'thick'}
                choices={[
                  { value: 'flat', label: 'flat as paper' },
                  { value: 'thick', label: 'thick as a garment' },
                ]}
                onChange={(how) => onMeasured((now) => now && { ...now, thick: how === 'thick' ? GARMENT_THICK : 0 }, 'how thick it lies')}
              />
            </Labelled>
          )}
        </section>
        {measured && (
          <section>
            <h2 className="text-head">Measured</h2>
            {marks.length === 0 && <p className="text-small text-ink2">Nothing yet. Choose Line, and put both ends of what you want to know.</p>}
            <ul aria-live="polite">
              {marks.map((mark, i) => {
                const names = namedFor(garment).filter((n) => n.kind === mark.kind || (mark.kind !== 'outline' && n.kind !== 'outline'));
                return (
                  <li key={mark.id} className={`border-b border-rule py-1.5 ${mark.id === chosen ? 'bg-tint' : ''}`}>
                    <div className="flex items-end justify-between gap-2">
                      <SelectField
                        label={`${mark.kind} ${i + 1}`}
                        value={mark.name ?? ''}
                        onChange={(e) => {
                          const named = names.find((n) => n.name === e.target.value);
                          const { doubled: _, zone: __, name: ___, ...bare } = mark;
                          const next: PictureMark = {
                            ...bare,
                            ...(named
                              ? { name: named.name, ...(named.doubled ? { doubled: true } : {}), ...(named.zone ? { zone: named.zone } : {}) }
                              : {}),
                          };
                          changeMarks((now) => now.map((m) => (m.id === mark.id ? next : m)), 'what was measured');
                        }}
                        className="min-w-0 flex-1 [&_select]:w-full"
                      >
                        <option value="">no name</option>
                        {names.map((n) => (
                          <option key={n.name} value={n.name}>
                            {n.name}
                          </option>
                        ))}
                      </SelectField>
                      <button
                        type="button"
                        className="min-h-8 rounded-md px-1 text-right font-semibold whitespace-nowrap underline-offset-2 hover:underline max-sm:min-h-11"
                        aria-pressed={mark.id === chosen}
                        onClick={() => setChosen(mark.id === chosen ? undefined : mark.id)}
                      >
                        {doubtedWords(lengthOfMark(measured, mark), unit)}
                        {mark.doubled && <span className="block text-small font-normal text-ink2">all round</span>}
                      </button>
                      <Button
                        quiet
                        aria-label={`Remove ${mark.name ?? `${mark.kind} ${i + 1}`}`}
                        onClick={() => changeMarks((now) => now.filter((m) => m.id !== mark.id), 'a mark removed')}
                      >
                        ×
                      </Button>
                    </div>
                    {mark.name !== undefined && <p className="text-small text-ink2">{names.find((n) => n.name === mark.name)?.how}</p>}
                    {under?.(mark, measured)}
                  </li>
                );
              })}
            </ul>
          </section>
        )}
        {measured && marks.length > 1 && <SeamsWalked measured={measured} unit={unit} />}
      </aside>
    </div>
  );
}

const CORNER_WORDS = ['upper left', 'upper right', 'lower right', 'lower left'] as const;

/** What the list of references offers, as what it is. */
const asKind = (value: string): Kind =>
  value === 'mat' || value === 'own' || value === 'ruler' ? value : (keysOf(REFERENCES).find((name) => name === value) ?? 'a4');
