/** What a picture may be, by the type of its file. Apart from the shapes, which are loaded late. */
export const PICTURE_TYPES = ['image/png', 'image/jpeg', 'image/webp', 'image/svg+xml'] as const;
