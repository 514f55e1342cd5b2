/** What both a form and a table say of a garment. */
const ALWAYS =
  'pattern|designer|fabrics?(?: used)?|size(?: (?:cut|made|sewn|used))?|changes(?: made)?|alterations|adjustments|mods|modifications|fit(?: (?:issues?|problems?|notes?))?|verdict|rating|dates?|worn|times worn|notes?';

/** What a form calls its lines, before a colon: nothing is said by it. */
export const LINE_LABEL = `(?:${ALWAYS}|would i (?:make|sew)(?: it)? again|made for|for)`;

/** What stands before a make, and a colon: nothing is said of it by that. */
export const MAKE_LABEL =
  '(?:pattern|make|garment|project|item|name|finished|completed|done|made|sewn|wips?|ufos?|in progress|started|cut|sewing|fails?|hits?|misses|flops?|wins?|favou?rites?|bonus|extras?)';

/** What a table calls its columns. */
export const COLUMN_LABEL = `(?:${ALWAYS}|name|garment|make|stars|finished|cost|time|view|remarks?|comments?|love|what)`;
