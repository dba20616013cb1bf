import { layOf, type Drawing as DrawingData, type Paint } from '@pelvo/core';

const COLOURS: Readonly<Record<Paint, string>> = {
  ink: 'var(--color-ink)',
  beet: 'var(--color-beet)',
  soft: 'var(--color-soft)',
  line: 'var(--color-line)',
  wash: 'var(--color-wash)',
  tile: 'var(--color-tile)',
  none: 'none',
};

/** A drawing from the core, in the colours of the screen. Its title speaks for those who cannot see it. */
export function Drawing({ drawing, className = '' }: { drawing: DrawingData; className?: string }) {
  return (
    <svg viewBox={`0 0 ${drawing.width} ${drawing.height}`} role="img" aria-label={drawing.title} className={className}>
      <DrawingShapes drawing={drawing} />
    </svg>
  );
}

/** The shapes alone, to stand in a larger picture. */
export function DrawingShapes({ drawing: { shapes } }: { drawing: Pick<DrawingData, 'shapes'> }) {
  return shapes.map((shape, index) =>
    shape.kind === 'text' ? (
      <text
        key={index}
        x={shape.x}
        y={shape.y}
        fontSize={shape.size}
        textAnchor={shape.anchor}
        fontWeight={shape.strong ? 700 : 400}
        fill="var(--color-ink)"
      >
        {shape.text}
      </text>
    ) : (
      <path
        key={index}
        d={shape.d}
        fill={COLOURS[shape.fill]}
        stroke={COLOURS[shape.stroke]}
        strokeWidth={shape.width}
        strokeLinejoin="round"
        strokeLinecap="round"
        strokeDasharray={shape.dash?.join(' ')}
        transform={layOf(shape.turned)}
      />
    ),
  );
}
