/** Words as they stand in a page of HTML: what is written is data, never markup. */
export const escapeHtml = (text: string) => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`);
