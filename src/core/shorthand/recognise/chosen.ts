import type { Chosen } from '../../records';
import { entriesOf } from '../../units/keys';
import { byRules, rule, says } from '../said';

/** Details of a view that are chosen, in the words for each of their choices. */
const DETAILS_SAID = {
  sleeve: {
    none: 'sleeveless|no sleeves|without (?:the )?sleeves',
    short: 'short sleeved?s?',
    elbow: 'elbow(?:[ -]length)? sleeves?|half sleeves?',
    long: 'long sleeved?s?',
  },
  length: {
    short: '(?:the )?(?:short|cropped|mini) (?:length|version)',
    mid: '(?:the )?(?:mid|middle|midi|knee)(?:[ -]length| version)',
    long: '(?:the )?(?:long|full|maxi) (?:length|version)',
  },
  neck: {
    round: '(?:round|crew) neck(?:line)?',
    v: 'v[ -]?neck(?:line)?',
    boat: 'boat neck(?:line)?|bateau(?: neck)?',
    collar: 'with (?:a |the )?collar|collared',
    notched: '(?:with (?:a |the )?)?notched collar',
    band: '(?:with (?:a |the )?)?(?:band|mandarin|stand) collar',
    shawl: '(?:with (?:a |the )?)?shawl collar',
  },
  opening: {
    none: 'no (?:opening|closure)|without (?:an opening|a closure)|pullover version',
    buttons: 'button(?:ed)? (?:front|version|closure)|with buttons',
    zip: 'zip(?:ped)? (?:front|version|closure)|with (?:a )?zip',
    open: 'open (?:front|version)',
  },
  pockets: {
    none: 'no pockets|without (?:the )?pockets|pockets left (?:out|off)',
    patch: '(?:with )?patch pockets',
    welt: '(?:with )?welt pockets',
    slant: '(?:with )?slant(?:ed)? pockets',
  },
} satisfies { readonly [D in keyof Chosen]-?: Readonly<Record<NonNullable<Chosen[D]>, string>> };

/** What the pattern offers to be chosen, and only that: elsewhere the same words describe, or complain. */
export const recogniseChosen = byRules(
  entriesOf<keyof Chosen, Readonly<Record<string, string>>>(DETAILS_SAID).flatMap(([detail, words]) =>
    entriesOf(words).map(([choice, said]) =>
      rule(`(?:(?:with|in|and|the|a) )*(?:${said})`, 'sure', (_, { subject: of }) => {
        const offered: readonly string[] = of?.pattern?.offers?.[detail] ?? [];
        return offered.includes(choice) ? says({ is: 'chosen', chosen: { [detail]: choice } }) : undefined;
      }),
    ),
  ),
);
