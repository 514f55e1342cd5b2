import { makeName } from '../../core/make/make-name';
import { useParams } from 'react-router';
import { LinkButton } from '../../ui/button';
import { costWords, makeCost } from '../../core/cost/cost';
import { reviewSheet } from '../../core/statement/review-sheet';
import { useCollections, useBodies, useFabrics, useMakes, usePatterns, useSettings, useWearCountsOf, useFabricUnit } from '../../data/queries';
import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { fileNameOf } from '../../parts/save-file';
import { SheetDesk } from '../../parts/sheet/sheet-desk';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

/** A make as one shows it to other sewists: printed, as a web page, or as Markdown. */
export function Review() {
  const { makeId } = useParams();
  const makes = useMakes();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const collections = useCollections();
  const bodies = useBodies();
  const counts = useWearCountsOf(makeId === undefined ? [] : [makeId]);
  const { currency, unit } = useSettings();
  const fabricUnit = useFabricUnit();
  const make = withId(makes, makeId);
  if (!make) return <NotInTheLedger table="makes" />;
  const cost = makeCost(make, { makes, patterns, fabrics, collections }, currency);
  const input = {
    make,
    makes,
    patterns,
    fabrics,
    bodies: bodies.filter((b) => b.personId === make.personId),
    wears: counts.get(make.id)?.times ?? 0,
    cost: cost.total === 0 ? '' : costWords(cost, cost.total),
  };
  return (
    <SheetDesk
      fileName={fileNameOf(makeName(make, patterns))}
      sheetOf={(options) => reviewSheet(input, unit, { ...options, fabricUnit })}
      makes={makes}
      patterns={patterns}
      fabrics={fabrics}
      above={
        <LinkButton to={routes.make(make.id)} quiet>
          Back to the make
        </LinkButton>
      }
    />
  );
}
