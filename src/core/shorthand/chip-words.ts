import { chosenWords } from '../make/chosen-words';
import { outcomeWords, seenWords } from '../make/fit-note-words';
import { makeDayWords } from '../make/its-day';
import { alterationWhen, alterationWords, sizeLineWords, zoneList } from '../alteration/words';
import { formatDuration } from '../units/duration';
import { addToGroup } from '../units/group-by';
import { fabricUnitOf, formatFabricLength, formatLength, type LengthUnit } from '../units/length';
import { listed } from '../units/listed';
import { formatMoney } from '../units/money';
import { zoneOf } from '../body/zones';
import { alterationKind, WAY_WORDS } from '../catalogue/alterations';
import { symptomOf } from '../catalogue/symptoms';
import { kindNamed } from '../records/garment-named';
import type { Choice, Understood } from './chip';
import type { Named } from './names';
import type { LineContext } from './sentence';

/** Fit notes in words, without what was seen: places of which the same is said stand together. */
function notesWords(notes: Extract<Understood, { is: 'fit' }>['notes'], unit: LengthUnit): string {
  const places = new Map<string, string[]>();
  for (const note of notes)
    addToGroup(
      places,
      `${outcomeWords(note, unit)}${note.side ? ` on the ${note.side}` : ''}${note.tried ? ' when tried on' : ''}`,
      zoneOf(note.zone).label,
    );
  return [...places].map(([said, of]) => `${listed(of)} ${said}`).join(', ');
}

/** One thing that was said: a word for its kind, and what it says. */
export function chipWords(
  u: Understood,
  { patterns, fabrics, people, sets = [] }: LineContext,
  unit: LengthUnit,
): { readonly kind: string; readonly says: string } {
  const nameOf = (list: readonly Named[], id: string) => list.find((n) => n.id === id)?.name ?? '';
  const viewName = (id: string | undefined) =>
    nameOf(
      patterns.flatMap((p) => p.views ?? []),
      id ?? '',
    );
  switch (u.is) {
    case 'pattern':
      return { kind: 'pattern', says: nameOf(patterns, u.patternId) };
    case 'new pattern':
      return { kind: 'new pattern', says: `${u.name} (${kindNamed(u.name) ?? 'top'})` };
    case 'new thing':
      return { kind: 'without a pattern', says: u.name };
    case 'remade':
      return { kind: 'made over', says: u.name };
    case 'made over': {
      if ('what' in u.from) return { kind: 'it was', says: u.from.size === undefined ? u.from.what : `${u.from.what}, labelled ${u.from.size}` };
      const { patternId, version } = u.from;
      return { kind: 'it was', says: `${nameOf(patterns, patternId)}${version === undefined ? ', the latest' : `, version ${version}`}` };
    }
    case 'own':
      return { kind: 'from own sums', says: u.words };
    case 'chosen':
      return { kind: 'chosen', says: chosenWords(u.chosen) };
    case 'new person':
      return { kind: 'for', says: `${u.name} (new)` };
    case 'designer':
      return { kind: 'designer', says: u.name };
    case 'view':
      return { kind: 'view', says: viewName(u.viewId) };
    case 'cut':
      return { kind: 'cut', says: typeof u.as === 'number' ? `as version ${u.as}` : u.as === 'last' ? 'as the last version' : 'as drafted' };
    case 'source':
      return {
        kind: u.part === '' ? 'joined' : u.part,
        says: `from ${[nameOf(patterns, u.patternId), viewName(u.viewId)].filter(Boolean).join(', ')}`,
      };
    case 'length used':
      return { kind: 'fabric', says: `${formatFabricLength(u.length, fabricUnitOf(unit))} used` };
    case 'squeeze':
      return { kind: 'fabric', says: u.squeeze };
    case 'wears':
      return { kind: 'worn', says: u.wears === 0 ? 'never' : u.wears === 1 ? 'once' : `${u.wears} times` };
    case 'reason':
      return { kind: 'reason', says: u.reason };
    case 'again':
      return { kind: 'sew again', says: u.answer };
    case 'state':
      return { kind: 'state', says: u.stage === undefined ? u.state : `${u.state} at ${u.stage}` };
    case 'difficulty':
      return { kind: 'difficulty', says: `${u.difficulty} of 5` };
    case 'next':
      return { kind: 'next time', says: u.words };
    case 'quantity':
      return { kind: 'how many', says: String(u.quantity) };
    case 'version':
      return { kind: 'version', says: String(u.version) };
    case 'person':
      return { kind: 'for', says: nameOf(people, u.personId) };
    case 'size':
      return { kind: 'size', says: sizeLineWords(u.line) };
    case 'size at':
      return { kind: 'size', says: `${sizeLineWords(u.line)} at the ${zoneList(u.zones)}` };
    case 'alteration': {
      const alteration = { id: '', ...u.alteration };
      const { when, purpose, kind, way, amount } = u.alteration;
      // Where it could have been measured otherwise, "in all" is said too.
      const inAll = way === 'total' && amount !== undefined && alterationKind(kind).ways.length > 1 ? ` ${WAY_WORDS.total}` : '';
      return {
        kind: purpose === 'style' ? 'for looks' : 'altered',
        says: `${alterationWords(alteration, unit)}${inAll}${when === 'paper' ? '' : ` ${alterationWhen(alteration)}`}`,
      };
    }
    case 'fit': {
      const symptom = u.notes[0]?.symptom;
      const notes = notesWords(u.notes, unit);
      return { kind: 'fit', says: symptom ? `${symptomOf(symptom).label}: perhaps ${notes}` : notes };
    }
    case 'rest right':
      return { kind: 'fit', says: 'the rest is right' };
    case 'fabric': {
      const name = 'id' in u.fabric ? nameOf(fabrics, u.fabric.id) : `${u.fabric.name} (new)`;
      const length = u.length === undefined ? '' : `, ${formatFabricLength(u.length, fabricUnitOf(unit))}`;
      const price = u.price ? `, ${formatMoney(u.price)} a ${u.pricedBy ?? 'metre'}` : '';
      const shop = u.shop === undefined ? '' : `, from ${u.shop}`;
      const width = u.width === undefined ? '' : `, ${formatLength(u.width, unit)} wide`;
      const weight = u.weight === undefined ? '' : `, ${u.weight}\u202fg/m²`;
      const left = u.left === undefined ? '' : `, ${formatFabricLength(u.left, fabricUnitOf(unit))} left`;
      return { kind: u.part === 'main' ? 'fabric' : u.part, says: `${name}${length}${left}${width}${weight}${price}${shop}` };
    }
    case 'seen':
      return { kind: 'seen', says: seenWords(u.seen) };
    case 'time':
      return { kind: 'time', says: `${formatDuration(u.minutes)}${u.phase === 'all' ? '' : `, ${u.phase}`}` };
    case 'cost':
      return u.money ? { kind: u.what, says: formatMoney(u.money) } : { kind: 'notion', says: u.what };
    case 'love':
      return { kind: 'love', says: `${u.love} of 5` };
    case 'date':
      return { kind: u.of, says: makeDayWords(u, u.date, 'd MMMM yyyy') };
    case 'kind':
      return { kind: 'kind', says: u.kind };
    case 'note':
      return { kind: u.lesson === undefined ? u.kind : u.lesson === '' ? 'lesson' : `lesson on ${u.lesson}`, says: u.words };
    case 'set':
      return { kind: 'of the set', says: nameOf(sets, u.setId) };
    case 'new set':
      return { kind: 'of the new set', says: u.name };
    case 'loose end':
      return { kind: 'loose end', says: u.words };
    case 'words':
      return { kind: 'words', says: u.words };
  }
}

/** What parts a choice's words: facts, and what a fact has one after the other. */
const APART = ', ';
const JUST_WORDS = 'just words';

function choiceWords(choice: Choice, context: LineContext, unit: LengthUnit): string {
  return choice
    .map((u) => {
      if (u.is === 'words') return JUST_WORDS;
      // What is seen stands beside the buttons: they say what it may come from.
      if (u.is === 'fit') return `fit ${notesWords(u.notes, unit)}`;
      const { kind, says } = chipWords(u, context, unit);
      return `${kind} ${says}`;
    })
    .join(APART);
}

/**
 * The choices of a question in words, to be put on buttons: what they begin with alike is not what is asked, and is left out.
 *
 * @example choicesInWords(chip.choices, context, 'cm') // ['30.00 EUR a metre', '15.00 EUR a metre', 'just words'], of the same fabric
 */
export function choicesInWords(choices: readonly Choice[], context: LineContext, unit: LengthUnit): string[] {
  const parts = choices.map((choice) => choiceWords(choice, context, unit).split(APART));
  const shortest = Math.min(...parts.map(({ length }) => length));
  let alike = 0;
  while (choices.length > 1 && alike < shortest - 1 && parts.every((of) => of[alike] === parts[0]?.[alike])) alike++;
  return parts.map((of) => {
    const said = of.slice(alike);
    return said.map((part) => (part === JUST_WORDS && said.length > 1 ? 'with these words' : part)).join(APART);
  });
}
