import { useRef, useState } from 'react';
import { toast } from 'react-toastify';
import { noteWords } from '../../core/make/note-words';
import { subjectWords } from '../../core/plan/lessons';
import { ConstructionNote, type Fabric, type Make } from '../../core/records';
import { newId } from '../../data/new-id';
import { LessonPicture } from '../../parts/recalled-lessons';
import { noteAdded, noteChanged } from '../../parts/note-writes';
import { OneLineForm } from '../../parts/one-line-form';
import { LessonSubjects } from '../../parts/lesson-subjects';
import { addPictures } from '../../parts/pictures/add-pictures';
import { RecordField } from '../../parts/record-field';
import { save } from '../../parts/save';
import { Button } from '../../ui/button';
import { OutLink } from '../../ui/out-link';

/** A note with what it is a lesson about; opened, that can be said, and a link or a picture put with it. */
function NoteLine({ make, note, fabrics }: { make: Make; note: ConstructionNote; fabrics: readonly Fabric[] }) {
  const [open, setOpen] = useState(false);
  const files = useRef<HTMLInputElement>(null);
  const change = (part: Partial<ConstructionNote>, what: string) => void save(what, [noteChanged(make.id, note.id, part)]);
  const about = note.about ?? [];
  const canTeach = note.kind !== 'next time' && note.kind !== 'erratum';
  return (
    <li className="border-b border-rule py-1">
      <div className="flex items-start gap-2">
        <LessonPicture makeId={make.id} noteId={note.id} words={note.words} />
        <span className="min-w-0 flex-1 text-small">
          <span className="text-ink2 italic">{note.kind}:</span> {noteWords(note)}
          {about.length > 0 && (
            <span className="block text-ink2">
              a lesson about {subjectWords(about, fabrics)}
              {note.rested !== undefined && ' · put to rest'}
            </span>
          )}
          {note.link !== undefined && (
            <span className="block">
              <OutLink to={note.link}>Open the link</OutLink>
            </span>
          )}
        </span>
        {canTeach && (
          <Button quiet aria-expanded={open} aria-label={`Lesson: ${note.words}`} onClick={() => setOpen(!open)}>
            {about.length > 0 ? 'Lesson' : 'Make it a lesson'}
          </Button>
        )}
      </div>
      {open && (
        <div className="flex flex-col gap-2 py-1">
          <LessonSubjects
            make={make}
            note={note}
            fabrics={fabrics}
            onAbout={(subjects) => change({ about: subjects.length > 0 ? subjects : undefined }, 'what a note is about')}
          />
          <div className="flex flex-wrap items-end gap-2">
            <RecordField
              of={ConstructionNote.shape}
              name="link"
              value={note.link}
              onValue={(link) => change({ link }, 'link of a note')}
              className="w-48"
            />
            <input
              ref={files}
              type="file"
              accept="image/*"
              className="sr-only"
              tabIndex={-1}
              aria-label={`Picture for: ${note.words}`}
              onChange={(event) => {
                const chosen = [...(event.target.files ?? [])];
                void addPictures({ makeId: make.id, noteId: note.id }, 'a note', chosen, {
                  signal: new AbortController().signal,
                  onProgress: () => undefined,
                  place: 0,
                }).then(({ problems }) => problems.forEach((problem) => toast.error(problem)));
              }}
            />
            <Button quiet onClick={() => files.current?.click()}>
              A picture
            </Button>
            {note.rested !== undefined && (
              <Button quiet onClick={() => change({ rested: undefined }, 'a lesson taken up again')}>
                Take it up again
              </Button>
            )}
          </div>
        </div>
      )}
    </li>
  );
}

/** The notes on the making of a garment, and what of them is true of more than this one. */
export function WhatItTaught({ make, fabrics }: { make: Make; fabrics: readonly Fabric[] }) {
  const [about, setAbout] = useState<ConstructionNote['about']>([]);
  const keep = async (words: string) => {
    const note: ConstructionNote = { id: newId(), kind: 'tip', words, ...(about && about.length > 0 ? { about } : {}) };
    const kept = await save(`lesson: ${words}`, [noteAdded(make.id, note)]);
    if (kept) setAbout([]);
    return kept;
  };
  return (
    <section aria-label="Notes and lessons" className="flex flex-col gap-2">
      {make.notes.length > 0 && (
        <ul>
          {make.notes.map((note) => (
            <NoteLine key={note.id} make={make} note={note} fabrics={fabrics} />
          ))}
        </ul>
      )}
      <OneLineForm label="It taught" placeholder="starch it before cutting …" onKeep={keep}>
        {(words) => <LessonSubjects make={make} note={{ words, about }} fabrics={fabrics} onAbout={setAbout} />}
      </OneLineForm>
    </section>
  );
}
