import { SAID_LENGTH } from './amounts';

/** What may stand between a "not" and what it denies: "not really a bit", "didn't need to make any". */
const BETWEEN =
  '(?: (?:too|so|very|really|at all|that|particularly|even|actually|quite|exactly|yet|soon|a bit|(?!only)[a-z]+ly|been|be|have|has|had|got|do|done|make|need|needed|need for|want|require|use|used|bother with|feel|look|seem|to|any|the|an?|my|my usual))*';
const DENIED = new RegExp(
  `(?:\\b(?:not|no|nor|never|neither|nothing|hardly|without|cannot|no longer|far from|nowhere near|instead of|rather than)|n['’]t)${BETWEEN} ?$`,
);

/**
 * Whether what follows is denied by what stands before it.
 *
 * @param before folded, up to where it begins
 * @example isDenied('it is not at all ') // true: of "it is not at all itchy"
 * @example isDenied('not tight, ') // false
 */
export const isDenied = (before: string): boolean => DENIED.test(before);

const DONE_TO_IT =
  '(?:lengthened|shortened|took|taken|let|raised|lowered|widened|narrowed|tapered|slimmed|deepened|dropped|trimmed|reduced|turned|cut|moved|added|removed|pinched)';
/** That something was done for what was just said. */
export const SO_I = "so (?:i|we)(?:'ve| have)? (?:(?:had to|then|just|quickly) )*";
/** Behind a fault: that it was put right on the garment, and by how much or where. */
export const PUT_RIGHT_BY = `[,;.]? (?:(?:but|so|and|until|then) )*(?:(?:i|we)(?:'ve| have)? )?(?:(?:had to|then|just|quickly) )*(?:let|took|take|taken) (?:it|them|that) (?:out|in|up|down)(?:(?: by| about)* ${SAID_LENGTH}| (?:at|along|from) )|,? ${SO_I}${DONE_TO_IT} [^,.;\\n]*?${SAID_LENGTH}`;
