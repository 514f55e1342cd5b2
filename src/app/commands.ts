import { SECTIONS } from './sections';
import { routes } from '../routes';

/** What can be done by its name from the field on the strip. */
export const COMMANDS: readonly { readonly title: string; readonly path: string; readonly detail?: string; readonly words?: string }[] = [
  { title: 'Log a make', path: routes.newMake(), detail: 'key n', words: 'new garment version enter write' },
  { title: 'Add a pattern', path: routes.newPattern(), words: 'new pattern' },
  { title: 'Add a fabric to the stash', path: routes.newFabric, words: 'new fabric fabric stash bought' },
  { title: 'Note what was worn', path: routes.wear, words: 'wore today outfit suitcase journey bulk' },
  { title: 'Statement of a month, a season or a year', path: routes.statements, words: 'report review look back print' },
  { title: 'Plan the next garment', path: routes.sewNext, words: 'new plan list queue' },
  { title: 'Add a person', path: routes.newPerson, words: 'new person body child' },
  { title: 'Save the ledger to a file', path: routes.files, words: 'export backup copy' },
  { title: 'Read a ledger from a file', path: routes.files, words: 'import open restore' },
  { title: 'Tell it: many makes at once', path: routes.tell, words: 'notebook dictate paste evening several text' },
  { title: 'How the line is written', path: routes.line, words: 'shorthand help grammar examples' },
  ...SECTIONS.map((s) => ({ title: `Go to: ${s.name}`, path: s.path, detail: `key ${s.key}` })),
];
