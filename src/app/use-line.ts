import { lastVersion, makesOf, viewOf } from '../core/make/versions';
import { useMemo } from 'react';
import { type PatternCase } from '../core/garment/case';
import { entryFromLine } from '../core/shorthand/entry-from-line';
import { parseLine, type LineContext } from '../core/shorthand/parse-line';
import type { Chip } from '../core/shorthand/chip';
import { newId } from '../data/new-id';
import { useBodies, useFabrics, useMakes, usePatterns, usePeople, usePerson } from '../data/queries';
import { today } from '../data/today';
import { draftFromLine, draftNamed, startMake, type LogDraft } from '../core/make/log-draft';
import type { Pattern, Person } from '../core/records';
import { withId } from '../core/units/by-id';

/** A line that was read: its chips, and the make they amount to where it says of what. */
export interface ReadLine {
  readonly chips: readonly Chip[];
  /** Of the ledger, or named first in the line. */
  readonly pattern: Pattern | undefined;
  readonly person: Person | undefined;
  readonly draft: LogDraft | undefined;
  /** The version from which the cut is carried on. */
  readonly from: number | undefined;
  readonly remarks: readonly string[];
}

/** Reads a line as it is typed. */
export function useReadLine(text: string, context: LineContext | undefined): ReadLine {
  const patterns = usePatterns();
  const makes = useMakes();
  const bodies = useBodies();
  const fabrics = useFabrics();
  const people = usePeople();
  const spoken = usePerson();
  return useMemo(() => {
    const chips = context ? parseLine(text, context) : [];
    const patternId = chips.flatMap(({ understood: u }) => (u.is === 'pattern' ? [u.patternId] : []))[0];
    const personId = chips.flatMap(({ understood: u }) => (u.is === 'person' ? [u.personId] : []))[0];
    const pattern = withId(patterns, patternId);
    const person = withId(people, personId) ?? spoken;
    const first = chips.flatMap(({ understood: u }) => (u.is === 'new pattern' || u.is === 'new thing' ? [u] : []))[0];
    if (first && !pattern) {
      const named = draftNamed(first.name, { personId: person?.id, fitless: first.is === 'new thing', day: today(), newId });
      const zones = named.newPattern ? viewOf(named.newPattern, named.make).zones : [];
      const { remarks, ...entry } = entryFromLine(chips, { start: named.make, zones, newId });
      return { chips, pattern: named.newPattern, person: person ?? named.newPerson, draft: draftFromLine(entry, named), from: undefined, remarks };
    }
    if (!pattern || !person) return { chips, pattern, person, draft: undefined, from: undefined, remarks: [] };
    const input: PatternCase = { pattern, makes: makesOf(makes, pattern.id, person.id), bodies, fabrics };
    const last = lastVersion(input);
    const start = startMake(input, person.id, today(), last, newId);
    const entry = entryFromLine(chips, { start, zones: viewOf(pattern, start).zones, newId });
    return { chips, pattern, person, draft: draftFromLine(entry), from: last?.version, remarks: entry.remarks };
  }, [text, context, patterns, makes, bodies, fabrics, people, spoken]);
}
