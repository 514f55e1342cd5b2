/** So many makes stand side by side at most: the page loads it without what compares them. */
export const MOST_COMPARED = 6;
