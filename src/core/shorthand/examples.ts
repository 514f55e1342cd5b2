interface Examples {
  readonly about: string;
  readonly note: string;
  readonly lines: readonly string[];
}

/** Lines of the help page and of docs/the-line.md, by what they show. Each is a test. `{…}` stands for a name of the ledger. */
export const LINE_EXAMPLES: readonly Examples[] = [
  {
    about: 'As you would say it',
    note: 'Whole sentences, in any order. What is meant for next time is kept for next time and never taken as done.',
    lines: [
      'Made the {pattern} again in size {size} with a {next} at the hips',
      'finished the {pattern} yesterday, size {size}, took me six hours, love it',
      '{pattern} {size}, lengthened the bodice by an inch and a half, sleeves still a bit too long',
      '{pattern} {size} in {fabric}, 1.9 m, took every scrap, worn 12 times',
      '{pattern} {size}, same as last time, next time raise the bust dart by 1 cm',
      '{pattern} {size}, lesson on elastic: walk it in quarters',
      '{pattern} {size}, hem still to do',
      'Curlew jeans {size}, waistband loose by 2 cm, mustard denim 1.5 m at 18 a metre',
      'Last winter I made the Harrow coat in a UK 14 from grey boiled wool, sleeves an inch too long',
      'dungarees from the Tern pattern, age 6, for my niece',
    ],
  },
  {
    about: 'A pattern and its version',
    note: 'The first words of a name will do where no other pattern begins with them. The version may be left out.',
    lines: ['{pattern}', '{pattern} version 3', '{pattern} #3 for {person}'],
  },
  {
    about: 'Size lines',
    note: 'A size of the pattern’s chart, for all or for a place; between two with “between … and …” or a stroke.',
    lines: ['{pattern} size {size}', '{pattern} {size}, hip {next}', '{pattern} between {size} and {next}', '{pattern} {next} at the waist and hip'],
  },
  {
    about: 'Joined, made over, in a set',
    note: 'Parts of another pattern or view go with this one; what is made over needs no pattern; a set that is not there yet is begun by its name.',
    lines: [
      '{pattern} {size} with the sleeves of the {other}',
      '{pattern} {size} with my own ruffle',
      '{pattern} {size}, part of a set called winter evenings',
      'summer skirt, cut down from a bought maxi dress, label size 42',
      'turned my old shirt into a blouse, 3 hours',
      'Marram bra 75 B, 4 hours',
    ],
  },
  {
    about: 'Alterations',
    note: 'Plus is longer, larger or lower. A bare number is in your unit. How a girth was measured is asked where you do not say it: per seam, per side, in all.',
    lines: [
      'bodice +1.5',
      'sleeve -3/4in',
      'shortened the hem by 3 cm on the body',
      'raised the hem 2 cm',
      'took in side seams 1 per seam at waist and hip',
      'took in the waist 2 cm at the centre back',
      'fba 1.5',
      'a bit off the sides',
      'sleeve -4 for looks',
      'seam allowance sewn at 1 instead of 1.5',
    ],
  },
  {
    about: 'Fit',
    note: 'A place with tight, loose, narrow, wide, short, long, high or low. 1 is slight, 2 clear, 3 spoils; with a unit it is a length.',
    lines: ['tight armhole 2', 'sleeve 2 cm too long', 'bust and hip right', 'gaping neckline', 'the rest is right', 'after 4 wears'],
  },
  {
    about: 'Fabric',
    note: 'A fabric of the stash with its length and part. A new one is put in the stash: begin with “in”.',
    lines: ['{fabric} 1.9m', 'lining {fabric} 1.4 m', '2 1/4 yds of {fabric}', 'in storm grey linen 2m'],
  },
  {
    about: 'Time, money, verdict, day',
    note: 'Dates with the month in words, or as 2026-03-09, cannot be mistaken.',
    lines: ['2h10', 'cutting 1h', 'two afternoons', 'zip 3.20', 'love 4', '9 March 2026', 'yesterday'],
  },
  {
    about: 'The rest',
    note: 'What is not understood is kept as words, and no character is lost.',
    lines: ['toile', 'tip: press the seams first', 'to do: hem by hand', 'mistake: cut on the fold'],
  },
];

/** Lines that are no makes. */
export const OTHER_EXAMPLES: Examples = {
  about: 'What is no make',
  note: 'Worn, mended, given away, bought, measured, wished for, or what a fabric is like: a line that begins so is noted as what it is, and no make is entered. What lay on the table and is finished gets no second version. “The coat” is enough where there is one; of several it is asked which.',
  lines: [
    'wore the {pattern} yesterday to the concert',
    'the {pattern} is worn out at the elbows',
    'bought 3 m of navy linen, 150 wide, at 18 a metre',
    'prewashed the {fabric} yesterday, it shrank 4 % lengthwise',
    'the {fabric} is 148 wide, 240 gsm, and frays',
    'bought the Lapwing trousers pattern, 12 euros',
    'my measurements are bust 92, waist 74 and hip 100',
    'want to make the {pattern} again in {fabric} by 20 December',
  ],
};
