import { Link } from 'react-router';
import { db } from '../../data/database';
import { openDemo } from '../../data/demo';
import { LogFirst } from '../../parts/log-first';
import { attempt } from '../../parts/save';
import { routes } from '../../routes';
import { KeyCap } from '../../ui/key-cap';
import { Empty, PageHead } from '../../ui/page-head';

/** The day book of a ledger in which nothing is entered yet: the ways to begin. */
export function EmptyBook() {
  return (
    <>
      <PageHead title="Day book" under="An empty ledger." />
      <Empty>
        <p>What did you sew last? Its name and the size you cut are enough to begin with; all else can wait.</p>
        <LogFirst />
        <p className="mt-3 text-ink2">
          Or write it in the line <KeyCap>/</KeyCap> as you would say it:
          <br />
          <i>Curlew jeans M, waistband tight, love 4</i>
        </p>
        <p className="mt-3">
          <Link to={routes.tell} className="underline">
            Or tell many at once, from a notebook or by dictation
          </Link>
        </p>
        <p className="mt-4">
          <button type="button" className="underline" onClick={() => void attempt('The demo was not opened', () => openDemo(db))}>
            Or look round in the demo ledger
          </button>
        </p>
      </Empty>
    </>
  );
}
