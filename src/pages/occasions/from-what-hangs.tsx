import { useMemo, useState } from 'react';
import { mainFabric } from '../../core/make/main-fabric';
import type { Occasion, Person } from '../../core/records';
import { suitsTheDay } from '../../core/schedule/for-an-occasion';
import { packFor } from '../../core/schedule/goes-with';
import { counted } from '../../core/units/counted';
import { dayNumber } from '../../core/units/date';
import { seasonOf, seasonsOf } from '../../core/wear/season';
import { useFabrics, useSettings } from '../../data/queries';
import { useWhatHangs } from '../../parts/what-hangs';
import { NumberField } from '../../ui/number-field';

/** More days than these are no suitcase. */
const MOST_DAYS = 60;

/** How many days it takes: a journey has a last one. */
export const daysOf = ({ date, until }: Occasion): number => Math.max(1, until === undefined ? 1 : dayNumber(until) - dayNumber(date) + 1);

/** What hangs already: an outfit for each day from the fewest garments that suit it. */
export function FromWhatHangs({ occasion, person }: { occasion: Occasion; person: Person }) {
  const hangs = useWhatHangs(person);
  const fabrics = useFabrics();
  const { hemisphere } = useSettings();
  const [days, setDays] = useState(Math.min(MOST_DAYS, daysOf(occasion)));
  const season = seasonOf(occasion.date, hemisphere);
  const { packed, outfits, unsuited } = useMemo(() => {
    const inSeason = hangs.filter((h) => !h.make || seasonsOf(h.make, fabrics).includes(season));
    const suits = inSeason.filter(
      ({ kind, make }) => !suitsTheDay(occasion, kind, make && mainFabric(make, fabrics).fabric).some((r) => r.hard !== undefined),
    );
    return { ...packFor(days, suits), unsuited: inSeason.length - suits.length };
  }, [hangs, fabrics, season, days, occasion]);
  return (
    <section aria-labelledby="hangs">
      <h2 id="hangs" className="text-head">
        From what hangs
      </h2>
      <NumberField
        label="Outfits, for days"
        number={days}
        whole
        least={1}
        most={MOST_DAYS}
        onNumber={(n) => n !== undefined && setDays(n)}
        className="w-36"
      />
      <p className="mt-1 text-small text-ink2">
        {outfits.length === 0
          ? `Nothing that hangs makes an outfit for it in ${season}, as far as kinds and fabrics say.`
          : `${counted(outfits.length, 'outfit')} from ${counted(packed.length, 'garment')}${outfits.length < days ? '; more do not hang together' : ''}.`}
        {unsuited > 0 && ` Left out: ${counted(unsuited, 'garment')} too warm or too plain for it.`}
      </p>
      <ol className="border-t border-rule">
        {outfits.map((outfit, i) => (
          <li key={outfit.map((g) => g.id).join(' ')} className="border-b border-rule py-1 text-small">
            {outfits.length > 1 && <span className="text-ink2">{i + 1}. </span>}
            {outfit.map((g) => g.name).join(' with ')}
          </li>
        ))}
      </ol>
    </section>
  );
}
