import { makeName } from '../make/make-name';
import { minutesOf } from '../make/minutes';
import { mainFabric } from '../make/main-fabric';
import { alterationWords } from '../alteration/words';
import { verdictWhen } from '../decide/verdict-weight';
import { formatDuration } from '../units/duration';
import { fabricUnitOf, formatFabricLength, formatLength, type LengthUnit } from '../units/length';
import { entriesOf } from '../units/keys';
import { formatMoney } from '../units/money';
import { BODY_MEASURES } from '../body/zones';
import type { Make, Person } from '../records';
import type { WornFinding } from '../wardrobe/what-is-worn';
import { wornWords } from '../wardrobe/worn-words';
import { talkThrough } from './talk-through';
import type { Sheet, SheetBlock, SheetOptions } from './sheet';
import type { Statement, StatementInput, Sum } from './statement';

/** So many garments are told one by one; of more a picture each and a table. */
const MOST_TOLD = 12;

const many = (n: number, one: string, more = `${one}s`) => `${n} ${n === 1 ? one : more}`;
const times = (n: number) => `${Math.round(n)}\u202f×`;

/** Where nothing is noted nothing is told: nobody said that there was none. */
const NONE = 'none noted';

/** So many findings of what is really worn are told: a sentence or two. */
const FINDINGS = 2;

/**
 * A statement written out: what was made, worn, used, spent and learned. Prices and bodies only if asked for.
 *
 * @param worn what the wardrobe says of wear, where the statement is one person's and reaches to today
 */
export function statementSheet(
  statement: Statement,
  { patterns, fabrics, makes, currency }: Pick<StatementInput, 'patterns' | 'fabrics' | 'makes' | 'currency'>,
  people: readonly Person[],
  unit: LengthUnit,
  options: SheetOptions,
  worn: readonly WornFinding[] = [],
): Sheet {
  const { fabricUnit = fabricUnitOf(unit) } = options;
  const { span, finished, wears, fabric, minutes } = statement;
  const nameOf = (make: Make) => makeName(make, patterns);
  const whose = (make: Make) => people.find((p) => p.id === make.personId)?.name ?? '';
  const used = fabric.used.reduce((sum, u) => sum + u.length, 0);
  const bought = fabric.bought.reduce((sum, b) => sum + (b.length ?? 0), 0);
  /** A length in all, of which a part may not have been noted; nought is what nobody noted. */
  const lengthTold = (cm: number, isMore = false) => (cm === 0 ? NONE : `${isMore ? 'at least ' : ''}${formatFabricLength(cm, fabricUnit)}`);
  const blocks: SheetBlock[] = [];
  const part = (heading: string, ...content: (SheetBlock | undefined | false)[]) => {
    const shown = content.filter((b): b is SheetBlock => b !== undefined && b !== false);
    if (shown.length > 0) blocks.push({ kind: 'heading', text: heading }, ...shown);
  };

  part(
    'Made',
    finished.length === 0 && { kind: 'words', text: 'Nothing was finished.' },
    ...(finished.length > MOST_TOLD
      ? [{ kind: 'pictures' as const, pictures: finished.map((m) => ({ makeId: m.id, caption: nameOf(m) })) }]
      : finished.map((m): SheetBlock => ({
          kind: 'told',
          picture: { makeId: m.id, caption: nameOf(m) },
          lines: talkThrough(m, { patterns, fabrics, makes }, unit),
        }))),
    finished.length > 0 && {
      kind: 'table',
      caption: 'Finished',
      columns: [{ head: 'Make' }, { head: 'For' }, { head: 'Fabric' }, { head: 'Time', figures: true }, { head: 'Verdict' }],
      rows: finished.map((m) => {
        const verdict = m.verdicts.at(-1);
        const spent = minutesOf(m);
        return [
          `${nameOf(m)}${m.kind === 'garment' ? '' : ` (${m.kind})`}`,
          whose(m),
          mainFabric(m, fabrics).fabric?.name ?? '',
          spent === undefined ? '' : formatDuration(spent),
          verdict ? `${verdict.love} of 5, ${verdictWhen(verdict)}` : '',
        ];
      }),
    },
    statement.undated > 0 && {
      kind: 'words',
      text: `And ${many(statement.undated, 'make')} of which nobody noted when, here or in any other statement.`,
    },
    statement.perhaps > 0 && {
      kind: 'words',
      text: `${many(statement.perhaps, 'make')} may be of this time or not: only a month or a year that goes beyond it is noted.`,
    },
    statement.underWay.length > 0 && { kind: 'words', text: `Under way: ${statement.underWay.map(nameOf).join(', ')}.` },
  );
  part(
    'What failed, and why',
    statement.failed.length > 0 && { kind: 'list', items: statement.failed.map(({ make, why }) => `${nameOf(make)}: ${why}`) },
  );
  part(
    'Worn',
    Math.round(wears.times) > 0 && {
      kind: 'bars',
      caption: `${many(Math.round(wears.times), 'wear')}${wears.estimated ? ', estimates included' : ''}, by kind`,
      bars: wears.byKind.map((k) => ({ label: k.kind, value: k.times, words: times(k.times) })),
    },
    wears.most.length > 0 && {
      kind: 'table',
      caption: 'Most worn',
      columns: [{ head: 'Garment' }, { head: 'Worn', figures: true }],
      rows: wears.most.map((w) => [nameOf(w.make), times(w.times)]),
    },
    // Where no wear is noted nobody said that they hang.
    Math.round(wears.times) > 0 &&
      wears.least.length > 0 && {
        kind: 'table',
        caption: 'Least worn, for the time they were in season',
        columns: [{ head: 'Garment' }, { head: 'Worn', figures: true }, { head: 'In season', figures: true }],
        rows: wears.least.map((w) => [nameOf(w.make), times(w.times), `${w.months.toFixed(1)} months`]),
      },
    statement.left.length > 0 && {
      kind: 'words',
      text: `Left the wardrobe: ${statement.left.map((m) => [`${nameOf(m)}, ${m.state}`, m.why].filter(Boolean).join(': ')).join('; ')}.`,
    },
  );
  part(
    'Fabric',
    {
      kind: 'bars',
      caption: 'In, used, left',
      bars: [
        {
          label: 'bought',
          value: bought,
          words: lengthTold(
            bought,
            fabric.bought.some((b) => b.length === undefined),
          ),
        },
        { label: 'used', value: used, words: lengthTold(used, fabric.unmeasured > 0) },
        {
          label: 'in the stash today',
          value: fabric.stash.length,
          words: fabric.stash.fabrics === 0 ? NONE : `${lengthTold(fabric.stash.length)} in ${many(fabric.stash.fabrics, 'fabric')}`,
        },
      ],
    },
    fabric.used.length > 0 && {
      kind: 'table',
      caption: 'Used',
      columns: [{ head: 'Fabric' }, { head: 'Length', figures: true }],
      rows: fabric.used.map((u) => [u.fabric.name, formatFabricLength(u.length, fabricUnit)]),
    },
    fabric.unmeasured > 0 && { kind: 'words', quiet: true, text: `Of ${many(fabric.unmeasured, 'use')} the length was not noted.` },
  );
  part(
    'Hours',
    minutes.total > 0 && {
      kind: 'bars',
      caption: `${formatDuration(minutes.total)} on what was finished${minutes.untimed > 0 ? `; of ${many(minutes.untimed, 'make')} the time was not noted` : ''}`,
      bars: minutes.byPhase.map((p) => ({ label: p.phase, value: p.minutes, words: formatDuration(p.minutes) })),
    },
  );
  if (options.prices) part('Money', moneyTable(statement.money, currency));
  part(
    'The list',
    statement.lists.length > 0 && {
      kind: 'table',
      caption: 'Lists',
      columns: [{ head: 'List' }, { head: 'Made', figures: true }, { head: 'In this time', figures: true }],
      rows: statement.lists.map((l) => [l.list.name, `${l.made} of ${l.of}`, String(l.inSpan)]),
    },
  );
  const learned = [
    ...statement.cameRight.map(({ pattern, make }) => `${pattern.name} came right with version ${make.version}.`),
    ...statement.usual.map(
      ({ alteration, patterns: on }) =>
        `${alterationWords(alteration, unit)}: now made on ${on.length} patterns (${on.map((p) => p.name).join(', ')}).`,
    ),
    ...statement.changedMinds.map(
      ({ make, from, to }) => `${nameOf(make)}: love ${from.love} → ${to.love}, ${verdictWhen(to)}${to.words ? `: ${to.words}` : '.'}`,
    ),
  ];
  learned.unshift(...worn.slice(0, FINDINGS).map((finding) => `${wornWords(finding)}.`));
  part('What was learned', learned.length > 0 && { kind: 'list', items: learned });
  if (options.body) part('Measured', ...statement.bodies.map((b) => bodyTable(b, people, unit)));
  const under = [
    finished.length === 0 ? 'nothing finished' : many(finished.length, 'make'),
    statement.failed.length > 0 && `${statement.failed.length} that failed`,
    Math.round(wears.times) > 0 && many(Math.round(wears.times), 'wear'),
    minutes.total > 0 && formatDuration(minutes.total),
    used > 0 && `${lengthTold(used, fabric.unmeasured > 0)} of fabric used`,
  ];
  return { title: `Statement: ${span.name}`, under: under.filter(Boolean).join(' · '), blocks };
}

function moneyTable(money: Statement['money'], currency: string): SheetBlock {
  const rows: (readonly [string, Sum])[] = [
    ['Fabric bought', money.fabric],
    ['Notions of what was finished', money.notions],
    ['Patterns', money.patterns],
    ['Mends', money.mends],
  ];
  const total = rows.reduce((sum, [, s]) => sum + s.minor, 0);
  const unknown = rows.flatMap(([, s]) => s.unknown);
  return {
    kind: 'table',
    caption: unknown.length > 0 ? `Spent, at least; not known: ${unknown.join(', ')}` : 'Spent',
    columns: [{ head: 'For' }, { head: currency, figures: true }],
    rows: [...rows.map(([what, s]) => [what, formatMoney({ minor: s.minor, currency })]), ['In all', formatMoney({ minor: total, currency })]],
  };
}

function bodyTable(body: Statement['bodies'][number], people: readonly Person[], unit: LengthUnit): SheetBlock {
  return {
    kind: 'table',
    caption: `${people.find((p) => p.id === body.personId)?.name ?? ''}, ${body.date}`,
    columns: [{ head: 'Measure' }, { head: 'Length', figures: true }],
    rows: entriesOf(body.measures).map(([measure, cm]) => [BODY_MEASURES[measure], formatLength(cm, unit)]),
  };
}
