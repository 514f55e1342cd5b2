import { expose } from 'comlink';
import { findMat } from '../core/measure/find-mat';
import { findSheet } from '../core/measure/find-sheet';
import { greyOf, type Grey } from '../core/measure/grey';
import { alongEdge, edgeMap, snapped, wire, type EdgeMap } from '../core/measure/live-wire';
import { photograph, type PracticeScene, type PracticeShot } from '../core/measure/practice-camera';
import { reckoned, type Corners, type Reckoned } from '../core/measure/reckon';
import type { Reference } from '../core/measure/reference';
import type { Point } from '../core/units/polygon';

/** A picture of more pixels is brought down before it is measured in: a phone's largest, and no more memory than a browser gives. */
const MOST_PIXELS = 26e6;

let grey: Grey | undefined;
let edges: EdgeMap | undefined;

/** Edges are worked out when the first is asked for: most pictures are measured without. */
const edgesOf = (of: Grey): EdgeMap => (edges ??= edgeMap(of));

const measurer = {
  /**
   * Takes in a picture, upright as the camera meant it.
   *
   * @returns its size as it is measured in, px
   * @throws when it is no picture that this browser can read
   */
  async open(file: Blob): Promise<{ readonly width: number; readonly height: number }> {
    const image = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const by = Math.min(1, Math.sqrt(MOST_PIXELS / (image.width * image.height)));
    const [width, height] = [Math.max(1, Math.round(image.width * by)), Math.max(1, Math.round(image.height * by))];
    const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
    if (!context) throw new Error('no canvas');
    context.drawImage(image, 0, 0, width, height);
    image.close();
    grey = greyOf(width, height, context.getImageData(0, 0, width, height).data);
    edges = undefined;
    return { width, height };
  },

  /** Looks for a light sheet with sides of this ratio. */
  find: (ratio: number): Corners | undefined => grey && findSheet(grey, ratio),

  /** Looks for the lines of a mat with squares of this side, cm: its corners as far out as it is seen, and how far apart they are. */
  findMat(square: number): { readonly corners: Corners; readonly reference: Reference } | undefined {
    const found = grey && findMat(grey, square);
    return found && { corners: found.seen.corners, reference: found.reference };
  },

  reckon: (corners: Corners, reference: Reference): Reckoned | string =>
    grey ? reckoned(grey, corners, reference) : 'The picture has not been taken in yet.',

  /** From one place to another along the edges between them. */
  follow: (from: Point, to: Point): Point[] => {
    if (!grey) return [from, to];
    const map = edgesOf(grey);
    return alongEdge(grey, wire(map, from, to), map.by);
  },

  /** The edge nearest to a place. */
  snap: (at: Point, reach: number): Point => (grey ? snapped(grey, at, reach) : at),

  /** A picture by the practice camera, and where places of its table are seen in it. */
  async photograph(scene: PracticeScene, shot: PracticeShot): Promise<Blob> {
    const { width, height, rgba } = photograph(scene, shot);
    const canvas = new OffscreenCanvas(width, height);
    const image = new ImageData(width, height);
    image.data.set(rgba);
    canvas.getContext('2d')?.putImageData(image, 0, 0);
    return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.72 });
  },
};
export type Measurer = typeof measurer;

expose(measurer);
