import type { FabricUnit } from '../units/length';

/** A picture of a make, to be filled in by whoever draws the sheet. */
export interface SheetPicture {
  readonly makeId: string;
  readonly caption: string;
}

export interface SheetColumn {
  readonly head: string;
  /** Figures stand at the right. */
  readonly figures?: boolean;
}

/** A part of a sheet, plain enough to be shown on a page, printed, and written as Markdown. */
export type SheetBlock =
  | { readonly kind: 'heading'; readonly text: string }
  | { readonly kind: 'words'; readonly text: string; readonly quiet?: boolean }
  | { readonly kind: 'list'; readonly items: readonly string[] }
  | { readonly kind: 'table'; readonly caption: string; readonly columns: readonly SheetColumn[]; readonly rows: readonly (readonly string[])[] }
  | {
      readonly kind: 'bars';
      readonly caption: string;
      readonly bars: readonly { readonly label: string; readonly value: number; readonly words: string }[];
    }
  | { readonly kind: 'pictures'; readonly pictures: readonly SheetPicture[] }
  /** A garment with its picture, told line by line. */
  | { readonly kind: 'told'; readonly picture: SheetPicture; readonly lines: readonly { readonly what: string; readonly words: string }[] };

/** Something to be shown to others: a statement of a season, the review of a make. */
export interface Sheet {
  readonly title: string;
  readonly under: string;
  readonly blocks: readonly SheetBlock[];
}

/** What is shown only if it is asked for. */
export interface SheetOptions {
  readonly prices: boolean;
  readonly body: boolean;
  /** How fabric is measured by length; without it as the unit of length has it. */
  readonly fabricUnit?: FabricUnit;
}

/** Keeps signs that mean something in Markdown from meaning it; a line break within a table becomes a space. */
function plain(text: string): string {
  return text
    .replace(/[\\`*_{}[\]<>#|~]/g, '\\$&')
    .replace(/\s*\n\s*/g, ' ')
    .replace(/^([-+])(?=\s)/, '\\$1')
    .replace(/^(\d+)\.(?=\s)/, '$1\\.');
}

/**
 * A sheet as Markdown.
 *
 * @param pictureFile the file of a make's picture beside the text, or undefined where there is none
 */
export function toMarkdown(sheet: Sheet, pictureFile: (makeId: string) => string | undefined): string {
  const blocks = sheet.blocks.map((block) => {
    switch (block.kind) {
      case 'heading':
        return `## ${plain(block.text)}`;
      case 'words':
        return block.quiet ? `*${plain(block.text)}*` : plain(block.text);
      case 'list':
        return block.items.map((item) => `- ${plain(item)}`).join('\n');
      case 'bars':
        return tableOf(
          block.caption,
          [{ head: '' }, { head: '', figures: true }],
          block.bars.map((b) => [b.label, b.words]),
        );
      case 'table':
        return tableOf(block.caption, block.columns, block.rows);
      case 'told': {
        const { makeId, caption } = block.picture;
        const file = pictureFile(makeId);
        const picture = file ? [`![${plain(caption)}](${file})`, ''] : [];
        return [`### ${plain(caption)}`, '', ...picture, ...block.lines.map(({ what, words }) => `- **${plain(what)}:** ${plain(words)}`)].join('\n');
      }
      case 'pictures':
        return block.pictures
          .map(({ makeId, caption }) => {
            const file = pictureFile(makeId);
            return file ? `![${plain(caption)}](${file})\n${plain(caption)}` : plain(caption);
          })
          .join('\n\n');
    }
  });
  return `${[`# ${plain(sheet.title)}`, plain(sheet.under), ...blocks].filter((b) => b !== '').join('\n\n')}\n`;
}

function tableOf(caption: string, columns: readonly SheetColumn[], rows: readonly (readonly string[])[]): string {
  const line = (cells: readonly string[]) => `| ${cells.map(plain).join(' | ')} |`;
  const rule = `|${columns.map((c) => (c.figures ? ' ---: ' : ' --- ')).join('|')}|`;
  return [`**${plain(caption)}**`, '', line(columns.map((c) => c.head)), rule, ...rows.map(line)].join('\n');
}
