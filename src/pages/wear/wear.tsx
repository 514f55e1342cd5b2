import { choose } from '../../parts/save';
import { makeName } from '../../core/make/make-name';
import { format, formatDistanceStrict, parseISO } from 'date-fns';
import { Link } from 'react-router';
import { byDay } from '../../core/units/date';
import { outfits } from '../../core/wear/outfits';
import { type WearsOut, wearsOut } from '../../core/wear/wears-out';
import type { Hanging } from '../../core/wear/wardrobe';
import { useFabrics, useMakes, usePatterns, usePerson, useSettings, useWears } from '../../data/queries';
import { today } from '../../data/today';
import { LogFirst } from '../../parts/log-first';
import { useWardrobe } from '../../parts/use-wardrobe';
import { Fold } from '../../ui/fold';
import { Empty, PageHead } from '../../ui/page-head';
import { Segmented } from '../../ui/segmented';
import { BulkEntry } from './bulk-entry';
import { DayCapture } from './day-capture';
import { WearWords } from './wear-words';
import { WearYear } from './wear-year';
import { counted } from '../../core/units/counted';
import { routes } from '../../routes';

/** How many outfits and idle garments are shown. */
const SHOWN = 8;

function Together({ hanging }: { hanging: readonly Hanging[] }) {
  const patterns = usePatterns();
  const wears = useWears();
  const of = new Map(hanging.map((h) => [h.make.id, h.make]));
  const found = outfits(wears).filter((o) => o.makeIds.every((id) => of.has(id)));
  return (
    <Fold head="Worn together" said={found.length === 0 ? 'no outfit noted yet' : `${found.length}`}>
      <ul>
        {found.slice(0, SHOWN).map((o) => (
          <li key={o.makeIds.join()} className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1">
            <span>{o.makeIds.map((id) => makeName(of.get(id)!, patterns)).join(' with ')}</span>
            <span className="text-small text-ink2">
              {[`${o.times}\u202f×`, ...o.occasions, `last ${format(parseISO(o.last), 'd MMM yyyy')}`].join(' · ')}
            </span>
          </li>
        ))}
      </ul>
    </Fold>
  );
}

function NotWornSince({ hanging }: { hanging: readonly Hanging[] }) {
  const patterns = usePatterns();
  const since = ({ make, count }: Hanging) => count.last ?? make.finishedOn ?? make.cutOn;
  // Where neither each wear is noted nor anything of this one, nobody said that it was not worn.
  const idle = hanging
    // What was worn or finished today, or of which wears were told in a number until today, does not lie idle.
    .filter((h) => h.ready && h.inSeason && (h.isNoted || h.months > 0) && since(h) < today())
    .sort((a, b) => byDay(since(a), since(b)));
  const [longest] = idle;
  if (!longest) return null;
  return (
    <Fold head="In season and longest not worn" said={makeName(longest.make, patterns)}>
      <ul>
        {idle.slice(0, SHOWN).map((h) => (
          <li key={h.make.id} className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1">
            <Link to={routes.make(h.make.id)} className="underline-offset-2 hover:underline">
              {makeName(h.make, patterns)}
            </Link>
            <span className="text-small text-ink2">
              {h.count.last
                ? `not for ${formatDistanceStrict(parseISO(h.count.last), new Date())}`
                : `${h.isNoted ? 'never' : 'none noted'}, in ${formatDistanceStrict(parseISO(since(h)), new Date())}`}
            </span>
          </li>
        ))}
      </ul>
    </Fold>
  );
}

function WearsOutList({ list, of }: { list: readonly WearsOut[]; of: string }) {
  return (
    <div>
      <h3 className="font-sans text-small text-ink2">By {of}</h3>
      <ul className="border-t border-rule">
        {list.map((g) => (
          <li key={g.id} className="border-b border-rule py-1">
            {g.name}{' '}
            <span className="text-small text-ink2">
              {counted(g.mends.length, 'mend')} in {counted(g.of, 'make')}
            </span>
            {g.mends.map(({ mend, wears }) => (
              <span key={mend.id} className="block text-small text-ink2">
                {mend.wore ?? mend.what}, after {Math.round(wears)} wears
              </span>
            ))}
          </li>
        ))}
      </ul>
    </div>
  );
}

function WhereItWearsOut({ personId }: { personId: string }) {
  const makes = useMakes();
  const wears = useWears();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const own = makes.filter((m) => m.personId === personId);
  if (!own.some((m) => m.mends.length > 0)) return null;
  const { byFabric, byPattern } = wearsOut(own, wears, patterns, fabrics);
  return (
    <Fold head="What wears out where" said={byFabric[0]?.name ?? ''}>
      <div className="grid grid-cols-2 gap-8 max-sm:grid-cols-1">
        <WearsOutList list={byFabric} of="fabric" />
        <WearsOutList list={byPattern} of="pattern" />
      </div>
    </Fold>
  );
}

/** What is worn: entered in two keys or two touches, and what a year of it says. */
export function WearPage() {
  const person = usePerson();
  const hanging = useWardrobe(person?.id);
  const { hemisphere } = useSettings();
  if (!hanging) return null;
  if (!person || hanging.length === 0)
    return (
      <>
        <PageHead title="Wear" under={person ? `Nothing is sewn for ${person.name} yet.` : 'Nothing is sewn yet.'} />
        <Empty>
          <p>What was worn and when is noted here in two touches; what you wear most, and what it costs a wear, is said of it.</p>
          <LogFirst />
        </Empty>
      </>
    );
  return (
    <>
      <PageHead
        title="Wear"
        under={
          <>
            Worn by {person.name}; each touch is entered at once.{' '}
            <Link className="underline underline-offset-2" to={routes.mostWorn}>
              What is really worn
            </Link>
          </>
        }
        aside={
          <Segmented
            label="Where it is summer in"
            value={hemisphere}
            choices={[
              { value: 'north', label: 'summer in July' },
              { value: 'south', label: 'in January' },
            ]}
            onChange={(next) => void choose({ hemisphere: next })}
            className="max-sm:hidden"
          />
        }
      />
      <DayCapture hanging={hanging} />
      <BulkEntry hanging={hanging.filter((h) => h.inRotation || h.count.times > 0)} />
      <WearYear hanging={hanging} />
      <WearWords hanging={hanging} />
      <Together hanging={hanging} />
      <NotWornSince hanging={hanging} />
      <WhereItWearsOut personId={person.id} />
    </>
  );
}
