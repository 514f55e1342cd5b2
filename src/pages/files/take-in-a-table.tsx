import { useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { guessColumns, guessSheet, SHEET_FIELDS, type ColumnGuess } from '../../core/archive/tables-in/columns';
import { readSheet, rejectedText, type Sheet } from '../../core/archive/tables-in/read-sheet';
import type { TakingInto } from '../../core/archive/tables-in/row';
import { guessOrder, takeRows } from '../../core/archive/tables-in/take-rows';
import { SHEETS, type SheetName } from '../../core/archive/tables-out';
import type { DayOrder } from '../../core/units/day-as-written';
import { useKept } from '../../data/drafts';
import { newId } from '../../data/new-id';
import { putOf } from '../../data/journal';
import {
  useBodies,
  useCollections,
  useFabrics,
  useMakes,
  usePatterns,
  usePeople,
  usePerson,
  useSets,
  useSettings,
  useUnit,
  useWears,
} from '../../data/queries';
import { today } from '../../data/today';
import { save } from '../../parts/save';
import { fileNameOf, saveFile } from '../../parts/save-file';
import { Button } from '../../ui/button';
import { ChoiceField, TextField } from '../../ui/field';
import { PageHead } from '../../ui/page-head';
import { Refusal } from '../../ui/refusal';
import { Segmented } from '../../ui/segmented';
import { ChooseFile } from './choose-file';
import { ColumnsOfATable } from './columns-of-a-table';
import { RowsOfATable } from './rows-of-a-table';
import { routes } from '../../routes';

/** A table with how it is read; what was not chosen was guessed. */
interface Chosen {
  readonly name: string;
  /** As it was read, and as it was written. */
  readonly sheet: Sheet;
  readonly text: string;
  readonly which: SheetName;
  readonly columns: readonly ColumnGuess[];
  readonly order: DayOrder;
}

/** The table on this page: through a reload too, where the browser has room for it. */
function useChosen(): readonly [Chosen | undefined, (chosen: Chosen | undefined, finished?: boolean) => void] {
  const draft = useKept('table to take in');
  const [chosen, setChosen] = useState<Chosen | undefined>(() => {
    const kept = draft.value;
    const read = kept && readSheet(kept.text);
    return kept && read?.ok ? { ...kept, columns: kept.columns.map((c) => ({ field: c.field, unit: c.unit })), sheet: read.sheet } : undefined;
  });
  return [
    chosen,
    (next, finished = false) => {
      setChosen(next);
      if (finished) return draft.clear();
      if (!next) return draft.discard();
      const { sheet: _, columns, ...rest } = next;
      draft.keep({ ...rest, columns: columns.map(({ field, unit }) => ({ unit, ...(field === undefined ? {} : { field }) })) });
    },
  ];
}

/** The words of a file: most are of today; a spreadsheet of long ago wrote the signs of one part of the world. */
async function wordsOf(file: File): Promise<string> {
  const bytes = await file.arrayBuffer();
  const text = new TextDecoder('utf-8').decode(bytes);
  return text.includes('\uFFFD') ? new TextDecoder('windows-1252').decode(bytes) : text;
}

/** What the rows are taken into. */
function useTakingInto(personName: string): TakingInto {
  const [people, bodies, patterns, fabrics, makes, wears] = [usePeople(), useBodies(), usePatterns(), useFabrics(), useMakes(), useWears()];
  const [sets, collections] = [useSets(), useCollections()];
  const person = usePerson();
  const { currency } = useSettings();
  const unit = useUnit();
  return useMemo(() => {
    const tables = { people, bodies, patterns, fabrics, makes, wears, sets, collections };
    return { tables, personId: person?.id, personName, unit, currency, today: today(), newId };
  }, [people, bodies, patterns, fabrics, makes, wears, sets, collections, person, personName, unit, currency]);
}

/** A sewist's old spreadsheet, taken in: its columns are guessed, shown with what comes of them, and put right before anything is written. */
export function TakeInATable() {
  const { value: whose, keep: setWhose } = useKept('whom a table is for');
  const into = useTakingInto(whose ?? '');
  const unit = useUnit();
  const picker = useRef<HTMLInputElement>(null);
  const [chosen, setChosen] = useChosen();
  const [problem, setProblem] = useState<string>();
  const [pasted, setPasted] = useState('');

  const guessed = ({ name, sheet, text }: Pick<Chosen, 'name' | 'sheet' | 'text'>, which: SheetName): Chosen => {
    const columns = guessColumns(
      which,
      sheet.heads,
      sheet.rows.map((r) => r.cells),
      unit,
    );
    return { name, sheet, text, which, columns, order: guessOrder(sheet, columns, which, unit) };
  };
  const open = (name: string, text: string) => {
    const read = readSheet(text);
    setProblem(read.ok ? undefined : `${name} was not read. ${read.problem}`);
    // A file that is no table leaves the one before on the page.
    if (read.ok) setChosen(guessed({ name, sheet: read.sheet, text }, guessSheet(read.sheet.heads)));
  };
  const taken = useMemo(
    () => chosen && takeRows(chosen.sheet, { sheet: chosen.which, columns: chosen.columns, order: chosen.order }, into),
    [chosen, into],
  );
  const fresh = taken?.rows.filter((r) => r.state === 'new').length ?? 0;
  const refused = new Map(taken?.rows.flatMap((r) => (r.state === 'not taken' ? [[r.line, r.words]] : [])));
  const hasDays = chosen?.columns.some(({ field }) => SHEET_FIELDS[chosen.which].some((f) => f.key === field && f.kind === 'day'));

  const rowsWords = (count: number) => (count === 1 ? 'one row' : `${count} rows`);
  const takeIn = async () => {
    if (!taken || !chosen) return;
    const writes = taken.records.map(putOf);
    const done = `Imported: ${rowsWords(fresh)}. Ctrl Z takes them out again.`;
    if (!(await save(`${rowsWords(fresh)} of ${chosen.name} imported`, writes, { done }))) return;
    // Rows that could not be taken still wait to be mended.
    setChosen(chosen, refused.size === 0);
  };
  const putAway = () => {
    setChosen(undefined);
    setPasted('');
    if (picker.current) picker.current.value = '';
  };
  const saveRefused = () => {
    if (!chosen) return;
    const text = `\uFEFF${rejectedText(chosen.sheet, refused)}`;
    saveFile(new Blob([text], { type: 'text/csv' }), `${fileNameOf(chosen.name.replace(/\.\w+$/, ''))}-not-taken.csv`);
  };

  return (
    <>
      <PageHead
        title="Import a spreadsheet"
        under="Your old spreadsheet of garments, wears, fabrics, patterns or measures: saved as CSV or TSV, or copied with its headings."
        aside={
          <Link className="underline" to={routes.files}>
            Files
          </Link>
        }
      />
      <div className="flex flex-wrap items-start gap-4">
        <ChooseFile
          id="table-file"
          label="File of a table"
          accept=".csv,.tsv,.txt,text/csv,text/tab-separated-values,text/plain"
          field={picker}
          onFile={(file) => void wordsOf(file).then((text) => open(file.name, text))}
        />
        {chosen ? (
          <p className="flex items-center gap-3 self-end">
            {chosen.name}: {rowsWords(chosen.sheet.rows.length)}
            <Button quiet onClick={putAway}>
              Discard
            </Button>
          </p>
        ) : (
          <label className="flex min-w-64 flex-1 flex-col gap-0.5 text-small text-ink2">
            or paste it here
            <textarea
              className="min-h-[60px] rounded-md border border-rule2 bg-page px-2 py-1 text-base text-ink"
              value={pasted}
              onChange={(e) => {
                setPasted(e.target.value);
                if (e.target.value.includes('\n')) open('the pasted table', e.target.value);
              }}
            />
          </label>
        )}
      </div>
      {!chosen && (
        <p className="mt-3 max-w-3xl text-ink2">
          Days are read as 3/4/25, 9 March 2025 or May 2024, sizes as D or C/D, lengths as 2 1/4 yds or 180 cm, liking as 4/5 or ★★★★. Patterns and
          fabrics that a garment names come along. You see what comes of each row before anything is written.
        </p>
      )}
      {problem && <Refusal className="mt-3 max-w-3xl">{problem}</Refusal>}
      {chosen && taken && (
        <div className="mt-4 grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-8 max-lg:grid-cols-1">
          <section aria-labelledby="columns">
            <h2 id="columns" className="text-head">
              What its columns are
            </h2>
            <div className="my-2 flex flex-wrap items-end gap-4">
              <ChoiceField label="It is a table of" value={chosen.which} all={SHEETS} onValue={(sheet) => setChosen(guessed(chosen, sheet))} />
              {hasDays && (
                <div>
                  <p className="text-small text-ink2">03/04/2025 is</p>
                  <Segmented<DayOrder>
                    label="03/04/2025 is"
                    value={chosen.order}
                    choices={[
                      { value: 'day first', label: '3 April' },
                      { value: 'month first', label: '4 March' },
                    ]}
                    onChange={(order) => setChosen({ ...chosen, order })}
                  />
                </div>
              )}
            </div>
            <ColumnsOfATable {...chosen} own={unit} onColumns={(columns) => setChosen({ ...chosen, columns })} />
          </section>
          <section aria-labelledby="rows">
            <h2 id="rows" className="text-head">
              What comes of its rows
            </h2>
            {into.tables.people.length === 0 && ['makes', 'body measures'].includes(chosen.which) && (
              <TextField
                className="my-2 w-72"
                label="Whom they are for, where the table does not say"
                placeholder="your name"
                value={whose ?? ''}
                onChange={(e) => setWhose(e.target.value)}
              />
            )}
            <div className="my-2 flex flex-wrap items-center gap-2">
              <Button disabled={fresh === 0} onClick={() => void takeIn()}>
                {fresh === 0 ? 'Nothing to import' : `Import ${rowsWords(fresh)}`}
              </Button>
              {refused.size > 0 && (
                <Button quiet onClick={saveRefused}>
                  Save the {refused.size === 1 ? 'row' : `${refused.size} rows`} not taken
                </Button>
              )}
            </div>
            <RowsOfATable rows={taken.rows} />
          </section>
        </div>
      )}
    </>
  );
}
