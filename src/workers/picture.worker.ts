import { expose } from 'comlink';
import { coloursSeen, type ColoursSeen } from '../core/fabric/colours-seen';
import { PICTURE_SIDE, reducedSize, SMALL_SIDE } from '../core/drawing/reduced-size';

/** A picture brought down and turned upright, with its small copy. Drawn anew, it carries nothing that the file hid: no place, no camera. */
export interface ReducedPicture {
  readonly blob: Blob;
  readonly small: Uint8Array<ArrayBuffer>;
}

async function drawn(image: ImageBitmap, most: number): Promise<Blob> {
  const { width, height } = reducedSize(image.width, image.height, most);
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d')!;
  // Behind what is clear in the file lies white, as behind a print.
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, width, height);
  context.imageSmoothingQuality = 'high';
  context.drawImage(image, 0, 0, width, height);
  return canvas.convertToBlob({ type: 'image/jpeg', quality: 0.86 });
}

/** A picture of a fabric is looked at in so many points a side, its margin left out: there lies the table. */
const [POINTS, MARGIN] = [48, 0.15];

const reducer = {
  /**
   * The colours of the fabric in a picture; undefined where it shows none.
   *
   * @throws when the file is no picture that this browser can read
   */
  async colours(file: Blob): Promise<ColoursSeen | undefined> {
    const image = await createImageBitmap(file);
    try {
      const context = new OffscreenCanvas(POINTS, POINTS).getContext('2d')!;
      const { width, height } = image;
      context.drawImage(image, width * MARGIN, height * MARGIN, width * (1 - 2 * MARGIN), height * (1 - 2 * MARGIN), 0, 0, POINTS, POINTS);
      return coloursSeen(context.getImageData(0, 0, POINTS, POINTS).data);
    } finally {
      image.close();
    }
  },

  /** @throws when the file is no picture that this browser can read */
  async reduce(file: Blob): Promise<ReducedPicture> {
    const image = await createImageBitmap(file, { imageOrientation: 'from-image' });
    try {
      const [blob, small] = [await drawn(image, PICTURE_SIDE), await drawn(image, SMALL_SIDE)];
      return { blob, small: new Uint8Array(await small.arrayBuffer()) };
    } finally {
      image.close();
    }
  },
};
export type Reducer = typeof reducer;

expose(reducer);
