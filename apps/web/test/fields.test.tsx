// @vitest-environment jsdom
import { fireEvent, screen, waitFor } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { HOUSE_PREFERENCES } from '@pelvo/core';
import { ProblemError, type DishImport } from '@pelvo/contract';
import { useImport } from '../src/device';
import { setSpeech } from '../src/device/speech';
import { DataTable, DateField, SelectField, TextField, TimeField, useFields, wrongField } from '../src/design';
import { fieldInWords } from '../src/design/fieldInWords';
import { refused, show, signedIn } from './screen';

const REFUSAL = new ProblemError({
  type: 'urn:pelvo:problem:invalid-input',
  title: 'No',
  status: 422,
  errors: [{ field: 'name', problem: 'Too long.', remedy: 'Shorten it.' }],
});

interface Boxes {
  readonly name: string;
  readonly room: string;
}

function Form({ onSave, refusal, rooms = [] }: { onSave: (boxes: Boxes) => unknown; refusal?: unknown; rooms?: readonly string[] }) {
  const { box, onSubmit, reset, busy } = useFields<Boxes>(
    { name: 'Ida', room: 'k2' },
    { refusal, check: ({ name }) => ({ name: wrongField('name', name.trim() ? null : 'No name.', 'Type one.') }) },
  );
  return (
    <form noValidate onSubmit={onSubmit(onSave)}>
      <TextField label="Name" {...box('name')} />
      <SelectField label="Room" {...box('room')}>
        <option value="">none</option>
        {rooms.map((room) => (
          <option key={room}>{room}</option>
        ))}
      </SelectField>
      <button type="submit">{busy ? 'Saving' : 'Save'}</button>
      <button type="button" onClick={() => reset()}>
        Back
      </button>
    </form>
  );
}

describe('the boxes of a form', () => {
  it('are checked from the first try on, and the wrong one gets the focus', async () => {
    const saved: Boxes[] = [];
    const { user } = show(<Form onSave={(boxes) => saved.push(boxes)} />);
    await user.clear(screen.getByLabelText('Name'));
    expect(screen.queryByText(/No name\./)).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText(/No name\. Type one\./)).toBeTruthy();
    expect(document.activeElement).toBe(screen.getByLabelText('Name'));
    await user.type(screen.getByLabelText('Name'), 'Ed');
    expect(screen.queryByText(/No name\./)).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(saved).toEqual([{ name: 'Ed', room: 'k2' }]));
  });

  /** A form whose rooms, and whose refusal, come while it is being filled in. */
  function Later({ onSave }: { onSave: (boxes: Boxes) => unknown }) {
    const [came, setCame] = useState(false);
    return (
      <>
        <button type="button" onClick={() => setCame(true)}>
          It comes
        </button>
        <Form onSave={onSave} rooms={came ? ['k1', 'k2'] : []} refusal={came ? REFUSAL : null} />
      </>
    );
  }

  it('show the choice that stands in them although its list comes later', async () => {
    const saved: Boxes[] = [];
    const { user } = show(<Later onSave={(boxes) => saved.push(boxes)} />);
    await user.click(screen.getByRole('button', { name: 'It comes' }));
    expect(screen.getByLabelText<HTMLSelectElement>('Room').value).toBe('k2');
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(saved).toEqual([{ name: 'Ida', room: 'k2' }]));
  });

  it('keep what was typed when the server refuses it, and say so at the box', async () => {
    const { user } = show(<Later onSave={() => undefined} />);
    const name = screen.getByLabelText<HTMLInputElement>('Name');
    await user.type(name, ' Crane');
    await user.click(screen.getByRole('button', { name: 'It comes' }));
    expect(screen.getByText(/Too long\. Shorten it\./)).toBeTruthy();
    expect(name.value).toBe('Ida Crane');
    await user.click(screen.getByRole('button', { name: 'Back' }));
    expect(name.value).toBe('Ida');
  });
});

describe('the name of a field that was refused', () => {
  it.each([
    ['name', 'Name'],
    ['method.6.toNext', 'Step 7, to next'],
    ['components.0.lines.2.amount', 'Component 1, line 3, amount'],
    ['rubric.criteria.1', 'Rubric, criterion 2'],
    ['dishes.0', 'Dish 1'],
    ['line 3', 'line 3'],
    ['', ''],
  ])('%s is called "%s"', (path, said) => expect(fieldInWords(path)).toBe(said));
});

describe('a day and a time', () => {
  function Day({ start, onDay }: { start: string; onDay: (day: string) => void }) {
    const [day, setDay] = useState(start);
    return (
      <DateField
        label="Day"
        value={day}
        onChange={(next) => {
          setDay(next);
          onDay(next);
        }}
      />
    );
  }

  it.each([
    ['day-month-year', '31/12/2026', '3/4/2027', '2027-04-03'],
    ['month-day-year', '12/31/2026', '3/4/2027', '2027-03-04'],
    ['year-month-day', '2026-12-31', '2027-3-4', '2027-03-04'],
  ] as const)('are typed in the order %s', async (dates, shown, typed, iso) => {
    const days: string[] = [];
    setSpeech({ ...HOUSE_PREFERENCES, dates }, 'UTC');
    const { user } = show(<Day start="2026-12-31" onDay={(day) => days.push(day)} />, { answers: signedIn({ dates }) });
    const box = screen.getByLabelText<HTMLInputElement>('Day');
    expect(box.value).toBe(shown);
    await user.clear(box);
    await user.type(box, typed);
    await user.tab();
    expect(days.at(-1)).toBe(iso);
    setSpeech(HOUSE_PREFERENCES, 'UTC');
  });

  it('say what is no day, and keep what was typed', async () => {
    const days: string[] = [];
    const { user } = show(<Day start="" onDay={(day) => days.push(day)} />);
    await user.type(screen.getByLabelText('Day'), '31/2/2027');
    await user.tab();
    expect(screen.getByText(/This is not a day\./)).toBeTruthy();
    expect((screen.getByLabelText('Day') as HTMLInputElement).value).toBe('31/2/2027');
    expect(days).not.toContain('2027-03-03');
  });

  it('can be chosen from a month by keyboard', async () => {
    const days: string[] = [];
    const { user } = show(<Day start="2026-12-10" onDay={(day) => days.push(day)} />);
    await user.click(screen.getByRole('button', { name: 'Day: choose from a month' }));
    await screen.findByRole('grid');
    await user.keyboard('{ArrowRight}{ArrowDown}{Enter}');
    // The 10th, a day on, a week on.
    await waitFor(() => expect(days).toEqual(['2026-12-18']));
    expect(screen.queryByRole('grid')).toBeNull();
  });

  it('read a time as it is said', async () => {
    const times: string[] = [];
    const { user } = show(<TimeField label="From" value="09:00" onChange={(time) => times.push(time)} />);
    await user.clear(screen.getByLabelText('From'));
    await user.type(screen.getByLabelText('From'), '2:30 pm');
    expect(times.at(-1)).toBe('14:30');
  });
});

describe('a table', () => {
  it('names its rows, leaves a missing column out, and says nothing twice', () => {
    show(
      <DataTable
        caption="Prices"
        rows={[
          { item: 'leeks', price: 3 },
          { item: 'oats', price: 2 },
        ]}
        keyOf={({ item }) => item}
        columns={[
          { head: 'Item', names: true, cell: ({ item }) => item },
          null,
          { head: 'Price', align: 'right', cell: ({ price }) => price.toFixed(2) },
        ]}
      />,
    );
    const table = screen.getByRole('table', { name: 'Prices' });
    expect([...table.querySelectorAll('thead th')].map((cell) => cell.textContent)).toEqual(['Item', 'Price']);
    expect(screen.getAllByRole('rowheader').map((cell) => cell.textContent)).toEqual(['leeks', 'oats']);
    expect(screen.getByRole('row', { name: 'oats 2.00' })).toBeTruthy();
  });
});

describe('an import', () => {
  const preview = { format: 'text', dishes: [], made: [] } as unknown as DishImport;
  function Import({ check, after }: { check?: (file: Blob) => void; after?: () => void }) {
    const {
      name,
      preview: seen,
      done,
      error,
      read,
      apply,
    } = useImport<DishImport>((file) => `/dish-imports?name=${file}`, { check, after });
    return (
      <>
        <input aria-label="File" type="file" onChange={(event) => read(event.target.files![0]!, event.target.files![0]!.name)} />
        <button type="button" onClick={() => void apply('&leaveOut=true')}>
          Take it
        </button>
        <p>{`${name ?? 'nothing'}, ${seen ? 'shown' : 'not shown'}, ${done ? 'stored' : 'not stored'}, ${error ? 'failed' : 'well'}`}</p>
      </>
    );
  }
  const choose = (name: string) =>
    fireEvent.change(screen.getByLabelText('File'), { target: { files: [new File(['x'], name, { type: 'text/plain' })] } });

  it('is shown before it is stored, and stored once it is asked for', async () => {
    let after = 0;
    const { user, sent } = show(<Import after={() => (after += 1)} />, {
      answers: { 'POST /dish-imports?name=a.txt': preview, 'POST /dish-imports?name=a.txt&apply=true&leaveOut=true': preview },
    });
    choose('a.txt');
    expect(await screen.findByText('a.txt, shown, not stored, well')).toBeTruthy();
    await user.click(screen.getByRole('button', { name: 'Take it' }));
    expect(await screen.findByText('a.txt, not shown, stored, well')).toBeTruthy();
    expect([sent.length, after]).toEqual([2, 1]);
  });

  it('shows nothing of the file before when the next is refused, here or by the server', async () => {
    const { sent } = show(<Import check={(file) => file.size > 1 && expect.fail('never so large')} />, {
      answers: {
        'POST /dish-imports?name=a.txt': preview,
        'POST /dish-imports?name=b.txt': refused(422, { title: 'No dish.', status: 422 }),
      },
    });
    choose('a.txt');
    await screen.findByText('a.txt, shown, not stored, well');
    choose('b.txt');
    expect(await screen.findByText('b.txt, not shown, not stored, failed')).toBeTruthy();
    expect(sent).toHaveLength(2);
  });
});
