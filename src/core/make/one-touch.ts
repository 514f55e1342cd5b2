import type { ZoneId } from '../body/zones';
import type { IsoDate } from '../units/date';
import type { Away, LooseEnd, Make, Mend, Verdict } from '../records';

/** Acts on a make that are done in one touch, each from the make as it stands. */

/** A loose end that is done. */
export function looseEndDone(make: Make, id: string, date: IsoDate): Make {
  return { ...make, looseEnds: make.looseEnds.map((l) => (l.id === id ? { ...l, done: date } : l)) };
}

/** A loose end more; what was finished waits for it. */
export function leftToDo(make: Make, looseEnd: LooseEnd): Make {
  return { ...make, state: make.state === 'finished' ? 'loose ends' : make.state, looseEnds: [...make.looseEnds, looseEnd] };
}

/** A garment that lay cut and is taken to the machine. */
export const beingSewn = (make: Make): Make => ({ ...make, state: 'sewing' });

/** A garment that is done. */
export const finished = (make: Make, date: IsoDate): Make => ({ ...make, state: 'finished', finishedOn: date });

/** An alteration that now stands on the pattern paper. */
export function markedOnPaper(make: Make, alterationId: string, date: IsoDate): Make {
  return { ...make, alterations: make.alterations.map((a) => (a.id === alterationId ? { ...a, marked: date } : a)) };
}

/** An alteration of which it is said now which zones it passed. */
export function placedAt(make: Make, alterationId: string, zones: readonly ZoneId[]): Make {
  return { ...make, alterations: make.alterations.map((a) => (a.id === alterationId ? { ...a, zones: [...zones] } : a)) };
}

/** One more verdict; the earlier ones are kept. */
export function judgedAgain(make: Make, said: Verdict): Make {
  return { ...make, verdicts: [...make.verdicts, said] };
}

/** The make with a note that was said to be right: it is not asked about again, and never taken for a slip. */
export function noteSaidRight(make: Make, noteId: string): Make {
  return { ...make, fitNotes: make.fitNotes.map((n) => (n.id === noteId ? { ...n, sure: true } : n)) };
}

/** The garment back from wherever it is away, or from one such reason alone, from a day on; as it is where it is not. */
export const backAgain = (make: Make, date: IsoDate, from?: Away['why']): Make =>
  make.away
    ? { ...make, away: make.away.map((a) => (a.until === undefined && a.from <= date && a.why === (from ?? a.why) ? { ...a, until: date } : a)) }
    : make;

/** The garment away from a day on, and for one reason at a time. */
export function goneAway(make: Make, away: Away): Make {
  const before = backAgain(make, away.from);
  return { ...before, away: [...(before.away ?? []), away] };
}

/** The garment mended, and in the mending no more. */
export const mendedOn = (make: Make, mend: Mend): Make => ({ ...backAgain(make, mend.date, 'in the mending'), mends: [...make.mends, mend] });

/** The garment in rotation again, from wherever it was away and where it rested. */
export function inRotationAgain(make: Make, date: IsoDate): Make {
  const back = backAgain(make, date);
  if (make.state !== 'resting') return back;
  const { stateSince: _, stage: __, why: ___, ...rested } = back;
  return { ...rested, state: 'finished' };
}
