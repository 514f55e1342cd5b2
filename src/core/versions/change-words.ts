import { alterationWords, sizeLineWords } from '../alteration/words';
import { sameLine } from '../garment/chart';
import type { LengthUnit } from '../units/length';
import { keysOf } from '../units/keys';
import { zoneOf } from '../body/zones';
import { calledField, Make } from '../records';

/**
 * A change of a make in words, as undo names it.
 *
 * @param name what the make is called
 * @example changeWords('Skerry jacket, version 3', before, after, 'cm') // 'sleeve length +2 cm on Skerry jacket, version 3'
 */
export function changeWords(name: string, before: Make, after: Make, unit: LengthUnit): string {
  const said: string[] = [];
  for (const a of after.alterations) {
    const was = before.alterations.find((b) => b.id === a.id);
    if (was === a) continue;
    said.push(alterationWords(a, unit));
  }
  for (const b of before.alterations) if (!after.alterations.some((a) => a.id === b.id)) said.push(`without ${alterationWords(b, unit)}`);
  if (!sameLine(before.size, after.size)) said.push(`size ${sizeLineWords(after.size)}`);
  for (const { zone, line } of after.sizeLines) {
    const was = before.sizeLines.find((l) => l.zone === zone)?.line;
    if (!sameLine(was, line)) said.push(`${zoneOf(zone).label} ${sizeLineWords(line)}`);
  }
  for (const { zone } of before.sizeLines) if (!after.sizeLines.some((l) => l.zone === zone)) said.push(`${zoneOf(zone).label} as elsewhere`);
  if (before.state !== after.state) said.push(after.state);
  for (const field of keysOf({ ...before, ...after })) {
    if (['alterations', 'size', 'sizeLines', 'state'].includes(field) || before[field] === after[field]) continue;
    said.push(calledField(Make.shape, field));
  }
  return `${said.slice(0, 3).join(', ') || 'change'}${said.length > 3 ? ' …' : ''} on ${name}`;
}
