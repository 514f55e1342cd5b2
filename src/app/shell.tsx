import { attempt, choose } from '../parts/save';
import clsx from 'clsx';
import { formatDistanceStrict, parseISO } from 'date-fns';
import {
  BookOpen,
  Calculator,
  CalendarHeart,
  Ellipsis,
  FileText,
  Hammer,
  Layers,
  ListTodo,
  Redo2,
  Ruler,
  ScrollText,
  Scissors,
  Shirt,
  Undo2,
} from 'lucide-react';
import { Fragment, lazy, Suspense, useEffect } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { LinkButton } from '../ui/button';
import { useOpened } from '../ui/use-opened';
import { toast, ToastContainer } from 'react-toastify';
import { db } from '../data/database';
import { takeLastBack } from '../data/commands/take-back';
import { redo } from '../data/journal';
import { useBodies, useLastActs, usePeople, usePerson, useSettings } from '../data/queries';
import { today } from '../data/today';
import { useMarked } from '../parts/use-marked';
import { WhenRead } from '../parts/when-read';
import { KeyCap } from '../ui/key-cap';
import { Segmented } from '../ui/segmented';
import { useWrittenKey } from '../ui/use-written-key';
import { FindField } from './find-field';
import { SECTIONS } from './sections';
import { StartYourOwn } from './start-your-own';
import { usePlaceOnPage } from './use-place-on-page';
import { routes } from '../routes';

/** Loaded when it is first opened. */
const KeySheet = lazy(async () => ({ default: (await import('./key-sheet')).KeySheet }));
const MarkedMakes = lazy(async () => ({ default: (await import('../parts/marked-makes')).MarkedMakes }));
const Arithmetic = lazy(async () => ({ default: (await import('./arithmetic')).Arithmetic }));

const ICONS = {
  [routes.dayBook]: BookOpen,
  [routes.makes]: Shirt,
  [routes.patterns]: Scissors,
  [routes.fit]: Ruler,
  [routes.stash]: Layers,
  [routes.wear]: CalendarHeart,
  [routes.sewNext]: ListTodo,
  [routes.bench]: Hammer,
  [routes.statements]: ScrollText,
  [routes.files]: FileText,
} as const;

async function takeBack() {
  const done = await attempt('Not undone', () => takeLastBack(db));
  if (done) toast(done.of === 'nothing' ? 'Nothing to undo' : `Undone: ${done.words}`);
}

async function doAgain() {
  const done = await attempt('Not done again', async () => ({ label: await redo(db) }));
  if (done) toast(done.label ? `Done again: ${done.label}` : 'Nothing to do again');
}

/** Keys that work anywhere but in a field. */
function useShellKeys(openKeys: () => void, openArithmetic: () => void) {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  useHotkeys(SECTIONS.map((s) => s.key).join(','), (_, { keys, shift }) => {
    const section = SECTIONS.find((s) => s.key === `${shift ? 'shift+' : ''}${keys?.join('')}`);
    if (section) void navigate(section.path);
  });
  useWrittenKey('n', () => {
    // On a pattern's account, a make of that pattern is meant.
    const pattern = /^\/patterns\/([^/]+)$/.exec(pathname)?.[1];
    void navigate(pattern && pattern !== 'new' ? routes.newMake({ pattern: pattern }) : routes.newMake());
  });
  useWrittenKey('?', openKeys);
  useWrittenKey('=', openArithmetic);
  useHotkeys('mod+z', () => void takeBack(), { preventDefault: true, useKey: true });
  useHotkeys('mod+shift+z,mod+y', () => void doAgain(), { preventDefault: true, useKey: true });
}

function useTheme(theme: 'system' | 'light' | 'lamp') {
  useEffect(() => {
    if (theme === 'system') delete document.documentElement.dataset['theme'];
    else document.documentElement.dataset['theme'] = theme;
  }, [theme]);
}

/** Whose body we speak of, and in which unit. */
function ForWhom() {
  const people = usePeople();
  const person = usePerson();
  const bodies = useBodies();
  const { unit } = useSettings();
  const measured = bodies
    .filter((b) => b.personId === person?.id)
    .map((b) => b.date)
    .sort()
    .at(-1);
  return (
    <div className="flex flex-col gap-2 text-small text-binding-text max-sm:flex-row max-sm:items-center">
      {person && (
        <div className="flex flex-col gap-1 max-sm:flex-row max-sm:items-center">
          <label className="flex items-center gap-1">
            For
            <select
              value={person.id}
              onChange={(e) => void choose({ personId: e.target.value })}
              className="min-h-6 min-w-0 flex-1 rounded-md border border-binding-lit bg-binding font-semibold text-binding-text focus-visible:outline-binding-text max-sm:min-h-11"
            >
              {people.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.name}
                </option>
              ))}
            </select>
          </label>
          <Link
            to={routes.person(person.id)}
            className="text-binding-text/80 underline decoration-dotted underline-offset-4 focus-visible:outline-binding-text"
          >
            {measured === undefined
              ? 'never measured'
              : `measured ${measured === today() ? 'today' : formatDistanceStrict(parseISO(measured), parseISO(today()), { addSuffix: true })}`}
          </Link>
        </div>
      )}
      <Segmented
        label="Unit of length"
        value={unit}
        choices={[
          { value: 'cm', label: 'cm' },
          { value: 'in', label: 'in' },
        ]}
        onChange={(u) => void choose({ unit: u })}
      />
    </div>
  );
}

const spineLink = ({ isActive }: { isActive: boolean }) =>
  clsx(
    'flex min-h-[31px] items-center justify-between border-l-4 px-[14px] focus-visible:outline-binding-text',
    isActive ? 'border-binding-text bg-binding-lit' : 'border-transparent hover:bg-binding-lit',
  );

const railLink = ({ isActive }: { isActive: boolean }) =>
  clsx(
    'flex min-h-14 flex-col items-center justify-center gap-0.5 border-t-4 px-1.5 text-small focus-visible:outline-binding-text',
    isActive ? 'border-binding-text bg-binding-lit' : 'border-transparent',
  );

/** On a phone: what is needed standing, and the rest behind one touch. */
function FootRail({ onArithmetic }: { onArithmetic: () => void }) {
  const { pathname } = useLocation();
  const rail = SECTIONS.filter((s) => s.rail !== undefined).sort((a, b) => (a.rail ?? 0) - (b.rail ?? 0));
  const more = SECTIONS.filter((s) => s.rail === undefined);
  const link = ({ path, name }: (typeof SECTIONS)[number]) => {
    const Icon = ICONS[path];
    return (
      <NavLink to={path} end={path === '/'} className={railLink}>
        <Icon size={18} aria-hidden />
        {name}
      </NavLink>
    );
  };
  return (
    <ul className="flex flex-1 justify-around sm:hidden">
      {rail.map((s) => (
        <li key={s.path}>{link(s)}</li>
      ))}
      <li>
        {/* Closed by leaving for the page that was chosen. */}
        <details key={pathname} className="relative">
          <summary className={clsx(railLink({ isActive: more.some((s) => s.path === pathname) }), 'cursor-pointer list-none')}>
            <Ellipsis size={18} aria-hidden />
            More
          </summary>
          <ul className="absolute right-0 bottom-full border border-binding-lit bg-binding px-2 pb-1">
            {more.map((s) => (
              <li key={s.path} className="min-w-32">
                {link(s)}
              </li>
            ))}
            <li className="min-w-32">
              <button type="button" onClick={onArithmetic} className={clsx(railLink({ isActive: false }), 'w-full')}>
                <Calculator size={18} aria-hidden />
                Arithmetic
              </button>
            </li>
          </ul>
        </details>
      </li>
    </ul>
  );
}

function Spine({ onArithmetic }: { onArithmetic: () => void }) {
  return (
    <nav
      aria-label="Sections"
      className="z-30 flex w-[160px] shrink-0 flex-col border-r-[5px] border-double border-ink3 bg-binding text-binding-text max-sm:fixed max-sm:inset-x-0 max-sm:bottom-0 max-sm:w-auto max-sm:flex-row max-sm:border-r-0 print:hidden"
    >
      <Link
        to={routes.dayBook}
        className="px-[18px] pt-3 pb-4 font-serif text-brand leading-7 italic focus-visible:outline-binding-text max-sm:hidden"
      >
        <span className="text-[#f6c25b]">Amber</span> Ledger
      </Link>
      <ul className="max-sm:hidden">
        {SECTIONS.map(({ key, path, name }) => (
          <li key={path}>
            <NavLink to={path} end={path === '/'} className={spineLink}>
              {name}
              <span aria-hidden className="text-small text-binding-text/75">
                {key}
              </span>
            </NavLink>
          </li>
        ))}
      </ul>
      <FootRail onArithmetic={onArithmetic} />
      <button
        type="button"
        onClick={onArithmetic}
        className="mt-auto flex min-h-[31px] items-center justify-between border-l-4 border-transparent px-[14px] hover:bg-binding-lit focus-visible:outline-binding-text max-sm:hidden"
      >
        Arithmetic
        <span aria-hidden className="text-small text-binding-text/75">
          =
        </span>
      </button>
      <div className="border-t border-binding-lit p-[14px] max-sm:hidden">
        <ForWhom />
      </div>
    </nav>
  );
}

/** What was last done, so that every save says so quietly, and the way to take it back. */
function LastAct() {
  const { undo: last, redo: back } = useLastActs();
  return (
    <div className="flex min-w-0 items-center" role="group" aria-label="Undo and redo">
      {last && (
        <button
          type="button"
          onClick={() => void takeBack()}
          aria-label={`Undo: ${last}`}
          title={`Undo: ${last} (Ctrl Z)`}
          className="flex min-h-[30px] min-w-0 items-center gap-1 rounded-md px-2 text-small text-ink2 hover:bg-tint hover:text-ink max-sm:min-h-11"
        >
          <Undo2 size={15} aria-hidden className="shrink-0" />
          <span className="max-w-56 truncate max-lg:hidden">{last}</span>
        </button>
      )}
      {back && (
        <button
          type="button"
          onClick={() => void doAgain()}
          aria-label={`Do again: ${back}`}
          title={`Do again: ${back} (Ctrl Shift Z)`}
          className="flex min-h-[30px] items-center rounded-md px-2 text-ink2 hover:bg-tint hover:text-ink max-sm:min-h-11"
        >
          <Redo2 size={15} aria-hidden />
        </button>
      )}
    </div>
  );
}

/** The frame of every page: the spine with the sections, the strip with find and log, then the page. */
export function Shell() {
  const [keysOpen, setKeysOpen] = useOpened(false);
  const { theme, ledger } = useSettings();
  const { pathname } = useLocation();
  const place = usePlaceOnPage();
  const [counting, setCounting] = useOpened(false);
  const [marked] = useMarked();
  useShellKeys(
    () => setKeysOpen(true),
    () => setCounting(true),
  );
  useTheme(theme);
  return (
    <div className="flex h-dvh max-sm:flex-col print:block print:h-auto">
      <a href="#page" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-page focus:p-2">
        To the page
      </a>
      <Spine onArithmetic={() => setCounting(true)} />
      <div className="flex min-w-0 flex-1 flex-col max-sm:pb-28 print:block print:pb-0">
        <div className="flex min-h-12 items-center gap-3 border-b border-rule2 bg-page px-[22px] max-sm:fixed max-sm:inset-x-0 max-sm:bottom-14 max-sm:z-40 max-sm:border-t max-sm:border-b-0 max-sm:px-3 print:hidden">
          <FindField />
          <KeyCap>/</KeyCap>
          <LastAct />
          <Suspense>{marked.length > 0 && <MarkedMakes />}</Suspense>
          {pathname !== routes.newMake() && (
            <LinkButton to={routes.newMake()} className="whitespace-nowrap">
              Log a make <KeyCap>n</KeyCap>
            </LinkButton>
          )}
        </div>
        <div className="sm:hidden print:hidden">
          <div className="flex items-center justify-between bg-binding px-3 py-1">
            <ForWhom />
          </div>
        </div>
        {ledger === 'demo' && (
          <p className="border-b border-rule bg-tint px-[22px] py-0.5 text-small text-ink2 max-sm:px-3 print:hidden">
            This is the demo ledger<span className="max-sm:hidden">: a made-up cellist’s sewing. Try anything</span>; <StartYourOwn /> when you like.
          </p>
        )}
        <main
          id="page"
          {...place}
          tabIndex={-1}
          className="relative min-h-0 flex-1 overflow-y-auto px-[22px] pt-4 pb-8 outline-none max-sm:scroll-pb-28 max-sm:px-3 print:overflow-visible print:p-0"
        >
          <WhenRead>
            {/* What was opened on the page of one make, pattern or plan is not open on the next one's. */}
            <Fragment key={pathname}>
              <Outlet />
            </Fragment>
          </WhenRead>
        </main>
      </div>
      <Suspense>{keysOpen && <KeySheet open onClose={() => setKeysOpen(false)} />}</Suspense>
      <Suspense>{counting && <Arithmetic onClose={() => setCounting(false)} />}</Suspense>
      <ToastContainer
        position="bottom-right"
        autoClose={5000}
        hideProgressBar
        closeOnClick
        draggable={false}
        role="status"
        toastClassName="!min-h-0 !rounded-md !border !border-rule2 !bg-page !text-ink !font-sans !text-base !p-3 !pr-8"
      />
    </div>
  );
}
