import { Link } from 'react-router';
import { learnedOn, reasonWords, type Recalled } from '../core/plan/lessons';
import type { Pattern } from '../core/records';
import { usePictureOfNote } from '../data/queries';
import { today } from '../data/today';
import { routes } from '../routes';
import { Button } from '../ui/button';
import { OutLink } from '../ui/out-link';
import { smallOf, urlOf } from './blob-url';
import { noteChanged } from './note-writes';
import { save } from './save';

/** The picture that belongs to a note, small. */
export function LessonPicture({ makeId, noteId, words }: { makeId: string; noteId: string; words: string }) {
  const picture = usePictureOfNote(makeId, noteId);
  return picture ? <img src={urlOf(smallOf(picture))} alt={words} className="h-16 w-14 rounded-md bg-plate object-contain" /> : null;
}

/** What was learned before and helps here, the nearest first; one that is not needed can be put to rest. */
export function RecalledLessons({ lessons, patterns }: { lessons: readonly Recalled[]; patterns: readonly Pattern[] }) {
  return (
    <ul>
      {lessons.map(({ make, note, because, of }) => (
        <li key={note.id} className="flex items-start gap-2 border-b border-rule py-1">
          <LessonPicture makeId={make.id} noteId={note.id} words={note.words} />
          <span className="min-w-0 flex-1">
            {note.words}
            <span className="block text-small text-ink2">
              {reasonWords({ because, of })} ·{' '}
              <Link className="underline underline-offset-2" to={routes.make(make.id)}>
                {learnedOn({ make }, patterns)}
              </Link>
              {note.link !== undefined && (
                <>
                  {' · '}
                  <OutLink to={note.link}>Open the link</OutLink>
                </>
              )}
            </span>
          </span>
          <Button
            quiet
            aria-label={`Put to rest: ${note.words}`}
            onClick={() =>
              void save('a lesson put to rest', [noteChanged(make.id, note.id, { rested: today() })], {
                done: 'Put to rest: it is not shown again. Ctrl Z takes it back; its make still has it.',
              })
            }
          >
            Put to rest
          </Button>
        </li>
      ))}
    </ul>
  );
}
