import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { toast } from 'react-toastify';
import { onShelf, type ShelfFilter } from '../../core/fabric/filter';
import { formatLength, type LengthUnit } from '../../core/units/length';
import { formatMoney } from '../../core/units/money';
import type { Cloth } from '../../core/records';
import { SEASONS } from '../../core/records/seasons';
import { blankCloth } from '../../core/records/blank';
import { newId } from '../../data/new-id';
import { db } from '../../data/database';
import { removalOf } from '../../data/removal';
import { useCloths, useMakes, useUnit } from '../../data/queries';
import { keep } from '../../parts/keep';
import { Swatch } from '../../parts/swatch';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { SelectField, TextField } from '../../ui/field';
import { LengthField } from '../../ui/length-field';
import { Empty, PageHead } from '../../ui/page-head';
import { ClothFields } from './fabric-fields';

function piecesWords({ pieces }: Cloth, unit: LengthUnit): string {
  return pieces.length === 0 ? 'none left' : pieces.map((p) => `${formatLength(p.length, unit)} × ${formatLength(p.width, unit)}`).join(', ');
}

/** One of a few, or any. */
function OneOf<T extends string>({
  label,
  all,
  value,
  onValue,
}: {
  label: string;
  all: readonly T[];
  value: T | undefined;
  onValue: (value: T | undefined) => void;
}) {
  return (
    <SelectField label={label} value={value ?? ''} onChange={(e) => onValue(e.target.value === '' ? undefined : (e.target.value as T))}>
      <option value="">any</option>
      {all.map((one) => (
        <option key={one}>{one}</option>
      ))}
    </SelectField>
  );
}

/** The cloths: what each does, and what is left of it. */
export function ClothShelf() {
  const cloths = useCloths();
  const makes = useMakes();
  const unit = useUnit();
  const [params, setParams] = useSearchParams();
  const [filter, setFilter] = useState<ShelfFilter>({});
  const narrow = (part: Partial<ShelfFilter>) => setFilter({ ...filter, ...part });
  const open = cloths?.find((c) => c.id === params.get('cloth'));
  const used = useMemo(() => {
    const count = new Map<string, number>();
    for (const m of makes ?? []) for (const u of m.cloths) count.set(u.clothId, (count.get(u.clothId) ?? 0) + 1);
    return count;
  }, [makes]);
  const add = async () => {
    const cloth = blankCloth(newId(), 'new cloth');
    if (await keep('a cloth put on the shelf', [{ table: 'cloths', put: cloth }])) setParams({ cloth: cloth.id });
  };
  // The command from the strip opens a new cloth at once.
  const wanted = params.get('new') !== null;
  useEffect(() => {
    if (wanted) void add();
    // Asked once, when the address says so.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [wanted]);
  if (!cloths) return null;
  const rows = onShelf(cloths, filter).sort((a, b) => a.name.localeCompare(b.name));

  const remove = async (cloth: Cloth) => {
    if (used.get(cloth.id)) return toast(`${used.get(cloth.id)} of your makes were cut from ${cloth.name}: it stays, so that they can be compared.`);
    await keep(`${cloth.name} removed`, await removalOf(db, 'cloths', cloth.id));
    setParams({});
    toast('The cloth is removed. Ctrl Z brings it back.');
  };

  return (
    <>
      <PageHead
        title="Cloth shelf"
        under="How far a cloth gives decides what a size means in it."
        aside={
          <div className="flex flex-wrap items-end gap-3">
            <TextField
              label="Filter"
              placeholder="name, colour, fibre …"
              value={filter.words ?? ''}
              onChange={(e) => narrow({ words: e.target.value })}
              className="w-40"
            />
            <OneOf label="Structure" all={['woven', 'knit']} value={filter.structure} onValue={(structure) => narrow({ structure })} />
            <OneOf label="Weight" all={['light', 'medium', 'heavy']} value={filter.weight} onValue={(weight) => narrow({ weight })} />
            <OneOf label="Season" all={SEASONS} value={filter.season} onValue={(season) => narrow({ season })} />
            <LengthField label="A piece of" unit={unit} cm={filter.length} onCm={(length) => narrow({ length })} className="[&_input]:w-20" />
            <Button onClick={() => void add()}>Add a cloth</Button>
          </div>
        }
      />
      {cloths.length === 0 ? (
        <Empty>Cloth that you have, or had, stands here: it comes when you log a make, or with “Add a cloth”.</Empty>
      ) : (
        <div className="overflow-x-auto border border-rule2 bg-page">
          <table className="w-full min-w-[820px] border-collapse">
            <thead className="double-rule-b text-left text-small text-ink2">
              <tr>
                {['', 'Cloth', 'Structure', 'Gives across', 'Weight', 'Price a metre', 'On the shelf', 'Used in'].map((h) => (
                  <th key={h} className="px-3 py-1 font-normal">
                    {h || <span className="sr-only">Swatch</span>}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((c) => (
                <tr key={c.id} className="relative border-b border-rule hover:bg-tint focus-within:bg-tint">
                  <td className="w-14 px-3 py-1">
                    <Swatch swatch={c.swatch} className="size-9" />
                  </td>
                  <td className="px-3 py-1">
                    <button
                      type="button"
                      onClick={() => setParams({ cloth: c.id })}
                      className="text-left font-serif text-[16px] after:absolute after:inset-0"
                    >
                      {c.name}
                    </button>
                    <span className="block text-small text-ink2">{c.fibre}</span>
                  </td>
                  <td className="px-3 py-1">{c.structure}</td>
                  <td className="px-3 py-1">
                    {c.stretchAcross === undefined ? (
                      <span className="text-ink2 italic">not tested</span>
                    ) : c.stretchAcross === 0 ? (
                      'none'
                    ) : (
                      `${c.stretchAcross}\u2009%`
                    )}
                  </td>
                  <td className="px-3 py-1">{c.weight ? `${c.weight}\u2009g/m²` : (c.weightClass ?? '–')}</td>
                  <td className="px-3 py-1">
                    {c.pricePerMetre ? formatMoney(c.pricePerMetre) : <span className="text-ink2 italic">not known</span>}
                  </td>
                  <td className="px-3 py-1">{piecesWords(c, unit)}</td>
                  <td className="px-3 py-1">{used.get(c.id) ?? 0}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {rows.length === 0 && <p className="px-3 py-4 text-ink2">No cloth on the shelf answers all of this.</p>}
        </div>
      )}
      <Dialog side open={open !== undefined} onClose={() => setParams({})} title={open?.name ?? ''}>
        {open && (
          <>
            <ClothFields key={open.id} cloth={open} unit={unit} />
            <Button quiet className="mt-4" onClick={() => void remove(open)}>
              Remove this cloth
            </Button>
          </>
        )}
      </Dialog>
    </>
  );
}
