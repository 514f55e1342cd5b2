import { chosenWords } from '../make/chosen-words';
import { priceOfLength } from '../fabric/price';
import type { Alteration } from '../records';
import { writtenDay } from '../make/its-day';
import { isSized } from '../catalogue/alterations';
import type { Understood } from './chip';
import type { LineContext } from './sentence';

const figure = (n: number) => String(Math.round(n * 100) / 100);
const signed = (n: number) => `${n < 0 ? '-' : '+'}${figure(Math.abs(n))}`;

function changeFact(a: Omit<Alteration, 'id'>): string {
  const much = a.allowance
    ? `${figure(a.allowance.cut)}→${figure(a.allowance.sewn)}`
    : a.amount !== undefined
      ? signed(a.amount)
      : isSized(a.kind)
        ? `${a.direction === -1 ? '-' : '+'}?`
        : '';
  return [
    'change',
    a.kind,
    much,
    a.way === 'total' ? '' : a.way,
    a.zones ? `@${a.zones.join('+')}` : '',
    a.part && a.part !== 'both' ? a.part : '',
    a.purpose === 'style' ? 'looks' : '',
    a.when === 'paper' ? '' : a.when,
  ]
    .filter(Boolean)
    .join(' ');
}

/**
 * What was understood, as facts that a program can compare: one a line, each beginning with what it is.
 *
 * @returns none for what is no fact: words
 * @example factsOf({ is: 'size', line: { size: 'C', to: 'D', at: 0.5 } }, context) // ['size C~D']
 */
export function factsOf(u: Understood, { patterns, fabrics, people, sets = [] }: LineContext): string[] {
  const nameIn = (list: readonly { readonly id: string; readonly name: string }[], id: string) => list.find((x) => x.id === id)?.name ?? id;
  const viewName = (id: string) =>
    nameIn(
      patterns.flatMap((p) => p.views ?? []),
      id,
    ).replace(/,/g, '');
  const line = (l: { readonly size: string; readonly to?: string | undefined }) => (l.to === undefined ? l.size : `${l.size}~${l.to}`);
  switch (u.is) {
    case 'pattern':
      return [`pattern ${nameIn(patterns, u.patternId)}`];
    // A thing without a pattern is named first as well.
    case 'new pattern':
    case 'new thing':
      return [`new pattern ${u.name}`];
    case 'new person':
      return [`person ${u.name}`];
    case 'version':
      return [`version ${u.version}`];
    case 'view':
      return [`view ${viewName(u.viewId)}`];
    case 'person':
      return [`person ${nameIn(people, u.personId)}`];
    case 'size':
      return [`size ${line(u.line)}`];
    case 'size at':
      return u.zones.map((zone) => `size ${line(u.line)} @${zone}`);
    case 'alteration':
      return [changeFact(u.alteration)];
    case 'cut':
      return [typeof u.as === 'number' ? `as version ${u.as}` : u.as === 'last' ? 'as last' : 'as drafted'];
    case 'fit':
      return u.notes.map(({ zone, outcome, amount, tried }) =>
        [
          'fit',
          zone,
          outcome === 0 ? 'right' : outcome < 0 ? 'under' : 'over',
          outcome === 0 ? '' : amount === undefined ? String(Math.abs(outcome)) : `${figure(amount)}cm`,
          tried ? 'tried' : '',
        ]
          .filter(Boolean)
          .join(' '),
      );
    case 'rest right':
      return ['fit rest right'];
    case 'source':
      return [[`source ${nameIn(patterns, u.patternId)}`, u.viewId === undefined ? '' : viewName(u.viewId), u.part].filter(Boolean).join(' ')];
    case 'remade':
      return [`remade ${u.name}`];
    case 'made over':
      return [
        'what' in u.from
          ? ['made over', u.from.what, u.from.size ?? ''].filter(Boolean).join(' ')
          : ['made over', nameIn(patterns, u.from.patternId), u.from.version ?? ''].filter(Boolean).join(' '),
      ];
    case 'own':
      return [`own ${u.words}`];
    case 'chosen':
      return [`chosen ${chosenWords(u.chosen)}`];
    case 'set':
      return [`set ${nameIn(sets, u.setId)}`];
    case 'new set':
      return [`new set ${u.name}`];
    case 'fabric': {
      const what = 'id' in u.fabric ? `cloth ${nameIn(fabrics, u.fabric.id)}` : `new cloth ${u.fabric.name}`;
      const name = 'id' in u.fabric ? nameIn(fabrics, u.fabric.id) : u.fabric.name;
      return [
        [what, u.part === 'main' ? '' : u.part, u.length === undefined ? '' : figure(u.length), u.left === undefined ? '' : `left ${figure(u.left)}`]
          .filter(Boolean)
          .join(' '),
        ...(u.price
          ? [`price ${name} ${figure((priceOfLength({ pricePerMetre: u.price, pricedBy: u.pricedBy ?? 'metre' }, 100)?.minor ?? 0) / 100)}`]
          : []),
      ];
    }
    case 'length used':
      return [`used ${figure(u.length)}`];
    case 'squeeze':
      return [u.squeeze === 'every scrap' ? 'squeeze' : `squeeze ${u.squeeze}`];
    case 'wears':
      return [`wears ${u.wears}`];
    case 'seen':
      return u.seen.at === 'worn' ? [`wears ${u.seen.wears}`] : [];
    case 'time':
      return [`time ${u.minutes}${u.phase === 'all' ? '' : ` ${u.phase}`}`];
    case 'cost':
      return [`cost ${u.what}${u.money ? ` ${figure(u.money.minor / 100)}` : ''}`];
    case 'love':
      return [`love ${u.love}`];
    case 'reason':
      return [`reason ${u.reason}`];
    case 'again':
      return [`again ${u.answer}`];
    case 'date':
      return [`${u.of === 'cut' ? 'cutOn' : 'finishedOn'} ${writtenDay(u, u.date)}`];
    case 'kind':
      return [`kind ${u.kind}`];
    case 'state':
      return [`state ${u.state}`];
    case 'note':
      return [`note ${u.kind} ${u.words}`];
    case 'next':
      return [`next ${u.words}`];
    case 'loose end':
      return [`loose end ${u.words}`];
    // Not among the facts that are compared: they come with others, or say nothing of the make.
    case 'designer':
    case 'difficulty':
    case 'quantity':
    case 'words':
      return [];
  }
}
