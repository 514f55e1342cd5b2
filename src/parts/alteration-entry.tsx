import { MoreHorizontal, X } from 'lucide-react';
import { useState } from 'react';
import { alterationPlace, WHEN_WORDS } from '../core/alteration/words';
import { alsoCalled } from '../core/catalogue/alteration-names';
import {
  ALTERATION_KIND_IDS,
  alterationKind,
  asksAllowance,
  asksZones,
  isSized,
  WAY_WORDS,
  type AlterationKindId,
  reminderOf,
} from '../core/catalogue/alterations';
import { effectsOf, placesNotSaid, type EffectContext } from '../core/alteration/effects';
import { formatLength, type LengthUnit } from '../core/units/length';
import { firstOf } from '../core/units/item-at';
import { ZONE_IDS, zoneOf, type ZoneId } from '../core/body/zones';
import { Alteration } from '../core/records';
import { newId } from '../data/new-id';
import { ChoiceField, WordsField } from '../ui/field';
import { keysOf } from '../core/units/keys';
import { LengthField } from '../ui/length-field';
import { Pick } from '../ui/pick';
import { RecordField } from './record-field';
import { ZonePills } from './zone-pills';

/** Zones that a seam crosses, or bounds: where an allowance can be another than elsewhere. */
const SEAMED = ZONE_IDS.filter((z) => zoneOf(z).seams !== 0);

/** A new alteration of a kind, with what is usual filled in. */
function begin(kind: AlterationKindId, zones: readonly ZoneId[], allowance: number | undefined): Alteration {
  const { ways, rule, zones: offered = [] } = alterationKind(kind);
  const first = offered.filter((z) => zones.includes(z));
  return {
    id: newId(),
    kind,
    way: firstOf(ways),
    ...(isSized(kind) ? { direction: 1 as const } : {}),
    purpose: isSized(kind) ? 'fit' : 'style',
    when: 'paper',
    ...(asksZones(kind) ? { zones: first.length > 0 ? (rule.by === 'girth' ? first : first.slice(0, 1)) : offered.slice(0, 1) } : {}),
    ...(rule.by === 'rise' ? { part: 'both' as const } : {}),
    ...(rule.by === 'bust' ? { fullness: 'left in' as const } : {}),
    ...(asksAllowance(kind) ? { allowance: { cut: allowance ?? 1.5, sewn: allowance ?? 1.5 } } : {}),
    ...(rule.by === 'band' ? { band: { cutOff: 0, finished: 0 } } : {}),
  };
}

/** What the alteration does to each zone: the arithmetic that people get wrong, said as it is typed. */
function Result({ alteration, context, unit }: { alteration: Alteration; context: EffectContext; unit: LengthUnit }) {
  if (alteration.purpose === 'fit' && placesNotSaid(alteration).length > 0)
    return <span className="text-small text-ink2">Which places it passes is not said: half of it counts at each that it can.</span>;
  const effects = effectsOf(alteration, context);
  if (effects.length === 0) return null;
  // An allowance touches every zone that a seam crosses: naming three says enough.
  const shown = effects.slice(0, 4);
  return (
    <span className="text-small text-ink2">
      {alteration.purpose === 'style' ? 'for looks: ' : ''}
      {shown
        .map(
          (e) =>
            `${zoneOf(e.zone).label} ${e.sd > 0 ? 'about ' : e.atMost ? 'at most ' : ''}${formatLength(e.cm, unit, { signed: true, about: true })}`,
        )
        .join(' · ')}
      {effects.length > shown.length ? ' …' : ''}
    </span>
  );
}

/** What else can be said of an alteration: to which pieces, at which seams only, how it was done, at which stage, whether the amount is sure. */
function AlterationDetails({ alteration, name, change }: { alteration: Alteration; name: string; change: (part: Partial<Alteration>) => void }) {
  const { kind, amount, allowance, part, when } = alteration;
  return (
    <div className="flex flex-wrap items-end gap-2 pt-1">
      {alterationKind(kind).rule.by !== 'rise' && (
        <ChoiceField
          label="On which pieces"
          value={part ?? 'both'}
          all={['both', 'front', 'back']}
          words={(of) => (of === 'both' ? 'front and back' : `${of} only`)}
          onValue={(of) => change({ part: of === 'both' ? undefined : of })}
        />
      )}
      {amount !== undefined && (
        <ChoiceField
          label="The amount is"
          value={alteration.about ? 'about' : 'known'}
          all={['known', 'about']}
          words={(is) => (is === 'known' ? 'known' : 'about, not sure')}
          onValue={(is) => change({ about: is === 'about' ? true : undefined })}
        />
      )}
      {when === 'body' && (
        <WordsField
          label="At which try-on"
          placeholder="basted, sleeves in …"
          words={alteration.stage ?? ''}
          onWords={(stage) => change({ stage: stage === '' ? undefined : stage })}
        />
      )}
      <RecordField of={Alteration.shape} name="how" value={alteration.how} onValue={(how) => change({ how })} className="min-w-52 flex-1" />
      {allowance && (
        <ZonePills
          label={`${name}: only at the seams across`}
          zones={alteration.zones ?? []}
          offered={SEAMED}
          onZones={(zones) => change({ zones: zones.length === 0 ? undefined : zones })}
        />
      )}
    </div>
  );
}

function AlterationRow({
  alteration,
  context,
  unit,
  onChange,
  onRemove,
  autoFocus,
}: {
  alteration: Alteration;
  context: EffectContext;
  unit: LengthUnit;
  onChange: (a: Alteration) => void;
  onRemove: () => void;
  autoFocus: boolean;
}) {
  const [detailed, setDetailed] = useState(false);
  const kind = alterationKind(alteration.kind);
  const name = alterationPlace(alteration);
  const change = (part: Partial<Alteration>) => onChange({ ...alteration, ...part });
  const setAmount = (amount: number | undefined) => {
    const { amount: _, direction: __, ...rest } = alteration;
    onChange(amount === undefined ? { ...rest, direction: 1 } : { ...rest, amount });
  };
  const { allowance, band } = alteration;
  const sized = isSized(alteration.kind);
  return (
    <li className="border-b border-rule py-1.5">
      <div className="flex flex-wrap items-center gap-x-2 gap-y-1">
        <span className="min-w-28 flex-1 first-letter:uppercase" title={kind.how}>
          {kind.label}
        </span>
        {allowance || band ? (
          <>
            <LengthField
              label={allowance ? 'cut' : 'cut off'}
              unit={unit}
              cm={allowance?.cut ?? band?.cutOff}
              onCm={(cm = 0) => change(allowance ? { allowance: { ...allowance, cut: cm } } : { band: { ...band!, cutOff: cm } })}
              className="[&_input]:w-16"
            />
            <LengthField
              label={allowance ? 'sewn' : 'band, finished'}
              unit={unit}
              cm={allowance?.sewn ?? band?.finished}
              onCm={(cm = 0) => change(allowance ? { allowance: { ...allowance, sewn: cm } } : { band: { ...band!, finished: cm } })}
              className="[&_input]:w-16"
            />
          </>
        ) : !sized ? (
          <WordsField
            label={`${name}: what`}
            labelHidden
            placeholder="say which part"
            autoFocus={autoFocus}
            words={alteration.note ?? ''}
            onWords={(note) => change({ note: note === '' ? undefined : note })}
            className="min-w-40 flex-1"
          />
        ) : (
          <LengthField
            label={`${name}: amount; plus is ${kind.plus}${kind.minus ? `, minus is ${kind.minus}` : ''}`}
            labelHidden
            placeholder="+ or −"
            autoFocus={autoFocus}
            unit={unit}
            cm={alteration.amount}
            onCm={setAmount}
            className="[&_input]:w-[72px]"
          />
        )}
        {sized && !allowance && !band && alteration.amount === undefined && (
          <ChoiceField
            label={`${name}: direction`}
            labelHidden
            value={alteration.direction ?? 1}
            all={kind.minus ? [1, -1] : [1]}
            words={(direction) => `${direction > 0 ? kind.plus : kind.minus} a bit`}
            onValue={(direction) => change({ direction })}
          />
        )}
        {kind.ways.length > 1 && (
          <ChoiceField
            label={`${name}: how it was measured`}
            labelHidden
            value={alteration.way}
            all={kind.ways}
            words={(way) => WAY_WORDS[way]}
            onValue={(way) => change({ way })}
          />
        )}
        {kind.rule.by === 'rise' && (
          <ChoiceField
            label={`${name}: which pieces`}
            labelHidden
            value={alteration.part ?? 'both'}
            all={['both', 'front', 'back']}
            words={(part) => (part === 'both' ? 'front and back' : part)}
            onValue={(part) => change({ part })}
          />
        )}
        {kind.rule.by === 'bust' && (
          <ChoiceField
            label={`${name}: fullness at waist and hip`}
            labelHidden
            value={alteration.fullness ?? 'left in'}
            all={['left in', 'taken out']}
            words={(fullness) => (fullness === 'left in' ? 'fullness left in at waist and hip' : 'taken out again at waist and hip')}
            onValue={(fullness) => change({ fullness })}
          />
        )}
        <ChoiceField
          label={`${name}: when`}
          labelHidden
          className="[&_select]:w-[128px]"
          value={alteration.when}
          all={keysOf(WHEN_WORDS)}
          words={(when) => WHEN_WORDS[when]}
          onValue={(when) => change({ when })}
        />
        <ChoiceField
          label={`${name}: for fit or for looks`}
          labelHidden
          className="[&_select]:w-[98px] max-sm:[&_select]:w-[118px]"
          value={alteration.purpose}
          all={['fit', 'style']}
          words={(purpose) => (purpose === 'fit' ? 'for fit' : 'for looks')}
          onValue={(purpose) => change({ purpose })}
        />
        <span className="ml-auto flex items-center gap-1">
          <button
            type="button"
            aria-label={`${name}: more about it`}
            aria-expanded={detailed}
            onClick={() => setDetailed(!detailed)}
            className="min-h-6 min-w-6 rounded-md px-1 text-ink2 hover:bg-tint max-sm:min-h-11 max-sm:min-w-11"
          >
            <MoreHorizontal size={15} aria-hidden className="inline" />
          </button>
          <button
            type="button"
            aria-label={`Remove ${name}`}
            onClick={onRemove}
            className="min-h-6 min-w-6 rounded-md px-1 text-ink2 hover:bg-tint max-sm:min-h-11 max-sm:min-w-11"
          >
            <X size={15} aria-hidden className="inline" />
          </button>
        </span>
      </div>
      {detailed && <AlterationDetails alteration={alteration} name={name} change={change} />}
      <div className="flex flex-wrap items-center gap-x-3">
        {kind.zones && (
          <ZonePills
            label="at"
            zones={alteration.zones ?? []}
            offered={kind.zones}
            single={kind.rule.by === 'band'}
            onZones={(zones) => change({ zones })}
          />
        )}
        {!allowance && !band && alteration.amount !== undefined && (
          <span className="text-small">{alteration.amount < 0 ? (kind.minus ?? kind.plus) : kind.plus}</span>
        )}
        <Result alteration={alteration} context={context} unit={unit} />
        <span className="text-small text-ink2">
          {/* How it is done is said while it is being entered, what is easily forgotten as long as it stands. */}
          {alteration.amount === undefined && kind.how} <i>{reminderOf(alteration)}</i>
        </span>
      </div>
    </li>
  );
}

/** What was changed against the pattern as drafted: picked by typing, with the girth or length that results. */
export function AlterationEntry({
  alterations,
  context,
  zones,
  allowance,
  unit,
  onChange,
}: {
  alterations: readonly Alteration[];
  context: EffectContext;
  /** Zones that decide the fit; girths among them are offered first. */
  zones: readonly ZoneId[];
  /** The pattern's seam allowance, cm. */
  allowance: number | undefined;
  unit: LengthUnit;
  onChange: (alterations: Alteration[]) => void;
}) {
  const options = ALTERATION_KIND_IDS.map((id) => {
    const { label, plus, minus } = alterationKind(id);
    return { id, label, detail: minus ? `${plus} or ${minus}` : plus, also: alsoCalled(id) };
  });
  return (
    <div>
      <ul className="border-t border-rule">
        {alterations.map((a) => (
          <AlterationRow
            key={a.id}
            alteration={a}
            context={context}
            unit={unit}
            autoFocus={a.amount === undefined && a.note === undefined && a.marked === undefined}
            onChange={(changed) => onChange(alterations.map((b) => (b.id === a.id ? changed : b)))}
            onRemove={() => onChange(alterations.filter((b) => b.id !== a.id))}
          />
        ))}
      </ul>
      <Pick
        label="Add an alteration"
        labelHidden
        placeholder="add an alteration: sleeve, rise, side seams …"
        value={undefined}
        options={options}
        onPick={(id) => onChange([...alterations, begin(id, zones, allowance)])}
        className="mt-1.5"
      />
    </div>
  );
}
