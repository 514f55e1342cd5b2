/**
 * The keys of an object whose type names all of them; `Object.keys` widens them to any text.
 *
 * Only for objects built from a closed list of keys, such as the catalogues: an object that may hold more than its type
 * says would hand out keys that the type denies.
 *
 * @example keysOf({ waist: 70, hip: 96 }) // ['waist', 'hip']
 */
export const keysOf = <Key extends string>(of: Partial<Readonly<Record<Key, unknown>>>): Key[] => Object.keys(of) as Key[];

/**
 * The keys of a catalogue with at least one entry, as Zod's enums ask for them.
 *
 * @example z.enum(idsOf({ waist: 'Waist', hip: 'Hip' }))
 */
export const idsOf = <Key extends string>(catalogue: Readonly<Record<Key, unknown>>): [Key, ...Key[]] => Object.keys(catalogue) as [Key, ...Key[]];

/**
 * The entries of an object whose type names all its keys, without those that hold nothing.
 *
 * @example entriesOf({ waist: 70, hip: undefined }) // [['waist', 70]]
 */
export const entriesOf = <Key extends string, Value>(of: Partial<Readonly<Record<Key, Value>>>): [Key, Value][] =>
  (Object.entries(of) as [Key, Value | undefined][]).filter((entry): entry is [Key, Value] => entry[1] !== undefined);

/**
 * An object with a value for each of the keys.
 *
 * @example fromKeys(['waist', 'hip'], (key) => key.length) // { waist: 5, hip: 3 }
 */
export const fromKeys = <Key extends string, Value>(keys: readonly Key[], valueOf: (key: Key) => Value): Record<Key, Value> =>
  Object.fromEntries(keys.map((key) => [key, valueOf(key)])) as Record<Key, Value>;

/**
 * An object without those of its fields that hold nothing: what was never said is not kept as an empty field.
 *
 * @example withoutEmpty({ amount: undefined, side: 'left' }) // { side: 'left' }
 */
export const withoutEmpty = <T extends object>(of: T): { [Key in keyof T]?: Exclude<T[Key], undefined> } =>
  Object.fromEntries(Object.entries(of).filter(([, value]) => value !== undefined)) as { [Key in keyof T]?: Exclude<T[Key], undefined> };
