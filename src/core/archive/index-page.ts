import { lookedWords, outcomeWords } from '../make/fit-note-words';
import { isUndated, writtenDay } from '../make/its-day';
import { makeName } from '../make/make-name';
import { alterationWords, sizeLineWords } from '../alteration/words';
import { byDay } from '../units/date';
import type { LengthUnit } from '../units/length';
import { zoneOf } from '../body/zones';
import { askedFields, fieldWords, type Ledger, Make } from '../records';
import { escapeHtml } from '../units/escape-html';
import { counted } from '../units/counted';
import { addToGroup } from '../units/group-by';

/** What a page of makes is written from: a ledger whose pictures lie beside it. */
export type IndexInput = Pick<Ledger, 'people' | 'patterns' | 'fabrics' | 'makes'> & {
  readonly pictures: readonly {
    readonly makeId?: string | undefined;
    readonly side: string;
    readonly place: number;
    readonly file?: string | undefined;
  }[];
};

/**
 * All makes of a ledger as one page that needs no program: the newest first, with pattern, size, alterations, fabric, fit, verdict and
 * pictures. No script, and nothing from elsewhere.
 *
 * @param written the day it was written
 */
export function indexPage(ledger: IndexInput, written: string, unit: LengthUnit): string {
  const pictures = new Map<string, string[]>();
  for (const p of [...ledger.pictures].sort((a, b) => a.side.localeCompare(b.side) || a.place - b.place))
    if (p.makeId !== undefined && p.file !== undefined) addToGroup(pictures, p.makeId, p.file);
  const makes = [...ledger.makes].sort((a, b) => byDay(b.cutOn, a.cutOn) || b.id.localeCompare(a.id));
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; img-src 'self' file:; style-src 'unsafe-inline'">
<title>Makes, ${escapeHtml(written)}</title>
<style>
body { margin: 24px auto; max-width: 820px; padding: 0 16px; background: #fffdf8; color: #26211c; font: 16px/1.45 Georgia, serif; }
article { border-top: 3px double #cdbfa9; padding: 8px 0 16px; overflow: hidden; }
h2 { font-size: 19px; margin: 4px 0; }
p { margin: 2px 0; }
img { height: 150px; float: right; margin-left: 10px; background: #fff; }
.at { color: #5c5347; }
</style>
</head>
<body>
<h1>${counted(makes.length, 'make')}</h1>
<p class="at">Written on ${escapeHtml(written)}. All that the ledger holds stands in ledger.json; schema.json says how.</p>
${makes.map((m) => makeArticle(m, ledger, pictures.get(m.id) ?? [], unit)).join('\n')}
</body>
</html>
`;
}

function makeArticle(make: Make, ledger: IndexInput, files: readonly string[], unit: LengthUnit): string {
  const verdict = make.verdicts.at(-1);
  const lines: [string, string][] = [
    [
      'Cut',
      [make.size && `size ${sizeLineWords(make.size)}`, ...make.sizeLines.map((l) => `${zoneOf(l.zone).label} ${sizeLineWords(l.line)}`)]
        .filter(Boolean)
        .join(', '),
    ],
    ['Changed', make.alterations.map((a) => alterationWords(a, unit)).join('; ')],
    [
      'Joined with',
      [...make.sources.slice(1).flatMap((s) => ledger.patterns.find((p) => p.id === s.patternId)?.name ?? []), make.own ?? '']
        .filter(Boolean)
        .join(', '),
    ],
    ['It was', make.bought?.what ?? ''],
    ['Fabric', make.fabrics.flatMap((u) => ledger.fabrics.find((c) => c.id === u.fabricId)?.name ?? []).join(', ')],
    ['Fit', make.fitNotes.map((n) => `${zoneOf(n.zone).label} ${outcomeWords(n, unit)}, ${lookedWords(n, make)}`).join('; ')],
    ['Notes', make.notes.map((n) => n.words).join('; ')],
    ['Verdict', verdict ? `${verdict.love} of 5${verdict.words ? `: ${verdict.words}` : ''}` : ''],
    ...askedFields(Make.shape, (meta) => meta.page === true).map(({ name, meta }): [string, string] => [
      meta.label,
      fieldWords(meta, make[name], unit) ?? '',
    ]),
    ['Remark', make.remark ?? ''],
  ];
  const person = ledger.people.find((p) => p.id === make.personId)?.name;
  return `<article>
${files.map((f) => `<img src="${escapeHtml(f)}" alt="">`).join('')}<h2>${escapeHtml(makeName(make, ledger.patterns))}</h2>
<p class="at">${escapeHtml([isUndated(make) ? undefined : writtenDay(make, make.cutOn), person && `for ${person}`, make.kind === 'garment' ? '' : make.kind, make.state].filter(Boolean).join(' · '))}</p>
${lines
  .filter(([, words]) => words !== '')
  .map(([head, words]) => `<p><b>${head}</b> ${escapeHtml(words)}</p>`)
  .join('\n')}
</article>`;
}
