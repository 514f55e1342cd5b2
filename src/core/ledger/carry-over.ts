import equal from 'fast-deep-equal';
import { itemAt } from '../units/item-at';

type Fields = Readonly<Record<string, unknown>>;

const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;

/** By what the things of a list are told apart, the first that fits all of them: an id, or the place on the body that each speaks of. */
const KEYS = ['id', 'zone', 'patternId'] as const;

/** The keys of a list of things, or of words, where each has one of its own; undefined where they are told apart by their places only. */
function keysOf(list: readonly unknown[], by: (typeof KEYS)[number] | 'itself'): readonly string[] | undefined {
  const keys = list.map((item) => (by === 'itself' ? item : isFields(item) ? item[by] : undefined));
  const words = keys.filter((key) => typeof key === 'string');
  return words.length === list.length && new Set(words).size === list.length ? words : undefined;
}

/** Fields that hold a value for each of many keys, each of which is edited by itself. Everything else with parts (a price, a size line) is one value. */
export const MAPS: ReadonlySet<string> = new Set([
  'measures',
  'expected',
  'zoneClass',
  'seams',
  'wanted',
  'checks',
  'body',
  'finished',
  'chosen',
  'offers',
]);

/**
 * Carries an edit over to a record that may have changed meanwhile: what differs between `from` and `to` is done to `now`, down to one
 * measure of a set, one note of a list or one piece of a fabric, and everything else of `now` stays. Two edits that were begun on the same
 * record, in quick succession or in two tabs, thus both stand. Where both changed the very same thing, the edit wins: it is what was
 * entered last.
 *
 * @param now the record as it stands
 * @param from the record as it was when the edit was begun
 * @param to the record as the edit wants it
 * @returns `to` itself wherever `now` is as it was
 * @example carriedOver({ measures: { waist: 70, hip: 96 } }, { measures: { waist: 70 } }, { measures: { waist: 71 } }) // { measures: { waist: 71, hip: 96 } }
 */
export function carriedOver(now: unknown, from: unknown, to: unknown): unknown {
  if (from === to) return now;
  return isFields(now) && isFields(from) && isFields(to) ? fieldsCarriedOver(now, from, to) : valueCarriedOver('', now, from, to);
}

function valueCarriedOver(field: string, now: unknown, from: unknown, to: unknown): unknown {
  if (alike(from, to)) return now;
  if (alike(now, from)) return to;
  if (Array.isArray(now) && Array.isArray(from) && Array.isArray(to)) return listCarriedOver(now, from, to);
  // Where nothing was kept under any key yet, the field itself is missing; two first values are still two values.
  const [held, begun] = [now ?? {}, from ?? {}];
  return MAPS.has(field) && isFields(held) && isFields(begun) && isFields(to) ? fieldsCarriedOver(held, begun, to) : to;
}

/** Whether two values say the same; the bytes of a picture cannot be looked into here, and are the same only where they are one. */
const alike = (a: unknown, b: unknown) => a === b || ([a, b].every((value) => Array.isArray(value) || isFields(value)) && equal(a, b));

function fieldsCarriedOver(now: Fields, from: Fields, to: Fields): Fields {
  const result: Record<string, unknown> = { ...now };
  for (const field of new Set([...Object.keys(from), ...Object.keys(to)])) {
    const value = valueCarriedOver(field, now[field], from[field], to[field]);
    if (value === undefined) delete result[field];
    else result[field] = value;
  }
  return result;
}

function listCarriedOver(now: readonly unknown[], from: readonly unknown[], to: readonly unknown[]): readonly unknown[] {
  for (const by of [...KEYS, 'itself'] as const) {
    const [nowKeys, fromKeys, toKeys] = [keysOf(now, by), keysOf(from, by), keysOf(to, by)];
    if (nowKeys && fromKeys && toKeys) return keyedCarriedOver(mapOf(nowKeys, now), mapOf(fromKeys, from), mapOf(toKeys, to));
  }
  if (now.length === from.length && from.length === to.length) return now.map((item, i) => carriedOver(item, from[i], to[i]));
  return unkeyedCarriedOver(now, from, to);
}

const mapOf = (keys: readonly string[], list: readonly unknown[]) => new Map(keys.map((key, i) => [key, itemAt(list, i)]));

type Keyed = ReadonlyMap<string, unknown>;

/** Things with keys: each by itself; the order is that of the edit where it changed the order, else that of the list as it stands. */
function keyedCarriedOver(now: Keyed, from: Keyed, to: Keyed): readonly unknown[] {
  const stays = (key: string) => (to.has(key) ? now.has(key) || !from.has(key) : now.has(key) && !from.has(key));
  const both = (one: Keyed, other: Keyed) => [...one.keys()].filter((key) => other.has(key));
  const reordered = !equal(both(from, to), both(to, from));
  const [first, second] = reordered ? [to, now] : [now, to];
  const order = [...first.keys()].filter(stays);
  // What only the other has goes behind what it stands behind there.
  let before: string | undefined;
  for (const key of [...second.keys()].filter(stays)) {
    if (!order.includes(key)) order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, key);
    before = key;
  }
  return order.map((key) => (to.has(key) ? (now.has(key) ? carriedOver(now.get(key), from.get(key), to.get(key)) : to.get(key)) : now.get(key)));
}

/** Things without keys: what the edit took away is taken away once, and what it added comes last. */
function unkeyedCarriedOver(now: readonly unknown[], from: readonly unknown[], to: readonly unknown[]): readonly unknown[] {
  const without = (list: readonly unknown[], taken: readonly unknown[]) => {
    const left = [...list];
    for (const item of taken) {
      const at = left.findIndex((one) => equal(one, item));
      if (at >= 0) left.splice(at, 1);
    }
    return left;
  };
  return [...without(now, without(from, to)), ...without(to, from)];
}
