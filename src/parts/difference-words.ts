import { alterationAmount, alterationPlace, sizeLineWords } from '../core/alteration/words';
import { formatLength, type LengthUnit } from '../core/units/length';
import { listed } from '../core/units/listed';
import { BODY_MEASURES, zoneOf } from '../core/body/zones';
import type { VersionDifference } from '../core/versions/differences';

/** A difference between two versions in a line: `hip: C → D`, `sleeve length: nothing → +1.5 cm`. */
export function differenceWords(d: VersionDifference, unit: LengthUnit): string {
  const length = (cm: number) => formatLength(cm, unit, { about: true });
  switch (d.what) {
    case 'size':
      return `${d.zone === 'all' ? 'size' : zoneOf(d.zone).label}: ${sizeLineWords(d.from)} → ${sizeLineWords(d.to)}`;
    case 'alteration': {
      const one = (d.to ?? d.from)!;
      return `${alterationPlace(one)}: ${d.from ? alterationAmount(d.from, unit) : 'nothing'} → ${d.to ? alterationAmount(d.to, unit) : 'nothing'}`;
    }
    case 'seam allowance':
      return `seams sewn narrower than cut: ${length(d.from)} → ${length(d.to)}`;
    case 'fabric':
      return `fabric: ${d.from?.name ?? 'not noted'} → ${d.to?.name ?? 'not noted'}${d.properties.length > 0 ? `, other ${listed(d.properties)}` : ''}`;
    case 'body':
      return `body, ${BODY_MEASURES[d.measure]}: ${length(d.from)} → ${length(d.to)}`;
  }
}
