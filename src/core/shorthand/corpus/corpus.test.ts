import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { demoLedger } from '../../../../demo/ledger';
import { factsOf } from '../facts';
import { lineContextOf } from '../line-context';
import { readLine } from '../read-line';

const CONTEXT = lineContextOf(demoLedger(), { unit: 'cm', currency: 'EUR', today: '2026-11-25' });

interface Sentence {
  readonly text: string;
  readonly must: readonly string[];
  readonly may: readonly string[];
  readonly asks: readonly string[];
}

/** The sentences of a file with what must be understood, in the form that its head describes. */
function sentencesOf(name: string): Sentence[] {
  const blocks = readFileSync(join(__dirname, name), 'utf8').split(/^> /m).slice(1);
  return blocks.map((block) => {
    const [text = '', ...rest] = block.split('\n').filter((line) => !line.startsWith('#'));
    const lines = rest
      .join(';')
      .split(';')
      .map((line) => line.trim())
      .filter((line) => line !== '');
    const after = (word: string) => lines.filter((line) => line.startsWith(`${word} `)).map((line) => line.slice(word.length + 1));
    return { text, must: lines.filter((line) => !/^(may|ask\??) /.test(line)), may: after('may'), asks: after('ask') };
  });
}

/** Kept: a sentence is looked at by itself, and held against what it says in other letters. */
const known = new Map<string, ReturnType<typeof understand>>();
function understood(text: string) {
  const meant = known.get(text) ?? understand(text);
  known.set(text, meant);
  return meant;
}
function understand(text: string) {
  const chips = readLine(text, CONTEXT);
  return {
    facts: chips.flatMap((c) => c.says.flatMap((u) => factsOf(u, CONTEXT))),
    asked: chips.filter((c) => c.asks).map((c) => ({ text: c.text.toLowerCase(), facts: c.choices.flat().flatMap((u) => factsOf(u, CONTEXT)) })),
  };
}

/** Whether every word of a fact stands in another, in order: figures within 0.06, `-?` any amount that way. */
function isSaid(want: string, have: string): boolean {
  const [wanted, had] = [want, have].map((fact) => fact.toLowerCase().split(' ')) as [string[], string[]]; // two facts
  if (wanted[0] !== had[0] || (wanted[0] === 'new' && wanted[1] !== had[1])) return false;
  let at = 0;
  return wanted.every((word) => {
    const figure = /^[+-]?\d+(\.\d+)?(cm)?$/;
    const found = had.findIndex((other, i) => {
      if (i < at && wanted[0] !== 'next') return false;
      if (/^[+-]\?$/.test(word)) return other[0] === word[0];
      if (figure.test(word) && figure.test(other)) return Math.abs(parseFloat(word) - parseFloat(other)) < 0.06;
      return other === word || (wanted[0] !== 'size' && other.startsWith(word));
    });
    at = found;
    return found >= 0;
  });
}

describe.each(['first.txt', 'own.txt'])('%s', (file) => {
  test.each(sentencesOf(file).map((s) => [s.text, s] as const))('%s', (text, { must, may, asks }) => {
    const { facts, asked } = understood(text);
    const missing = must.filter((want) => ![...facts, ...asked.flatMap((a) => a.facts)].some((have) => isSaid(want, have)));
    const misread = facts.filter((have) => !have.startsWith('version') && ![...must, ...may].some((want) => isSaid(want, have)));
    const unasked = asks.filter((words) => !asked.some((a) => a.text.includes(words) || words.includes(a.text)));
    expect({ missing, misread, unasked }).toEqual({ missing: [], misread: [], unasked: [] });
  });
});

test('at least 150 sentences of our own, each once', () => {
  const texts = sentencesOf('own.txt').map((s) => s.text);
  expect(texts.length).toBeGreaterThanOrEqual(150);
  expect(new Set(texts).size).toBe(texts.length);
});

describe('what changes no meaning', () => {
  const all = [...sentencesOf('first.txt'), ...sentencesOf('own.txt')].map((s) => s.text);
  /** Facts without the words that are kept as they were written. */
  const meaning = (text: string) => {
    const { facts, asked } = understood(text);
    const plain = (list: readonly string[]) =>
      list.map((f) => (/^(next|note|loose end|new |designer|source|price|cost|own|remade|made over)/.test(f) ? f.toLowerCase() : f)).sort();
    return { facts: plain(facts), asked: asked.map((a) => plain(a.facts)) };
  };

  test('a full stop at the end', () => {
    for (const text of all.filter((t) => !t.endsWith('.'))) expect([text, meaning(`${text}.`)]).toEqual([text, meaning(text)]);
  });

  test('capitals or small letters', () => {
    for (const text of all) {
      expect([text, meaning(text.toUpperCase())]).toEqual([text, meaning(text)]);
      expect([text, meaning(text.toLowerCase())]).toEqual([text, meaning(text)]);
    }
  });

  const ITEMS = [
    'size C',
    'lengthened the bodice by 2 cm',
    'armhole a bit tight',
    'blue stripe poplin 1.9 m',
    'took me 3 hours',
    'love 4',
    'for Tilda',
    'worn 12 times',
    'finished yesterday',
    'zip 3.20',
    'next time in wool',
  ];
  test('the order of things that have nothing to do with each other', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(ITEMS, { minLength: 2 }), (items) => {
        const sorted = ITEMS.filter((item) => items.includes(item));
        expect(meaning(`Tidewater shirt, ${items.join(', ')}`)).toEqual(meaning(`Tidewater shirt, ${sorted.join(', ')}`));
      }),
      { numRuns: 60 },
    );
  });

  test('the same length in another unit', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 40 }), fc.constantFrom('lengthened the sleeves by', 'sleeve', 'cropped by'), (quarters, lead) => {
        const cm = quarters * 0.25;
        const amounts = (unit: string, n: number) =>
          readLine(`Tidewater shirt C, ${lead} ${lead === 'sleeve' ? '+' : ''}${n} ${unit}`, CONTEXT).flatMap((c) =>
            c.says.flatMap((u) => (u.is === 'alteration' ? [[u.alteration.kind, Math.round((u.alteration.amount ?? 0) * 1000)]] : [])),
          );
        expect(amounts('mm', cm * 10)).toEqual(amounts('cm', cm));
        expect(amounts('inches', Math.round((cm / 2.54) * 1e6) / 1e6)).toEqual(amounts('cm', cm));
        expect(amounts('cm', cm)).toHaveLength(1);
      }),
      { numRuns: 30 },
    );
  });

  const IDLE =
    'pebble window yellow garden across thunder quietly marble lantern seven paper because river humming although kitchen velvet orchard'.split(' ');
  test('a sentence of words that say nothing states nothing', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...IDLE.filter((w) => w !== 'lantern' && w !== 'velvet')), { minLength: 1, maxLength: 12 }), (words) => {
        expect(understood(words.join(' '))).toEqual({ facts: [], asked: [] });
      }),
    );
  });
});
