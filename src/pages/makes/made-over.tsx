import { CameOut, type Fabric, type Make } from '../../core/records';
import { withId } from '../../core/units/by-id';
import { newId } from '../../data/new-id';
import { addFabric } from '../../parts/fabric-uses';
import { MadeOverFrom } from '../../parts/made-over-from';
import { RecordField } from '../../parts/record-field';
import { save } from '../../parts/save';
import { Button } from '../../ui/button';
import { Pick } from '../../ui/pick';

/** A garment made over: from what, and the fabric that came out of it. */
export function MadeOver({ make, fabrics, onChange }: { make: Make; fabrics: readonly Fabric[]; onChange: (part: Partial<Make>) => void }) {
  const pieces = make.cameOut ?? [];
  const put = (cameOut: readonly CameOut[]) => onChange({ cameOut: cameOut.length > 0 ? [...cameOut] : undefined });
  const begin = (fabricId: string) => put([...pieces, { id: newId(), fabricId, length: 30, width: 40 }]);
  const change = (id: string, part: Partial<CameOut>) => put(pieces.map((p) => (p.id === id ? { ...p, ...part } : p)));
  const toStash = ({ fabricId, length, width }: CameOut) =>
    void save(
      'a piece put in the stash',
      [
        {
          table: 'fabrics',
          id: fabricId,
          edit: (now) => ({ ...now, pieces: [...now.pieces, { length, width, note: `out of ${make.name ?? 'a garment made over'}` }] }),
        },
      ],
      { done: 'It lies in the stash. Ctrl Z takes it back.' },
    );
  return (
    <div className="flex flex-col gap-2">
      <MadeOverFrom of={make} kindAsked={make.sources.length === 0} onChange={onChange} />
      {pieces.map((piece) => (
        <div key={piece.id} className="flex flex-wrap items-end gap-2 border-b border-rule pb-1.5">
          <span className="self-center">{withId(fabrics, piece.fabricId)?.name ?? 'a fabric that is gone'}</span>
          <RecordField of={CameOut.shape} name="length" value={piece.length} onValue={(length) => change(piece.id, { length })} className="w-28" />
          <RecordField of={CameOut.shape} name="width" value={piece.width} onValue={(width) => change(piece.id, { width })} className="w-28" />
          <Button quiet onClick={() => toStash(piece)}>
            Into the stash
          </Button>
          <Button quiet aria-label="Remove this piece" onClick={() => put(pieces.filter((p) => p !== piece))}>
            ×
          </Button>
        </div>
      ))}
      <Pick
        label="Fabric that came out of it"
        placeholder="type a name; a new one is added"
        value={undefined}
        options={fabrics.map((f) => ({ id: f.id, label: f.name }))}
        onPick={begin}
        onNew={(name) => void addFabric(name, 'woven').then((id) => id !== undefined && begin(id))}
        newLabel={(name) => `New fabric: ${name}`}
        className="w-64"
      />
    </div>
  );
}
