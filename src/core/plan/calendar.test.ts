import { blankPlan } from '../records/blank';
import type { Plan, PlanList } from '../records';
import { calendarDays } from './calendar';
import { calendarFile } from './calendar-file';

const plan = (id: string, rest: Partial<Plan> = {}): Plan => ({ ...blankPlan(id, 'person', 'pattern', 'view', '2026-01-01'), ...rest });
const list: PlanList = { id: 'list', name: 'Winter concerts', due: '2026-12-19', added: '2026-01-01', note: 'all in black' };
const nameOf = (p: Plan) => `Skerry jacket, ${p.id}`;
const unfolded = (file: string) => file.replace(/\r\n[ \t]/g, '').split('\r\n');

describe('days of what is planned', () => {
  test('open plans with a day, and lists with something left, in the order of their days', () => {
    const plans = [
      plan('late', { due: '2027-03-01', words: 'for the spring' }),
      plan('soon', { due: '2026-12-12', listId: 'list' }),
      plan('dateless', { listId: 'list' }),
      plan('made', { due: '2026-12-01', state: 'made' }),
    ];
    expect(calendarDays(plans, [list], nameOf)).toEqual([
      { id: 'soon', date: '2026-12-12', title: 'Sewn by today: Skerry jacket, soon', note: undefined },
      { id: 'list', date: '2026-12-19', title: 'Winter concerts: to be done', note: 'all in black\nSkerry jacket, soon\nSkerry jacket, dateless' },
      { id: 'late', date: '2027-03-01', title: 'Sewn by today: Skerry jacket, late', note: 'for the spring' },
    ]);
  });

  test('a list whose plans are all made has no day any more', () => {
    expect(calendarDays([plan('made', { listId: 'list', state: 'made' })], [list], nameOf)).toEqual([]);
  });
});

describe('the file', () => {
  const days = [{ id: 'p', date: '2026-12-31', title: 'Sewn by today: skirt, "black"; long', note: 'hem, then\npress' }];

  test('whole days that do not slip into another, whatever the zone of the machine', () => {
    const lines = unfolded(calendarFile(days, '2026-11-25'));
    expect(lines).toContain('DTSTART;VALUE=DATE:20261231');
    expect(lines).toContain('DTEND;VALUE=DATE:20270101');
    expect(lines).toContain('UID:p@amber-ledger');
    expect(lines[0]).toBe('BEGIN:VCALENDAR');
    expect(lines.filter((l) => l === 'BEGIN:VEVENT')).toHaveLength(1);
  });

  test('commas, semicolons and lines are written so that a calendar reads them as words', () => {
    const lines = unfolded(calendarFile(days, '2026-11-25'));
    expect(lines).toContain('SUMMARY:Sewn by today: skirt\\, "black"\\; long');
    expect(lines).toContain('DESCRIPTION:hem\\, then\\npress');
  });

  test('no line is longer than 75 bytes, and the same days make the same file', () => {
    const long = [{ id: 'p', date: '2026-12-31', title: `Sewn by today: ${'very long ä '.repeat(20)}` }];
    const file = calendarFile(long, '2026-11-25');
    for (const line of file.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    expect(calendarFile(long, '2026-11-25')).toBe(file);
  });
});
