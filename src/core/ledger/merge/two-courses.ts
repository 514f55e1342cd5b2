import { newestOf, stampAt, type Histories, type RecordHistory } from './history';
import { deviceOf, NEVER, type Known, type Stamp } from './stamp';

/** The stamps of a record in two ledgers, place by place. */
function* placesOf(a: RecordHistory | undefined, b: RecordHistory | undefined): Generator<readonly [Stamp, Stamp]> {
  yield [a?.all ?? NEVER, b?.all ?? NEVER];
  yield [a?.removed ?? NEVER, b?.removed ?? NEVER];
  yield [a?.back ?? NEVER, b?.back ?? NEVER];
  for (const leaf of new Set([...Object.keys(a?.fields ?? {}), ...Object.keys(b?.fields ?? {})])) yield [stampAt(a, leaf), stampAt(b, leaf)];
}

/**
 * Whether two ledgers went on as one and the same device, each on its own: a browser's profile that was copied to another machine. What
 * only this device can have written stands there otherwise than here.
 *
 * @param device the one of this ledger
 * @returns up to which of its stamps both tell the same; undefined where they went one course
 * @example twoCourses('desk', here, there) // undefined for a phone's ledger and this one
 */
export function twoCourses(device: string, here: Histories, there: Histories): Stamp | undefined {
  const theyKnow = there.known.get(device) ?? NEVER;
  let apart = theyKnow > (here.known.get(device) ?? NEVER);
  let common = NEVER;
  for (const key of new Set([...here.records.keys(), ...there.records.keys()])) {
    const [a, b] = [here.records.get(key), there.records.get(key)];
    for (const [ours, theirs] of placesOf(a, b)) {
      if (ours === theirs) {
        if (deviceOf(ours) === device && ours > common) common = ours;
        continue;
      }
      // Everything that this device wrote is here, or was written over by something later.
      if (deviceOf(theirs) === device && theirs > ours && theirs > newestOf(a)) apart = true;
      if (deviceOf(ours) === device && ours > theirs && ours <= theyKnow && ours > newestOf(b)) apart = true;
    }
  }
  return apart ? common : undefined;
}

/** What a ledger knows where one device went two courses: of that one only what both tell the same. */
export function knownBefore(known: Known, device: string, common: Stamp): Map<string, Stamp> {
  const before = new Map(known);
  if (common === NEVER) before.delete(device);
  else before.set(device, common);
  return before;
}
