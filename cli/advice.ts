import { nextVersion, viewOf } from '../src/core/make/versions';
import { learnedOn, reasonWords, recalledFor } from '../src/core/plan/lessons';
import { z } from 'zod';
import { alterationWords, sizeLineWords } from '../src/core/alteration/words';
import { answerMoving } from '../src/core/alteration/answer';
import { decisionReasonWords } from '../src/core/decide/decision-reason';
import { beliefAt } from '../src/core/forecast/belief';
import { bringsZone, caseAt, casesIn, type CaseOfPattern, type PatternCase } from '../src/core/garment/case';
import type { Account } from '../src/core/engine/account';
import { causeWords, effectWords } from '../src/core/versions/credit-words';
import { meantFor } from '../src/core/plan/meant';
import { EngineSession } from '../src/core/engine/session';
import { newsBetween } from '../src/core/engine/tables';
import { sizingMethodWords, sizeRemarks } from '../src/core/forecast/size-words';
import { isChanged } from '../src/core/forecast/summary';
import type { IsoDate } from '../src/core/units/date';
import { type LengthUnit } from '../src/core/units/length';
import { BODY_MEASURES, zoneOf, type ZoneId } from '../src/core/body/zones';
import { bodyOn } from '../src/core/body/measures';
import { worthOfPlaces } from '../src/core/forecast/worth-asking';
import { offsetWords, placeAt } from '../src/core/forecast/label-places';
import type { Ledger, Person } from '../src/core/records';

const Cm = z.number().describe('centimetres against the pattern as drafted');
const Chance = z.number().min(0).max(1);
const Range = z.object({ median: Cm, low: Cm.describe('10 % point'), high: Cm.describe('90 % point') });

/** What is advised of one pattern. */
const PatternAdvice = z.object({
  pattern: z.string(),
  designer: z.string().optional(),
  nextVersion: z.int(),
  sizeLines: z.array(z.string()).describe('the size, then each zone where it differs'),
  alterations: z.array(z.string()).describe('in the order of the work on paper'),
  zones: z.array(
    z.object({
      zone: z.string(),
      offset: Cm,
      changed: z.boolean(),
      best: Range,
      chance: Chance.optional().describe('absent where nothing was noted'),
      ground: z.string(),
      among: z
        .object({ sizes: z.array(z.string()), place: z.string(), best: z.object({ median: z.number(), low: z.number(), high: z.number() }) })
        .optional()
        .describe('sizes without a chart: the offset and the best cut as places among them, 0 the first'),
      saidByOthers: Range.optional().describe('what the other patterns say before any note of this one'),
      ask: z
        .object({ how: z.enum(['note', 'pin']), gain: z.number() })
        .optional()
        .describe('what a first look at the next version is worth there: how, and the expected gain in the chance of right'),
      body: z.object({ measure: z.string(), cm: z.number(), doubt: z.number() }).optional().describe('the body on that day, and its doubt'),
    }),
  ),
  weakest: z.object({ zone: z.string(), chance: Chance }).optional(),
  whatItDid: z
    .array(
      z.object({
        from: z.int().describe('the earlier version'),
        to: z.int(),
        zone: z.string(),
        fate: z.enum(['fixed', 'eased', 'the same', 'worse', 'not seen', 'new']),
        surety: z.enum(['by', 'mostly by', 'most likely by', 'not clear']).optional().describe('absent where nothing became of it'),
        causes: z.array(z.object({ cause: z.string(), share: z.number().min(0).max(1) })),
        inSpiteOf: z.array(z.string()),
        helped: z.number().min(-1).max(1).optional().describe('how much likelier all changes made it'),
        sentence: z.string(),
      }),
    )
    .describe('what became of every fit note from one version that counts to the next'),
  meant: z
    .array(z.object({ version: z.number(), words: z.string(), answer: z.enum(['taken', 'in words', 'declined']).optional() }))
    .describe('for the next version, and what a plan answered'),
  joins: z
    .array(z.object({ pattern: z.string(), pieces: z.string().optional(), zones: z.array(z.string()) }))
    .describe('parts of other patterns in the last version'),
  lessons: z
    .array(z.object({ words: z.string(), because: z.string(), learnedOn: z.string() }))
    .describe('learned before, on any pattern, the nearest first: as the last version is cut again, in its fabric'),
  reports: z.array(z.object({ words: z.string(), from: z.string().optional(), zone: z.string().optional() })).describe('from elsewhere: hearsay'),
  toMark: z.array(z.string()).describe('alterations that are not on the pattern paper yet'),
  sizes: z
    .object({
      sizingMethods: z.array(z.object({ method: z.enum(['chart', 'finished', 'experience']), size: z.string().optional(), because: z.string() })),
      blend: z.array(z.object({ zone: z.string(), size: z.string(), chance: Chance })).describe('a size for each zone, down the body'),
      remarks: z.array(z.string()),
    })
    .optional()
    .describe('absent where the pattern has no chart'),
  decision: z.object({ answer: z.string(), because: z.array(z.string()), wouldChange: z.string(), judgedEarly: z.boolean() }),
});

/** The shape of what `advise --json` prints; docs/command-line.md is written from it. */
export const Advice = z.object({
  person: z.string(),
  on: z.iso.date(),
  usualAlterations: z.array(z.object({ zone: z.string(), alteration: z.string(), best: Range, chance: Chance, patterns: z.array(z.string()) })),
  designers: z.array(z.object({ designer: z.string(), zone: z.string(), runs: z.enum(['small', 'large']), by: Range, chance: Chance })),
  patterns: z.array(PatternAdvice),
});
export type Advice = z.infer<typeof Advice>;

/** The measure that decides a zone, as the body is on a day, with its doubt. */
function bodyAt({ bodies }: PatternCase, zone: ZoneId, on: IsoDate): { body?: { measure: string; cm: number; doubt: number } } {
  const { measure } = zoneOf(zone);
  const found = measure && bodyOn(bodies, measure, on);
  if (!measure || !found) return {};
  return { body: { measure: BODY_MEASURES[measure], cm: found.cm, doubt: found.doubt } };
}

/** What the changes did from one version that counts to the next, in words and numbers. */
function deedsOf({ makes }: PatternCase, { columns }: Account, unit: LengthUnit): z.infer<typeof PatternAdvice>['whatItDid'] {
  const counted = columns.filter((c) => c.counts);
  const versionOf = (id: string | undefined) => makes.find((m) => m.id === id)?.version ?? 0;
  return counted.flatMap(({ makeId, effects }, i) =>
    effects.map((effect) => {
      const { zone, fate, credit } = effect;
      return {
        from: versionOf(counted[i - 1]?.makeId),
        to: versionOf(makeId),
        zone: zoneOf(zone).label,
        fate,
        ...(credit ? { surety: credit.surety, helped: credit.helped } : {}),
        causes: credit?.causes.map(({ cause, share }) => ({ cause: causeWords(cause, unit), share })) ?? [],
        inSpiteOf: credit?.inSpiteOf.map((cause) => causeWords(cause, unit)) ?? [],
        sentence: effectWords(effect, unit),
      };
    }),
  );
}

/**
 * What the core advises a person: usual alterations, designers, and what to cut next of each pattern.
 *
 * @param patternIds those asked for, made or not; all that were made for the person where it is absent
 */
export function advise(ledger: Ledger, person: Person, patternIds: readonly string[] | undefined, on: IsoDate, unit: LengthUnit): Advice {
  const fit = new EngineSession();
  fit.learn(newsBetween({}, ledger));
  const memory = fit.memory(person.id);
  const asked = patternIds ? patternIds.flatMap((id) => fit.caseOf(person.id, id) ?? []) : fit.cases(person.id);
  const sizesAdvice = ({ pattern }: PatternCase): Pick<z.infer<typeof PatternAdvice>, 'sizes'> => {
    const sizes = fit.sizes(person.id, pattern.id, { date: on, unit }, person.sizedBy);
    if (!sizes) return {};
    const sizingMethods = sizingMethodWords(sizes, unit).map(({ method, size, because }) => ({
      method,
      because,
      ...(size === undefined ? {} : { size }),
    }));
    const blend = sizes.blend.map(({ zone, size, chance }) => ({ zone: zoneOf(zone).label, size, chance }));
    return { sizes: { sizingMethods, blend, remarks: sizeRemarks(sizes, unit) } };
  };
  const nameOf = (id: string) => ledger.patterns.find((p) => p.id === id)?.name ?? id;
  return {
    person: person.name,
    on,
    usualAlterations: memory
      .usual()
      .map(({ zone, best, chance, patterns }) => ({
        zone: zoneOf(zone).label,
        alteration: alterationWords(answerMoving(zone, best.median, unit), unit),
        best,
        chance,
        patterns: patterns.map(nameOf),
      })),
    designers: memory
      .designers()
      .map(({ designer, zone, best, chance }) => ({
        designer,
        zone: zoneOf(zone).label,
        runs: best.median > 0 ? 'small' : 'large',
        by: best,
        chance,
      })),
    patterns: asked.map((input) => {
      const plan = { date: on, unit };
      const carried = fit.account(person.id, input.pattern.id, plan);
      const others: CaseOfPattern = (id) => fit.caseOf(person.id, id);
      const at = (zone: ZoneId) => (carried ? caseAt(input, carried.last, zone, others) : input);
      const next = carried && { ...carried.next, fitNotes: [] };
      const worth = next
        ? casesIn(input, next, others).flatMap((part) =>
            worthOfPlaces(part, next, { at: 'firstDay' }, memory).filter((w) => bringsZone(part.pattern, next, w.zone)),
          )
        : [];
      const askAt = (zone: ZoneId) => {
        const found = worth.find((w) => w.zone === zone);
        return found ? { ask: { how: found.how, gain: found.gain } } : {};
      };
      const { answer, because, wouldChange, early } = carried?.decision ?? fit.decision(person.id, input, plan);
      return {
        pattern: input.pattern.name,
        ...(input.pattern.designer ? { designer: input.pattern.designer } : {}),
        nextVersion: nextVersion(input),
        sizeLines: carried
          ? [sizeLineWords(carried.next.size), ...carried.next.sizeLines.map((l) => `${zoneOf(l.zone).label} ${sizeLineWords(l.line)}`)]
          : [],
        alterations: carried?.next.alterations.map((a) => alterationWords(a, unit)) ?? [],
        zones:
          carried?.zones.map((z) => {
            const { saidByOthers } = beliefAt(at(z.zone), z.zone, memory);
            return {
              zone: zoneOf(z.zone).label,
              offset: z.x,
              changed: isChanged(z),
              best: z.best,
              ...(z.chance === undefined ? {} : { chance: z.chance }),
              ground: z.basis,
              ...(z.labels
                ? {
                    among: {
                      sizes: [...z.labels.sizes],
                      place: offsetWords(z.labels, z.x, unit),
                      best: { median: placeAt(z.labels, z.best.median), low: placeAt(z.labels, z.best.low), high: placeAt(z.labels, z.best.high) },
                    },
                  }
                : {}),
              ...(saidByOthers ? { saidByOthers: saidByOthers() } : {}),
              ...askAt(z.zone),
              ...bodyAt(input, z.zone, on),
            };
          }) ?? [],
        ...(carried?.weakest ? { weakest: { zone: zoneOf(carried.weakest.zone).label, chance: carried.weakest.chance } } : {}),
        ...sizesAdvice(input),
        whatItDid: carried ? deedsOf(input, carried, unit) : [],
        meant: meantFor(input, ledger.plans).map(({ make, note, answered }) => ({
          version: make.version,
          words: note.words,
          ...(answered ? { answer: answered.answer } : {}),
        })),
        joins: (carried?.next.sources ?? [])
          .slice(1)
          .map(({ patternId, pieces, zones = [] }) => ({
            pattern: nameOf(patternId),
            ...(pieces === undefined ? {} : { pieces }),
            zones: zones.map((z) => zoneOf(z).label),
          })),
        lessons: carried
          ? recalledFor(
              { make: carried.last, pattern: input.pattern, view: viewOf(input.pattern, carried.last), fabrics: input.fabrics },
              ledger.makes,
            ).map((l) => ({ words: l.note.words, because: reasonWords(l), learnedOn: learnedOn(l, ledger.patterns) }))
          : [],
        reports: (input.pattern.reports ?? []).map(({ words, from, zone }) => ({
          words,
          ...(from === undefined ? {} : { from }),
          ...(zone === undefined ? {} : { zone: zoneOf(zone).label }),
        })),
        toMark: carried?.toMark.map((t) => alterationWords(t.alteration, unit)) ?? [],
        decision: { answer, because: because.map(decisionReasonWords), wouldChange, judgedEarly: early },
      };
    }),
  };
}
