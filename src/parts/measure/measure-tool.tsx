import { useEffect, useRef, useState, type ReactNode } from 'react';
import { inPicture } from '../../core/measure/camera';
import { keptCorners, keptPoints, keptView, lengthOfMark, seenAs } from '../../core/measure/kept';
import { markOnTable } from '../../core/measure/lengths';
import type { Corners, Reckoned } from '../../core/measure/reckon';
import { REFERENCES, type Reference } from '../../core/measure/reference';
import type { GarmentKind, PictureMark, PictureMeasured } from '../../core/records';
import { formatLength, type LengthUnit } from '../../core/units/length';
import { polygonOf, type Point } from '../../core/units/polygon';
import { newId } from '../../data/new-id';
import { Button } from '../../ui/button';
import { Refusal } from '../../ui/refusal';
import { Segmented } from '../../ui/segmented';
import { Tick } from '../../ui/tick';
import { EngineError } from '../../workers/engine-error';
import { useMeasurer } from '../../workers/use-measurer';
import { MarksMeasured, type MarksChange } from './marks-measured';
import { doubtedWords } from './measure-words';
import { PictureBoard, type Drawn, type Handle } from './picture-board';
import { GARMENT_THICK, kindOf, ReferenceChoice, sidesOf, type OwnSides, type ReferenceKind } from './reference-choice';
import { SeamsWalked } from './seams-walked';

type Tool = 'line' | 'curve' | 'outline' | 'corners';

/** Why nothing can be measured, where it is not the picture. */
const faultWords = (error: unknown) =>
  `Nothing can be measured just now: ${(error instanceof Error ? error.message : String(error)).replace(/\.$/, '')}. Open the page anew; the picture and what was measured in it are kept.`;

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
/** Corners to begin with where none were found: a rectangle in the middle. */
const inTheMiddle = ({ width, height }: PictureMeasured['frame']): Corners => [
  [width * 0.35, height * 0.35],
  [width * 0.65, height * 0.35],
  [width * 0.65, height * 0.65],
  [width * 0.35, height * 0.65],
];

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
  lies,
  onMeasured,
  under,
}: {
  picture: Blob;
  url: string;
  measured: PictureMeasured | undefined;
  garment: GarmentKind | undefined;
  unit: LengthUnit;
  /** How what is measured lies above the reference until it is said; undefined where that is not asked. */
  lies: 'flat' | 'thick' | undefined;
  onMeasured: (change: MeasuredChange, what: string) => void;
  under?: (mark: PictureMark, measured: PictureMeasured) => ReactNode;
}) {
  const measurer = useMeasurer();
  const [opened, setOpened] = useState<{ readonly width: number; readonly height: number }>();
  const [problem, setProblem] = useState('');
  const [kind, setKind] = useState<ReferenceKind>(() => kindOf(measured));
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
  /** The points before each click, since a click that follows an edge puts many. */
  const before = useRef<readonly (readonly Point[])[]>([]);
  const setDraft = (next: readonly Point[], steps: readonly (readonly Point[])[] = []) => {
    points.current = next;
    before.current = steps;
    showDraft(next);
  };
  const oneBack = () => setDraft(before.current.at(-1) ?? [], before.current.slice(0, -1));
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
  const reckon = async (at: Corners, by: Reference, found: boolean, name: ReferenceKind) => {
    const seen = await measurer<Reckoned | string>((m) => m.reckon(at, by));
    if (typeof seen === 'string') return setProblem(seen);
    setProblem('');
    setCorners(undefined);
    const named = { ...by, ...(name === 'mat' || name === 'own' || name === 'ruler' ? {} : { name }) };
    const thick = lies === 'thick' ? GARMENT_THICK : undefined;
    latest.current.onMeasured((now) => keptView(seen, named, found, now ?? { thick }), 'what lies beside it');
    if (found) setTool('line');
  };
  const search = async (by: Reference, name: ReferenceKind) => {
    if (!frame) return;
    const { square } = by;
    if (square !== undefined) {
      setProblem('The lines of the mat are being looked for…');
      const mat = await measurer((m) => m.findMat(square));
      if (mat) {
        setOwn({ width: mat.reference.width, height: mat.reference.height, square });
        return reckon(mat.corners, mat.reference, true, name);
      }
    }
    const at =
      by.square === undefined && !by.ruler ? await measurer((m) => m.find(Math.max(by.width, by.height) / Math.min(by.width, by.height))) : undefined;
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
  const orSay = (work: Promise<void>) => void work.catch((error: unknown) => setProblem(faultWords(error)));
  const first = useRef((by: Reference, name: ReferenceKind) => orSay(search(by, name)));
  useEffect(() => {
    first.current = (by, name) => orSay(search(by, name));
  });
  useEffect(() => {
    let gone = false;
    measurer((m) => m.open(picture)).then(
      (size) => !gone && setOpened(size),
      (error: unknown) =>
        !gone &&
        setProblem(
          error instanceof EngineError
            ? faultWords(error)
            : 'This picture cannot be read: it is damaged, or of a kind that this browser does not know. Add it once more as JPEG or PNG.',
        ),
    );
    return () => {
      gone = true;
    };
  }, [measurer, picture]);
  // A picture that was never measured in is looked through for a sheet at once.
  useEffect(() => {
    if (opened && !latest.current.measured) first.current({ width: REFERENCES.a4.width, height: REFERENCES.a4.height }, 'a4');
  }, [opened]);

  const reading = !opened && problem === '' && <p>The picture is being read…</p>;
  if (!frame) return reading || <Refusal>{problem}</Refusal>;
  /**
   * From px of what was kept to px of what the worker has: a kept copy may be smaller. By how much nobody knows until it is read, and nothing
   * is put into it by then.
   */
  const scale = opened ? opened.width / frame.width : 1;
  const toWorker = ([x, y]: Point): Point => [x * scale, y * scale];
  const fromWorker = ([x, y]: Point): Point => [x / scale, y / scale];
  const marks = measured?.marks ?? [];
  const curved = (of: PictureMeasured, mark: Pick<PictureMark, 'kind'>, points: readonly Point[]): Point[] => {
    const seen = seenAs(of);
    return mark.kind === 'curve' ? markOnTable(seen, 'curve', points).map((p) => inPicture(seen.view, seen.frame, p)) : [...points];
  };
  const changeMarks = (change: MarksChange, what: string) => onMeasured((now) => now && { ...now, marks: change(now.marks) }, what);
  const keepMark = (places: readonly Point[]) => {
    if (!measured || tool === 'corners') return;
    const mark: PictureMark = { id: newId(), kind: follow && tool === 'curve' ? 'line' : tool, points: keptPoints(places) };
    changeMarks((now) => [...now, mark], tool === 'outline' ? 'an outline' : `a ${tool}`);
    setDraft([]);
    setChosen(mark.id);
  };
  const place = async (at: Point) => {
    if (!measured || tool === 'corners') return;
    const on = snap ? fromWorker(await measurer((m) => m.snap(toWorker(at), Math.max(frame.width, frame.height) * REACH * scale))) : at;
    const from = points.current.at(-1);
    const way = follow && tool !== 'line' && from ? (await measurer((m) => m.follow(toWorker(from), toWorker(on)))).map(fromWorker).slice(1) : [on];
    const now = [...points.current, ...way];
    if (tool === 'line' && now.length === 2) keepMark(now);
    else setDraft(now, [...before.current, points.current]);
  };
  const close = async () => {
    const put = points.current;
    const [from, to] = [put.at(-1), put[0]];
    if (put.length < (tool === 'outline' ? 3 : 2)) return;
    const way =
      tool === 'outline' && follow && from && to ? (await measurer((m) => m.follow(toWorker(from), toWorker(to)))).map(fromWorker).slice(1, -1) : [];
    keepMark([...put, ...way]);
  };
  /** One act after the other, in the order in which they were asked for: each may wait for an edge. */
  const inTurn = (act: () => void | Promise<void>) => {
    placing.current = placing.current.then(act).catch((error: unknown) => setProblem(faultWords(error)));
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
      ? ((opened && put) ?? [])
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
      if (done) orSay(reckon([toWorker(a), toWorker(b), toWorker(c), toWorker(d)], reference, false, kind));
    } else if (shownMark && done) {
      changeMark(shownMark, { points: keptPoints(polygonOf(shownMark.points).map((p, at) => (at === i ? to : p))) }, 'a point moved');
    }
  };
  const choose = (next: ReferenceKind, sides = own) => {
    setKind(next);
    const by = sidesOf(next, sides);
    // What was put or found stays: it may well be the same sheet of another size.
    if (put && by.square === undefined)
      orSay(reckon([toWorker(put[0]), toWorker(put[1]), toWorker(put[2]), toWorker(put[3])], by, measured?.found ?? false, next));
    else orSay(search(by, next));
  };
  const side = (part: Partial<OwnSides>) => {
    const sides = { ...own, ...part };
    setOwn(sides);
    // Only the size is another: the corners stay where they are.
    if (put) orSay(reckon([toWorker(put[0]), toWorker(put[1]), toWorker(put[2]), toWorker(put[3])], sidesOf(kind, sides), false, kind));
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
          {draft.length > 0 && tool !== 'line' && <Button onClick={() => inTurn(close)}>Done</Button>}
          {draft.length > 0 && (
            <Button quiet onClick={() => inTurn(oneBack)}>
              One point back
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
          asks={opened !== undefined && measured !== undefined && tool !== 'corners'}
          onPoint={(at) => inTurn(() => place(at))}
          onHover={setHovered}
          onMove={move}
          onKey={(key) => {
            if (key === 'back') inTurn(oneBack);
            else if (key === 'finish') inTurn(close);
            else inTurn(() => setDraft([]));
          }}
        />
        <p className="mt-1 text-small text-ink2">
          {HELP[tool]} {tool !== 'corners' && 'By keys: arrows move the cross, Enter puts a point, F finishes.'}
        </p>
      </div>
      <aside className="flex flex-col gap-4" aria-label="What was measured">
        {reading}
        {opened && (
          <ReferenceChoice
            kind={kind}
            own={own}
            measured={measured}
            unit={unit}
            onKind={choose}
            onSide={side}
            onSearch={() => orSay(search(reference, kind))}
            onThick={lies ? (thick) => onMeasured((now) => now && { ...now, thick }, 'how thick it lies') : undefined}
          />
        )}
        {measured && (
          <MarksMeasured measured={measured} garment={garment} unit={unit} chosen={chosen} onChosen={setChosen} onMarks={changeMarks} under={under} />
        )}
        {measured && marks.length > 1 && <SeamsWalked measured={measured} unit={unit} />}
      </aside>
    </div>
  );
}

const CORNER_WORDS = ['upper left', 'upper right', 'lower right', 'lower left'] as const;
