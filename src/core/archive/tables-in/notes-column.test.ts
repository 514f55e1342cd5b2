import { notesOfTable } from './notes-column';

test.each([
  [
    'the column that is called notes',
    'Date,Notes,Long\n2 May,"Tidewater C, love it",xxxxxxxxxxxxxxxxxxxxxxxxx\n9 May,Gangway 40,y',
    'Tidewater C, love it\n\nGangway 40',
  ],
  ['else that in which most is written', 'a;b\n1;Tidewater shirt C\n2;\n3;Gangway 40', 'Tidewater shirt C\n\nGangway 40'],
  ['what is no table is itself', 'Tidewater shirt C\nlove it', 'Tidewater shirt C\nlove it'],
])('%s', (_, text, notes) => expect(notesOfTable(text)).toBe(notes));
