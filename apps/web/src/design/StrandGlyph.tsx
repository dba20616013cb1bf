import { RUBRIC_STRAND_NAMES, type RubricStrand } from '@pelvo/core';

const PATHS: Readonly<Record<RubricStrand, string>> = {
  // A blade over its board, a pan from the side, a plate from above with something off centre, steps one after another.
  knife: 'M2 13h20M3 10c6 0 12-1 18-6v6H3Z',
  cooking: 'M2 9h14v5a4 4 0 0 1-4 4H6a4 4 0 0 1-4-4V9ZM16 11h7M6 6V4M10 6V3',
  plating: 'M12 3a9 9 0 1 0 .01 0ZM7.5 13a5 5 0 0 0 8.5 2M11 9.5h3v2.5h-3Z',
  process: 'M3 19h5v-5h5V9h5V4M18 4h4M3 22h18',
};

/** The mark of a strand, with its name for those who do not see it. */
export function StrandGlyph({ strand, size = 20, silent = false }: { strand: RubricStrand; size?: number; silent?: boolean }) {
  return (
    <svg
      viewBox="0 0 24 24"
      width={size}
      height={size}
      fill="none"
      stroke="currentColor"
      strokeWidth="1.8"
      strokeLinejoin="round"
      strokeLinecap="round"
      className="inline-block shrink-0"
      {...(silent ? { 'aria-hidden': true } : { role: 'img', 'aria-label': RUBRIC_STRAND_NAMES[strand] })}
    >
      <path d={PATHS[strand]} />
    </svg>
  );
}

export function Wordmark({ size = 26 }: { size?: number }) {
  return (
    <span className="inline-flex items-end font-title font-extrabold leading-none tracking-tight text-beet" style={{ fontSize: size }}>
      pelvo
      <span aria-hidden className="mb-[0.08em] ml-[0.12em] inline-block h-[0.16em] w-[0.9em] bg-beet" />
    </span>
  );
}
