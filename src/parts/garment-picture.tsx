import { firstView, viewOf } from '../core/make/versions';
import clsx from 'clsx';
import { useMemo } from 'react';
import { flatSvg } from '../core/drawing/flat-svg';
import type { FlatSide } from '../core/drawing/sheet';
import type { Fabric, Make, Pattern } from '../core/records';
import { mainFabric } from '../core/make/main-fabric';
import { withoutPattern } from '../core/make/without-pattern';
import { usePicturesBy } from '../data/queries';
import { smallOf, urlOf } from './blob-url';

/** A drawing of a pattern, or of a make in its fabric, for use where there is no photograph. */
function drawnUrl(
  pattern: Pattern,
  make: (Pick<Make, 'sources' | 'fabrics'> & Partial<Pick<Make, 'chosen'>>) | undefined,
  fabrics: readonly Fabric[],
  side: FlatSide,
): string {
  const view = make ? viewOf(pattern, make) : firstView(pattern);
  const fabric = make && mainFabric(make, fabrics).fabric;
  return `data:image/svg+xml,${encodeURIComponent(flatSvg(pattern.kind, view.flat, side, fabric?.swatch))}`;
}

/** A make's picture from one side; its flat drawing in its fabric until there is a picture. */
export function GarmentPicture({
  pattern: known,
  make,
  fabrics,
  side = 'front',
  small = false,
  className,
}: {
  pattern: Pattern | undefined;
  make?: (Pick<Make, 'id' | 'version' | 'sources' | 'fabrics'> & Partial<Pick<Make, 'garment' | 'name' | 'chosen'>>) | undefined;
  fabrics: readonly Fabric[];
  side?: FlatSide;
  /** The small copy will do: in a list. */
  small?: boolean;
  className?: string;
}) {
  // A garment without a pattern is drawn by its kind.
  const pattern = known ?? (make && withoutPattern(make));
  const pictures = usePicturesBy(make ? 'makeId' : 'patternId', make ? make.id : pattern?.id);
  // Of a pattern the drawing of its lines tells most where nobody took a picture of that side.
  const picture = pictures?.find((p) => p.side === side) ?? (make || side !== 'front' ? undefined : pictures?.find((p) => p.side === 'line drawing'));
  const blob = small && picture ? smallOf(picture) : picture?.blob;
  const drawn = useMemo(() => pattern && drawnUrl(pattern, make, fabrics, side), [pattern, make, fabrics, side]);
  const src = blob ? urlOf(blob) : pictures ? drawn : undefined;
  const what = make && known ? `${known.name}, version ${make.version}` : (pattern?.name ?? 'garment');
  return (
    <span className={clsx('inline-flex items-center justify-center rounded-md bg-plate', className)}>
      {src && <img src={src} alt={`${what}, ${side}`} draggable={false} className="size-full object-contain" />}
    </span>
  );
}
