import { whatIsWorn } from '../core/wardrobe/what-is-worn';
import type { FeatureTables } from '../core/wardrobe/features';
import type { Hanging } from '../core/wear/wardrobe';

/** What a wardrobe says, one question after the other; the number says which was answered. */
addEventListener(
  'message',
  ({ data }: MessageEvent<{ readonly asked: number; readonly hanging: readonly Hanging[]; readonly tables: FeatureTables }>) => {
    postMessage({ asked: data.asked, answer: whatIsWorn(data.hanging, data.tables) });
  },
);
