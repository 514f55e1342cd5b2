import clsx from 'clsx';
import { useState } from 'react';
import type { LengthUnit } from '../../core/units/length';
import { fromKeys } from '../../core/units/keys';
import { BODY_MEASURES, ZONE_IDS, zoneOf } from '../../core/body/zones';
import { resized } from '../../core/garment/chart';
import { isLabelsAlone } from '../../core/garment/ladder';
import type { Pattern, SizeChart } from '../../core/records';
import { blankChart, UNNAMED_CHART } from '../../core/records/blank';
import { newId } from '../../data/new-id';
import { Button } from '../../ui/button';
import { ReadField, WordsField } from '../../ui/field';
import { Segmented } from '../../ui/segmented';
import { ChartGrid } from './chart-grid';
import { urlOf } from '../../parts/blob-url';
import { NewChart } from '../../parts/new-chart';

const FINISHED_LABELS = fromKeys(ZONE_IDS, (z) => zoneOf(z).label);

/** The sizes as they are written in a row: `A, B, C` or `34 36 38`. */
function readSizes(text: string): { ok: true; value: string[] } | { ok: false; problem: string } {
  const sizes = text.split(/[,;\t]+|\s+/).filter(Boolean);
  if (sizes.length === 0) return { ok: false, problem: 'Write the sizes in order, with commas between them.' };
  const twice = sizes.find((s, i) => sizes.indexOf(s) < i);
  return twice ? { ok: false, problem: `Size ${twice} is there twice.` } : { ok: true, value: sizes };
}

/** A picture of a chart that is looked at while it is typed in; it is not kept. */
function PictureBeside({ picture, onPicture }: { picture: File | undefined; onPicture: (picture: File | undefined) => void }) {
  if (picture)
    return (
      <Button quiet onClick={() => onPicture(undefined)}>
        Put the picture away
      </Button>
    );
  return (
    <label className="cursor-pointer rounded-md px-2 py-1 underline underline-offset-2 focus-within:outline-2 hover:bg-tint max-sm:py-2.5">
      Lay a picture of it beside
      <input type="file" accept="image/*" className="sr-only" onChange={(e) => onPicture(e.target.files?.[0])} />
    </label>
  );
}

/** A pattern's size charts: one, or several for cup or extended ranges; body measures and finished ones. */
export function ChartFields({ pattern, unit, onCharts }: { pattern: Pattern; unit: LengthUnit; onCharts: (charts: SizeChart[]) => void }) {
  const { charts, views } = pattern;
  const [chosen, setChosen] = useState<string>();
  const [picture, setPicture] = useState<File>();
  const chart = charts.find((c) => c.id === chosen) ?? charts[0];
  const change = (changed: SizeChart) => onCharts(charts.map((c) => (c.id === changed.id ? changed : c)));
  const add = (made: SizeChart) => {
    onCharts([...charts, made]);
    setChosen(made.id);
  };
  const keep = (made: SizeChart) => {
    // A chart that nobody filled in gives way to the one that is there; what a sewist called it, or where one was taken over from, stays said.
    const blank = chart && isLabelsAlone(chart) ? chart : undefined;
    const unnamed = blank?.name ?? (charts.length === 0 ? made.name : `chart ${charts.length + 1}`);
    const named = made.name === UNNAMED_CHART ? { ...made, name: unnamed } : made;
    if (blank) change({ ...named, id: blank.id });
    else add(named);
  };
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-end gap-3">
        {charts.length > 1 && (
          <Segmented label="Size chart" value={chart?.id} choices={charts.map((c) => ({ value: c.id, label: c.name }))} onChange={setChosen} />
        )}
        <NewChart pattern={pattern} unit={unit} onChart={keep} />
        <Button quiet onClick={() => keep(blankChart(newId(), pattern.kind, ['S', 'M', 'L']))}>
          Write one down
        </Button>
        {chart && <PictureBeside picture={picture} onPicture={setPicture} />}
      </div>
      {chart && (
        <>
          <div className="flex flex-wrap items-end gap-3">
            <WordsField label="Name of the chart" words={chart.name} onWords={(name) => name && change({ ...chart, name })} className="w-44" />
            <ReadField
              label="Sizes in order"
              shown={chart.sizes.join(', ')}
              read={readSizes}
              onValue={(sizes) => change(resized(chart, sizes, (at) => at))}
              className="min-w-64 flex-1"
            />
            <Button quiet onClick={() => onCharts(charts.filter((c) => c.id !== chart.id))}>
              Remove this chart
            </Button>
          </div>
          <div className={clsx(picture && 'grid grid-cols-2 items-start gap-4 max-lg:grid-cols-1')}>
            {picture && (
              <div className="sticky top-14 max-h-[70vh] overflow-auto border border-rule2 max-lg:static max-lg:max-h-72">
                <img src={urlOf(picture)} alt="The chart to type from" className="w-full max-w-none" />
              </div>
            )}
            <div className="flex min-w-0 flex-col gap-3">
              <ChartGrid
                title="body"
                labels={BODY_MEASURES}
                sizes={chart.sizes}
                columns={chart.body}
                unit={unit}
                onColumns={(body) => change({ ...chart, body })}
              />
              <ChartGrid
                title="finished"
                labels={FINISHED_LABELS}
                sizes={chart.sizes}
                columns={chart.finished}
                unit={unit}
                onColumns={(finished) => change({ ...chart, finished })}
              />
              {views.length > 1 &&
                views.map((view) => {
                  const own = chart.finishedOf.find((f) => f.viewId === view.id)?.finished ?? {};
                  const others = chart.finishedOf.filter((f) => f.viewId !== view.id);
                  return (
                    <ChartGrid
                      key={view.id}
                      title={`finished, ${view.name}`}
                      labels={FINISHED_LABELS}
                      sizes={chart.sizes}
                      columns={own}
                      unit={unit}
                      onColumns={(finished) =>
                        change({ ...chart, finishedOf: Object.keys(finished).length === 0 ? others : [...others, { viewId: view.id, finished }] })
                      }
                    />
                  );
                })}
            </div>
          </div>
        </>
      )}
    </div>
  );
}
