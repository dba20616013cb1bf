import { Command } from 'cmdk';
import { useDeferredValue, useState } from 'react';
import { useNavigate } from 'react-router';
import useSWR from 'swr';
import type { ClassSummary } from '@pelvo/contract';
import { Dialog } from '../design';
import { bestFirst, fetcher, shortDate, useDishSearch, useLessons, useMe, useTechniques } from '../device';
import { PHASE_NAMES, phasePath } from '../lessons';

interface Entry {
  readonly group: string;
  readonly name: string;
  readonly to: string;
}

/** Everything that can be reached, found by typing; opened by Ctrl K. */
export default function CommandList({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} title="Find">
      <CommandEntries onDone={onClose} />
    </Dialog>
  );
}

const keyOf = ({ name, to }: Entry) => `${name} ${to}`;

/** As many as can be looked over. */
const SHOWN = 20;

function CommandEntries({ onDone }: { onDone: () => void }) {
  const navigate = useNavigate();
  const me = useMe();
  const dishes = useDishSearch({});
  const typed = useDeferredValue(dishes.typed);
  const [chosen, setChosen] = useState('');
  const near = useEntries(me.role === 'lead', me.role !== 'stores');
  const found = dishes.items.map((dish) => ({ group: 'Dishes', name: dish.title, to: `/dishes/${dish.id}` }));
  const fitting = bestFirst([...near, ...found], typed, [({ name }) => name]);
  // The server finds dishes by what is in them, and misspelt: these come after what fits by its name.
  const entries = [...fitting, ...found.filter((dish) => typed && !fitting.includes(dish))].slice(0, SHOWN);
  const hidden = fitting.length - entries.length + dishes.more;
  // What Enter opens: what was chosen, else what fits best.
  const keys = entries.map(keyOf);
  const selected = keys.includes(chosen) ? chosen : (keys[0] ?? '');
  const groups = [...new Set(entries.map((entry) => entry.group))];
  return (
    <Command label="Find anything" shouldFilter={false} value={selected} onValueChange={setChosen}>
      <Command.Input
        autoFocus
        value={dishes.typed}
        onValueChange={(text) => {
          dishes.type(text);
          setChosen('');
        }}
        placeholder="A lesson, a dish, a technique, something to do"
        className="mb-3 min-h-12 w-full border-2 border-ink bg-tile px-3"
      />
      <Command.List className="max-h-[50vh] overflow-auto">
        <Command.Empty className="py-4 text-soft">Nothing of that name. Try a shorter word.</Command.Empty>
        {groups.map((group) => (
          <Command.Group
            key={group}
            heading={group}
            className="[&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:text-small [&_[cmdk-group-heading]]:font-semibold [&_[cmdk-group-heading]]:text-soft"
          >
            {entries
              .filter((entry) => entry.group === group)
              .map((entry) => (
                <Command.Item
                  key={entry.to + entry.name}
                  value={keyOf(entry)}
                  onSelect={() => {
                    onDone();
                    void navigate(entry.to);
                  }}
                  className="flex min-h-11 cursor-pointer items-center px-3 data-[selected=true]:bg-ink data-[selected=true]:text-white"
                >
                  {entry.name}
                </Command.Item>
              ))}
          </Command.Group>
        ))}
        {hidden > 0 ? <p className="px-3 pt-3 text-small text-soft">{hidden} more: type a little more of the name.</p> : null}
      </Command.List>
    </Command>
  );
}

function useEntries(lead: boolean, teaching: boolean): readonly Entry[] {
  const { data: lessons = [] } = useLessons();
  const { data: techniques = [] } = useTechniques();
  const { data: classes = [] } = useSWR<readonly ClassSummary[]>(teaching ? '/classes' : null, fetcher);
  return [
    ...(lead
      ? [
          { group: 'Do', name: 'Plan a lesson', to: '/lessons/new' },
          { group: 'Do', name: 'Read a recipe into a dish', to: '/dishes/new' },
          { group: 'Do', name: 'Import dishes from a file', to: '/dishes/import' },
          { group: 'Do', name: 'Write a technique card', to: '/techniques/new' },
          { group: 'Do', name: 'Import technique cards from a file', to: '/techniques/import' },
          { group: 'Do', name: 'Invite a colleague', to: '/people' },
          { group: 'Do', name: 'Set how lessons run at the school', to: '/school' },
        ]
      : []),
    ...(teaching ? [{ group: 'Do', name: 'See the map of a class', to: '/map' }] : []),
    { group: 'Do', name: 'Set how figures and dates are shown to me', to: '/preferences' },
    { group: 'Do', name: 'Compare named cuts', to: '/cuts' },
    { group: 'Do', name: 'Look up doneness and stages', to: '/doneness' },
    { group: 'Do', name: 'See the kitchens and what they have', to: '/kitchens' },
    { group: 'Do', name: 'See the practices in force', to: '/practices' },
    { group: 'Do', name: 'See the local rules', to: '/rules' },
    ...lessons.flatMap((lesson) =>
      lesson.readiness.map(({ phase }) => ({
        group: 'Lessons',
        name: `${lesson.title}, ${shortDate(lesson.date)}: ${PHASE_NAMES[phase]}`,
        to: phasePath(lesson.id, phase),
      })),
    ),
    ...techniques.map((technique) => ({ group: 'Techniques', name: technique.name, to: `/techniques/${technique.id}` })),
    ...classes.map((item) => ({ group: 'Classes', name: item.name, to: `/classes/${item.id}` })),
  ];
}
