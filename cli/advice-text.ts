import { formatLength, type LengthUnit } from '../src/core/units/length';
import { percent } from '../src/core/units/percent';
import type { Advice } from './advice';

/** Advice as people read it in a terminal; plain spaces and hyphens, so that it survives any of them. */
export function adviceText(advice: Advice, unit: LengthUnit): string {
  const about = (cm: number) => formatLength(cm, unit, { signed: true, about: true });
  const range = ({ median, low, high }: { median: number; low: number; high: number }) => `${about(median)} (${about(low)} to ${about(high)})`;
  const lines = [`${advice.person}, on ${advice.on}`, ''];
  for (const u of advice.usualAlterations)
    lines.push(`Usual alteration: ${u.alteration}; ${u.zone} about ${range(u.best)}, chance ${percent(u.chance)}, from ${u.patterns.join(', ')}`);
  for (const d of advice.designers) lines.push(`${d.designer} runs ${d.runs} at the ${d.zone}, by about ${range(d.by)}, chance ${percent(d.chance)}`);
  if (advice.usualAlterations.length + advice.designers.length > 0) lines.push('');
  for (const p of advice.patterns) {
    lines.push(`${p.pattern}${p.designer ? `, ${p.designer}` : ''}: ${p.decision.answer}${p.decision.judgedEarly ? ' (judged early)' : ''}`);
    for (const because of p.decision.because) lines.push(`  because ${because}`);
    lines.push(`  would change it: ${p.decision.wouldChange}`);
    if (p.sizeLines.length > 0) lines.push(`  version ${p.nextVersion}: cut ${p.sizeLines.join(', ')}`);
    if (p.alterations.length > 0) lines.push(`  alter: ${p.alterations.join(', ')}`);
    for (const z of p.zones) {
      const place = z.among?.place ?? about(z.offset);
      const best = z.among ? '' : `, best ${range(z.best)}`;
      lines.push(
        z.chance === undefined
          ? `  ${z.zone}: nothing noted, kept at ${place}`
          : `  ${z.zone}: ${z.changed ? 'to' : 'keep'} ${place}${best}, chance of right ${percent(z.chance)}`,
      );
    }
    for (const { method, size, because } of p.sizes?.sizingMethods ?? []) lines.push(`  size by ${method}: ${size ?? 'none'} (${because})`);
    if (p.sizes && p.sizes.blend.length > 0)
      lines.push(`  blend: ${p.sizes.blend.map((z) => `${z.zone} ${z.size} (${percent(z.chance)})`).join(', ')}`);
    for (const remark of p.sizes?.remarks ?? []) lines.push(`  ${remark}`);
    if (p.toMark.length > 0) lines.push(`  to mark on the pattern paper: ${p.toMark.join(', ')}`);
    lines.push('');
  }
  return lines
    .join('\n')
    .replace(/\u202f/g, ' ')
    .trimEnd();
}
