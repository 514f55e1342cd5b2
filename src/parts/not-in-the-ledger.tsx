import { Link } from 'react-router';
import { ONE_OF, type TableName } from '../core/records/table-names';
import { routes } from '../routes';
import { byHand } from '../ui/by-hand';
import { Empty, PageHead } from '../ui/page-head';

/** Stands where a record would, on a page of its own, that is not there: what may have become of it, and every way back. */
export function NotInTheLedger({ table }: { table: TableName }) {
  return (
    <>
      <PageHead title={`No such ${ONE_OF[table]}`} />
      <Empty>
        {byHand(
          `This ${ONE_OF[table]} is not in the ledger. Ctrl Z brings back what was just removed, and Ctrl Shift Z what was just undone; what went earlier is under`,
        )}{' '}
        <Link className="underline" to={routes.files}>
          Files
        </Link>
        .
      </Empty>
    </>
  );
}
