import { Chosen, type Pattern } from '../core/records';
import { fieldMeta } from '../core/records/field';
import { keysOf } from '../core/units/keys';
import { useTradeWords } from '../data/queries';
import { SelectField } from '../ui/field';

/** What a garment is made with, where its pattern offers a choice: one of its lengths, one of its sleeves. */
export function ChosenFields({
  pattern,
  chosen = {},
  onChosen,
}: {
  pattern: Pick<Pattern, 'offers'>;
  chosen?: Chosen | undefined;
  onChosen: (chosen: Chosen | undefined) => void;
}) {
  const inWords = useTradeWords();
  const offers = pattern.offers ?? {};
  return keysOf(Chosen.shape).flatMap((detail) => {
    const offered: readonly string[] = offers[detail] ?? [];
    if (offered.length < 2) return [];
    const { label, words } = fieldMeta(Chosen.shape[detail]);
    return [
      <SelectField
        key={detail}
        label={inWords(label)}
        value={chosen[detail] ?? ''}
        onChange={(e) => {
          const { [detail]: _, ...rest } = chosen;
          const next: Chosen = e.target.value === '' ? rest : Chosen.parse({ ...rest, [detail]: e.target.value });
          onChosen(Object.keys(next).length > 0 ? next : undefined);
        }}
      >
        <option value="">as the view</option>
        {offered.map((value) => (
          <option key={value} value={value}>
            {inWords(words?.[value] ?? value)}
          </option>
        ))}
      </SelectField>,
    ];
  });
}
