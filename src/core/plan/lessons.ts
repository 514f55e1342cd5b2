import { techniquesIn } from '../catalogue/techniques';
import { fibresOf } from '../fabric/fibres';
import { mainFabric } from '../make/main-fabric';
import { openingsOf } from '../make/openings';
import { makeName } from '../make/make-name';
import type { ConstructionNote, Fabric, Make, NoteSubject, Pattern, View } from '../records';
import { withId } from '../units/by-id';
import { byDay } from '../units/date';

/** A note that taught something of more than its own garment. */
export interface Lesson {
  readonly make: Make;
  readonly note: ConstructionNote;
}

/** A lesson that is found again, and what for. */
export interface Recalled extends Lesson {
  /** What it has in common with what is planned; the nearest come first. */
  readonly because: 'this fabric' | 'a fabric like it' | 'the technique' | 'the pattern';
  /** The technique, or the fabric it was learned on. */
  readonly of: string;
}

/** What is asked for lessons: a plan or a make as it will be cut. */
export interface LessonRequest {
  readonly make: Pick<Make, 'fabrics' | 'alterations' | 'notions' | 'openings' | 'sources'>;
  readonly pattern?: Pick<Pattern, 'id' | 'name'> | undefined;
  readonly view?: View | undefined;
  readonly fabrics: readonly Fabric[];
}

const NEAREST: readonly Recalled['because'][] = ['this fabric', 'a fabric like it', 'the technique', 'the pattern'];

/** Every lesson of a ledger, the latest first; those put to rest are left out unless they are asked for. */
export function lessonsIn(makes: readonly Make[], { rested = false }: { readonly rested?: boolean } = {}): Lesson[] {
  return makes
    .flatMap((make) => make.notes.map((note): Lesson => ({ make, note })))
    .filter(({ note }) => (note.about ?? []).length > 0 && (rested || note.rested === undefined))
    .sort((a, b) => byDay(b.make.cutOn, a.make.cutOn));
}

/**
 * Whether two fabrics are alike, so that what one taught helps with the other: of the same structure, and the fibre named first is the same.
 * Of one whose fibre nobody noted it is not known.
 *
 * @example areAlike({ id: 'a', structure: 'woven', fibre: 'viscose' }, { id: 'b', structure: 'woven', fibre: '100 % viscose' }) // true
 */
export function areAlike(a: Pick<Fabric, 'structure' | 'fibre' | 'name'>, b: Pick<Fabric, 'structure' | 'fibre' | 'name'>): boolean {
  const main = (f: Pick<Fabric, 'fibre' | 'name'>) => fibresOf(f.fibre ?? f.name)[0];
  return a.structure === b.structure && main(a) !== undefined && main(a) === main(b);
}

/** The techniques that a garment needs, by its view, its openings, its fabric, and whatever is said of it. */
export function techniquesOf({ make, view, fabrics }: LessonRequest): ReadonlySet<string> {
  const { fabric, bias } = mainFabric(make, fabrics);
  const found = new Set<string>();
  for (const { closes } of view ? openingsOf(view, make) : (make.openings ?? [])) {
    if (closes === 'zip' || closes === 'elastic') found.add(closes);
    if (closes === 'buttons') found.add('buttonhole');
  }
  const flat = view?.flat;
  if (flat?.opening === 'zip') found.add('zip');
  if (flat?.opening === 'buttons') found.add('buttonhole');
  if (flat?.pockets === 'welt') found.add('welt pocket');
  if (flat?.pockets === 'patch') found.add('patch pocket');
  if (flat?.neck === 'collar' || flat?.neck === 'notched' || flat?.neck === 'shawl') found.add('collar');
  if (flat?.cuffs) found.add('cuff');
  if (flat?.darts) found.add('darts');
  for (const part of view?.parts ?? []) if (part === 'collar' || part === 'waistband') found.add(part);
  if (view?.zones.includes('sleeve') && fabric?.structure === 'woven') found.add('set-in sleeve');
  if (view?.zones.includes('waistband')) found.add('waistband');
  if (view?.zones.includes('wireLine')) found.add('underwire');
  if (fabric?.structure === 'knit') found.add('hem of a knit');
  if (fabric?.repeatAlong ?? fabric?.repeatAcross) found.add('pattern matching');
  if (bias) found.add('bias cut');
  for (const part of ['lining', 'interfacing', 'facing', 'binding'] as const) if (make.fabrics.some((u) => u.part === part)) found.add(part);
  const words = [...make.alterations.flatMap((a) => a.note ?? []), ...make.notions.map((n) => n.what)];
  for (const name of words.flatMap(techniquesIn)) found.add(name);
  return found;
}

/**
 * Lessons that help with what is planned: the nearest first, each once.
 *
 * @param makes all makes of the ledger, whoever they are for
 * @returns the same fabric, then the same fibre and structure, then a technique that it needs, then the pattern itself
 */
export function recalledFor(request: LessonRequest, makes: readonly Make[]): Recalled[] {
  const { make, pattern, fabrics } = request;
  const used = make.fabrics.flatMap((u) => withId(fabrics, u.fabricId) ?? []);
  const techniques = techniquesOf(request);
  const patternIds = new Set([...(pattern ? [pattern.id] : []), ...make.sources.map((s) => s.patternId)]);
  const reasonFor = (subject: NoteSubject, from: Make): Pick<Recalled, 'because' | 'of'> | undefined => {
    switch (subject.of) {
      case 'technique':
        return techniques.has(subject.name) ? { because: 'the technique', of: subject.name } : undefined;
      case 'pattern':
        return from.sources.some((s) => patternIds.has(s.patternId)) && pattern ? { because: 'the pattern', of: pattern.name } : undefined;
      default: {
        const taught = withId(fabrics, subject.fabricId);
        if (!taught) return undefined;
        if (used.includes(taught)) return { because: 'this fabric', of: taught.name };
        return subject.of === 'fabrics like it' && used.some((f) => areAlike(f, taught))
          ? { because: 'a fabric like it', of: taught.name }
          : undefined;
      }
    }
  };
  const place = ({ because }: Pick<Recalled, 'because'>) => NEAREST.indexOf(because);
  return lessonsIn(makes)
    .flatMap((lesson): Recalled[] => {
      const reasons = (lesson.note.about ?? []).flatMap((subject) => reasonFor(subject, lesson.make) ?? []).sort((a, b) => place(a) - place(b));
      const [nearest] = reasons;
      return nearest ? [{ ...lesson, ...nearest }] : [];
    })
    .sort((a, b) => place(a) - place(b));
}

/** Why a lesson is shown: `a fabric like it: plum viscose`. */
export function reasonWords({ because, of }: Pick<Recalled, 'because' | 'of'>): string {
  return because === 'the technique' ? of : because === 'the pattern' ? 'this pattern' : because === 'this fabric' ? 'this fabric' : `like ${of}`;
}

/** Where a lesson was learned, and how that make fared: `learned on Grebe dress, version 2, loved 4 of 5`. */
export function learnedOn({ make }: Pick<Lesson, 'make'>, patterns: readonly Pick<Pattern, 'id' | 'name'>[]): string {
  const love = make.verdicts.at(-1)?.love;
  const fared = make.state === 'abandoned' ? ', given up' : love === undefined ? '' : `, liked ${love} of 5`;
  return `learned on ${makeName(make, patterns)}${fared}`;
}

/** What a lesson is about, in words: `viscose lawn and fabrics like it; zip`. */
export function subjectWords(about: readonly NoteSubject[], fabrics: readonly Pick<Fabric, 'id' | 'name'>[]): string {
  return about
    .map((s) => {
      if (s.of === 'technique') return s.name;
      if (s.of === 'pattern') return 'this pattern';
      const name = withId(fabrics, s.fabricId)?.name ?? 'a fabric that is gone';
      return s.of === 'fabric' ? name : `fabrics like ${name}`;
    })
    .join('; ');
}
