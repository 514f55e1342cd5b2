import { blankPlan } from '../src/core/records/blank';
import type { Occasion, Plan, PlanList, SewingTime, SewnSet } from '../src/core/records';

export const lists: PlanList[] = [
  { id: 'list-winter', name: 'Winter concerts', due: '2026-12-19', added: '2026-10-04' },
  { id: 'list-tilda', name: 'For Tilda’s birthday', due: '2027-04-10', note: 'with pockets', added: '2026-11-08' },
];

export const sets: SewnSet[] = [{ id: 'set-pyjamas', name: 'winter pyjamas' }];

type PlanLine = Partial<Plan> & { readonly person: string; readonly of: string; readonly added: string };

function plan({ person, of, ...line }: PlanLine): Plan {
  return { ...blankPlan(`plan-${of}-${line.added}`, `person-${person}`, `pattern-${of}`, `view-${of}`, line.added), ...line };
}

/** A plan that needs no pattern. */
function mending({ person, of, ...line }: Pick<Plan, 'id' | 'name' | 'words' | 'added'> & { person: string; of: string }): Plan {
  const { patternId: _, viewId: __, ...blank } = blankPlan(line.id, `person-${person}`, '', '', line.added);
  return { ...blank, ...line, kind: 'mend', refashionOf: of };
}

export const plans: Plan[] = [
  plan({
    person: 'maren',
    of: 'skerry',
    listId: 'list-winter',
    added: '2026-10-04',
    due: '2026-12-12',
    size: { size: 'D' },
    sizeLines: [{ zone: 'acrossBack', line: { size: 'C', to: 'D', at: 0.5 } }],
    alterations: [
      { id: 'plan-skerry-a1', kind: 'sleeve-length', way: 'total', amount: 1.5, purpose: 'fit', when: 'paper', marked: '2025-09-20' },
      { id: 'plan-skerry-a2', kind: 'body-at-hem', way: 'total', amount: -3, purpose: 'fit', when: 'paper' },
    ],
    fabrics: [{ id: 'plan-skerry-c1', fabricId: 'fabric-grey-check', part: 'main', length: 185 }],
    words: 'the rehearsals in the cold hall',
    occasionId: 'occasion-cold-hall',
    meant: [{ id: 'make-skerry-2-k1', answer: 'in words' }],
  }),
  plan({
    person: 'maren',
    of: 'tidewater',
    listId: 'list-winter',
    place: 1,
    added: '2026-10-18',
    fabrics: [{ id: 'plan-tidewater-c1', fabricId: 'fabric-wine-silk', part: 'main' }],
    words: 'something soft under the jacket',
  }),
  plan({
    person: 'tilda',
    of: 'puffin',
    listId: 'list-tilda',
    added: '2026-11-08',
    due: '2027-04-03',
    fabrics: [{ id: 'plan-puffin-c1', fabricId: 'fabric-star-cotton', part: 'main' }],
  }),
  mending({
    id: 'plan-elbow',
    person: 'anselm',
    of: 'make-bollard-1',
    name: 'patch the elbow of the overshirt',
    words: 'it is worn through',
    added: '2026-11-14',
  }),
  plan({ person: 'maren', of: 'lantern', added: '2025-02-01', state: 'dropped', words: 'another velvet one; not before the first is worn' }),
];

/** An orchestra takes two evenings of the week; what is left is sewn in. */
export const times: SewingTime[] = [
  { id: 'time-tuesday', kind: 'usual', weekday: 2, from: '19:30', minutes: 90 },
  { id: 'time-saturday', kind: 'usual', weekday: 6, from: '10:00', minutes: 180 },
  { id: 'time-advent', kind: 'that day', date: '2026-12-05', minutes: 0, words: 'matinée in the harbour church' },
  { id: 'time-rehearsal', kind: 'busy', date: '2026-12-08', from: '19:00', minutes: 60, words: 'extra rehearsal', source: 'orchestra.ics' },
];

export const occasions: Occasion[] = [
  {
    id: 'occasion-cold-hall',
    personId: 'person-maren',
    name: 'Advent concert in the cold hall',
    date: '2026-12-12',
    warmth: 'cold',
    dressy: 4,
    long: 'sat',
    layers: 'over a wool vest',
  },
  { id: 'occasion-new-year', personId: 'person-maren', name: 'New Year concert', date: '2027-01-01', warmth: 'mild', dressy: 5, long: 'sat' },
  { id: 'occasion-tilda', personId: 'person-tilda', name: 'Tilda’s birthday', date: '2027-04-10', warmth: 'mild', dressy: 2, long: 'walked' },
  {
    id: 'occasion-wedding',
    personId: 'person-maren',
    name: 'The wedding on the island',
    date: '2027-07-17',
    until: '2027-07-19',
    warmth: 'warm',
    dressy: 5,
    long: 'danced',
    care: 'not washed on the way',
  },
];
