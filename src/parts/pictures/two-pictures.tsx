import { outcomeWords } from '../../core/make/fit-note-words';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import { flatSvg } from '../../core/drawing/flat-svg';
import { AS_IT_IS, overlayOf, type Overlay, type Place } from '../../core/drawing/overlay';
import { zoneOf } from '../../core/body/zones';
import { PICTURE_SIDES, type Fabric, type FitNote, type Make, type Pattern, type PictureSide } from '../../core/records';
import type { StoredPicture } from '../../data/database';
import { usePicturesBy, useUnit } from '../../data/queries';
import { Button } from '../../ui/button';
import { ChoiceField, SelectField } from '../../ui/field';
import { Segmented } from '../../ui/segmented';
import { urlOf } from '../blob-url';
import { drawnOf } from '../drawn-of';
import { FitMarkShape } from '../fit-mark';
import { firstOf, lastOf } from '../../core/units/item-at';

/** A make whose pictures can be looked at, by the name it goes by here. */
export interface Pictured {
  readonly make: Make;
  readonly pattern: Pattern | undefined;
  readonly name: string;
}

type Way = 'beside' | 'wipe' | 'blink';

interface Layer {
  readonly name: string;
  readonly url: string | undefined;
  readonly pinned: readonly FitNote[];
}

const STEP = { wipe: 4, scale: 0.02, move: 0.01 } as const;
/** Width by height, until a picture has told its own. */
const UPRIGHT = 0.75;
const SMALLEST = 0.25;
const LARGEST = 4;

/** A picture of a side, or the make's drawing of it where there is none. */
function layerOf(
  { make, pattern, name }: Pictured,
  pictures: readonly StoredPicture[] | undefined,
  side: PictureSide,
  fabrics: readonly Fabric[],
): Layer {
  const picture = pictures?.find((p) => p.side === side);
  if (picture) return { name, url: urlOf(picture.blob), pinned: make.fitNotes.filter((n) => n.pin?.pictureId === picture.id) };
  const drawn = pattern && drawnOf(pattern, make, fabrics);
  const svg = drawn && (side === 'front' || side === 'back') && flatSvg(drawn.kind, drawn.flat, side, drawn.swatch);
  return { name, url: svg && pictures ? `data:image/svg+xml,${encodeURIComponent(svg)}` : undefined, pinned: [] };
}

/** A picture with its pins, as high as all others on its stage. */
function Sheet({
  layer,
  side,
  overlay,
  clip,
  onAspect,
}: {
  layer: Layer;
  side: PictureSide;
  overlay: Overlay;
  clip?: string;
  onAspect: (aspect: number) => void;
}) {
  const unit = useUnit();
  return (
    <div
      className="pointer-events-none absolute inset-0 flex items-center justify-center"
      style={clip === undefined ? undefined : { clipPath: clip }}
    >
      <div
        className="relative h-(--high) shrink-0"
        style={{ transform: `translate(calc(${overlay.dx} * var(--high)), calc(${overlay.dy} * var(--high))) scale(${overlay.scale})` }}
      >
        {layer.url ? (
          <img
            src={layer.url}
            alt={`${layer.name}, ${side}`}
            draggable={false}
            onLoad={(e) => onAspect(e.currentTarget.naturalWidth / Math.max(1, e.currentTarget.naturalHeight))}
            className="block h-full max-w-none"
          />
        ) : (
          <span className="text-ink2">no picture of this side</span>
        )}
        {layer.pinned.map((n) => (
          <span
            key={n.id}
            className="absolute size-6 -translate-x-1/2 -translate-y-1/2 rounded-full border border-ink bg-page"
            style={{ left: `${n.pin!.x * 100}%`, top: `${n.pin!.y * 100}%` }}
          >
            <svg viewBox="-10 -10 20 20" role="img" aria-label={`${zoneOf(n.zone).label} ${outcomeWords(n, unit)}`}>
              <FitMarkShape kind={zoneOf(n.zone).kind} outcome={n.outcome} />
            </svg>
          </span>
        ))}
      </div>
    </div>
  );
}

const placeOf = (note: FitNote, aspect: number): Place => ({ x: (note.pin!.x - 0.5) * aspect, y: note.pin!.y - 0.5 });

/**
 * Two makes by their pictures at one scale: beside each other, or one over the other with a wipe or a blink. Where the same zones are
 * pinned in both, the second is laid over the first by them; by hand it is made larger, smaller and moved.
 */
export function TwoPictures({ makes, fabrics }: { makes: readonly Pictured[]; fabrics: readonly Fabric[] }) {
  const unit = useUnit();
  const [ids, setIds] = useState<readonly [string, string]>([makes.at(-2)!.make.id, lastOf(makes).make.id]);
  const [asked, setSide] = useState<PictureSide>();
  const [way, setWay] = useState<Way>('wipe');
  const [at, setAt] = useState(50);
  const [top, setTop] = useState(false);
  const [aspects, setAspects] = useState<Readonly<Record<string, number>>>({});
  const [byHand, setByHand] = useState<Overlay>();
  const find = (id: string) => makes.find((m) => m.make.id === id) ?? firstOf(makes);
  const [one, other] = [find(ids[0]), find(ids[1])];
  const ofOne = usePicturesBy('makeId', one.make.id);
  const ofOther = usePicturesBy('makeId', other.make.id);
  // The same side of both chooses itself; where there is none, a picture stands beside a drawing.
  const has = (pictures: readonly StoredPicture[] | undefined, s: PictureSide) => pictures?.some((p) => p.side === s) ?? false;
  const sides = PICTURE_SIDES.filter((s) => s === 'front' || s === 'back' || has(ofOne, s) || has(ofOther, s));
  const usual = PICTURE_SIDES.find((s) => has(ofOne, s) && has(ofOther, s)) ?? sides.find((s) => has(ofOne, s) || has(ofOther, s)) ?? 'front';
  const side = asked !== undefined && sides.includes(asked) ? asked : usual;
  const layers = [layerOf(one, ofOne, side, fabrics), layerOf(other, ofOther, side, fabrics)] as const;

  const aspectOf = (layer: Layer) => aspects[layer.url ?? ''] ?? UPRIGHT;
  const byPins = overlayOf(
    layers[0].pinned.flatMap((a) => {
      const b = layers[1].pinned.find((n) => n.zone === a.zone);
      return b ? [[placeOf(a, aspectOf(layers[0])), placeOf(b, aspectOf(layers[1]))] as const] : [];
    }),
  );
  const overlay = byHand ?? byPins ?? AS_IT_IS;
  const adjust = (part: Partial<Overlay>) => setByHand({ ...overlay, ...part });
  const larger = (by: number) => adjust({ scale: Math.min(LARGEST, Math.max(SMALLEST, overlay.scale + by)) });
  const choose = (next: readonly [string, string]) => {
    setIds(next);
    setByHand(undefined);
  };

  const onKey = (event: KeyboardEvent) => {
    if (event.target instanceof HTMLSelectElement || event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey) return;
    const move = event.shiftKey;
    const acts: Record<string, () => void> = {
      ArrowLeft: () => (move ? adjust({ dx: overlay.dx - STEP.move }) : setAt(Math.max(0, at - STEP.wipe))),
      ArrowRight: () => (move ? adjust({ dx: overlay.dx + STEP.move }) : setAt(Math.min(100, at + STEP.wipe))),
      ArrowUp: () => move && adjust({ dy: overlay.dy - STEP.move }),
      ArrowDown: () => move && adjust({ dy: overlay.dy + STEP.move }),
      '+': () => larger(STEP.scale),
      '-': () => larger(-STEP.scale),
      b: () => {
        setWay('blink');
        setTop(!top);
      },
    };
    const act = acts[event.key];
    if (!act) return;
    event.preventDefault();
    event.stopPropagation();
    act();
  };
  const widest = Math.max(...layers.map(aspectOf));
  const stage = (children: ReactNode, key?: string) => (
    <div key={key} className="relative h-[min(54vh,520px)] min-w-0 flex-1 overflow-hidden rounded-md bg-plate [container-type:size]">
      <div className="absolute inset-0" style={{ '--high': `min(100cqh, ${100 / widest}cqw)` }}>
        {children}
      </div>
    </div>
  );
  const sheet = (i: 0 | 1, clip?: string) => (
    <Sheet
      key={i}
      layer={layers[i]}
      side={side}
      overlay={i === 1 ? overlay : AS_IT_IS}
      {...(clip === undefined ? {} : { clip })}
      onAspect={(aspect) => setAspects((was) => ({ ...was, [layers[i].url ?? '']: aspect }))}
    />
  );
  const shownTop = top ? layers[1] : layers[0];
  const pins = layers.flatMap((l) => l.pinned.map((n) => ({ name: l.name, note: n })));

  return (
    <div onKeyDown={onKey} className="mt-3 flex flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        {([0, 1] as const).map((i) => (
          <SelectField
            key={i}
            label={i === 0 ? 'One' : 'The other'}
            value={ids[i]}
            onChange={(e) => choose(i === 0 ? [e.target.value, ids[1]] : [ids[0], e.target.value])}
          >
            {makes.map(({ make, name }) => (
              <option key={make.id} value={make.id}>
                {name}
              </option>
            ))}
          </SelectField>
        ))}
        <ChoiceField label="Side" value={side} all={sides} onValue={setSide} />
        <Segmented
          label="How they are shown"
          value={way}
          choices={[
            { value: 'wipe', label: 'wipe' },
            { value: 'blink', label: 'blink' },
            { value: 'beside', label: 'beside' },
          ]}
          onChange={setWay}
        />
      </div>
      <div
        tabIndex={0}
        role="group"
        aria-label={`${one.name} and ${other.name}, ${side}: arrows wipe, b blinks, plus and minus make the second larger and smaller`}
        className="flex gap-2"
      >
        {way === 'beside' ? (
          <>
            {stage(sheet(0), 'one')}
            {stage(sheet(1), 'other')}
          </>
        ) : (
          stage(
            way === 'blink' ? (
              sheet(top ? 1 : 0)
            ) : (
              <>
                {sheet(0, `inset(0 ${100 - at}% 0 0)`)}
                {sheet(1, `inset(0 0 0 ${at}%)`)}
                <span className="absolute inset-y-0 w-px bg-ink" style={{ left: `${at}%` }} />
              </>
            ),
          )
        )}
      </div>
      {way === 'wipe' && (
        <label className="flex items-center gap-3 text-small text-ink2">
          {one.name}
          <input
            type="range"
            min={0}
            max={100}
            value={at}
            onChange={(e) => setAt(Number(e.target.value))}
            aria-label={`Wipe: how much of ${one.name} is seen`}
            className="flex-1 accent-(--c-ink)"
          />
          {other.name}
        </label>
      )}
      {way === 'blink' && (
        <p className="flex items-center gap-3">
          <Button onClick={() => setTop(!top)}>Blink</Button>
          <span aria-live="polite">{shownTop.name}</span>
        </p>
      )}
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 text-small text-ink2">
        <span>
          {byHand
            ? 'The second laid over by hand:'
            : byPins
              ? 'Laid over each other by the zones pinned in both.'
              : 'Both as high as the stage. The second:'}
        </span>
        <Button quiet aria-label="The second larger" onClick={() => larger(STEP.scale)}>
          larger
        </Button>
        <Button quiet aria-label="The second smaller" onClick={() => larger(-STEP.scale)}>
          smaller
        </Button>
        {byHand && (
          <Button quiet onClick={() => setByHand(undefined)}>
            as it was
          </Button>
        )}
        <span className="max-sm:hidden">Keys: arrows wipe · b blinks · + − size · Shift and arrows move the second</span>
      </div>
      {pins.length > 0 && (
        <ul className="text-small">
          {pins.map(({ name, note }) => (
            <li key={note.id}>
              {name}: {zoneOf(note.zone).label} {outcomeWords(note, unit)}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
