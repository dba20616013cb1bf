import { useState } from 'react';
import { Link } from 'react-router';
import { coverMissing, proposeOrder, type CoveringDishes, type ProposedOrder } from '@pelvo/core';
import { longDate } from '../device';
import { Button, Section, Stepper } from '../design';
import { withoutIdle, type TermHere } from './useTerm';

/** What would make the term hold: another order of its lessons, and dishes that cover what is missing. */
export function Proposals({ here, lead }: { readonly here: TermHere; readonly lead: boolean }) {
  const [order, setOrder] = useState<ProposedOrder | null>(null);
  const [cover, setCover] = useState<CoveringDishes | null>(null);
  const [aSession, setASession] = useState(1);
  const held = new Set(here.term.lessons.filter((lesson) => lesson.held).map(({ id }) => id));
  const past = here.moved.lessons.filter(({ id }) => held.has(id));
  const ahead = here.moved.lessons.filter(({ id }) => !held.has(id));
  const nameOf = (id: string) => here.techniques.find((technique) => technique.id === id)?.name ?? '';
  const titleOf = (id: string) => here.moved.lessons.find((lesson) => lesson.id === id)?.title ?? '';
  const take = ({ order: ids }: ProposedOrder) =>
    here.setMoves(withoutIdle({ ...here.moves, ...Object.fromEntries(ids.map((id, at) => [id, ahead[at]!.date])) }, here.facts));
  /** Techniques that the term does not take up at all, and those that it assesses without practice. */
  const missing = () => {
    const taken = new Map<string, Set<string>>();
    for (const { techniques } of here.moved.lessons)
      for (const { id, purpose } of techniques) taken.set(id, (taken.get(id) ?? new Set<string>()).add(purpose));
    return new Map(
      here.techniques.flatMap(({ id }): [string, number][] => {
        const purposes = taken.get(id);
        if (!purposes) return [[id, 1]];
        return purposes.has('assess') && !purposes.has('practise') ? [[id, 1]] : [];
      }),
    );
  };
  return (
    <Section title="What would help">
      <div className="grid gap-6 md:grid-cols-2">
        <div>
          <h3 className="text-lg">Another order</h3>
          <p className="text-small text-soft">
            Of the lessons that are ahead, over the days that they have: what comes first is met first, what is assessed was practised.
          </p>
          <Button
            className="mt-2"
            disabled={ahead.length < 2}
            onClick={() => setOrder(proposeOrder(past, ahead, here.facts.prerequisites))}
          >
            Propose an order
          </Button>
          {order ? (
            <div aria-live="polite" className="mt-3">
              <p>
                {order.moved === 0
                  ? `No order was found that is better: ${order.breaks} of ${order.breaksNow} breaks stay.`
                  : `${order.breaks} instead of ${order.breaksNow} breaks, with ${order.moved} lessons moved.`}{' '}
                {order.atLeast === order.breaks ? 'No order has fewer.' : `No order has fewer than ${order.atLeast}.`}
              </p>
              {order.moved > 0 ? (
                <>
                  <ol className="my-2 list-decimal pl-6">
                    {order.order.map((id, at) => (
                      <li key={id}>
                        {longDate(ahead[at]!.date)}: {ahead[at]!.id === id ? titleOf(id) : <b>{titleOf(id)}</b>}
                      </li>
                    ))}
                  </ol>
                  {lead ? <Button onClick={() => (take(order), setOrder(null))}>Take this order, then look it over</Button> : null}
                </>
              ) : null}
            </div>
          ) : null}
        </div>
        <div>
          <h3 className="text-lg">Dishes for what is missing</h3>
          <p className="text-small text-soft">
            Techniques that the term never takes up, or assesses without practice, in the fewest sessions.
          </p>
          <div className="mt-2 flex flex-wrap items-end gap-4">
            <Stepper label="Dishes a session" value={aSession} min={1} max={6} onChange={setASession} />
            <Button onClick={() => setCover(coverMissing(missing(), here.term.dishes, aSession))}>Find dishes</Button>
          </div>
          {cover ? (
            <div aria-live="polite" className="mt-3">
              <p>
                {cover.dishes.length === 0
                  ? 'No dish of the school carries anything that is missing.'
                  : `${cover.sessions} ${cover.sessions === 1 ? 'session' : 'sessions'}; ${cover.atLeast === cover.sessions ? 'fewer cannot do it.' : `fewer than ${cover.atLeast} cannot do it.`}`}
              </p>
              <ul className="my-2 space-y-1">
                {cover.dishes.map(({ id, title, covers }) => (
                  <li key={id}>
                    <Link to={`/dishes/${id}`}>{title}</Link> <span className="text-small text-soft">{covers.map(nameOf).join(', ')}</span>
                  </li>
                ))}
              </ul>
              {cover.uncarried.length > 0 ? (
                <details>
                  <summary className="flex min-h-11 items-center">
                    {cover.uncarried.length} techniques that no dish of the school carries
                  </summary>
                  <p className="text-small">{cover.uncarried.map(nameOf).join(', ')}</p>
                </details>
              ) : null}
              {lead && cover.dishes.length > 0 ? <Link to="/lessons/new">Plan a lesson with them</Link> : null}
            </div>
          ) : null}
        </div>
      </div>
    </Section>
  );
}
