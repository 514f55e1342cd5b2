import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Person } from '../../core/records';
import { newId } from '../../data/new-id';
import { useOccasions, usePlans } from '../../data/queries';
import { today } from '../../data/today';
import { dayWords } from '../../parts/bench-words';
import { save } from '../../parts/save';
import { routes } from '../../routes';
import { Button } from '../../ui/button';
import { DateField } from '../../ui/date-field';
import { TextField } from '../../ui/field';
import { counted } from '../../core/units/counted';

/** What is dressed for: each leads to what could be sewn for it. */
export function Occasions({ person }: { person: Person }) {
  const occasions = useOccasions();
  const plans = usePlans();
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [date, setDate] = useState<string>();
  const ahead = occasions.filter((o) => (o.until ?? o.date) >= today()).sort((a, b) => a.date.localeCompare(b.date));
  const begin = async () => {
    if (name.trim() === '' || date === undefined) return;
    const put = { id: newId(), personId: person.id, name: name.trim(), date };
    if (await save(`occasion: ${put.name}`, [{ table: 'occasions', put }])) void navigate(routes.occasion(put.id));
  };
  return (
    <section aria-labelledby="occasions" className="mt-5">
      <h2 id="occasions" className="text-head">
        Occasions
      </h2>
      <ul className="border-t border-rule">
        {ahead.map((occasion) => {
          const meant = plans.filter((p) => p.occasionId === occasion.id && p.state === 'open').length;
          return (
            <li key={occasion.id} className="border-b border-rule py-1">
              <Link className="underline-offset-2 hover:underline" to={routes.occasion(occasion.id)}>
                {occasion.name}
              </Link>
              <span className="text-small text-ink2">
                {' '}
                · {dayWords(occasion.date)}
                {meant > 0 ? ` · ${counted(meant, 'plan')} for it` : ' · what could I sew for it?'}
              </span>
            </li>
          );
        })}
      </ul>
      <form
        className="mt-1 flex flex-wrap items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          void begin();
        }}
      >
        <TextField
          label="Another occasion"
          value={name}
          onChange={(e) => setName(e.target.value)}
          placeholder="the wedding in July"
          className="w-52"
        />
        <DateField label="On" value={date} min={today()} atOnce onValue={setDate} />
        <Button type="submit" disabled={name.trim() === '' || date === undefined}>
          Dress for it
        </Button>
      </form>
    </section>
  );
}
