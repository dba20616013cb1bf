import { useMemo } from 'react';
import { exact, practiceInForce, portionsEach, practiceOf, traysOf, type OrderInput, type Tray } from '@pelvo/core';
import type { LessonDetail } from '@pelvo/contract';
import { FigureValue, Section } from '../design';
import { usePractices } from '../practices';

/** How the class gets its ingredients: trays weighed by the technician, or a store that teams draw from. */
export function Trays({ lesson, input }: { lesson: LessonDetail; input: OrderInput }) {
  const { data: school } = usePractices();
  const trays = useMemo(() => traysOf(input), [input]);
  if (!school || trays.length === 0) return null;
  const inForce = practiceInForce('weighing-out', school.choices, lesson.practices);
  const practice = inForce ? practiceOf('weighing-out', inForce.practice) : undefined;
  return (
    <Section title="Weighing out">
      <p className="mb-3">
        {practice ? (
          <>
            <b>{practice.name}</b>, {inForce!.by === 'lesson' ? 'in this lesson.' : 'the practice of this school.'} {practice.says}
          </>
        ) : (
          <span className="hatch px-1">Nobody has chosen how it is weighed out: these are the trays, if the technician weighs them.</span>
        )}
      </p>
      <details open={practice?.key !== 'draw'}>
        <summary className="min-h-11 content-center font-semibold">
          {trays.reduce((sum, tray) => sum + tray.count, 0)} trays, by what is on them
        </summary>
        <div className="grid gap-6 lg:grid-cols-2">
          {trays.map((tray) => (
            <TrayList key={tray.key} tray={tray} />
          ))}
        </div>
      </details>
    </Section>
  );
}

function TrayList({ tray }: { tray: Tray }) {
  return (
    <section>
      <h3 className="text-lg">
        {tray.count} × {tray.dish}
      </h3>
      <p className="mb-1 text-small text-soft">
        {tray.by === 'bulk' ? `Made ahead: ${tray.called}` : `${tray.called}, ${portionsEach(exact(tray.portions))}`}
      </p>
      <table className="w-full text-left">
        <thead className="sr-only">
          <tr>
            <th>On each tray</th>
            <th>Amount</th>
          </tr>
        </thead>
        <tbody className="divide-y divide-line border-y border-line">
          {tray.items.map((item) => (
            <tr key={item.key} className="align-baseline">
              <th scope="row" className="py-0.5 font-normal">
                {item.item}
                {item.component ? <span className="text-small text-soft"> {item.component}</span> : null}
                {item.only ? <b>, {item.only}</b> : null}
                {item.madeAhead ? <span className="text-soft">, from the bulk making</span> : null}
              </th>
              <td className="py-0.5 text-right">
                <FigureValue
                  id={`tray ${tray.key} ${item.key}`}
                  figure={{ ...item.figure, label: `${item.item}, tray for ${tray.by === 'bulk' ? tray.dish : tray.called}` }}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
