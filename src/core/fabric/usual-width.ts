/** A fabric of which nobody said how wide it lies is taken to be so wide, cm. Source: the commonest, the usual double width. */
export const USUAL_WIDTH = 140;
