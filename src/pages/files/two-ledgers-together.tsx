import { useRef, useState } from 'react';
import { toast } from 'react-toastify';
import type { Which } from '../../core/ledger/merge/merge';
import { lookInWorker, takeInWorker } from '../../parts/archive-worker';
import type { Together } from '../../data/archive/merge-in';
import { db } from '../../data/database';
import { useSettings, useUnit } from '../../data/queries';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { Refusal } from '../../ui/refusal';
import { Segmented } from '../../ui/segmented';
import { byHand } from '../../ui/by-hand';
import { ChooseFile, LEDGER_FILES } from './choose-file';
import type { LongWork } from './long-work-bar';
import { makeSmallCopies } from './small-copies';
import { Notices } from './notices';
import { useTried } from './use-tried';
import { OF_A_FILE, WhatWouldChange } from './what-would-change';

const PLACE: Record<Which, string> = { here: 'here', there: 'in the file' };

/** So many records are named. */
const NAMED = 4;

interface Asked {
  readonly file: File;
  readonly together: Together;
  readonly notices: readonly string[];
}

/** A phone's ledger and this one, or those of two machines: looked at first, asked about where both changed the same, and brought together. */
export function TwoLedgersTogether({ busy, longWork }: { busy: boolean; longWork: LongWork }) {
  const { ledger } = useSettings();
  const unit = useUnit();
  const [asked, setAsked] = useState<Asked>();
  const [choices, setChoices] = useState<ReadonlyMap<string, Which>>(new Map());
  const field = useRef<HTMLInputElement>(null);
  const { problem, refuse, tried } = useTried(field);

  const look = (file: File) =>
    tried(`${file.name} was not taken in`, async () => {
      const looked = await longWork('Looking through both', (onProgress) =>
        lookInWorker(async (archive) => await archive.look(file, unit, onProgress)),
      );
      if (!looked) return;
      if (!looked.ok) return refuse(`${file.name} was not taken in. ${looked.problem}`);
      setChoices(new Map());
      setAsked({ file, together: looked.together, notices: looked.notices });
    });
  const bring = ({ file }: Asked) =>
    tried(`${file.name} was not taken in`, async () => {
      setAsked(undefined);
      const label = `merged with ${file.name}`;
      await longWork('Merging', () => takeInWorker((archive) => archive.bring(label, choices)));
      void makeSmallCopies(db);
      toast('Both are here now. Save this ledger to a file and bring it to the other device, and both have all.');
    });

  return (
    <section className="border-t border-rule2 pt-3" aria-labelledby="together">
      <h2 id="together" className="text-head">
        Merge two ledgers
      </h2>
      <p className="mb-2 text-ink2">
        {ledger === 'demo'
          ? 'What is here is the demo: read your own ledger from a file first, below.'
          : 'Your phone’s and this one: save the other to a file there, and choose it here. What only one of them changed is taken over, what one removed goes, and where both changed the same you are asked.'}
      </p>
      {ledger !== 'demo' && (
        <ChooseFile
          id="together-file"
          label="File of the other ledger"
          accept={LEDGER_FILES}
          disabled={busy}
          field={field}
          onFile={(f) => void look(f)}
        />
      )}
      {problem && <Refusal>{problem} The ledger is as it was.</Refusal>}
      <Dialog open={asked !== undefined} onClose={() => setAsked(undefined)} title={asked ? `With ${asked.file.name}` : ''} wide>
        {asked && (
          <WhatComes
            together={asked.together}
            notices={asked.notices}
            choices={choices}
            onChoose={(key, which) => setChoices(new Map(choices).set(key, which))}
            onBring={() => void bring(asked)}
          />
        )}
      </Dialog>
    </section>
  );
}

/** What bringing together would do here, and the questions that only the sewist can answer. */
function WhatComes({
  together: { changes, conflicts, returned, renumbered },
  notices,
  choices,
  onChoose,
  onBring,
}: {
  together: Together;
  notices: readonly string[];
  choices: ReadonlyMap<string, Which>;
  onChoose: (key: string, which: Which) => void;
  onBring: () => void;
}) {
  const undated = conflicts.every((c) => c.undated);
  const nothing = changes.length === 0 && conflicts.length === 0;
  return (
    <div className="mt-2 flex flex-col gap-3">
      {nothing ? (
        <p>All that is in the file is here already: nothing would change.</p>
      ) : (
        <ul className="list-disc pl-5">
          <WhatWouldChange changes={changes} words={OF_A_FILE} />
          {returned.length > 0 && (
            <li>
              removed on one side, and back since the other needs it: {returned.slice(0, NAMED).join('; ')}
              {returned.length > NAMED && ` and ${returned.length - NAMED} more`}
            </li>
          )}
          {renumbered > 0 && (
            <li>{renumbered === 1 ? 'one make takes' : `${renumbered} makes take`} the next version: both sides had counted the same</li>
          )}
        </ul>
      )}
      <Notices of={notices} />
      {conflicts.length > 0 && (
        <>
          <p>
            {undated
              ? `${conflicts.length === 1 ? 'One thing differs' : `${conflicts.length} things differ`}, and nobody noted which of both was changed: look which is to stand.`
              : `${conflicts.length === 1 ? 'One thing was' : `${conflicts.length} things were`} changed on both sides. The later one stands unless you say otherwise.`}
          </p>
          <ul className="border-t border-rule">
            {conflicts.map(({ key, of, what, here, there, stands: first, undated: noDate }) => {
              const stands = choices.get(key) ?? first;
              const label = (which: Which) => `as ${PLACE[which]}${which === first && !noDate ? ' (later)' : ''}`;
              return (
                <li key={key} className="border-b border-rule py-2">
                  <p>
                    <span className="font-semibold">{of}</span> · {what}
                  </p>
                  <dl className="my-1 grid grid-cols-[4.5rem_1fr] gap-x-2">
                    {(['here', 'there'] as const).map((which) => (
                      <div key={which} className="contents">
                        <dt className="text-ink2">{PLACE[which]}</dt>
                        <dd className={stands === which ? 'font-semibold' : 'text-ink2'}>{which === 'here' ? here : there}</dd>
                      </div>
                    ))}
                  </dl>
                  <Segmented<Which>
                    label={`${of}, ${what}: which stands`}
                    value={stands}
                    choices={[
                      { value: 'here', label: label('here') },
                      { value: 'there', label: label('there') },
                    ]}
                    onChange={(which) => onChoose(key, which)}
                  />
                </li>
              );
            })}
          </ul>
        </>
      )}
      {!nothing && (
        <>
          <p className="text-small text-ink2">{byHand('Ctrl Z takes it back as a whole.')}</p>
          <p>
            <Button onClick={onBring}>Merge</Button>
          </p>
        </>
      )}
    </div>
  );
}
