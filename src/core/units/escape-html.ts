/**
 * Words as they stand in a page of HTML: what is written is data, never markup.
 *
 * @example escapeHtml('<b>') // '&#60;b&#62;'
 */
export const escapeHtml = (text: string) => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
