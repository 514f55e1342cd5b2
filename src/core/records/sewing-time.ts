import { z } from 'zod';
import { field } from './field';
import { CalendarDate, Id, Name, Words } from './shapes';

/** An hour of the clock, as a calendar writes it. */
export const Clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'not an hour such as 19:30');

/**
 * When there is time to sew: a sitting of the usual week, all the time of one day instead of it, or an hour that is taken by something else, as a
 * calendar file says.
 */
export const SewingTime = z
  .strictObject({
    id: Id,
    kind: z.enum(['usual', 'that day', 'busy']),
    /** 1 is Monday; only of a usual sitting. */
    weekday: z.int().min(1).max(7).optional(),
    date: field(CalendarDate.optional(), { label: 'On', ask: 'date', called: 'day' }),
    from: Clock.optional(),
    minutes: field(z.int().min(0).max(1440), { label: 'Time', ask: 'minutes', hint: '1h30, 90 min' }),
    words: field(Words.optional(), { label: 'What for', ask: 'words', hint: 'a free Saturday, away' }),
    /** The calendar file that it was read from. */
    source: Name.optional(),
  })
  .refine((t) => (t.kind === 'usual' ? t.weekday !== undefined : t.date !== undefined), {
    message: 'a usual time needs a weekday, any other a date',
    path: ['kind'],
  });
export type SewingTime = z.infer<typeof SewingTime>;
