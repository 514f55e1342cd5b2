import { viewNamed } from '../../core/make/versions';
import { calledField, View, Erratum, Offers, Pattern, PatternPaper, USUAL_ZONES } from '../../core/records';
import { NotInTheLedger } from '../../parts/not-in-the-ledger';
import { RecordFields } from '../../parts/record-fields';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { toast } from 'react-toastify';
import { sizeLineWords } from '../../core/alteration/words';
import { blankView } from '../../core/records/blank';
import { db } from '../../data/database';
import { newId } from '../../data/new-id';
import { useCollections, useMakes, usePatterns, useUnit } from '../../data/queries';
import { removalOf } from '../../data/removal';
import { today } from '../../data/today';
import { GarmentPicture } from '../../parts/garment-picture';
import { save } from '../../parts/save';
import { RecordField } from '../../parts/record-field';
import { RecordRows } from '../../parts/record-rows';
import { SizeCut } from '../../parts/size-cut';
import { Button, LinkButton } from '../../ui/button';
import { Fold } from '../../ui/fold';
import { HeadActions, PageHead } from '../../ui/page-head';
import { Segmented } from '../../ui/segmented';
import { byHand } from '../../ui/by-hand';
import { fieldMeta } from '../../core/records/field';
import { keysOf } from '../../core/units/keys';
import { CameIn } from '../../parts/came-in';
import { joinedSaid } from '../../core/make/part-words';
import { Joined } from '../../parts/joined';
import { Pictures } from '../../parts/pictures/pictures';
import { Reports } from '../../parts/reports';
import { ChartFields } from './chart-fields';
import { ViewFields } from './view-fields';
import { routes } from '../../routes';
import { withId } from '../../core/units/by-id';

/** What a pattern offers to choose, in a line: `3 lengths, 2 sleeves`. */
const offersSaid = ({ offers = {} }: Pattern) =>
  keysOf(Offers.shape)
    .flatMap((detail) =>
      offers[detail] && offers[detail].length > 1 ? [`${offers[detail].length} ${fieldMeta(Offers.shape[detail]).label.toLowerCase()}`] : [],
    )
    .join(', ');

/** A pattern’s facts; each change is saved as it is made. */
export function ChangePattern() {
  const { patternId } = useParams();
  const navigate = useNavigate();
  const patterns = usePatterns();
  const makes = useMakes();
  const collections = useCollections();
  const unit = useUnit();
  const [viewId, setViewId] = useState<string>();
  const pattern = withId(patterns, patternId);
  if (!pattern) return <NotInTheLedger table="patterns" />;

  const of = Pattern.shape;
  const wants = of.wants.shape;
  const change = (part: Partial<Pattern>, what = calledField(of, Object.keys(part)[0] ?? '')) =>
    void save(`${what} of ${pattern.name}`, [{ table: 'patterns', from: pattern, to: { ...pattern, ...part } }]);
  const view = viewNamed(pattern, viewId);
  const sources = [{ patternId: pattern.id, viewId: view.id }, ...(pattern.joins ?? [])];
  const made = makes.filter((m) => m.sources.some((s) => s.patternId === pattern.id));
  const viewUsed = made.some((m) => m.sources.some((s) => s.viewId === view.id));

  const remove = async () => {
    if (made.length > 0) {
      toast(`${made.length} ${made.length === 1 ? 'make speaks' : 'makes speak'} of this pattern. Retire it instead: its account stays.`);
      return;
    }
    const done = 'The pattern is removed. Ctrl Z brings it back.';
    if (await save(`pattern “${pattern.name}” removed`, () => removalOf(db, 'patterns', pattern.id), { done })) void navigate(routes.patterns);
  };
  const addView = () => {
    const added = blankView(newId(), `view ${pattern.views.length + 1}`, USUAL_ZONES[pattern.kind]);
    change({ views: [...pattern.views, { ...added, zones: [...view.zones] }] }, 'another view');
    setViewId(added.id);
  };

  return (
    <>
      <PageHead
        title={pattern.name}
        under={byHand('Each change is saved as it is made; Ctrl Z takes it back.')}
        aside={
          <HeadActions>
            <LinkButton to={routes.pattern(pattern.id)}>Open its account</LinkButton>
            <Button quiet onClick={() => void remove()}>
              Remove this pattern
            </Button>
          </HeadActions>
        }
      />
      <div className="grid grid-cols-[minmax(0,1fr)_180px] gap-8 max-lg:grid-cols-1">
        <div className="flex flex-col gap-5">
          <section aria-label="Facts" className="flex flex-wrap items-start gap-3">
            <RecordFields of={of} part="facts" record={pattern} onChange={change} widths={{ name: 'w-60', designer: 'w-60' }} className="max-w-36" />
            {(['structure', 'stretch', 'weight'] as const).map((name) => (
              <RecordField
                key={name}
                of={wants}
                name={name}
                value={pattern.wants[name]}
                onValue={(value) => change({ wants: { ...pattern.wants, [name]: value } }, 'fabric wanted')}
                className="max-w-36"
              />
            ))}
            <RecordField of={of} name="state" value={pattern.state} onValue={(state) => change({ state }, `${state}: state`)} />
            {pattern.state !== 'kept' && (
              <RecordField of={of} name="why" value={pattern.why} onValue={(why) => change({ why })} className="min-w-64 flex-1" />
            )}
            <RecordField of={of} name="note" value={pattern.note} onValue={(note) => change({ note })} className="min-w-64 flex-1" />
          </section>
          <section aria-labelledby="view">
            <div className="mb-2 flex flex-wrap items-center gap-3">
              <h2 id="view" className="text-head">
                {pattern.views.length > 1 ? 'Views' : 'The view'}
              </h2>
              {pattern.views.length > 1 && (
                <Segmented label="View" value={view.id} choices={pattern.views.map((v) => ({ value: v.id, label: v.name }))} onChange={setViewId} />
              )}
              <Button quiet onClick={addView}>
                Another view
              </Button>
              {pattern.views.length > 1 && !viewUsed && (
                <Button quiet onClick={() => change({ views: pattern.views.filter((v) => v.id !== view.id) }, 'a view removed')}>
                  Remove this view
                </Button>
              )}
            </div>
            <ViewFields
              pattern={pattern}
              view={view}
              unit={unit}
              onView={(part) =>
                change(
                  { views: pattern.views.map((v) => (v.id === view.id ? { ...v, ...part } : v)) },
                  calledField(View.shape, Object.keys(part)[0] ?? ''),
                )
              }
            />
          </section>
          <section aria-labelledby="chart">
            <h2 id="chart" className="mb-1 text-head">
              Size chart
            </h2>
            <ChartFields pattern={pattern} unit={unit} onCharts={(charts) => change({ charts }, 'size chart')} />
          </section>
          <div>
            <Fold head="Reports from elsewhere" said={(pattern.reports ?? []).map((r) => r.words).join(', ')}>
              <p className="mb-1 text-small text-ink2">What others found: kept apart from your own notes, and never told as more than hearsay.</p>
              <Reports pattern={pattern} zones={view.zones} onReports={(reports) => change({ reports })} />
            </Fold>
            <Fold head="What one may choose" said={offersSaid(pattern)}>
              <p className="mb-1 text-small text-ink2">
                Details that go with any view: each plan and each make says which. Three lengths and two sleeves are no six views.
              </p>
              <div className="flex flex-col gap-1.5">
                {keysOf(Offers.shape).map((name) => (
                  <RecordField
                    key={name}
                    of={Offers.shape}
                    name={name}
                    value={pattern.offers?.[name]}
                    onValue={(values) => {
                      const { [name]: _, ...rest } = pattern.offers ?? {};
                      const offers = { ...rest, ...(values && values.length > 0 ? { [name]: values } : {}) };
                      change({ offers: Object.keys(offers).length > 0 ? offers : undefined });
                    }}
                  />
                ))}
              </div>
            </Fold>
            <Fold head="The book or membership it came in" said={withId(collections, pattern.collectionId)?.name ?? ''}>
              <CameIn pattern={pattern} onCollection={(collectionId) => change({ collectionId })} />
            </Fold>
            <Fold head="Pictures and line drawings" said="">
              <Pictures of={{ patternId: pattern.id }} name={pattern.name} />
            </Fold>
            {pattern.joins && (
              <Fold head="What it joins" said={joinedSaid(sources, pattern.own, patterns)}>
                <Joined
                  sources={sources}
                  own={pattern.own}
                  onSources={(sources) => change({ joins: sources.slice(1) })}
                  onOwn={(own) => change({ own })}
                />
              </Fold>
            )}
            <Fold head="Errata" said={pattern.errata.map((e) => e.words).join(', ')}>
              <RecordRows
                of={Erratum.shape}
                names={['words']}
                rows={pattern.errata}
                blank={(): Erratum => ({ id: newId(), words: '' })}
                add="an erratum"
                widths={{ words: 'min-w-64 flex-1' }}
                onRows={(errata) => change({ errata })}
              />
            </Fold>
            <Fold
              head="The paper"
              said={pattern.paper.map((p) => [p.how, p.size && sizeLineWords(p.size), p.note].filter(Boolean).join(' ')).join(', ')}
            >
              <p className="mb-1 text-small text-ink2">
                Which lines were traced or cut from it, and when. What is still to be marked stands on its account.
              </p>
              <RecordRows
                of={PatternPaper.shape}
                names={['note', 'how', 'date']}
                rows={pattern.paper}
                blank={(): PatternPaper => ({ id: newId(), date: today(), how: 'traced', sizeLines: [] })}
                add="a tracing"
                widths={{ note: 'min-w-56 flex-1' }}
                under={(row, changeRow) => <SizeCut cut={row} pattern={pattern} zones={view.zones} onChange={changeRow} />}
                onRows={(paper) => change({ paper })}
              />
            </Fold>
          </div>
        </div>
        <GarmentPicture pattern={{ ...pattern, views: [view] }} fabrics={[]} className="h-[220px] w-[176px]" />
      </div>
    </>
  );
}
