import { isFitless } from '../../core/records/usual-zones';
import { versionsOf } from '../../core/make/versions';
import { isUndated, makeDayWords } from '../../core/make/its-day';
import { mainFabric } from '../../core/make/main-fabric';
import { ChevronDown, ChevronRight } from 'lucide-react';
import clsx from 'clsx';
import { memo, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { zoneList } from '../../core/alteration/words';
import type { Fabric, Make } from '../../core/records';
import { useTradeWords } from '../../data/queries';
import { Tick } from '../../ui/tick';
import { GarmentPicture } from '../garment-picture';
import { MarkMake } from '../marked-makes';
import { accountRows, type AccountProps, type Group, type Row } from './rows';
import { VersionsThatCount } from './versions-that-count';
import { counted } from '../../core/units/counted';
import { routes } from '../../routes';

/** A triangle on the edge that a cell shares with the version before, as pattern pieces bear notches where they meet. */
function Notch() {
  return (
    <svg width={8} height={12} className="absolute top-1/2 left-0 -translate-y-1/2" role="img" aria-label="changed since the version before:">
      <path d="M0 0L8 6L0 12Z" fill="var(--c-ink)" />
    </svg>
  );
}

const give = (fabric: Fabric | undefined) =>
  fabric === undefined
    ? 'fabric not noted'
    : fabric.stretchAcross === undefined
      ? `${fabric.name}, stretch not tested`
      : fabric.stretchAcross === 0
        ? `${fabric.name}, no stretch`
        : `${fabric.name}, ${fabric.stretchAcross}\u202f% stretch`;

const KIND_WORDS: Record<Make['kind'], string> = {
  garment: '',
  toile: 'toile · ',
  'wearable toile': 'wearable toile · ',
  refashion: 'refashion · ',
  'without fit': '',
};

/** Whether the versions differ in a row; one of which nothing is known differs from none. */
function differ(row: Row, makes: readonly Make[]): boolean {
  return new Set(makes.map(row.said).filter((said) => said !== undefined)).size > 1;
}

// A collapsed border stays behind when its cell sticks: the rules of what stays in view are drawn within it.
const HEAD_CELL = 'sticky left-0 z-20 bg-page after:absolute after:inset-y-0 after:right-0 after:w-[3px] after:border-x after:border-rule2';
const CARRY_RULE = 'before:absolute before:inset-y-0 before:left-0 before:w-[2px] before:bg-amber';
const CARRY_CELL = `sticky right-0 z-20 bg-amber-wash max-sm:relative ${CARRY_RULE}`;
/** Beneath the heads: a double rule that stays with them. */
const UNDER_HEADS = 'shadow-[inset_0_-1px_0_var(--c-rule2),inset_0_-2px_0_var(--c-page),inset_0_-3px_0_var(--c-rule2)]';
/** Groups that are folded until they are asked for. */
const FOLDED = ['Making'];

/** The rows of a group; they are drawn once, and only shown or hidden when it folds. */
const Rows = memo(function Rows({ group, makes }: { group: Group; makes: readonly Make[] }) {
  return (
    <>
      {group.rows.map((row) => (
        <tr key={row.key} className="h-[31px] border-b border-rule">
          <th scope="row" className={clsx(HEAD_CELL, 'px-3 py-1 text-left font-normal text-ink2 first-letter:uppercase')}>
            {row.head}
          </th>
          {makes.map((m, i) => {
            const before = makes[i - 1];
            return (
              <td
                key={m.id}
                className={clsx(
                  'relative border-r border-rule px-3 py-1 align-middle',
                  m.kind === 'toile' && 'bg-paper',
                  m.setAside !== undefined && 'opacity-70',
                )}
              >
                {before && row.changed?.(m, before) && <Notch />}
                {row.cell(m)}
              </td>
            );
          })}
          <td className={clsx(CARRY_CELL, 'px-3 py-1')}>{row.carry}</td>
        </tr>
      ))}
    </>
  );
});

/** A group of rows that folds by itself: the others need not be drawn again for it, however many versions there are. */
const GroupRows = memo(function GroupRows({ group, makes }: { group: Group; makes: readonly Make[] }) {
  const [open, setOpen] = useState(!FOLDED.includes(group.name));
  return (
    <>
      <tbody>
        <tr className="h-[25px] border-y border-rule bg-tint">
          <th scope="rowgroup" className="sticky left-0 z-20 bg-tint px-3 py-0 text-left font-normal">
            <button
              type="button"
              aria-expanded={open}
              onClick={() => setOpen(!open)}
              className="-ml-1.5 flex h-6 min-w-20 items-center gap-0.5 font-serif text-large leading-6 text-ink2 italic hover:text-ink max-sm:h-11"
            >
              {open ? <ChevronDown size={13} aria-hidden /> : <ChevronRight size={13} aria-hidden />}
              {group.name}
            </button>
          </th>
          <td colSpan={makes.length} />
          <td className={clsx('sticky right-0 z-20 bg-amber-tint max-sm:relative', CARRY_RULE)} />
        </tr>
      </tbody>
      <tbody hidden={!open}>
        <Rows group={group} makes={makes} />
      </tbody>
    </>
  );
});

/** The account of a pattern: versions run left to right, what was learned is carried forward at the end and always in view. */
export function Account(props: AccountProps) {
  const { input, carried } = props;
  const inWords = useTradeWords();
  const makes = useMemo(() => versionsOf(input), [input]);
  const thatCount = useMemo(() => {
    const ids = new Set(carried.columns.filter((c) => c.counts).map((c) => c.makeId));
    return makes.filter((m) => ids.has(m.id));
  }, [carried, makes]);
  const notes = carried.zones.reduce((n, z) => n + z.evidence.length, 0);
  const [onlyOther, setOnlyOther] = useState(false);
  const all = useMemo(() => accountRows(props), [props]);
  const groups = useMemo(
    () => (onlyOther ? all.map((g) => ({ ...g, rows: g.rows.filter((r) => differ(r, makes)) })).filter((g) => g.rows.length > 0) : all),
    [all, makes, onlyOther],
  );

  // On a phone the last column cannot stay in view beside the heads: the account opens at it instead.
  const box = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    if (box.current && window.matchMedia('(max-width: 640px)').matches) box.current.scrollLeft = box.current.scrollWidth;
  }, [input.pattern.id]);

  return (
    <>
      {makes.length > 1 && (
        <div className="mb-1 flex flex-wrap items-center justify-end gap-x-5 print:hidden">
          <Tick on={onlyOther} onChange={setOnlyOther}>
            Only what differs
          </Tick>
          <VersionsThatCount makes={makes} counted={thatCount} />
          {props.tools}
        </div>
      )}
      <div
        ref={box}
        className="relative overflow-auto border border-rule2 bg-page sm:max-h-[calc(100dvh-80px)] print:max-h-none print:overflow-visible"
        tabIndex={0}
        role="region"
        aria-label={`Account of ${input.pattern.name}`}
      >
        <table className="w-full table-fixed border-collapse" style={{ minWidth: 118 + 272 + makes.length * 200 }}>
          <colgroup>
            <col className="w-[118px] max-sm:w-[104px]" />
            {makes.map((m) => (
              <col key={m.id} />
            ))}
            <col className="w-[272px] max-sm:w-[256px]" />
          </colgroup>
          <thead className="sticky top-0 z-30 bg-page print:static">
            <tr className="align-top">
              <td className={clsx(HEAD_CELL, UNDER_HEADS, 'px-3 py-2 align-bottom text-small leading-4 text-ink2')}>
                {isFitless(input.pattern.kind) ? '' : `offset against the pattern, ${props.unit}`}
              </td>
              {makes.map((m) => (
                <th
                  key={m.id}
                  scope="col"
                  className={clsx(
                    UNDER_HEADS,
                    'border-r border-rule px-3 py-1.5 text-left font-normal',
                    m.kind === 'toile' && 'bg-tint',
                    m.setAside !== undefined && 'opacity-70',
                  )}
                >
                  <span className="flex items-start justify-between gap-2">
                    <span>
                      <Link to={routes.make(m.id)} className="font-serif text-head leading-6 underline-offset-2 hover:underline">
                        Version {m.version}
                      </Link>
                      <span className="block text-small leading-[17px] text-ink2">
                        {inWords(KIND_WORDS[m.kind])}
                        {isUndated(m) ? 'day not noted' : makeDayWords(m, m.cutOn, 'MMMM yyyy')}
                      </span>
                      <span className="block text-small leading-[17px] text-ink2">{give(mainFabric(m, input.fabrics).fabric)}</span>
                      {!thatCount.includes(m) && (
                        <span className="block text-small leading-[17px] text-ink2 italic">
                          {m.state === 'abandoned' ? 'abandoned' : 'left out of the reckoning'}
                        </span>
                      )}
                    </span>
                    <span className="flex shrink-0 flex-col items-end">
                      <GarmentPicture small pattern={input.pattern} make={m} fabrics={input.fabrics} className="h-[54px] w-11" />
                      <MarkMake id={m.id} name={`${input.pattern.name} version ${m.version}`} />
                    </span>
                  </span>
                </th>
              ))}
              <th scope="col" className={clsx(CARRY_CELL, UNDER_HEADS, 'border-t-4 border-t-amber-fill px-3 py-1 text-left font-normal')}>
                <span className="font-serif text-head leading-6 text-amber">Carry forward</span>
                <span className="block text-small leading-[17px] text-ink2">
                  from {counted(thatCount.length, 'version')}
                  {!isFitless(input.pattern.kind) && ` and ${counted(notes, 'fit note')}`}
                </span>
                {carried.notNoted.length > 0 && (
                  <span className="block text-small leading-[17px] text-ink2">nothing noted on {zoneList(carried.notNoted)}</span>
                )}
              </th>
            </tr>
          </thead>
          {groups.map((group) => (
            <GroupRows key={group.name} group={group} makes={makes} />
          ))}
        </table>
      </div>
    </>
  );
}
