/** From which side a picture shows a garment, in the order in which they are looked at. */
export const PICTURE_SIDES = ['front', 'back', 'left', 'right', 'detail', 'inside', 'line drawing'] as const;
export type PictureSide = (typeof PICTURE_SIDES)[number];
