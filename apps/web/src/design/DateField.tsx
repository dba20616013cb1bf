import { CalendarDays } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { DayPicker } from 'react-day-picker';
import { format, parseISO } from 'date-fns';
import type { FieldProblem } from '@pelvo/contract';
import { clockTime, readDate, readTime, speech, typedDate } from '../device';
import { TextField } from './Field';

interface TypedFieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly problem?: FieldProblem | null;
  readonly labelHidden?: boolean;
  readonly autoFocus?: boolean;
}

/** What is typed, until it is left: then it becomes the value, or says why it cannot. */
function useTyped(
  value: string,
  show: (value: string) => string,
  read: (text: string) => string | null,
  onChange: (value: string) => void,
) {
  const [typed, setTyped] = useState<string | null>(null);
  const found = typed === null ? value : read(typed);
  const leave = () => {
    if (found !== null) setTyped(null);
  };
  const type = (text: string) => {
    setTyped(text);
    const next = read(text);
    if (next !== null && next !== value) onChange(next);
  };
  return {
    text: typed ?? show(value),
    wrong: typed !== null && typed.trim() !== '' && found === null,
    type,
    leave,
    forget: () => setTyped(null),
  };
}

const ORDER_HINTS = { 'day-month-year': 'day/month/year', 'month-day-year': 'month/day/year', 'year-month-day': 'year-month-day' } as const;
const FIRST_DAYS = { sunday: 0, monday: 1, saturday: 6 } as const;

/** A day: typed in the person's own order, or chosen from a month. @param value - ISO, or empty */
export function DateField({ label, value, onChange, problem, labelHidden, autoFocus }: TypedFieldProps) {
  const { dates, weekStart } = speech().preferences;
  const [open, setOpen] = useState(false);
  const { text, wrong, type, leave, forget } = useTyped(
    value,
    (iso) => typedDate(iso, dates),
    (said) => readDate(said, dates),
    onChange,
  );
  const chosen = value ? parseISO(value) : undefined;
  return (
    <div className="flex items-end gap-1">
      <div className="min-w-0 flex-1">
        <TextField
          label={label}
          labelHidden={labelHidden}
          autoFocus={autoFocus}
          value={text}
          autoComplete="off"
          inputMode="numeric"
          placeholder={ORDER_HINTS[dates]}
          problem={wrong ? { field: 'date', problem: 'This is not a day.', remedy: `Type ${ORDER_HINTS[dates]}.` } : problem}
          onChange={(event) => type(event.target.value)}
          onBlur={leave}
        />
      </div>
      <Popover.Root open={open} onOpenChange={setOpen}>
        <Popover.Trigger
          aria-label={`${label}: choose from a month`}
          className={`flex size-11 shrink-0 items-center justify-center rounded-sm border-2 border-line bg-tile hover:border-soft ${wrong || problem ? 'mb-7' : ''}`}
        >
          <CalendarDays aria-hidden className="size-5" />
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            aria-label={label}
            align="end"
            collisionPadding={12}
            className="z-50 border-2 border-ink bg-paper p-3 shadow-2xl"
          >
            <DayPicker
              mode="single"
              autoFocus
              showOutsideDays
              weekStartsOn={FIRST_DAYS[weekStart]}
              defaultMonth={chosen}
              selected={chosen}
              onSelect={(day) => {
                if (day) onChange(format(day, 'yyyy-MM-dd'));
                forget();
                setOpen(false);
              }}
              classNames={{
                months: 'relative',
                month_caption: 'flex h-11 items-center font-title text-lg font-bold',
                nav: 'absolute right-0 top-0 flex',
                button_previous: 'flex size-11 items-center justify-center hover:bg-wash',
                button_next: 'flex size-11 items-center justify-center hover:bg-wash',
                chevron: 'size-5 fill-ink',
                weekday: 'h-8 w-11 text-small font-normal text-soft',
                day: 'p-0 text-center',
                day_button: 'size-11 hover:bg-wash',
                selected: 'bg-ink font-semibold text-paper [&_button]:hover:bg-ink',
                today: 'underline decoration-beet decoration-4 underline-offset-4',
                outside: 'text-soft',
              }}
            />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </div>
  );
}

/** A time of day, typed as the person is used to: 9.30, 14:15, 2:15 pm. @param value - `HH:mm` */
export function TimeField({ label, value, onChange, problem, labelHidden }: TypedFieldProps) {
  const { text, wrong, type, leave } = useTyped(value, clockTime, readTime, onChange);
  return (
    <TextField
      label={label}
      labelHidden={labelHidden}
      value={text}
      autoComplete="off"
      problem={wrong ? { field: 'time', problem: 'This is not a time of day.', remedy: 'Type 9:30, 14:15 or 2:15 pm.' } : problem}
      onChange={(event) => type(event.target.value)}
      onBlur={leave}
    />
  );
}
