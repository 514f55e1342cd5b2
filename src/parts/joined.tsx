import { partName } from '../core/make/part-words';
import { viewNamed } from '../core/make/versions';
import { PartSource } from '../core/records';
import { usePatterns } from '../data/queries';
import { Button } from '../ui/button';
import { Pick } from '../ui/pick';
import { WordsField } from '../ui/field';
import { RecordField } from './record-field';
import { ZonePills } from './zone-pills';

/** Which patterns and views the pieces came from: each zone's evidence goes to the pattern its piece came from. */
export function Joined({
  sources,
  own,
  onSources,
  onOwn,
}: {
  /** The first is the main one. */
  sources: readonly PartSource[];
  own: string | undefined;
  onSources: (sources: PartSource[]) => void;
  onOwn: (own: string | undefined) => void;
}) {
  const patterns = usePatterns();
  const set = (source: PartSource, part: Partial<PartSource>) => onSources(sources.map((s) => (s === source ? { ...s, ...part } : s)));
  // A part can come from another pattern, or from another view of the same.
  const options = patterns.flatMap((p) =>
    p.views
      .filter((v) => !sources.some((s) => s.patternId === p.id && viewNamed(p, s.viewId).id === v.id))
      .map((v) => {
        const part = { patternId: p.id, viewId: v.id };
        return { id: `${p.id} ${v.id}`, part, label: partName(part, [p]), detail: p.designer ?? '' };
      }),
  );
  return (
    <div className="flex flex-col gap-1.5">
      {sources.slice(1).map((source) => (
        <div key={`${source.patternId} ${source.viewId}`} className="flex flex-wrap items-end gap-2 border-b border-rule pb-1.5">
          <span className="self-center">{partName(source, patterns)}</span>
          <RecordField of={PartSource.shape} name="pieces" value={source.pieces} onValue={(pieces) => set(source, { pieces })} className="w-44" />
          <ZonePills label="brings" zones={source.zones ?? []} onZones={(zones) => set(source, { zones })} />
          <Button quiet onClick={() => onSources(sources.filter((s) => s !== source))}>
            not joined
          </Button>
        </div>
      ))}
      <div className="flex flex-wrap items-end gap-3">
        <Pick
          label="Pieces of another pattern or view"
          placeholder="a sleeve, a skirt of another pattern …"
          value={undefined}
          options={options}
          onPick={(id) => {
            const part = options.find((o) => o.id === id)?.part;
            if (part) onSources([...sources, { ...part, zones: [] }]);
          }}
          className="w-72"
        />
        <WordsField
          label="Parts from your own sums"
          hint="a half circle skirt, radius 22"
          words={own ?? ''}
          onWords={(words) => onOwn(words === '' ? undefined : words)}
          className="min-w-56 flex-1"
        />
      </div>
    </div>
  );
}
