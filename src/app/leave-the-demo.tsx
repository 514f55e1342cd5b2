import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { ONE_OF, TABLE_NAMES, TABLE_WORDS } from '../core/records/table-names';
import { db } from '../data/database';
import type { openEmpty } from '../data/demo';
import { enteredInDemo, openWithTried } from '../data/tried-in-demo';
import { routes } from '../routes';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';

/** What goes with the demo, before it does. Loaded when it is asked: few leave it twice. */
export function LeaveTheDemo({
  tried,
  onStart,
  onStay,
}: {
  tried: number;
  /** Starts a ledger, in another way than empty where one is given. */
  onStart: (open?: typeof openEmpty) => void;
  onStay: () => void;
}) {
  const [entered, setEntered] = useState('');
  useEffect(() => {
    void enteredInDemo(db).then((counts) =>
      setEntered(
        TABLE_NAMES.filter((table) => counts[table] > 0)
          .map((table) => `${counts[table]} ${counts[table] === 1 ? ONE_OF[table] : TABLE_WORDS[table]}`)
          .join(', '),
      ),
    );
  }, []);
  return (
    <Dialog open onClose={onStay} title="Start your own ledger?">
      <div className="mt-2 flex flex-col gap-3">
        <p>
          The demo goes, and with it what you tried in it ({tried === 1 ? 'one entry' : `${tried} entries`}), unless you take along what you entered
          yourself. It can be opened again from Files, as it was made.
        </p>
        <p className="flex flex-wrap gap-2">
          {entered !== '' && <Button onClick={() => onStart(openWithTried)}>Take along what you entered ({entered})</Button>}
          <Button onClick={() => onStart()}>Start an empty ledger</Button>
          <Button quiet onClick={onStay}>
            Go on with the demo
          </Button>
        </p>
        <p className="text-small text-ink2">
          A ledger of yours in a file, or an old spreadsheet, is read under{' '}
          <Link className="underline" to={routes.files} onClick={onStay}>
            Files
          </Link>
          .
        </p>
      </div>
    </Dialog>
  );
}
