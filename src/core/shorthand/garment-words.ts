import { anyOf } from './amounts';
import { ZONE_WORDS } from './words';

/** Words for the parts of a garment, and for how they are, for regular expressions. */

/** What is sewn to a garment or into it and decides no fit. */
const SEWN_PARTS = [
  'zip',
  'zips',
  'button',
  'buttons',
  'buttonhole',
  'buttonholes',
  'hems',
  'hemming',
  'seam',
  'seams',
  'lining',
  'linings',
  'elastic',
  'hook',
  'hooks',
  'snap',
  'snaps',
  'elbow',
  'elbows',
  'yoke',
  'placket',
  'plackets',
  'facing',
  'facings',
  'fly',
  'hood',
  'binding',
  'topstitching',
  'belt loop',
  'belt loops',
  'pleat',
  'pleats',
  'gathers',
  'vent',
  'vents',
  'front',
  'fronts',
  'backs',
  'shell',
  'panel',
  'panels',
] as const;

/** A part of a garment: what is sewn on, wears out, fits or does not. */
export const PART = anyOf([...SEWN_PARTS, ...ZONE_WORDS.keys()]);

const NOW =
  "is|are|isn't|aren't|has|have|hasn't|haven't|doesn't|don't|sits?|feels?|looks?|fits?|hits?|hangs?|ends?|pulls?|gapes?|needs?|goes|keeps?|gets?|makes me|stands?|slides?|falls?|spins?|chokes?|shows?|stays?|rides?|rolls?|flips?|slips?|puckers?|bags|sags?|bulges?|wrinkles?|twists?|drags?|digs?|rubs?|binds?|wants?|bag(?= (?:at|out|in|round|around))|runs?(?= (?:a |quite |very |so |really |large|small|big|long|short|wide|narrow|true))|comes? (?:up|out)|would (?:be|look|have been)|suits?|works?|pills?|itch(?:es)?|creases?|could do with|won't";
/** How a garment, or a place of it, is. */
export const IS_NOW = `(?:${NOW})(?![a-z])`;
/** The same, or how it was. */
export const IS_OR_WAS = `(?:${NOW}|was|were|wasn't|weren't|had|felt|needed|came|comes|turned out|could|should)(?![a-z])`;
