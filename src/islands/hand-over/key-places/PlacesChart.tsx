// Where right answers lie, as a chart; the table beside it has the numbers.
import type { ChartConfiguration } from 'chart.js';
import { useCallback } from 'react';
import { optionLetter } from '../../../core/shared/plain';
import { axis, colour, Drawn, still } from '../../parts/Drawn';
import type { Places } from './places';
import { i18n } from '../../../languages';

function configOf({ before, after }: Places, isSpread: boolean): ChartConfiguration<'bar'> {
  const stand = {
    label: i18n._('as they stand'),
    data: before,
    backgroundColor: colour('--ink-soft'),
  };
  const spread = { label: i18n._('spread evenly'), data: after, backgroundColor: colour('--leaf') };
  return {
    type: 'bar',
    data: {
      labels: before.map((_, index) => optionLetter(index)),
      datasets: isSpread ? [stand, spread] : [stand],
    },
    options: {
      ...still,
      plugins: { legend: { labels: { color: colour('--ink'), boxWidth: 14 } } },
      scales: {
        x: { ...axis(), grid: { display: false } },
        y: { ...axis(), beginAtZero: true, ticks: { color: colour('--ink'), precision: 0 } },
      },
    },
  };
}

export function PlacesChart({ places, isSpread }: { places: Places; isSpread: boolean }) {
  const config = useCallback(() => configOf(places, isSpread), [places, isSpread]);
  return (
    <Drawn
      label={i18n._(
        'Right answers by their place among the options; the table beside it has the numbers',
      )}
      config={config}
    />
  );
}
