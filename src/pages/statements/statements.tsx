import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useMemo, useState } from 'react';
import { neighbourSpan, spanAround, SPAN_KINDS, type Span, type SpanKind } from '../../core/wear/span';
import { statementOf } from '../../core/statement/statement';
import { statementSheet } from '../../core/statement/statement-sheet';
import {
  useBodies,
  useFabrics,
  useLists,
  useMakes,
  usePatterns,
  usePeople,
  usePlans,
  useSettings,
  useWears,
  useFabricUnit,
  useCollections,
} from '../../data/queries';
import { today } from '../../data/today';
import { LogFirst } from '../../parts/log-first';
import { fileNameOf } from '../../parts/save-file';
import { SheetDesk } from '../../parts/sheet/sheet-desk';
import { useWorn } from '../../parts/use-worn';
import { Button } from '../../ui/button';
import { DayField } from '../../ui/date-field';
import { SelectField } from '../../ui/field';
import { Empty, PageHead } from '../../ui/page-head';
import { Segmented } from '../../ui/segmented';

/** What happened in a month, a season, a year or any span, to look back on and to show. */
export function Statements() {
  const makes = useMakes();
  const wears = useWears();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const plans = usePlans();
  const lists = useLists();
  const bodies = useBodies();
  const people = usePeople();
  const { hemisphere, currency, unit } = useSettings();
  const collections = useCollections();
  const fabricUnit = useFabricUnit();
  const [kind, setKind] = useState<SpanKind | 'span'>('season');
  const [span, setSpan] = useState<Span>(() => spanAround('season', today(), hemisphere));
  const [personId, setPersonId] = useState('');
  const statement = useMemo(() => {
    const own = personId === '' ? makes : makes.filter((m) => m.personId === personId);
    const measured = personId === '' ? bodies : bodies.filter((b) => b.personId === personId);
    return statementOf({
      span,
      makes: own,
      wears,
      patterns,
      fabrics,
      collections,
      plans,
      lists,
      bodies: measured,
      hemisphere,
      currency,
      today: today(),
    });
  }, [makes, wears, patterns, fabrics, collections, plans, lists, bodies, personId, span, hemisphere, currency]);
  // What is really worn is told of one person and as of today: a statement of a year gone by knows nothing of it.
  const wearers = new Set(makes.map((m) => m.personId));
  const whose = personId !== '' ? personId : wearers.size === 1 ? [...wearers][0] : undefined;
  const { told } = useWorn(whose, { tolerant: true });
  const findings = whose !== undefined && span.until >= today() ? (told?.findings ?? []) : [];
  if (makes.length === 0)
    return (
      <>
        <PageHead title="Statements" under="Nothing is sewn yet." />
        <Empty>
          <p>What was made, worn, used and learned in a month or a year is put together here, to look back on and to show.</p>
          <LogFirst />
        </Empty>
      </>
    );

  const choose = (next: SpanKind | 'span') => {
    setKind(next);
    if (next !== 'span') setSpan(spanAround(next, span.until < today() ? span.until : today(), hemisphere));
  };
  const between = (part: Partial<Span>) => {
    const { from, until } = { ...span, ...part };
    if (from === '' || until === '') return;
    setSpan({ from, until: until < from ? from : until, name: `${from} to ${until < from ? from : until}` });
  };
  return (
    <SheetDesk
      fileName={`statement-${fileNameOf(span.name)}`}
      sheetOf={(options) => statementSheet(statement, { patterns, fabrics, makes, currency }, people, unit, { ...options, fabricUnit }, findings)}
      makes={makes}
      patterns={patterns}
      fabrics={fabrics}
      above={
        <>
          <Segmented
            label="How long"
            value={kind}
            choices={[...SPAN_KINDS.map((k) => ({ value: k, label: k })), { value: 'span' as const, label: 'from … to …' }]}
            onChange={choose}
          />
          {kind === 'span' ? (
            <>
              <DayField atOnce label="From" value={span.from} onValue={(from) => between({ from })} />
              <DayField atOnce label="To" value={span.until} onValue={(until) => between({ until })} />
            </>
          ) : (
            <span className="flex items-center">
              <Button quiet aria-label="Earlier" onClick={() => setSpan(neighbourSpan(kind, span, -1, hemisphere))}>
                <ChevronLeft size={16} aria-hidden />
              </Button>
              <span className="min-w-28 text-center" aria-live="polite">
                {span.name}
              </span>
              <Button quiet aria-label="Later" disabled={span.until >= today()} onClick={() => setSpan(neighbourSpan(kind, span, 1, hemisphere))}>
                <ChevronRight size={16} aria-hidden />
              </Button>
            </span>
          )}
          {people.length > 1 && (
            <SelectField label="Whose" labelHidden value={personId} onChange={(e) => setPersonId(e.target.value)}>
              <option value="">for everybody</option>
              {people.map((p) => (
                <option key={p.id} value={p.id}>
                  for {p.name}
                </option>
              ))}
            </SelectField>
          )}
        </>
      }
    />
  );
}
