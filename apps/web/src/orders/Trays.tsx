import { useMemo } from 'react';
import {
  exact,
  holdsSaid,
  notesOnTray,
  portionsEach,
  SETTING_WAYS,
  settingsInForce,
  text,
  traysOf,
  type AllergenList,
  type OrderInput,
  type Tray,
} from '@pelvo/core';
import type { LessonDetail } from '@pelvo/contract';
import { DataTable, FigureValue, LabelLinks, Section } from '../design';
import { inWords } from '../device';

/** How the class gets its ingredients: trays weighed by the technician, or a store that teams draw from. */
export function Trays({ lesson, input }: { lesson: LessonDetail; input: OrderInput }) {
  const trays = useMemo(() => traysOf(input), [input]);
  if (trays.length === 0) return null;
  const { weighingOut } = settingsInForce(lesson.school, lesson.settings);
  const way = SETTING_WAYS.weighingOut.ways[weighingOut];
  return (
    <Section title="Weighing out" aside={<LabelLinks lessonId={lesson.id} what="trays" />}>
      <p className="mb-3">
        <b>{way.name}</b>, {lesson.settings.weighingOut ? 'in this lesson.' : 'as this school does.'} {way.says}
      </p>
      <details open={weighingOut !== 'draw'}>
        <summary className="min-h-11 content-center font-semibold">
          {trays.reduce((sum, tray) => sum + tray.count, 0)} trays, by what is on them
        </summary>
        <div className="grid gap-6 lg:grid-cols-2">
          {trays.map((tray) => (
            <TrayList key={tray.key} tray={tray} allergenList={lesson.school.allergenList} />
          ))}
        </div>
      </details>
    </Section>
  );
}

function TrayList({ tray, allergenList }: { tray: Tray; allergenList: AllergenList }) {
  return (
    <section>
      <h3 className="text-lg">
        {tray.count} × {tray.dish}
      </h3>
      <p className="mb-1 text-small text-soft">
        {tray.by === 'bulk' ? `Made ahead: ${inWords(tray.called)}` : `${inWords(tray.called)}, ${portionsEach(exact(tray.portions))}`}
      </p>
      <DataTable
        headHidden
        rows={tray.items}
        keyOf={({ key }) => key}
        columns={[
          {
            head: 'On each tray',
            names: true,
            cell: (item) => (
              <span className="font-normal">
                {item.item}
                {item.preparation ? `, ${item.preparation}` : null}
                {item.component ? <span className="text-small text-soft"> {item.component}</span> : null}
                {item.only ? <b>, {inWords(item.only)}</b> : null}
                {item.madeAhead ? <span className="text-soft">, from the bulk making</span> : null}
                <span className="block text-small text-soft">
                  {[...notesOnTray(item).map((said) => inWords(said)), inWords(holdsSaid(item.allergens, allergenList))]
                    .filter(Boolean)
                    .join('; ')}
                </span>
              </span>
            ),
          },
          {
            head: 'Amount',
            align: 'right',
            cell: (item) => (
              <FigureValue
                id={`tray ${tray.key} ${item.key}`}
                figure={{
                  ...item.figure,
                  label: { code: 'tray-item', item: item.item, of: tray.by === 'bulk' ? text(tray.dish) : tray.called },
                }}
              />
            ),
          },
        ]}
      />
    </section>
  );
}
