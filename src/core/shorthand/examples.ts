/** Lines of the help page and of docs/the-line.md, by what they show. Each is a test. `{…}` stands for a name of the ledger. */
export const LINE_EXAMPLES: readonly { readonly about: string; readonly note: string; readonly lines: readonly string[] }[] = [
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
    about: 'Alterations',
    note: 'Plus is longer, larger or lower. A bare number is in your unit. Say how a girth was measured: per seam, per side, in all.',
    lines: [
      'bodice +1.5',
      'sleeve -3/4in',
      'shortened the hem by 3 cm on the body',
      'took in side seams 1 per seam at waist and hip',
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
