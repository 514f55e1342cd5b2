import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { toast } from 'react-toastify';
import { formatLength, type LengthUnit } from '../../core/measure/length';
import { formatMoney } from '../../core/measure/money';
import { PRINTS, type Cloth } from '../../core/records';
import { blankCloth } from '../../core/records/blank';
import { newId } from '../../data/new-id';
import { useCloths, useMakes, useUnit } from '../../data/queries';
import { keep } from '../../parts/keep';
import { Swatch } from '../../parts/swatch';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { SelectField, TextField, WordsField } from '../../ui/field';
import { LengthField } from '../../ui/length-field';
import { NumberField } from '../../ui/number-field';
import { Empty, PageHead } from '../../ui/page-head';

function piecesWords({ pieces }: Cloth, unit: LengthUnit): string {
  return pieces.length === 0 ? 'none left' : pieces.map((p) => `${formatLength(p.length, unit)} × ${formatLength(p.width, unit)}`).join(', ');
}

function ClothFields({ cloth, unit }: { cloth: Cloth; unit: LengthUnit }) {
  const change = (part: Partial<Cloth>) => void keep(`change of ${cloth.name}`, [{ table: 'cloths', from: cloth, to: { ...cloth, ...part } }]);
  const swatch = (part: Partial<Cloth['swatch']>) => change({ swatch: { ...cloth.swatch, ...part } });
  const piece = cloth.pieces[0];
  const setPiece = (length: number | undefined, width: number | undefined) =>
    change({ pieces: length && length > 0 ? [{ length, width: width ?? cloth.width ?? 140 }, ...cloth.pieces.slice(1)] : cloth.pieces.slice(1) });
  return (
    <div className="mt-3 flex flex-col gap-3">
      <div className="flex items-end gap-3">
        <Swatch swatch={cloth.swatch} className="size-16" />
        <WordsField label="Name" words={cloth.name} onWords={(name) => name && change({ name })} className="flex-1" />
      </div>
      <div className="grid grid-cols-2 gap-3">
        <SelectField label="Structure" value={cloth.structure} onChange={(e) => change({ structure: e.target.value as Cloth['structure'] })}>
          <option>woven</option>
          <option>knit</option>
        </SelectField>
        <WordsField label="Fibre" words={cloth.fibre ?? ''} onWords={(fibre) => change({ fibre: fibre || undefined })} />
        <NumberField
          label="Gives across, %"
          hint="10 cm to 13 cm is 30 %; none is 0"
          least={-50}
          most={300}
          number={cloth.stretchAcross}
          onNumber={(stretchAcross) => change({ stretchAcross })}
        />
        <NumberField
          label="Gives along, %"
          least={-50}
          most={300}
          number={cloth.stretchAlong}
          onNumber={(stretchAlong) => change({ stretchAlong })}
        />
        <NumberField label="Weight, g/m²" number={cloth.weight} least={1} most={3000} onNumber={(weight) => change({ weight })} />
        <LengthField label="Width" unit={unit} cm={cloth.width} onCm={(width) => change({ width })} />
        <NumberField
          label={`Price a metre, ${cloth.pricePerMetre?.currency ?? 'EUR'}`}
          number={cloth.pricePerMetre === undefined ? undefined : cloth.pricePerMetre.minor / 100}
          most={10_000}
          onNumber={(price) =>
            change({
              pricePerMetre: price === undefined ? undefined : { minor: Math.round(price * 100), currency: cloth.pricePerMetre?.currency ?? 'EUR' },
            })
          }
        />
        <WordsField label="From" words={cloth.source ?? ''} onWords={(source) => change({ source: source || undefined })} />
        <LengthField label="On the shelf, length" unit={unit} cm={piece?.length} onCm={(cm) => setPiece(cm, piece?.width)} />
        <LengthField label="On the shelf, width" unit={unit} cm={piece?.width} onCm={(cm) => setPiece(piece?.length, cm)} />
        <SelectField label="Print" value={cloth.swatch.print} onChange={(e) => swatch({ print: e.target.value as Cloth['swatch']['print'] })}>
          {PRINTS.map((p) => (
            <option key={p}>{p}</option>
          ))}
        </SelectField>
        <LengthField label="Repeat" unit={unit} cm={cloth.swatch.repeat} onCm={(repeat) => repeat && repeat > 0 && swatch({ repeat })} />
        <TextField label="Ground" type="color" value={cloth.swatch.ground} onChange={(e) => swatch({ ground: e.target.value })} />
        <TextField label="Figure" type="color" value={cloth.swatch.figure} onChange={(e) => swatch({ figure: e.target.value })} />
      </div>
      <WordsField label="How it behaves" words={cloth.behaviour ?? ''} onWords={(behaviour) => change({ behaviour: behaviour || undefined })} />
    </div>
  );
}

/** The cloths: what each does, and what is left of it. */
export function ClothShelf() {
  const cloths = useCloths();
  const makes = useMakes();
  const unit = useUnit();
  const [params, setParams] = useSearchParams();
  const [filter, setFilter] = useState('');
  const open = cloths?.find((c) => c.id === params.get('cloth'));
  const used = useMemo(() => {
    const count = new Map<string, number>();
    for (const m of makes ?? []) for (const u of m.cloths) count.set(u.clothId, (count.get(u.clothId) ?? 0) + 1);
    return count;
  }, [makes]);
  if (!cloths) return null;
  const rows = [...cloths]
    .filter((c) => `${c.name} ${c.fibre ?? ''} ${c.structure}`.toLowerCase().includes(filter.toLowerCase()))
    .sort((a, b) => a.name.localeCompare(b.name));

  const add = async () => {
    const cloth = blankCloth(newId(), 'new cloth');
    await keep('a cloth put on the shelf', [{ table: 'cloths', put: cloth }]);
    setParams({ cloth: cloth.id });
  };
  const remove = async (cloth: Cloth) => {
    if (used.get(cloth.id)) return toast(`${used.get(cloth.id)} of your makes were cut from ${cloth.name}: it stays, so that they can be compared.`);
    await keep(`${cloth.name} removed`, [{ table: 'cloths', remove: cloth.id }]);
    setParams({});
    toast('The cloth is removed. Ctrl Z brings it back.');
  };

  return (
    <>
      <PageHead
        title="Cloth shelf"
        under="How far a cloth gives decides what a size means in it."
        aside={
          <div className="flex items-end gap-3">
            <TextField label="Filter" value={filter} onChange={(e) => setFilter(e.target.value)} className="w-52" />
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
          {rows.length === 0 && <p className="px-3 py-4 text-ink2">No cloth has these letters in its name or fibre.</p>}
        </div>
      )}
      <Dialog side open={open !== undefined} onClose={() => setParams({})} title={open?.name ?? ''}>
        {open && (
          <>
            <ClothFields cloth={open} unit={unit} />
            <Button quiet className="mt-4" onClick={() => void remove(open)}>
              Remove this cloth
            </Button>
          </>
        )}
      </Dialog>
    </>
  );
}
