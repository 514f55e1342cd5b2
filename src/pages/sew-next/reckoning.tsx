import { firstView, lastVersion } from '../../core/make/versions';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { toast } from 'react-toastify';
import { makeCost, perWear } from '../../core/cost/cost';
import { decisionReasonWords } from '../../core/decide/decision-reason';
import { inOrder, ownDecision, type Reckoned } from '../../core/decide/reckoning';
import { caseOf } from '../../core/garment/case';
import { formatDuration } from '../../core/units/duration';
import { percent } from '../../core/units/percent';
import { SEASONS } from '../../core/records/seasons';
import { zoneOf } from '../../core/body/zones';
import { matchOf, type Match } from '../../core/plan/match';
import { blankPlan, DECISIONS, GARMENT_KINDS, OwnDecision, type Decision, type GarmentKind, type Pattern, type Person } from '../../core/records';
import { expectedWear } from '../../core/wardrobe/expected-wear';
import { monthsAYear } from '../../core/wear/available';
import { seasonsOf, type Season } from '../../core/wear/season';
import type { Hanging } from '../../core/wear/wardrobe';
import { useCaseTables } from '../../data/engine-tables';
import { newId } from '../../data/new-id';
import { useCollections, useSettings, useUnit, useWearCounts, useTradeWords } from '../../data/queries';
import { today } from '../../data/today';
import { useWorn } from '../../parts/use-worn';
import { save } from '../../parts/save';
import { RecordField } from '../../parts/record-field';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { ChoiceField, ChoiceOrNone, TextField } from '../../ui/field';
import { Fold } from '../../ui/fold';
import { NumberField } from '../../ui/number-field';
import { Pick } from '../../ui/pick';
import { byHand } from '../../ui/by-hand';
import { useEngine } from '../../workers/use-engine';
import { startMake } from '../../core/make/log-draft';
import { counted } from '../../core/units/counted';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

interface Line {
  readonly reckoned: Reckoned;
  readonly pattern: Pattern;
  /** The sewist's own answer goes before the engine's. */
  readonly answer: Decision;
  readonly own: OwnDecision | undefined;
  readonly seasons: readonly Season[];
  readonly expected: { readonly wears: number | undefined; readonly costPerWear: number | undefined };
  /** With the fabric that was chosen; undefined where none was. */
  readonly match: Match | undefined;
}

/** What a sewist may answer herself: whether it was made and judged she cannot choose. */
const ANSWERS = DECISIONS.filter((answer) => answer !== 'not made yet' && answer !== 'not judged yet');

/** A sewist's own answer with her reason. */
function Disagree({ line, person, onClose }: { line: Line; person: Person; onClose: () => void }) {
  const inWords = useTradeWords();
  const [answer, setAnswer] = useState<Decision>(line.answer);
  const [why, setWhy] = useState('');
  const said = why.trim();
  const enter = () => {
    const own: OwnDecision = { id: newId(), personId: person.id, date: today(), answer, why: said };
    void save(`my answer for ${line.pattern.name}: ${answer}`, [
      { table: 'patterns', id: line.pattern.id, edit: (now) => ({ ...now, decided: [...now.decided.filter((d) => d.personId !== person.id), own] }) },
    ]);
    toast(byHand(`${line.pattern.name}: ${answer}. Ctrl Z takes it back.`));
    onClose();
  };
  return (
    <div className="mt-3 flex flex-col gap-3">
      <p className="text-ink2">
        The ledger says <b className="text-ink">{line.reckoned.answer}</b>. Yours stands beside it, and is kept until you take it back.
      </p>
      <ChoiceField label="My answer" value={answer} all={ANSWERS} words={inWords} onValue={setAnswer} />
      <RecordField of={OwnDecision.shape} name="why" value={why} onValue={setWhy} autoFocus />
      <Button disabled={said === ''} onClick={enter}>
        Keep my answer
      </Button>
    </div>
  );
}

/** Every pattern with its answer, the evidence, and what would change it; narrowed by kind, season, fabric and time to spare. */
export function Reckoning({ person, onPlan }: { person: Person; onPlan: (patternId: string, fabricId: string | undefined) => void }) {
  const inWords = useTradeWords();
  const tables = useCaseTables();
  const unit = useUnit();
  const wears = useWearCounts();
  const { hanging, told, tables: ofPerson } = useWorn(person.id);
  const { currency } = useSettings();
  const collections = useCollections();
  const [kind, setKind] = useState<GarmentKind>();
  const [season, setSeason] = useState<Season>();
  const [hours, setHours] = useState('');
  const [fabricId, setFabricId] = useState<string>();
  const [asked, setAsked] = useState<Line>();
  // In a chosen fabric the answer is the one for that fabric, as on the plan's page.
  const plan = useMemo(() => ({ date: today(), unit, ...(fabricId === undefined ? {} : { fabricId }) }), [unit, fabricId]);
  const { answer: reckoned, status } = useEngine('decisions', tables, [person.id, plan]);
  const fabric = withId(tables.fabrics, fabricId);

  const lines = useMemo((): Line[] => {
    if (!reckoned || !hanging) return [];
    const byMake = new Map(hanging.map((h) => [h.make.id, h]));
    const byPattern = new Map(tables.patterns.map((p) => [p.id, p]));
    // One more like the best of its versions, in the fabric that was chosen.
    const expectedAYear = (best: Hanging | undefined, pattern: Pattern): number | undefined => {
      const like = best?.make ?? blankPlan('like', person.id, pattern.id, firstView(pattern).id, today());
      const inFabric = fabricId === undefined ? like : { ...like, fabrics: [{ id: 'u', fabricId, part: 'main' as const }] };
      const expected = told && expectedWear(inFabric, told, ofPerson);
      return expected ? expected.aMonth * monthsAYear(best?.seasons ?? seasonsOf(inFabric, ofPerson.fabrics)) : best?.expected;
    };
    return inOrder(
      reckoned.flatMap((r): Line[] => {
        const pattern = byPattern.get(r.patternId);
        if (!pattern) return [];
        const best = r.bestId === undefined ? undefined : byMake.get(r.bestId);
        const own = ownDecision(pattern, person.id);
        const cost = best && makeCost(best.make, { ...tables, collections }, currency);
        const input = fabric && caseOf(pattern, person.id, tables);
        const next = input && startMake(input, person.id, today(), lastVersion(input), newId);
        return [
          {
            reckoned: r,
            pattern,
            own,
            answer: own?.answer ?? r.answer,
            seasons: best?.seasons ?? [],
            expected: {
              wears: expectedAYear(best, pattern),
              costPerWear: cost && cost.total > 0 ? perWear(cost.total, wears.get(best.make.id)?.times ?? 0) : undefined,
            },
            match: input && next && matchOf(input, next, fabric, today(), unit, { others: ofPerson }),
          },
        ];
      }),
    );
  }, [tables, reckoned, hanging, told, ofPerson, wears, person, currency, collections, fabric, fabricId, unit]);
  if (!reckoned) return null;

  const toSpare = Number(hours.replace(',', '.'));
  const fits = (l: Line) =>
    (kind === undefined || l.pattern.kind === kind) &&
    (season === undefined || l.seasons.length === 0 || l.seasons.includes(season)) &&
    (!(toSpare > 0) || l.reckoned.minutes === undefined || l.reckoned.minutes <= toSpare * 60);
  const shown = lines.filter((l) => fits(l) && l.match?.suits !== false);
  const not = lines.filter((l) => fits(l) && l.match?.suits === false);
  const groups = DECISIONS.map((answer) => ({ answer, of: shown.filter((l) => l.answer === answer) })).filter((g) => g.of.length > 0);
  const kinds = GARMENT_KINDS.filter((k) => lines.some((l) => l.pattern.kind === k));
  const wantSoMany = (of: (typeof GARMENT_KINDS)[number], number: number | undefined) =>
    save(`how many of ${of} ${person.name} wants`, [
      {
        table: 'people',
        id: person.id,
        edit: (now) => {
          const { [of]: _, ...others } = now.wanted ?? {};
          return { ...now, wanted: number === undefined ? others : { ...others, [of]: number } };
        },
      },
    ]);
  const takeBack = ({ pattern }: Line) =>
    void save(`my answer for ${pattern.name} taken back`, [
      { table: 'patterns', id: pattern.id, edit: (now) => ({ ...now, decided: now.decided.filter((d) => d.personId !== person.id) }) },
    ]);

  return (
    <section aria-labelledby="reckoning" className="mt-6">
      <h2 id="reckoning" className="border-b-[3px] border-double border-rule2 text-head">
        What to sew again
      </h2>
      <div className="flex flex-wrap items-end gap-3 py-2">
        <ChoiceOrNone label="Kind" value={kind} all={kinds} words={inWords} none="any" onValue={setKind} />
        <ChoiceOrNone label="Season" value={season} all={SEASONS} none="any" onValue={setSeason} />
        <TextField label="Hours to spare" inputMode="decimal" value={hours} onChange={(e) => setHours(e.target.value)} className="[&_input]:w-20" />
        <Pick
          label="In a fabric of the stash"
          placeholder="any fabric"
          value={fabricId}
          options={tables.fabrics.filter((c) => c.pieces.length > 0).map((c) => ({ id: c.id, label: c.name, detail: c.structure }))}
          onPick={setFabricId}
          className="w-56"
        />
        {fabricId && (
          <Button quiet onClick={() => setFabricId(undefined)}>
            any fabric
          </Button>
        )}
      </div>
      <div className="mb-3">
        <Fold
          head="How many of a kind are enough"
          said={kinds.flatMap((k) => (person.wanted?.[k] === undefined ? [] : `${inWords(k)} ${person.wanted[k]}`)).join(', ')}
        >
          <p className="mb-1 text-small text-ink2">
            Where so many hang ready and none is worn out, the reckoning says enough for now. Empty: as many as you like.
          </p>
          <div className="flex flex-wrap items-end gap-3">
            {kinds.map((k) => (
              <NumberField
                key={k}
                label={`${inWords(k)}: ${hanging?.filter((h) => h.kind === k && h.inRotation).length ?? 0} hang ready, wanted`}
                number={person.wanted?.[k]}
                whole
                most={99}
                onNumber={(number) => void wantSoMany(k, number)}
                className="w-48"
              />
            ))}
          </div>
        </Fold>
      </div>
      {groups.length === 0 && (
        <p className="text-ink2">{lines.length === 0 ? 'No pattern is in the ledger yet.' : 'None of them is left by what was asked for.'}</p>
      )}
      {groups.map(({ answer, of }) => (
        <section key={answer} aria-label={answer} className="mb-3">
          <h3 className="font-serif text-name text-amber italic first-letter:uppercase">{inWords(answer)}</h3>
          <ul className="border-t border-rule">
            {of.map((l) => (
              <li key={l.pattern.id} className="flex flex-wrap items-start gap-x-4 gap-y-1 border-b border-rule py-1.5">
                <span className="min-w-64 flex-1">
                  <Link to={routes.pattern(l.pattern.id)} className="font-serif text-name underline-offset-4 hover:underline">
                    {l.pattern.name}
                  </Link>
                  <span className="text-small text-ink2">
                    {[
                      '',
                      l.reckoned.versions > 0 && counted(l.reckoned.versions, 'version'),
                      l.reckoned.minutes !== undefined && `about ${formatDuration(l.reckoned.minutes)}`,
                      l.expected.wears !== undefined && `about ${counted(Math.round(l.expected.wears), 'wear')} a year`,
                    ]
                      .filter((part) => part !== false)
                      .join(' · ')}
                  </span>
                  {l.own && (
                    <span className="block">
                      You said so: {l.own.why}. <span className="text-small text-ink2">The ledger says {inWords(l.reckoned.answer)}.</span>
                    </span>
                  )}
                  <span className="block text-small leading-[17px] text-ink2">
                    {l.reckoned.because.map(decisionReasonWords).join('; ')}
                    {l.reckoned.weakest &&
                      !l.reckoned.because.some((b) => b.code === 'weakest place') &&
                      `; ${zoneOf(l.reckoned.weakest.zone).label} ${percent(l.reckoned.weakest.chance)}`}
                    {l.reckoned.early && '; judged early'}. What would change it: {l.reckoned.wouldChange}.
                  </span>
                  {l.match && <span className="block text-small leading-[17px]">{l.match.pro.join('; ')}</span>}
                </span>
                <span className="flex flex-wrap gap-1">
                  {l.own ? (
                    <Button quiet aria-label={`Take my answer for ${l.pattern.name} back`} onClick={() => takeBack(l)}>
                      Take mine back
                    </Button>
                  ) : (
                    <Button quiet aria-label={`Disagree about ${l.pattern.name}`} onClick={() => setAsked(l)}>
                      I disagree …
                    </Button>
                  )}
                  <Button aria-label={`Plan ${l.pattern.name}`} disabled={status !== 'ready'} onClick={() => onPlan(l.pattern.id, fabricId)}>
                    Plan it
                  </Button>
                </span>
              </li>
            ))}
          </ul>
        </section>
      ))}
      {not.length > 0 && fabric && (
        <section aria-label={`Not in ${fabric.name}`} className="mb-3">
          <h3 className="font-serif text-name italic">Not in {fabric.name}</h3>
          <ul className="border-t border-rule text-small">
            {not.map((l) => (
              <li key={l.pattern.id} className="border-b border-rule py-1">
                {l.pattern.name}: <span className="text-ink2">{l.match!.contra.join('; ')}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <Dialog open={asked !== undefined} onClose={() => setAsked(undefined)} title={asked ? asked.pattern.name : ''}>
        {asked && <Disagree line={asked} person={person} onClose={() => setAsked(undefined)} />}
      </Dialog>
    </section>
  );
}
