import { mutate } from 'swr';
import { MATTER_SPECS, practiceInForce, type MatterKey, type PracticeChoices } from '@pelvo/core';
import { send, useAction, useMe, useCutSets, usePractices } from '../device';
import { Button, ProblemNotice } from '../design';

/** The sides of a matter; of the named cuts, the sets of the school. */
export function useSides(matter: MatterKey): readonly { readonly key: string; readonly name: string; readonly says: string }[] {
  const { data: cutSets = [] } = useCutSets();
  return matter === 'named-cuts' ? cutSets.map(({ id, name, about }) => ({ key: id, name, says: about })) : MATTER_SPECS[matter].practices;
}

/** A lesson and what it teaches otherwise than the school. */
export interface TaughtIn {
  readonly title: string;
  readonly practices: PracticeChoices;
}

/** A matter on which practitioners disagree: which practice is in force, or that nobody has chosen. The lead chooses here. */
export function MatterLine({ matter, taught }: { matter: MatterKey; taught?: TaughtIn }) {
  const lead = useMe().role === 'lead';
  const { data } = usePractices();
  const sides = useSides(matter);
  const { busy, error, run } = useAction();
  if (!data) return null;
  const spec = MATTER_SPECS[matter];
  const inForce = practiceInForce(matter, data.choices, taught?.practices);
  const chosen = sides.find(({ key }) => key === inForce?.practice);
  const choose = (practice: string | null) =>
    run(async () => {
      await send('PUT', `/practices/${matter}`, { body: { practice }, version: data.versions[matter] });
      await mutate('/practices');
    });
  return (
    <div>
      <p>
        <b>{spec.name}:</b>{' '}
        {chosen ? (
          <>
            {chosen.name},{' '}
            <span className="text-soft">{inForce?.by === 'lesson' ? `taught in "${taught!.title}".` : 'the practice of this school.'}</span>{' '}
            {chosen.says}
          </>
        ) : (
          <span className="hatch px-1">nobody has chosen yet. Good practitioners do it either way.</span>
        )}
      </p>
      {spec.always ? <p className="text-small text-soft">{spec.always}</p> : null}
      {lead && !taught ? (
        <div className="no-print mt-1 flex flex-wrap gap-2" role="group" aria-label={spec.name}>
          {sides.map(({ key, name }) => (
            <button
              key={key}
              type="button"
              disabled={busy}
              aria-pressed={chosen?.key === key}
              onClick={() => void choose(key)}
              className="min-h-12 rounded-sm border-2 border-line bg-tile px-3 text-left text-small aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-white"
            >
              {name}
            </button>
          ))}
          {chosen ? (
            <Button kind="quiet" busy={busy} onClick={() => void choose(null)}>
              Leave it open<span className="sr-only">: {spec.name}</span>
            </Button>
          ) : null}
        </div>
      ) : null}
      {chosen
        ? null
        : sides.map(({ key, name, says }) => (
            <p key={key} className="mt-1 text-small">
              <b>{name}</b>: {says}
            </p>
          ))}
      <ProblemNotice error={error} />
    </div>
  );
}
