import { expose } from 'comlink';
import { whatIsWorn } from '../core/wardrobe/what-is-worn';

/** Says what a wardrobe tells of wear and of love. */
const wardrobe = { whatIsWorn };
export type WardrobeAsked = typeof wardrobe;

expose(wardrobe);
