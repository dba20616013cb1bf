import { ArrowDown, ArrowUp, X } from 'lucide-react';
import type { ReactNode } from 'react';
import { Button, IconButton } from '../../design';

interface RowsProps<T> {
  /** What one row is, for the names of its buttons: "cue". */
  readonly what: string;
  readonly rows: readonly T[];
  readonly most: number;
  readonly fresh: () => T;
  readonly onChange: (rows: readonly T[]) => void;
  readonly children: (row: T, set: (change: Partial<T>) => void, index: number) => ReactNode;
}

/** Rows of one kind: changed in place, moved by touch, taken out, added. */
export function Rows<T>({ what, rows, most, fresh, onChange, children }: RowsProps<T>) {
  const move = (index: number, by: -1 | 1) => {
    const next = [...rows];
    const [row] = next.splice(index, 1);
    next.splice(index + by, 0, row!);
    onChange(next);
  };
  return (
    <div>
      <ul className="divide-y divide-line">
        {rows.map((row, index) => (
          <li key={index} className="flex items-start gap-2 py-2">
            <div className="min-w-0 flex-1">
              {children(row, (change) => onChange(rows.map((each, at) => (at === index ? { ...each, ...change } : each))), index)}
            </div>
            <div className="flex shrink-0">
              <IconButton label={`${what} ${index + 1} up`} disabled={index === 0} onClick={() => move(index, -1)}>
                <ArrowUp aria-hidden className="size-5" />
              </IconButton>
              <IconButton label={`${what} ${index + 1} down`} disabled={index === rows.length - 1} onClick={() => move(index, 1)}>
                <ArrowDown aria-hidden className="size-5" />
              </IconButton>
              <IconButton label={`Take out ${what} ${index + 1}`} onClick={() => onChange(rows.filter((_, at) => at !== index))}>
                <X aria-hidden className="size-5" />
              </IconButton>
            </div>
          </li>
        ))}
      </ul>
      {rows.length < most ? (
        <Button onClick={() => onChange([...rows, fresh()])}>Add a {what}</Button>
      ) : (
        <p className="text-small text-soft">That is the most a card takes: {most}.</p>
      )}
    </div>
  );
}
