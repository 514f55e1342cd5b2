import { WEIGHTS } from '../../core/fabric/weight';
import { formatFabricWeight } from '../../core/units/fabric-weight';
import clsx from 'clsx';
import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { toast } from 'react-toastify';
import { inStash, type StashFilter } from '../../core/fabric/filter';
import { formatLength, type LengthUnit } from '../../core/units/length';
import { formatMoney } from '../../core/units/money';
import type { Fabric, Piece } from '../../core/records';
import { SEASONS } from '../../core/records/seasons';
import { blankFabric } from '../../core/records/blank';
import { newId } from '../../data/new-id';
import { db } from '../../data/database';
import { removalOf } from '../../data/removal';
import { useFabrics, useMakes, usePatterns, usePlans, useTradeWords, useUnit } from '../../data/queries';
import { save } from '../../parts/save';
import { Swatch } from '../../parts/swatch';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { ChoiceOrNone, SelectField, TextField } from '../../ui/field';
import { LengthField } from '../../ui/length-field';
import { Empty, PageHead } from '../../ui/page-head';
import { notedWidth } from '../../core/fabric/usual-width';
import { planName } from '../../core/make/plan-name';
import { fabricFor } from '../../core/plan/fabric-for-plan';
import { usePlanInWork } from '../sew-next/use-plan';
import { FabricFields } from './fabric-fields';
import { withId } from '../../core/units/by-id';

/** A piece by what was noted of it, or of its fabric. */
function sizeOfPiece(piece: Piece, fabric: Fabric, unit: LengthUnit): string {
  const width = notedWidth(fabric, piece);
  return width === undefined ? formatLength(piece.length, unit) : `${formatLength(piece.length, unit)} × ${formatLength(width, unit)}`;
}

/** @param wasThere whether a garment was cut from what was noted of it: of what came with a garment nobody said how much there was */
function piecesWords(fabric: Fabric, unit: LengthUnit, wasThere: boolean): string {
  if (fabric.pieces.length === 0) return wasThere ? 'none left' : 'none noted';
  return fabric.pieces.map((piece) => sizeOfPiece(piece, fabric, unit)).join(', ');
}

/** What a table says of each fabric; on a phone what one asks in a shop: how it stretches, and how much of it there is. */
const COLUMNS: readonly { readonly head: string; readonly onPhone: boolean }[] = [
  { head: 'Swatch', onPhone: true },
  { head: 'Fabric', onPhone: true },
  { head: 'Structure', onPhone: false },
  { head: 'Crosswise stretch', onPhone: true },
  { head: 'Weight', onPhone: false },
  { head: 'Price a metre', onPhone: false },
  { head: 'In the stash', onPhone: true },
  { head: 'Used in', onPhone: false },
];
const CELL = 'px-3 py-1 max-sm:px-2';
const NOT_ON_PHONE = `${CELL} max-sm:hidden`;

/** The fabrics: what each does, and what is left of it. */
export function Stash() {
  const fabrics = useFabrics();
  const makes = useMakes();
  const unit = useUnit();
  const inWords = useTradeWords();
  const [params, setParams] = useSearchParams();
  const [filter, setFilter] = useState<StashFilter>({});
  const patterns = usePatterns();
  const plans = usePlans().filter((p) => p.state === 'open' && p.patternId !== undefined && p.kind !== 'mend');
  const [planId, setPlanId] = useState<string>();
  const meant = usePlanInWork(planId);
  const enough = useMemo(() => {
    if (!meant) return undefined;
    // What is cut from another fabric than was planned takes what it takes of that one.
    const make = { ...meant.make, fabrics: [] };
    return (fabric: Fabric) => fabricFor(meant.input, make, fabric, meant.request.today).hand.answer !== 'not enough';
  }, [meant]);
  const narrow = (part: Partial<StashFilter>) => setFilter({ ...filter, ...part });
  const open = withId(fabrics, params.get('fabric'));
  const used = useMemo(() => {
    const count = new Map<string, number>();
    for (const m of makes) for (const u of m.fabrics) count.set(u.fabricId, (count.get(u.fabricId) ?? 0) + 1);
    return count;
  }, [makes]);
  const cutFrom = useMemo(() => new Set(makes.flatMap((m) => m.fabrics.filter((u) => (u.taken ?? 0) > 0).map((u) => u.fabricId))), [makes]);
  const add = async () => {
    const fabric = blankFabric(newId(), 'new fabric');
    if (await save('a fabric put in the stash', [{ table: 'fabrics', put: fabric }])) setParams({ fabric: fabric.id });
  };
  // The command from the strip opens a new fabric at once.
  const wanted = params.get('new') !== null;
  useEffect(() => {
    if (wanted) void add();
    // Asked once, when the address says so.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [wanted]);
  const rows = inStash(fabrics, enough ? { ...filter, enough } : filter).sort((a, b) => a.name.localeCompare(b.name));

  const remove = async (fabric: Fabric) => {
    if (used.get(fabric.id))
      return toast(`${used.get(fabric.id)} of your makes were cut from ${fabric.name}: it stays, so that they can be compared.`);
    const done = 'The fabric is removed. Ctrl Z brings it back.';
    if (await save(`${fabric.name} removed`, () => removalOf(db, 'fabrics', fabric.id), { done })) setParams({});
  };

  return (
    <>
      <PageHead
        title="Stash"
        under="How far a fabric stretches decides what a size means in it."
        aside={
          <div className="flex flex-wrap items-end gap-3">
            {fabrics.length > 0 && (
              <>
                <TextField
                  label="Filter"
                  placeholder={inWords('name, colour, fibre …')}
                  value={filter.words ?? ''}
                  onChange={(e) => narrow({ words: e.target.value })}
                  className="w-40"
                />
                <ChoiceOrNone
                  none="any"
                  label="Structure"
                  all={['woven', 'knit']}
                  value={filter.structure}
                  onValue={(structure) => narrow({ structure })}
                />
                <ChoiceOrNone none="any" label="Weight" all={[...WEIGHTS]} value={filter.weight} onValue={(weight) => narrow({ weight })} />
                <ChoiceOrNone none="any" label="Season" all={SEASONS} value={filter.season} onValue={(season) => narrow({ season })} />
                <LengthField label="A piece of" unit={unit} cm={filter.length} onCm={(length) => narrow({ length })} className="[&_input]:w-20" />
                {plans.length > 0 && (
                  <SelectField
                    label="Enough for"
                    value={planId ?? ''}
                    onChange={(e) => setPlanId(e.target.value === '' ? undefined : e.target.value)}
                    className="max-w-44"
                  >
                    <option value="">any plan or none</option>
                    {plans.map((p) => (
                      <option key={p.id} value={p.id}>
                        {planName(p, patterns)}
                      </option>
                    ))}
                  </SelectField>
                )}
              </>
            )}
            <Button onClick={() => void add()}>Add a fabric</Button>
          </div>
        }
      />
      {fabrics.length === 0 ? (
        <Empty>
          Fabric that you have, or had, stands here. It comes with what you log, with “Add a fabric”, or by the line, as you would say it:{' '}
          <i>bought 3 m navy linen, 150 wide</i>.
        </Empty>
      ) : (
        <div className="overflow-x-auto border border-rule2 bg-page">
          <table className="w-full border-collapse sm:min-w-[820px]">
            <thead className="double-rule-b text-left text-small text-ink2">
              <tr>
                {COLUMNS.map(({ head, onPhone }) => (
                  <th key={head} className={clsx(onPhone ? CELL : NOT_ON_PHONE, 'font-normal')}>
                    <span className={clsx(head === 'Swatch' && 'sr-only')}>{head}</span>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((c) => (
                <tr key={c.id} className="relative border-b border-rule hover:bg-tint focus-within:bg-tint">
                  <td className={clsx(CELL, 'w-14')}>
                    <Swatch swatch={c.swatch} className="size-9" />
                  </td>
                  <td className={CELL}>
                    <button
                      type="button"
                      onClick={() => setParams({ fabric: c.id })}
                      className="text-left font-serif text-name after:absolute after:inset-0"
                    >
                      {c.name}
                    </button>
                    <span className="block text-small text-ink2">{c.fibre}</span>
                  </td>
                  <td className={NOT_ON_PHONE}>{c.structure}</td>
                  <td className={CELL}>
                    {c.stretchAcross === undefined ? (
                      <span className="text-ink2 italic">not tested</span>
                    ) : c.stretchAcross === 0 ? (
                      'none'
                    ) : (
                      `${c.stretchAcross}\u202f%`
                    )}
                  </td>
                  <td className={NOT_ON_PHONE}>{c.weight ? formatFabricWeight(c.weight, unit) : (c.weightClass ?? '–')}</td>
                  <td className={NOT_ON_PHONE}>
                    {c.pricePerMetre ? (
                      `${formatMoney(c.pricePerMetre)}${c.pricedBy === 'yard' ? ' a yard' : ''}`
                    ) : (
                      <span className="text-ink2 italic">not known</span>
                    )}
                  </td>
                  <td className={CELL}>{piecesWords(c, unit, cutFrom.has(c.id))}</td>
                  <td className={NOT_ON_PHONE}>{used.get(c.id) ?? 0}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {rows.length === 0 && <p className="px-3 py-4 text-ink2">No fabric in the stash answers all of this.</p>}
        </div>
      )}
      <Dialog side open={open !== undefined} onClose={() => setParams({})} title={open?.name ?? ''}>
        {open && (
          <>
            <FabricFields key={open.id} fabric={open} unit={unit} />
            <Button quiet className="mt-4" onClick={() => void remove(open)}>
              Remove this fabric
            </Button>
          </>
        )}
      </Dialog>
    </>
  );
}
