import { useState } from 'react';
import { Link } from 'react-router';
import { SHEETS, sheetText, type SheetName } from '../../core/archive/tables-out';
import { readParts } from '../../data/archive/ledger-file';
import { db } from '../../data/database';
import { useUnit } from '../../data/queries';
import { today } from '../../data/today';
import { saveFile } from '../../parts/save-file';
import { Button } from '../../ui/button';
import { ChoiceField } from '../../ui/field';
import { Tick } from '../../ui/tick';
import { routes } from '../../routes';

/** One table at a time, as a spreadsheet takes it. */
export function TablesForASpreadsheet() {
  const unit = useUnit();
  const [sheet, setSheet] = useState<SheetName>('makes');
  const [separator, setSeparator] = useState<'comma' | 'tab'>('comma');
  const [money, setMoney] = useState(false);
  const save = async () => {
    const { tables } = await readParts(db);
    // A spreadsheet takes a file for Unicode only by the sign at its beginning.
    const text = `\uFEFF${sheetText(sheet, tables, { unit, money, separator })}`;
    const [ending, type] = separator === 'tab' ? ['tsv', 'text/tab-separated-values'] : ['csv', 'text/csv'];
    saveFile(new Blob([text], { type }), `amber-ledger-${sheet.replace(' ', '-')}-${today()}.${ending}`);
  };
  return (
    <section className="border-t border-rule2 pt-3" aria-labelledby="sheets">
      <h2 id="sheets" className="text-head">
        Tables of a spreadsheet
      </h2>
      <p className="mb-2 text-ink2">Lengths in {unit}; what was paid is left out unless you ask for it.</p>
      <div className="flex flex-wrap items-end gap-3">
        <ChoiceField label="Table" value={sheet} all={SHEETS} onValue={setSheet} />
        <ChoiceField
          label="Written with"
          value={separator}
          all={['comma', 'tab']}
          words={(of) => (of === 'comma' ? 'commas (CSV)' : 'tabs (TSV)')}
          onValue={setSeparator}
        />
        <Tick on={money} onChange={setMoney}>
          with prices
        </Tick>
        <Button onClick={() => void save()}>Save the table</Button>
      </div>
      <p className="mt-2">
        Or the other way round:{' '}
        <Link className="underline" to={routes.table}>
          import a spreadsheet
        </Link>{' '}
        of your own, from an old spreadsheet.
      </p>
    </section>
  );
}
