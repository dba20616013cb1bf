import type { ReactNode } from 'react';

export interface Column<T> {
  readonly head: ReactNode;
  readonly cell: (row: T) => ReactNode;
  /** Names the row: its cell is the row's heading. */
  readonly names?: boolean;
  readonly align?: 'right';
  readonly small?: boolean;
  /** Left out on screens narrower than this. */
  readonly from?: 'sm' | 'md';
  readonly width?: string;
}

interface DataTableProps<T> {
  readonly rows: readonly T[];
  readonly keyOf: (row: T) => string | number;
  readonly columns: readonly (Column<T> | null)[];
  readonly caption?: ReactNode;
  /** The headings are for those who do not see the table. */
  readonly headHidden?: boolean;
  /** Narrower than this it scrolls sideways. */
  readonly minWidth?: string;
  /** Rows as high as a touch needs. */
  readonly roomy?: boolean;
}

const FROM = { sm: 'max-sm:hidden', md: 'max-md:hidden' } as const;

/** Rows under headings, the one way a table looks here. */
export function DataTable<T>({ rows, keyOf, columns, caption, headHidden, minWidth, roomy }: DataTableProps<T>) {
  const shown = columns.filter((column) => column !== null);
  const placed = ({ align, from }: Column<T>, last: boolean) =>
    `${align === 'right' ? 'text-right' : ''} ${from ? FROM[from] : ''} ${last ? '' : 'pr-4'}`;
  const height = roomy ? 'py-1.5' : 'py-0.5';
  return (
    <div className={minWidth ? 'relative overflow-x-auto' : undefined}>
      <table className="w-full text-left" style={{ minWidth }}>
        {caption ? <caption className="mb-1 text-left font-semibold">{caption}</caption> : null}
        <thead className={headHidden ? 'sr-only' : undefined}>
          <tr className="border-b-2 border-ink text-small text-soft">
            {shown.map((column, index) => (
              <th key={index} className={`py-1 ${placed(column, index === shown.length - 1)}`}>
                {column.head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody className={`divide-y divide-line ${headHidden ? 'border-y border-line' : ''}`}>
          {rows.map((row) => (
            <tr key={keyOf(row)} className="align-baseline">
              {shown.map((column, index) => {
                const className = `${height} ${placed(column, index === shown.length - 1)} ${column.small ? 'text-small' : ''} ${column.width ?? ''}`;
                return column.names ? (
                  <th key={index} scope="row" className={`font-semibold ${className}`}>
                    {column.cell(row)}
                  </th>
                ) : (
                  <td key={index} className={className}>
                    {column.cell(row)}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
