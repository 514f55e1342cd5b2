import { z } from 'zod';
import { field } from './field';
import { CalendarDate, Id, Money, Name, WebLink, Words } from './shapes';

const Link = field(WebLink.optional(), { label: 'Link', ask: 'link', called: 'link', hint: 'https://…' });

/** Garments that are planned and made as one and worn apart: pyjamas of three, a skirt with its overskirt. */
export const SewnSet = z.strictObject({
  id: Id,
  name: field(Name, { label: 'Name of the set', ask: 'text', hint: 'winter pyjamas' }),
  note: field(Words.optional(), { label: 'Note', ask: 'words' }),
});
export type SewnSet = z.infer<typeof SewnSet>;

/** What several patterns come in, and are paid for together: a book, an issue, a membership. */
export const Collection = z.strictObject({
  id: Id,
  name: field(Name, { label: 'Name of the book, issue or membership', ask: 'text', hint: 'Harbour Quarterly 14' }),
  kind: field(z.enum(['book', 'magazine issue', 'membership', 'bundle']), { label: 'What it is', ask: 'choice' }),
  price: field(Money.optional(), { label: 'Price of the whole', ask: 'money' }),
  bought: field(CalendarDate.optional(), { label: 'Bought on', ask: 'date' }),
  link: Link,
  note: field(Words.optional(), { label: 'Note', ask: 'words' }),
});
export type Collection = z.infer<typeof Collection>;
