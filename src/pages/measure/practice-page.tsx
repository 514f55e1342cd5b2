import { useEffect, useState } from 'react';
import type { Doubted } from '../../core/measure/lengths';
import { lengthOfMark } from '../../core/measure/kept';
import { practiceScenes, usualShot, type NamedScene, type TrueMeasure } from '../../core/measure/practice-scenes';
import type { PictureMeasured } from '../../core/records';
import { lengthOf, lengthRound } from '../../core/units/curve';
import { formatLength, type LengthUnit } from '../../core/units/length';
import { useUnit } from '../../data/queries';
import { urlOf } from '../../parts/blob-url';
import { MeasureTool } from '../../parts/measure/measure-tool';
import { Button } from '../../ui/button';
import { SelectField } from '../../ui/field';
import { Fold } from '../../ui/fold';
import { Refusal } from '../../ui/refusal';
import { NumberField } from '../../ui/number-field';
import { PageHead } from '../../ui/page-head';
import { useMeasurer } from '../../workers/use-measurer';
import { PrintFrame } from './print-frame';

const SCENES = practiceScenes();

/** How long a true measure is, cm. */
const truly = ({ kind, points }: TrueMeasure): number => (kind === 'outline' ? lengthRound(points) : lengthOf(points));

/** What the practice camera knows of what was measured by the same name. */
function Truth({ scene, name, found, unit }: { scene: NamedScene; name: string | undefined; found: Doubted; unit: LengthUnit }) {
  const truth = scene.truths.find((t) => t.name === name);
  if (!truth) return null;
  // What is laid flat is told all round, and the table shows one side of it.
  const cm = truly(truth) * (name?.endsWith('laid flat') ? 2 : 1);
  const off = Math.abs(found.value - cm);
  return (
    <p className={`text-small ${off <= found.doubt ? 'text-moss' : 'text-garnet'}`}>
      Truly {formatLength(cm, unit, { about: true })}: you are off by {formatLength(off, unit, { about: true })}
      {off <= found.doubt ? ', within the doubt that was stated' : ', more than was stated: look at your points'}.
    </p>
  );
}

/** A camera to practise with: it renders a table, and knows the true measures. */
export function PracticePage() {
  const unit = useUnit();
  const measurer = useMeasurer();
  const [at, setAt] = useState(0);
  const [above, setAbove] = useState<number | undefined>(118);
  const [tilt, setTilt] = useState<number | undefined>(9);
  const [bend, setBend] = useState<number | undefined>(2);
  const [shots, setShots] = useState(1);
  const [picture, setPicture] = useState<Blob>();
  const [measured, setMeasured] = useState<PictureMeasured>();
  const [problem, setProblem] = useState('');
  const scene = SCENES[at] ?? SCENES[0];
  useEffect(() => {
    if (!scene) return;
    let gone = false;
    const shot = { ...usualShot(scene.over, shots), above: above ?? 118, tilt: tilt ?? 9, bend: (bend ?? 2) / 100 };
    measurer((m) => m.photograph(scene.scene, shot)).then(
      (blob) => {
        if (gone) return;
        setMeasured(undefined);
        setPicture(blob);
        setProblem('');
      },
      (error: unknown) => !gone && setProblem(error instanceof Error ? error.message : String(error)),
    );
    return () => {
      gone = true;
    };
    // A new picture is taken when it is asked for, not with every figure that is typed.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [measurer, scene, shots]);
  if (!scene) return null;
  return (
    <>
      <PageHead
        title="Practice camera"
        under="Pictures to learn measuring on: the camera knows the true measures. Nothing here is kept in your ledger."
        aside={<PrintFrame />}
      />
      <div className="mb-3 flex flex-wrap items-end gap-3">
        <SelectField label="On the table lies" value={String(at)} onChange={(e) => setAt(Number(e.target.value))}>
          {SCENES.map((s, i) => (
            <option key={s.name} value={i}>
              {s.name}
            </option>
          ))}
        </SelectField>
        <NumberField label="Held above, cm" number={above} least={60} most={250} onNumber={setAbove} className="w-28" />
        <NumberField label="Tilted, degrees" number={tilt} least={0} most={30} onNumber={setTilt} className="w-28" />
        <NumberField label="Lens bends, %" number={bend} least={-5} most={5} onNumber={setBend} className="w-28" />
        <Button onClick={() => setShots(shots + 1)}>Take the picture</Button>
      </div>
      {problem !== '' && <Refusal>The picture could not be taken: {problem.replace(/\.$/, '')}. Take it again, or open the page anew.</Refusal>}
      {picture ? (
        <MeasureTool
          key={`${at} ${shots} ${urlOf(picture)}`}
          picture={picture}
          url={urlOf(picture)}
          measured={measured}
          garment={at === 1 ? 'trousers' : 'shirt'}
          unit={unit}
          lies={undefined}
          onMeasured={(change) => setMeasured(change)}
          under={(mark, of) => <Truth scene={scene} name={mark.name} found={lengthOfMark(of, mark)} unit={unit} />}
        />
      ) : (
        problem === '' && <p role="status">The picture is being taken…</p>
      )}
      <Fold head="True measures" said="not before you measured">
        <ul>
          {scene.truths.map((t) => (
            <li key={t.name}>
              {t.name}: {formatLength(truly(t), unit, { about: true })}
            </li>
          ))}
        </ul>
      </Fold>
    </>
  );
}
