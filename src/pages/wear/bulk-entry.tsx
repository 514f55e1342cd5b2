import type { DraftOf } from '../../data/draft-shapes';
import { makeName } from '../../core/make/make-name';
import { useState, type ReactNode } from 'react';
import { estimateOver } from '../../core/wear/estimate';
import type { Hanging } from '../../core/wear/wardrobe';
import { lastSeasons } from '../../core/wear/span';
import { FREQUENCIES } from '../../core/records/wear';
import type { Wear } from '../../core/records';
import { useKept } from '../../data/drafts';
import { newId } from '../../data/new-id';
import { usePatterns, useSettings } from '../../data/queries';
import { today } from '../../data/today';
import { save } from '../../parts/save';
import { Button } from '../../ui/button';
import { DayField } from '../../ui/date-field';
import { SelectField, TextField } from '../../ui/field';
import { Fold } from '../../ui/fold';
import { NumberField } from '../../ui/number-field';
import { Pick } from '../../ui/pick';
import { Segmented } from '../../ui/segmented';
import { counted } from '../../core/units/counted';
import { itemAt } from '../../core/units/item-at';

/** Garments by their ids, in that order; what was removed meanwhile is left out. */
function hangingOf(hanging: readonly Hanging[], ids: readonly string[]): Hanging[] {
  return ids.flatMap((id) => hanging.find((h) => h.make.id === id) ?? []);
}

/** Garments chosen for an entry, each with what `aside` asks of it. */
function Chosen({
  hanging,
  ids,
  onIds,
  aside,
}: {
  hanging: readonly Hanging[];
  ids: readonly string[];
  onIds: (ids: string[]) => void;
  aside: (h: Hanging) => ReactNode;
}) {
  const patterns = usePatterns();
  const left = hanging.filter((h) => !ids.includes(h.make.id));
  return (
    <div>
      <ul>
        {hangingOf(hanging, ids).map((h) => {
          const { id } = h.make;
          return (
            <li key={id} className="flex flex-wrap items-center gap-3 border-b border-rule py-1">
              <span className="min-w-44 flex-1">{makeName(h.make, patterns)}</span>
              {aside(h)}
              <Button quiet onClick={() => onIds(ids.filter((x) => x !== id))} aria-label={`Leave out ${makeName(h.make, patterns)}`}>
                leave out
              </Button>
            </li>
          );
        })}
      </ul>
      <Pick
        label="Which garment"
        labelHidden
        placeholder={ids.length === 0 ? 'which garment?' : 'and which other?'}
        value={undefined}
        options={left.map((h) => ({ id: h.make.id, label: makeName(h.make, patterns) }))}
        onPick={(id) => onIds([...ids, id])}
        className="mt-1 w-64 max-w-full"
      />
    </div>
  );
}

/** Days from and to; a preset names both. */
function useSpan() {
  const { hemisphere } = useSettings();
  const presets = [
    ...lastSeasons(today(), hemisphere).map((s) => ({ name: s.name, from: s.from, until: s.until })),
    { name: 'Since it was finished', from: '', until: today() },
  ];
  const [at, setAt] = useState(1);
  const [own, setOwn] = useState<{ from: string; until: string }>();
  const span = own ?? itemAt(presets, at);
  // What has not come yet was not worn.
  const until = span.until > today() ? today() : span.until;
  const fields = (
    <>
      <SelectField
        label="When"
        value={own ? 'own' : String(at)}
        onChange={(e) => {
          if (e.target.value === 'own') setOwn({ from: itemAt(presets, 1).from, until });
          else {
            setOwn(undefined);
            setAt(Number(e.target.value));
          }
        }}
      >
        {presets.map((p, i) => (
          <option key={p.name} value={i}>
            {p.name}
          </option>
        ))}
        <option value="own">from … until …</option>
      </SelectField>
      {own && (
        <>
          <DayField atOnce label="From" value={own.from} max={today()} onValue={(from) => setOwn({ ...own, from })} />
          <DayField atOnce label="Until" value={own.until} max={today()} onValue={(last) => setOwn({ ...own, until: last })} />
        </>
      )}
    </>
  );
  return { from: span.from, until, fields, inOrder: span.from <= until };
}

const estimateWords = (estimate: ReturnType<typeof estimateOver>): string =>
  !estimate
    ? 'was not finished then'
    : estimate.often === undefined
      ? `about ${estimate.count} times`
      : `${estimate.often}: taken for ${estimate.count}, give or take`;

const EMPTY_BULK: DraftOf<'wear in bulk'> = { ids: [], how: 'about', about: 20 };

/** "About 20 times last summer", or in a word: never, twice, often, constantly. One entry a garment, marked as an estimate. */
function ManyAtOnce({ hanging }: { hanging: readonly Hanging[] }) {
  const { hemisphere } = useSettings();
  const { from, until, fields, inOrder } = useSpan();
  const draft = useKept('wear in bulk');
  const kept = draft.value;
  const { ids, how, about } = { ...EMPTY_BULK, ...kept };
  const change = (part: Partial<DraftOf<'wear in bulk'>>) => draft.keep({ ...EMPTY_BULK, ...kept, ...part });

  /** Undefined where it was not finished then. */
  const estimateOf = ({ make, seasons }: Hanging) =>
    estimateOver(make, seasons, how === 'about' ? { times: about ?? 0 } : { often: how }, { from, until }, hemisphere);
  const chosen = hangingOf(hanging, ids);
  const enter = async () => {
    const wears = chosen.flatMap((h): Wear[] => {
      const estimate = estimateOf(h);
      return estimate ? [{ id: newId(), ...estimate }] : [];
    });
    const said = how === 'about' ? `about ${about} times` : how;
    await save(
      `worn ${said}: ${counted(wears.length, 'garment')}`,
      wears.map((put) => ({ table: 'wears', put })),
      { draft },
    );
  };
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <Segmented
          label="How often"
          value={how}
          choices={[{ value: 'about', label: 'about …' }, ...FREQUENCIES.map((f) => ({ value: f, label: f }))]}
          onChange={(next) => change({ how: next })}
        />
        {how === 'about' && (
          <NumberField label="Times" number={about} whole least={1} most={1000} onNumber={(n) => change({ about: n })} className="w-20" />
        )}
        {fields}
      </div>
      <Chosen
        hanging={hanging}
        ids={ids}
        onIds={(next) => change({ ids: next })}
        aside={(h) => <span className="text-small text-ink2">{estimateWords(estimateOf(h))}</span>}
      />
      <p className="text-small text-ink2">Days noted within that time are held in the number, not added to it.</p>
      <div>
        <Button
          disabled={chosen.length === 0 || !inOrder || chosen.some((h) => !estimateOf(h)) || (how === 'about' && about === undefined)}
          onClick={() => void enter()}
        >
          Enter
        </Button>
      </div>
    </div>
  );
}

/** A journey: what went along and was worn how often, and what stayed folded. */
function Suitcase({ hanging }: { hanging: readonly Hanging[] }) {
  const draft = useKept('suitcase');
  const kept = draft.value;
  const empty: DraftOf<'suitcase'> = { from: today(), until: today(), where: '', ids: [], worn: {} };
  const { from, until, where, ids, worn } = { ...empty, ...kept };
  const change = (part: Partial<DraftOf<'suitcase'>>) => draft.keep({ ...empty, ...kept, ...part });
  const timesOf = (id: string) => worn[id] ?? 0;
  const enter = async () => {
    const occasion = where.trim();
    const wears = ids.map((id): Wear => ({
      id: newId(),
      date: from,
      until,
      makeIds: [id],
      count: timesOf(id),
      ...(occasion === '' ? {} : { occasion }),
    }));
    await save(
      `a suitcase: ${counted(ids.length, 'garment')}`,
      wears.map((put) => ({ table: 'wears', put })),
      { draft },
    );
  };
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-end gap-3">
        <DayField atOnce label="Left on" value={from} onValue={(day) => change({ from: day })} />
        <DayField atOnce label="Back on" value={until} onValue={(day) => change({ until: day })} />
        <TextField label="Where to, or what for" value={where} onChange={(e) => change({ where: e.target.value })} className="w-56" />
      </div>
      <Chosen
        hanging={hanging}
        ids={ids}
        onIds={(next) => change({ ids: next })}
        aside={(h) => (
          <span className="flex items-center gap-1">
            {/* A word at either end: nothing is guessed from a bare figure. */}
            <Button
              aria-label="once less"
              disabled={timesOf(h.make.id) === 0}
              onClick={() => change({ worn: { ...worn, [h.make.id]: timesOf(h.make.id) - 1 } })}
            >
              −
            </Button>
            <span className="w-28 text-center" aria-live="polite">
              {timesOf(h.make.id) === 0 ? 'stayed folded' : `worn ${timesOf(h.make.id)}\u202f×`}
            </span>
            <Button aria-label="once more" onClick={() => change({ worn: { ...worn, [h.make.id]: timesOf(h.make.id) + 1 } })}>
              +
            </Button>
          </span>
        )}
      />
      <div>
        <Button disabled={ids.length === 0 || from === '' || until < from} onClick={() => void enter()}>
          Unpack
        </Button>
      </div>
    </div>
  );
}

/** Wear entered in bulk, for those who do not log every day. */
export function BulkEntry({ hanging }: { hanging: readonly Hanging[] }) {
  // What was begun and not entered stands open again.
  const { value: bulk } = useKept('wear in bulk');
  const { value: packed } = useKept('suitcase');
  return (
    <div className="mb-6">
      <Fold head="Many at once" open={bulk !== undefined} said="about 20 times last summer; never, twice, often, constantly">
        <ManyAtOnce hanging={hanging} />
      </Fold>
      <Fold head="A suitcase" open={packed !== undefined} said="what went along, what stayed folded">
        <Suitcase hanging={hanging} />
      </Fold>
    </div>
  );
}
