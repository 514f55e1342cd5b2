import { byDay } from '../../units/date';
import type { Make } from '../../records/make';
import { noted } from './history';
import { historyKey } from './history-key';
import type { Merged, Tables } from './merge';
import type { Stamp } from './stamp';

const makesOf = (tables: Tables) => tables.makes as unknown as readonly Make[];

/** Makes of which versions are counted together. */
const seriesOf = (make: Make) => `${make.personId}/${make.sources[0]?.patternId ?? make.name}`;

/** Makes that were given one number each on its own side, and now bear the same: the later cut take the next numbers. */
function numberedAnew(makes: readonly Make[], sides: readonly (readonly Make[])[]): Map<string, number> {
  const last = new Map<string, number>();
  for (const make of makes) last.set(seriesOf(make), Math.max(make.version, last.get(seriesOf(make)) ?? 0));
  const numberOn = (side: readonly Make[]) => new Map(side.map((m) => [m.id, `${seriesOf(m)} ${m.version}`]));
  const numbers = sides.map(numberOn);
  const anew = new Map<string, number>();
  const first = new Map<string, Make>();
  for (const make of [...makes].sort((a, b) => byDay(a.cutOn, b.cutOn) || (a.id < b.id ? -1 : 1))) {
    const series = seriesOf(make);
    const number = `${series} ${make.version}`;
    const twin = first.get(number);
    if (!twin) first.set(number, make);
    else if (!numbers.some((on) => on.get(make.id) === number && on.get(twin.id) === number)) {
      const next = last.get(series)! + 1;
      anew.set(make.id, next);
      last.set(series, next);
    }
  }
  return anew;
}

/**
 * What joining field by field cannot see is put right, and written now: two versions 3 of one pattern become 3 and 4; a make that lost
 * its pattern on one side and its name on the other is called something.
 */
export function settled(merged: Merged, sides: readonly Tables[], fresh: Stamp): Merged & { readonly renumbered: number } {
  const makes = makesOf(merged.tables);
  const anew = numberedAnew(makes, sides.map(makesOf));
  const records = new Map(merged.history.records);
  const put = makes.map((make): Make => {
    const version = anew.get(make.id) ?? make.version;
    const name = make.sources.length === 0 ? (make.name ?? 'a make') : make.name;
    if (version === make.version && name === make.name) return make;
    const after = { ...make, version, ...(name === undefined ? {} : { name }) };
    const key = historyKey('makes', make.id);
    const history = noted({ table: 'makes', id: make.id }, records.get(key), make, after, fresh);
    if (history) records.set(key, history);
    return after;
  });
  return { ...merged, tables: { ...merged.tables, makes: put }, history: { ...merged.history, records }, renumbered: anew.size };
}
