import type { IsoDate } from '../../units/date';
import { formatLength } from '../../units/length';
import { entriesOf, keysOf } from '../../units/keys';
import { BODY_MEASURES, type BodyMeasure } from '../../body/zones';
import { viewAsJoined } from '../../make/name-combination';
import { firstView } from '../../make/versions';
import { blankFabric, blankPattern, Fabric, Pattern, PATTERN_FORMS, type Make, type View, type Wear } from '../../records';
import { linesOfCell, partsOfCell, readOffersCell, readReportCell } from '../many-in-a-cell';
import { CannotTake, readYes, choiceNamed, fitClassNamed, readLove, readPercent, readWeight, readWhole } from './cells';
import { kindNamed, structureNamed } from '../../records/garment-named';
import type { Row } from './row';
import { dayWords, joined, sameName, THERE, type Taking } from './taking';

/** The garment that a row of wear speaks of: by its name and version, or its pattern's latest on that day. */
function makeMeant(name: string, date: IsoDate, taking: Taking): Make {
  const [exact] = taking.makesCalled(name);
  if (exact) return exact;
  const ofPattern = taking
    .patternsCalled(name)
    .flatMap((p) => taking.makesOf(p.id))
    .sort((a, b) => (a.cutOn < b.cutOn ? 1 : -1));
  const meant = ofPattern.find((m) => m.cutOn <= date) ?? ofPattern[0];
  if (!meant) throw new CannotTake(`no garment is called “${name}”: write it as it stands in the ledger, or take the garments in first`);
  return meant;
}

/** A day's wear of one row. */
export function takeWear(row: Row, taking: Taking) {
  const date = row.past('date');
  if (!date) throw new CannotTake('no day says when it was worn');
  const until = row.past('until');
  if (until && until < date) throw new CannotTake(`it ends on ${until}, before it begins`);
  const makes = row.read('what', (text) =>
    text
      .split(/;|\n/)
      .filter((t) => t.trim() !== '')
      .map((t) => makeMeant(t.trim(), date, taking)),
  );
  if (!makes?.length) throw new CannotTake('it does not say what was worn');
  const makeIds = [...new Set(makes.map((m) => m.id))];
  const same = (w: Wear) => w.makeIds.length === makeIds.length && makeIds.every((id) => w.makeIds.includes(id));
  if (taking.wearsOn(date).some(same)) return THERE;
  const count = row.read('times', (text) => readWhole(text, 1000)) ?? 1;
  const comfort = row.read('comfort', readLove);
  const [occasion, remark] = [row.text('occasion'), row.text('remark')];
  // A table of makes brought their count: one or the other should go.
  const estimated = makeIds.reduce((sum, id) => sum + taking.estimatedFor(id, date), 0);
  const twice = estimated > 0 && `counted beside an estimate of ${estimated} wears in that time`;
  taking.add('wears', {
    id: taking.into.newId(),
    date,
    makeIds,
    count,
    ...(until ? { until } : {}),
    ...(row.read('undated', readYes) ? { undated: true } : {}),
    ...(occasion ? { occasion } : {}),
    ...(comfort ? { comfort } : {}),
    ...(remark ? { remark } : {}),
  });
  return joined(makes.map((m) => taking.called(m)).join(', '), dayWords(date), count !== 1 && `${count} ×`, occasion, twice);
}

/** A fabric of one row. */
export function takeFabric(row: Row, taking: Taking) {
  const name = row.text('name');
  if (name === undefined) throw new CannotTake('it has no name');
  if (taking.fabricCalled(name)) return THERE;
  const { unit, newId } = taking.into;
  const width = row.length('width');
  const pieces = row.pieces('onHand', width);
  const structure = [row.text('structure'), row.text('weave'), name, row.text('fibre')].map((t) => t && structureNamed(t)).find(Boolean) || 'woven';
  const weight = row.read('weight', readWeight);
  const gives = row.read('gives', readPercent);
  const price = row.money('price');
  const by = row.text('pricedBy') ?? '';
  const pricedBy = row.byTheYard('price') || /y(ar)?d/i.test(by) ? ('yard' as const) : by.startsWith('m') ? ('metre' as const) : undefined;
  const told = row.fields(Fabric.shape);
  taking.add('fabrics', {
    ...blankFabric(newId(), name, structure),
    ...told,
    pieces,
    ...(width ? { width } : {}),
    ...(weight ? { weight } : {}),
    ...(gives === undefined ? {} : { stretchAcross: gives }),
    ...(price ? { pricePerMetre: price, ...(pricedBy ? { pricedBy } : {}) } : {}),
  });
  return joined(
    name,
    structure,
    width && `${formatLength(width, unit)} wide`,
    pieces.length > 0 && `${pieces.map((p) => formatLength(p.length, unit)).join(' + ')} on hand`,
  );
}

/** The views of a pattern as a table names them, each with the usual places of its kind. */
const viewsNamed = (pattern: Pattern, names: readonly string[], newId: () => string): View[] =>
  names.length === 0 ? pattern.views : names.map((name, i) => ({ ...firstView(pattern), id: i === 0 ? firstView(pattern).id : newId(), name }));

/** A pattern of one row. */
export function takePattern(row: Row, taking: Taking) {
  const name = row.text('name');
  if (name === undefined) throw new CannotTake('it has no name');
  const designer = row.text('designer');
  if (taking.patternsCalled(name).some((p) => !designer || !p.designer || sameName(p.designer, designer))) return THERE;
  const kind = row.read('kind', (text) => {
    const found = kindNamed(text);
    if (!found) throw new CannotTake(`“${text}” is no kind of garment that the ledger draws, such as shirt, dress or trousers`);
    return found;
  });
  const { newId } = taking.into;
  const fitClass = row.read('fitClass', fitClassNamed);
  const form = row.read('form', (text) => (/pdf|print/i.test(text) ? 'printed at home' : choiceNamed(text, PATTERN_FORMS)));
  const state = row.read('state', (text) => choiceNamed(text, ['kept', 'resting', 'retired'] as const));
  const told = row.fields(Pattern.shape);
  const structure = row.read('wants', structureNamed) ?? 'woven';
  const offers = row.read('offers', (text) => {
    const read = readOffersCell(text);
    if (!read) throw new CannotTake(`“${text}” is not choices such as “sleeve short, long; length mid, long”`);
    return read;
  });
  const joins = taking.partsOf(row.text('joins') ?? '');
  const collection = row.text('collection');
  const blank = blankPattern(newId(), newId(), name, kind ?? kindNamed(name) ?? 'top', structure);
  const asJoined = viewAsJoined(joins, taking.patterns());
  const views = asJoined
    ? [{ ...asJoined, id: firstView(blank).id, name: 'as joined' }]
    : viewsNamed(blank, partsOfCell(row.text('views') ?? ''), newId);
  const reports = linesOfCell(row.text('reports') ?? '').map((text) => ({ id: newId(), ...readReportCell(text) }));
  taking.add('patterns', {
    ...blank,
    ...told,
    views,
    ...(joins.length > 0 ? { joins } : {}),
    ...(offers ? { offers } : {}),
    ...(reports.length > 0 ? { reports } : {}),
    ...(collection === undefined ? {} : { collectionId: taking.collection(collection).id }),
    ...(fitClass ? { fitClass } : {}),
    ...(form ? { form } : {}),
    ...(state ? { state } : {}),
  });
  return joined(name, designer, kind ?? kindNamed(name) ?? 'top', structure);
}

/** Measures of one row: a body on a day. */
export function takeBody(row: Row, taking: Taking) {
  const person = taking.person(row.text('person'));
  const date = row.past('date');
  if (!date) throw new CannotTake('no day says when it was measured');
  const measures: Partial<Record<BodyMeasure, number>> = {};
  for (const measure of keysOf(BODY_MEASURES)) {
    const cm = row.length(measure);
    if (cm !== undefined) measures[measure] = cm;
  }
  if (Object.keys(measures).length === 0) throw new CannotTake('it holds no measure');
  if (taking.isMeasured(person.id, date)) return THERE;
  const note = row.text('note');
  taking.add('bodies', { id: taking.into.newId(), personId: person.id, date, measures, ...(note ? { note } : {}) });
  const shown = entriesOf(measures)
    .slice(0, 3)
    .map(([m, cm]) => `${BODY_MEASURES[m]} ${formatLength(cm, taking.into.unit)}`);
  return joined(person.name, dayWords(date), ...shown, Object.keys(measures).length > 3 && `${Object.keys(measures).length} measures`);
}
