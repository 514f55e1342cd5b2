import { useState } from 'react';
import { causeOf, LaterLayout } from '../data/database';
import { rescue } from '../data/rescue';
import { today } from '../data/today';
import { saveFile } from '../parts/save-file';
import { Button } from '../ui/button';

/** What stands there when the ledger in this browser cannot be opened: why, what to do, and a way to what is in it. */
export function CannotOpen({ error }: { error: unknown }) {
  const [said, setSaid] = useState('');
  const cause = causeOf(error);
  const save = async () => {
    const saved = await rescue();
    if (!saved) return setSaid('Nothing of it can be read by this page. The copies of the server, if you run one, are as they were.');
    saveFile(new Blob([saved.text], { type: 'application/json' }), `amber-ledger-rescued-${today()}.json`);
    setSaid(
      saved.unread.length === 0 ? 'All of its records are in the file.' : `In the file, but for what could not be read: ${saved.unread.join(', ')}.`,
    );
  };
  return (
    <main className="mx-auto flex max-w-xl flex-col gap-3 p-8">
      <h1 className="text-title leading-tight">The ledger cannot be opened</h1>
      <p>
        {cause instanceof LaterLayout
          ? `This page is of an older Amber Ledger than the ledger: ${cause.message}. Close other windows of it if that does not help. Nothing of it was changed.`
          : `The browser does not give out what it keeps (${cause instanceof Error ? cause.message : String(cause)}). Nothing of it was changed. Opening the page anew often helps; a private window, or a browser that may keep nothing, never has it.`}
      </p>
      <p className="flex flex-wrap gap-2">
        <Button onClick={() => location.reload()}>Open the page anew</Button>
        <Button quiet onClick={() => void save()}>
          Save what can be read to a file
        </Button>
      </p>
      <p role="status">{said}</p>
    </main>
  );
}
