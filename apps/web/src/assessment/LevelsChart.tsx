import { BarElement, CategoryScale, Chart, Legend, LinearScale, Tooltip } from 'chart.js';
import { useMemo } from 'react';
import { Bar } from 'react-chartjs-2';
import { LEVELS, LEVEL_NAMES, type CriterionLevels } from '@pelvo/core';

Chart.register(BarElement, CategoryScale, LinearScale, Tooltip, Legend);
Chart.defaults.font.family = "'Atkinson Hyperlegible Next Variable', sans-serif";
Chart.defaults.font.size = 15;
Chart.defaults.color = '#201629';

/** Fills that differ by pattern as well as by tone: hatched, dotted, plain, full. */
function fills(): (string | CanvasPattern)[] {
  const pattern = (draw: (context: CanvasRenderingContext2D) => void) => {
    const canvas = document.createElement('canvas');
    canvas.width = canvas.height = 8;
    const context = canvas.getContext('2d')!;
    draw(context);
    return context.createPattern(canvas, 'repeat')!;
  };
  const hatched = pattern((context) => {
    context.fillStyle = '#f4e6ed';
    context.fillRect(0, 0, 8, 8);
    context.strokeStyle = '#7d1447';
    context.lineWidth = 2.2;
    for (const shift of [-8, 0, 8]) {
      context.beginPath();
      context.moveTo(shift, 8);
      context.lineTo(shift + 8, 0);
      context.stroke();
    }
  });
  const dotted = pattern((context) => {
    context.fillStyle = '#f5f6f3';
    context.fillRect(0, 0, 8, 8);
    context.fillStyle = '#574d60';
    context.fillRect(1, 1, 2, 2);
    context.fillRect(5, 5, 2, 2);
  });
  return [hatched, dotted, '#b9b0c0', '#201629'];
}

/** Levels by criterion over a class, as stacked bars. The table beside it says the same in numbers. */
export function LevelsChart({ levels }: { levels: readonly CriterionLevels[] }) {
  const judged = levels.filter((level) => level.kind !== 'critical');
  const data = useMemo(() => {
    const paints = fills();
    return {
      labels: judged.map((level) => level.name),
      datasets: LEVELS.map((level) => ({
        label: LEVEL_NAMES[level],
        data: judged.map((entry) => entry.counts[level - 1]!),
        backgroundColor: paints[level - 1]!,
        borderColor: '#201629',
        borderWidth: 1,
      })),
    };
  }, [judged]);
  return (
    <div className="relative w-full min-w-0 overflow-hidden" style={{ height: `${judged.length * 38 + 90}px` }}>
      <Bar
        role="img"
        aria-label={`Levels by criterion: ${judged.map((level) => `${level.name}: ${LEVELS.map((each) => `${level.counts[each - 1]} ${LEVEL_NAMES[each]}`).join(', ')}`).join('; ')}`}
        data={data}
        options={{
          indexAxis: 'y',
          maintainAspectRatio: false,
          animation: false,
          scales: {
            x: { stacked: true, ticks: { precision: 0 }, grid: { color: '#dfe1da' }, title: { display: true, text: 'dishes' } },
            y: { stacked: true, grid: { display: false } },
          },
          plugins: { legend: { position: 'top', align: 'start', labels: { boxWidth: 22, boxHeight: 14 } } },
        }}
      />
    </div>
  );
}
