import { useState } from 'react';
import type { ReadChart } from '../core/garment/chart-from-text';
import { chartsElsewhere, takenOver } from '../core/garment/charts-alike';
import type { Pattern, SizeChart } from '../core/records';
import { blankChart } from '../core/records/blank';
import type { LengthUnit } from '../core/units/length';
import { newId } from '../data/new-id';
import { usePatterns } from '../data/queries';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { ChartPaste } from './chart-paste';

/** A chart without typing: pasted, or that of the designer's other patterns in one touch. */
export function NewChart({
  pattern,
  unit,
  quiet = false,
  onChart,
}: {
  pattern: Pattern;
  unit: LengthUnit;
  quiet?: boolean;
  onChart: (chart: SizeChart) => void;
}) {
  const patterns = usePatterns();
  const [pasting, setPasting] = useState(false);
  const keep = ({ sizes, body, finished }: ReadChart) => {
    const columns = { sizes: [...sizes], body: body as SizeChart['body'], finished: finished as SizeChart['finished'] };
    onChart({ ...blankChart(newId(), pattern.kind, sizes), ...columns });
    setPasting(false);
  };
  return (
    <>
      <Button quiet={quiet} onClick={() => setPasting(true)}>
        Paste a chart …
      </Button>
      {chartsElsewhere(pattern, patterns).map((found) => (
        <Button key={found.chart.id} quiet onClick={() => onChart(takenOver(found, newId()))}>
          Take the chart of {found.pattern.name}
        </Button>
      ))}
      <Dialog open={pasting} onClose={() => setPasting(false)} title="Paste a size chart" wide>
        <ChartPaste unit={unit} onChart={keep} onClose={() => setPasting(false)} />
      </Dialog>
    </>
  );
}
