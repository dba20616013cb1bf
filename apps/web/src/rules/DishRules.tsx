import { dishRuleNotices, WHO_DECIDES, type DishContent } from '@pelvo/core';
import { Link } from 'react-router';
import { Notice } from '../design';
import { inWords, useBook, useRules } from '../device';

/** Where dishes plan what the local rules speak against. Nothing where they do not. */
export function DishRules({ dishes }: { dishes: readonly DishContent[] }) {
  const { data: profile } = useRules();
  const book = useBook() ?? undefined;
  const found = profile
    ? dishes.flatMap((dish) => dishRuleNotices(dish, profile.rules, book).map((notice) => ({ ...notice, dish: dish.title })))
    : [];
  if (found.length === 0) return null;
  return (
    <Notice kind="caution" title="What the local rules say to this">
      <ul className="list-disc pl-5">
        {found.map(({ dish, rule, where, said }, index) => (
          <li key={`${rule} ${index}`}>
            <b>{dishes.length > 1 ? `${dish}, ${where}` : where}</b>: {inWords(said)}
          </li>
        ))}
      </ul>
      <p className="mt-1 text-small text-soft">
        Heard in the words of the steps, and words can be misheard: a step&rsquo;s &ldquo;Food meanwhile&rdquo; settles where it is.{' '}
        {WHO_DECIDES} <Link to="/rules">Local rules</Link>
      </p>
    </Notice>
  );
}
