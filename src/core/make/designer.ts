import type { Pattern } from '../records';

/** A designer's name as it is told from others; undefined where nobody noted one. */
export const designerKey = ({ designer }: Pick<Pattern, 'designer'>): string | undefined => designer?.trim().toLowerCase() || undefined;
