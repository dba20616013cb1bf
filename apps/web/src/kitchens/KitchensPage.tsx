import { useState } from 'react';
import { EQUIPMENT_KINDS, type Kitchen } from '@pelvo/core';
import type { StoredKitchen } from '@pelvo/contract';
import { useKitchens, useMe } from '../device';
import { Button, Empty, Fetching, PageHead, RemovedNotice } from '../design';
import { KitchenEditor } from './KitchenEditor';
import { EQUIPMENT_NAMES, ovensOf } from './words';

/** The kitchens of the school: what a plan of time has to share out. */
export default function KitchensPage() {
  const { data: kitchens, error, mutate } = useKitchens();
  const lead = useMe().role === 'lead';
  const [editing, setEditing] = useState<StoredKitchen | 'new' | null>(null);
  const [removed, setRemoved] = useState<Kitchen | null>(null);
  return (
    <>
      <PageHead
        title="Kitchens"
        lead="Stations, ovens and the things there are few of. The plan of time of a lesson shares them out."
        actions={lead ? <Button onClick={() => setEditing('new')}>Add a kitchen</Button> : null}
      />
      <RemovedNotice
        removed={removed}
        path="/kitchens"
        onBack={async () => {
          await mutate();
          setRemoved(null);
        }}
      />
      <Fetching what="the kitchens" done={kitchens !== undefined} error={error} retry={() => void mutate()} />
      {kitchens?.length === 0 ? (
        <Empty title="No kitchen yet">
          <p>Add the room you teach in, for example eight stations with two burners each and one oven with two shelves.</p>
        </Empty>
      ) : null}
      <ul className="grid gap-4 lg:grid-cols-2">
        {kitchens?.map((kitchen) => (
          <li key={kitchen.id} className="border border-line bg-tile p-4">
            <div className="flex flex-wrap items-baseline justify-between gap-3">
              <h2 className="text-xl">{kitchen.name}</h2>
              {lead ? (
                <Button kind="quiet" onClick={() => setEditing(kitchen)}>
                  Change
                </Button>
              ) : null}
            </div>
            <p className="text-soft">
              {kitchen.stations} stations with {kitchen.burnersAStation} burners each
              {kitchen.stationsABlock > 1 ? `, ${kitchen.stationsABlock} sharing theirs` : ''}, {ovensOf(kitchen)},{' '}
              {kitchen.assessors === 1 ? 'one assessor' : `${kitchen.assessors} assessors`}.
            </p>
            <table className="mt-3 w-full text-left text-small">
              <thead>
                <tr>
                  <th scope="col">Oven</th>
                  <th scope="col" className="text-right">
                    Shelves
                  </th>
                  <th scope="col" className="text-right">
                    Heats, °C
                  </th>
                  <th scope="col" className="text-right">
                    Change
                  </th>
                </tr>
              </thead>
              <tbody className="divide-y divide-line border-y border-line">
                {kitchen.ovens.map((oven, index) => (
                  <tr key={index}>
                    <th scope="row" className="py-1 font-normal">
                      {oven.name}
                    </th>
                    <td className="text-right tabular-nums">{oven.shelves}</td>
                    <td className="text-right tabular-nums">
                      {oven.from} to {oven.to}
                    </td>
                    <td className="text-right tabular-nums">{oven.changeMinutes} min</td>
                  </tr>
                ))}
              </tbody>
            </table>
            <p className="mt-3 text-small">
              {EQUIPMENT_KINDS.filter((kind) => kitchen.equipment[kind] > 0)
                .map((kind) => `${EQUIPMENT_NAMES[kind]} ${kitchen.equipment[kind]}`)
                .join(' · ') || 'Nothing else is noted.'}
            </p>
            {kitchen.tools.length > 0 ? (
              <p className="mt-2 text-small">
                <span className="text-soft">Counted: </span>
                {kitchen.tools.map(({ name, count }) => `${name} ${count}`).join(' · ')}
              </p>
            ) : null}
          </li>
        ))}
      </ul>
      {editing ? (
        <KitchenEditor
          kitchen={editing === 'new' ? null : (kitchens?.find(({ id }) => id === editing.id) ?? editing)}
          onClose={() => setEditing(null)}
          onRemoved={setRemoved}
        />
      ) : null}
    </>
  );
}
