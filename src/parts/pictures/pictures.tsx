import clsx from 'clsx';
import { ImagePlus, Ruler, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { Link, useNavigate } from 'react-router';
import { toast } from 'react-toastify';
import { PICTURE_SIDES, type FitNote, type PictureSide } from '../../core/records';
import type { StoredPicture } from '../../data/database';
import { usePicturesBy } from '../../data/queries';
import type { PictureOf } from '../../data/read-pictures';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { ChoiceField } from '../../ui/field';
import { SortArea, useSorted } from '../../ui/sort-area';
import { byHand } from '../../ui/by-hand';
import { routes } from '../../routes';
import { smallOf, urlOf } from '../blob-url';
import { save } from '../save';
import { reordered } from '../reorder';
import { addPictures, type PictureOwner } from './add-pictures';
import { PinnedPicture } from './pinned-picture';
import { counted } from '../../core/units/counted';

const ownerOf = (of: PictureOwner): readonly [PictureOf, string] =>
  'makeId' in of
    ? ['makeId', of.makeId]
    : 'fabricId' in of
      ? ['fabricId', of.fabricId]
      : 'patternId' in of
        ? ['patternId', of.patternId]
        : 'planId' in of
          ? ['planId', of.planId]
          : ['personId', of.personId];

/** A picture in the row: its side, its place, what can be done with it. */
function Thumb({
  picture,
  name,
  pins,
  onOpen,
  onSide,
  onRemove,
}: {
  picture: StoredPicture;
  name: string;
  pins: number;
  onOpen: () => void;
  onSide: (side: PictureSide) => void;
  onRemove: () => void;
}) {
  const { box, grip, isDragging } = useSorted(picture.id, `the picture ${picture.side}`);
  return (
    <li {...box} className={clsx('flex w-[108px] flex-col gap-1 rounded-md border border-rule2 bg-page p-1', isDragging && 'z-10 shadow-lg')}>
      <button type="button" onClick={onOpen} className="relative flex h-[104px] items-center justify-center overflow-hidden rounded-sm bg-plate">
        <img src={urlOf(smallOf(picture))} alt={`${name}, ${picture.side}: open`} draggable={false} className="size-full object-contain" />
        {pins > 0 && <span className="absolute right-1 bottom-1 rounded-sm bg-page px-1 text-small">{pins === 1 ? '1 pin' : `${pins} pins`}</span>}
      </button>
      <ChoiceField label={`Side of the picture ${picture.side}`} labelHidden value={picture.side} all={PICTURE_SIDES} onValue={onSide} />
      <div className="flex justify-between">
        {grip}
        <button
          type="button"
          aria-label={`Remove the picture ${picture.side}`}
          onClick={onRemove}
          className="min-h-6 min-w-6 rounded-md text-ink2 hover:bg-tint max-sm:min-h-11 max-sm:min-w-11"
        >
          <X size={15} aria-hidden className="inline" />
        </button>
      </div>
    </li>
  );
}

/**
 * The pictures of a make, a fabric, a pattern or a plan: dropped, pasted, picked or taken on a phone; brought down off the main thread; put in order by
 * drag or keys.
 *
 * @param notes fit notes that can be pinned to a place on a picture
 */
export function Pictures({
  of,
  name,
  notes = [],
  onPin,
}: {
  of: PictureOwner;
  name: string;
  notes?: readonly FitNote[];
  onPin?: (noteId: string, pin: FitNote['pin']) => void;
}) {
  const [owner, id] = ownerOf(of);
  const pictures = usePicturesBy(owner, id);
  const [progress, setProgress] = useState<{ done: number; all: number }>();
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [openId, setOpenId] = useState<string>();
  const stopper = useRef<AbortController>(undefined);
  const take = async (files: readonly File[]) => {
    if (files.length === 0 || progress) return;
    stopper.current = new AbortController();
    setProblems([]);
    setProgress({ done: 0, all: files.length });
    const result = await addPictures(of, name, files, {
      signal: stopper.current.signal,
      onProgress: (done) => setProgress({ done, all: files.length }),
      place: pictures?.length ?? 0,
    });
    setProgress(undefined);
    setProblems(result.problems);
    if (result.kept > 0) toast(byHand(`${result.kept} of ${counted(files.length, 'picture')} kept. Ctrl Z takes them back.`));
  };
  const camera = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  /** One picture, taken on the spot or chosen, and measured in at once. */
  const measure = async (file: File | undefined) => {
    if (!file || progress) return;
    const place = pictures?.length ?? 0;
    const { ids, problems: why } = await addPictures(of, name, [file], { signal: new AbortController().signal, onProgress: () => undefined, place });
    setProblems(why);
    if (camera.current) camera.current.value = '';
    if (ids[0] !== undefined) void navigate(routes.measure(ids[0]));
  };
  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({ onDrop: (files) => void take(files), noClick: true, noKeyboard: true });
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  // A picture that was copied elsewhere can be pasted anywhere on the page but in a field.
  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      const files = [...(event.clipboardData?.files ?? [])];
      if (files.length === 0 || event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement) return;
      event.preventDefault();
      void latest.current(files);
    };
    document.addEventListener('paste', paste);
    return () => document.removeEventListener('paste', paste);
  }, []);
  if (!pictures) return null;

  const edit = (label: string, from: StoredPicture, part: Partial<StoredPicture>) =>
    void save(`${label} of ${name}`, [{ table: 'pictures', from, to: { ...from, ...part } }]);
  const ordered = (ids: readonly string[]) =>
    void save(
      `order of the pictures of ${name}`,
      reordered(pictures, ids).map((change) => ({ table: 'pictures', ...change })),
    );
  const opened = pictures.find((p) => p.id === openId);
  return (
    <div
      {...getRootProps()}
      role="region"
      aria-label={`Pictures of ${name}`}
      className={clsx('rounded-md border border-dashed p-2', isDragActive ? 'border-ink bg-tint' : 'border-rule2')}
    >
      <input {...getInputProps({ accept: 'image/*', 'aria-label': `Picture files of ${name}` })} />
      <SortArea ids={pictures.map((p) => p.id)} what="picture" onOrder={ordered}>
        <ul className="flex flex-wrap gap-2">
          {pictures.map((p) => (
            <Thumb
              key={p.id}
              picture={p}
              name={name}
              pins={notes.filter((n) => n.pin?.pictureId === p.id).length}
              onOpen={() => setOpenId(p.id)}
              onSide={(side) => edit('a side', p, { side })}
              onRemove={() => void save(`a picture of ${name} removed`, [{ table: 'pictures', remove: p.id }])}
            />
          ))}
        </ul>
      </SortArea>
      {progress ? (
        <div className="mt-2 flex items-center gap-3">
          <progress value={progress.done} max={progress.all} aria-label="Pictures brought in" className="flex-1" />
          <span className="text-small text-ink2">
            {progress.done} of {progress.all}
          </span>
          <Button onClick={() => stopper.current?.abort()}>Stop</Button>
        </div>
      ) : (
        <div className="mt-1 flex flex-wrap items-center gap-2">
          <Button quiet onClick={open}>
            <ImagePlus size={15} aria-hidden /> Add pictures
          </Button>
          <input
            ref={camera}
            type="file"
            accept="image/*"
            capture="environment"
            aria-label={`A picture to measure ${name} in`}
            className="sr-only"
            tabIndex={-1}
            onChange={(event) => void measure(event.target.files?.[0])}
          />
          <Button quiet onClick={() => camera.current?.click()}>
            <Ruler size={15} aria-hidden /> Measure from a picture
          </Button>
          <span className="text-small text-ink2">or drop or paste them here</span>
        </div>
      )}
      {problems.length > 0 && (
        <ul role="alert" className="mt-1 text-small text-garnet">
          {problems.map((p) => (
            <li key={p}>{p}</li>
          ))}
        </ul>
      )}
      <Dialog wide open={opened !== undefined} onClose={() => setOpenId(undefined)} title={opened ? `${name}, ${opened.side}` : ''}>
        {opened && (
          <p className="mt-1">
            <Link className="underline underline-offset-2" to={routes.measure(opened.id)}>
              {opened.measured ? `Measured in: ${counted(opened.measured.marks.length, 'mark')}` : 'Measure in this picture'}
            </Link>
          </p>
        )}
        {opened && <PinnedPicture picture={opened} name={name} notes={notes} onPin={onPin} />}
      </Dialog>
    </div>
  );
}
