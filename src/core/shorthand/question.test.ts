import { demoLedger } from '../../../demo/ledger';
import { lineContextOf } from './line-context';
import { askedAbout } from './question';

const CONTEXT = lineContextOf(demoLedger(), { unit: 'cm', currency: 'EUR', today: '2026-11-25' });

test.each([
  ['what size is the tidewater shirt', 'tidewater shirt'],
  ['How much fabric for the Gangway trousers?', 'gangway trousers'],
  ['which shirt did I like best', 'shirt'],
  ['when did I last wear the Saltmarsh dress', 'saltmarsh dress'],
  ['where did I buy the olive drill?', 'olive drill'],
  ['is the Tidewater shirt too tight?', 'tidewater shirt'],
  ['what’s Tilda’s height', 'tilda'],
  ['what did I sew last', ''],
])('“%s” asks about “%s”', (text, about) => expect(askedAbout(text, CONTEXT)).toBe(about));

test.each([
  'Tidewater shirt C, waist tight?',
  'What a lovely Tidewater shirt, C',
  'have not worn the Saltmarsh dress since June',
  'when I wore the Tidewater shirt it rode up',
  'Whimbrel skirt 12',
  'Is it a Tidewater shirt C',
])('“%s” is no question', (text) => expect(askedAbout(text, CONTEXT)).toBeUndefined());
