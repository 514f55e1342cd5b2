import { isFitless } from '../../core/records/usual-zones';
import { zoneList } from '../../core/alteration/words';
import { ownDecision } from '../../core/decide/reckoning';
import type { CarryForward } from '../../core/forecast/carry-forward';
import { isChanged } from '../../core/forecast/summary';
import { zoneOf } from '../../core/body/zones';
import type { Pattern } from '../../core/records';
import { allOf } from '../../core/units/counted';
import { percent } from '../../core/units/percent';

/** The chance that all places are right at once, where there are several; those of which nothing was noted are in no chance, and are said. */
function ofAllPlaces({ zones, notNoted, allAtOnce }: CarryForward): string {
  const noted = zones.length - notNoted.length;
  const some = notNoted.length > 0;
  return [
    ...(noted > 1 && allAtOnce !== undefined ? [` · ${allOf(noted)}${some ? ' noted' : ''} at once ${percent(allAtOnce)}`] : []),
    ...(some ? [` · ${notNoted.length} of ${zones.length} places not noted yet`] : []),
  ].join('');
}

/** What to do next, in the head of the account: the one warm light on the page. An account has a version, be it one that nothing was said of. */
export function NextInAWord({ pattern, carried, answer }: { pattern: Pattern; carried: CarryForward; answer: string }) {
  const own = ownDecision(pattern, carried.last.personId);
  const changes = carried.zones.filter(isChanged);
  const cut =
    carried.weakest === undefined
      ? isFitless(pattern.kind)
        ? ''
        : 'nothing noted yet'
      : changes.length === 0
        ? 'cut it as last time'
        : `change ${changes.length < 3 ? zoneList(changes.map((c) => c.zone)) : `${changes.length} places`}`;
  return (
    <div className="max-w-[30rem] text-right text-balance max-sm:text-left">
      <p className="font-serif text-sum leading-6 text-amber first-letter:uppercase">{own?.answer ?? answer}</p>
      <p className="text-ink2">
        {own && `you said so: ${own.why} · `}
        {cut}
        {carried.weakest && ` · weakest place: ${zoneOf(carried.weakest.zone).label}, ${percent(carried.weakest.chance)}${ofAllPlaces(carried)}`}
      </p>
    </div>
  );
}
