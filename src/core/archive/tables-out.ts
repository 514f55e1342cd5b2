import { outcomeWords } from '../make/fit-note-words';
import { writtenDay } from '../make/its-day';
import { makeName } from '../make/make-name';
import { minutesOf } from '../make/minutes';
import { mainUse } from '../make/main-fabric';
import Papa from 'papaparse';
import { alterationWords, sizeLineWords } from '../alteration/words';
import { byDay } from '../units/date';
import { BODY_MEASURES, zoneOf } from '../body/zones';
import { lengthForEditing, type LengthUnit } from '../units/length';
import { moneyForEditing } from '../units/money';
import { withId } from '../units/by-id';
import { entriesOf } from '../units/keys';
import { askedFields, Fabric, Make, Pattern, sheetCell, sheetHead, type Ledger, type Shapes, type TableName } from '../records';
import { wearCounts } from '../wear/wear-count';
import { viewNamed } from '../make/versions';
import { inCell, inLines, lessonCell, offersCell, partCell, reportCell, useCell } from './many-in-a-cell';

/** Tables that a spreadsheet can take. */
export const SHEETS = ['makes', 'wears', 'fabrics', 'patterns', 'body measures'] as const;
export type SheetName = (typeof SHEETS)[number];

/** Of the books, issues and memberships, and of the sets, only the names are told, where they are there. */
export type TablesOf = Tables<'people' | 'bodies' | 'patterns' | 'fabrics' | 'makes' | 'wears'> & Partial<Tables<'collections' | 'sets'>>;
type Tables<T extends TableName> = { readonly [N in T]: readonly Ledger[N][number][] };

export interface SheetWishes {
  /** Lengths are numbers in this unit, named in the head of their column. */
  readonly unit: LengthUnit;
  /** What was paid: left out unless asked for. */
  readonly money: boolean;
  readonly separator: 'comma' | 'tab';
}

/** A column: its head, and what stands in it for a record; empty where nothing is known. */
type Column<T> = readonly [head: string, of: (record: T) => string | number | undefined];

/** Columns of the fields that say so themselves, in the order in which they are declared. */
function recorded<S extends Shapes>(shapes: S, unit: LengthUnit, money: boolean): Column<{ readonly [K in keyof S]?: unknown }>[] {
  return askedFields(shapes, (meta) => meta.sheet !== undefined && (money || meta.ask !== 'money')).map(({ name, meta }) => [
    sheetHead(meta, unit),
    (record) => sheetCell(meta, record[name], unit),
  ]);
}

/** The view that a make was cut in, where its pattern has several. */
const viewSaid = ({ sources }: Make, pattern: Pattern | undefined) =>
  pattern && pattern.views.length > 1 ? viewNamed(pattern, sources[0]?.viewId).name : undefined;

const cellsOf = <T>(records: readonly T[], columns: readonly (Column<T> | false)[]): string[][] => {
  const shown = columns.filter((c): c is Column<T> => c !== false);
  return [shown.map(([head]) => head), ...records.map((r) => shown.map(([, of]) => String(of(r) ?? '')))];
};

/**
 * One table of a ledger for a spreadsheet.
 *
 * A cell that a spreadsheet would take for a formula is written so that it stays words.
 */
export function sheetText(sheet: SheetName, tables: TablesOf, wishes: SheetWishes): string {
  return Papa.unparse(sheetRows(sheet, tables, wishes), {
    delimiter: wishes.separator === 'tab' ? '\t' : ',',
    escapeFormulae: true,
    newline: '\r\n',
  });
}

function sheetRows(sheet: SheetName, tables: TablesOf, { unit, money }: SheetWishes): string[][] {
  const { people, bodies, patterns, fabrics, makes, wears } = tables;
  const called = (m: Make | undefined) => m && makeName(m, patterns);
  const patternOf = (m: Make) => withId(patterns, m.sources[0]?.patternId);
  const nameOf = (id: string | undefined, list: readonly { readonly id: string; readonly name: string }[]) => list.find((r) => r.id === id)?.name;
  const length = (cm: number | undefined) => (cm === undefined ? undefined : lengthForEditing(cm, unit));
  const paid = (sum: { minor: number; currency: string } | undefined) => sum && moneyForEditing(sum, '');
  switch (sheet) {
    case 'makes': {
      const counts = wearCounts(wears);
      return cellsOf(
        [...makes].sort((a, b) => byDay(a.cutOn, b.cutOn)),
        [
          ['Name', (m) => makeName(m, patterns)],
          ['Designer', (m) => patternOf(m)?.designer],
          ['Kind of garment', (m) => patternOf(m)?.kind ?? m.garment],
          ['View', (m) => viewSaid(m, patternOf(m))],
          ['Choices', (m) => offersCell(m.chosen)],
          ['Version', (m) => m.version],
          ['For', (m) => nameOf(m.personId, people)],
          ['Kind', (m) => m.kind],
          ['State', (m) => m.state],
          ['Cut on', (m) => writtenDay(m, m.cutOn)],
          ['Finished on', (m) => m.finishedOn && writtenDay(m, m.finishedOn)],
          ['Size', (m) => m.size && sizeLineWords(m.size)],
          ['Size elsewhere', (m) => m.sizeLines.map((l) => `${zoneOf(l.zone).label} ${sizeLineWords(l.line)}`).join('; ')],
          ['Joined with', (m) => inCell(m.sources.slice(1).map((s) => partCell(s, patterns)))],
          ['It was', (m) => m.bought?.what],
          ['Size on its label', (m) => m.bought?.size],
          money && makes.some((m) => m.bought?.price) && ['Paid for it', (m) => paid(m.bought?.price)],
          ['Made over from', (m) => called(withId(makes, m.refashionOf))],
          ['Of the set', (m) => nameOf(m.setId, tables.sets ?? [])],
          ['Next time', (m) => inLines(m.notes.filter((n) => n.kind === 'next time').map((n) => n.words))],
          ['Lessons', (m) => inLines(m.notes.filter((n) => n.about).map((n) => lessonCell(n, fabrics)))],
          ['Altered', (m) => m.alterations.map((a) => alterationWords(a, unit)).join('; ')],
          ['Fabric', (m) => inCell(m.fabrics.map((u) => useCell(u, nameOf(u.fabricId, fabrics) ?? 'a fabric that is gone')))],
          [`Fabric length, ${unit}`, (m) => length(mainUse(m)?.length)],
          ['Fit', (m) => m.fitNotes.map((n) => `${zoneOf(n.zone).label} ${outcomeWords(n, unit)}`).join('; ')],
          ['Love, of 5', (m) => m.verdicts.at(-1)?.love],
          ['Sew again', (m) => m.verdicts.at(-1)?.sewAgain],
          ['Worn', (m) => Math.round(counts.get(m.id)?.times ?? 0)],
          ['Minutes', (m) => minutesOf(m)],
          ...recorded(Make.shape, unit, money),
          ['Remark', (m) => m.remark],
        ],
      );
    }
    case 'wears':
      return cellsOf(
        [...wears].sort((a, b) => byDay(a.date, b.date)),
        [
          ['Worn on', (w) => w.date],
          ['Until', (w) => w.until],
          ['Day not known', (w) => (w.undated ? 'yes' : undefined)],
          ['What', (w) => w.makeIds.flatMap((id) => makes.filter((m) => m.id === id).map((m) => makeName(m, patterns))).join('; ')],
          ['Times', (w) => w.count],
          ['Occasion', (w) => w.occasion],
          ['Comfort, of 5', (w) => w.comfort],
          ['Remark', (w) => w.remark],
        ],
      );
    case 'fabrics':
      return cellsOf(fabrics, [
        ['Name', (c) => c.name],
        ['Structure', (c) => c.structure],
        ['Weight, g/m²', (c) => c.weight],
        [`Width, ${unit}`, (c) => length(c.width)],
        [
          `On hand, ${unit}`,
          (c) =>
            c.pieces.map((p) => [p.length, p.width].flatMap((cm) => (cm === undefined ? [] : lengthForEditing(cm, unit))).join(' × ')).join('; '),
        ],
        ['Crosswise stretch, %', (c) => c.stretchAcross],
        ...recorded(Fabric.shape, unit, money),
        money && fabrics.some((c) => c.pricedBy !== undefined) && ['Price is for a', (c) => c.pricedBy],
        money && ['Price', (c) => paid(c.pricePerMetre)],
      ]);
    case 'patterns':
      return cellsOf(patterns, [
        ['Name', (p) => p.name],
        ['Kind', (p) => p.kind],
        ['Intended ease', (p) => p.fitClass],
        ['Wants', (p) => p.wants.structure],
        ['Form', (p) => p.form],
        ['State', (p) => p.state],
        ['Came in', (p) => nameOf(p.collectionId, tables.collections ?? [])],
        ['Views', (p) => inCell(p.views.map((v) => v.name.replaceAll(';', ',')))],
        ['Choices', (p) => offersCell(p.offers)],
        ['Joined from', (p) => inCell((p.joins ?? []).map((s) => partCell(s, patterns)))],
        ['Reports', (p) => inLines((p.reports ?? []).map(reportCell))],
        ['Versions', (p) => makes.filter((m) => m.sources[0]?.patternId === p.id).length],
        ...recorded(Pattern.shape, unit, money),
      ]);
    case 'body measures':
      return cellsOf(
        [...bodies].sort((a, b) => byDay(a.date, b.date)),
        [
          ['Of', (b) => nameOf(b.personId, people)],
          ['On', (b) => b.date],
          ...entriesOf(BODY_MEASURES).map(([measure, label]): Column<(typeof bodies)[number]> => [
            `${label}, ${unit}`,
            (b) => length(b.measures[measure]),
          ]),
          ['Note', (b) => b.note],
        ],
      );
  }
}
