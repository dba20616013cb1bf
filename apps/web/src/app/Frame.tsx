import { LogOut, Search } from 'lucide-react';
import { lazy, Suspense, useEffect, useState, type ReactNode } from 'react';
import { Link, NavLink, Outlet, useLocation } from 'react-router';
import { ROLE_NAMES, type Role } from '@pelvo/contract';
import { Loading, Wordmark } from '../design';
import { TermStrip } from '../lessons';
import { signOut, useMe } from '../device';

const CommandList = lazy(() => import('./CommandList'));

interface Area {
  readonly to: string;
  readonly name: string;
  readonly roles: readonly Role[];
  /** Where its further views stand. */
  readonly also?: readonly string[];
}

const AREAS: readonly Area[] = [
  { to: '/', name: 'Term', roles: ['lead', 'assistant', 'stores'], also: ['/lessons', '/results', '/kitchens'] },
  {
    to: '/techniques',
    name: 'Techniques',
    roles: ['lead', 'assistant', 'stores'],
    also: ['/map', '/cuts', '/doneness', '/practices', '/rules'],
  },
  { to: '/dishes', name: 'Dishes', roles: ['lead', 'assistant', 'stores'], also: ['/dish-editions'] },
  { to: '/ingredients', name: 'Ingredients', roles: ['lead', 'assistant', 'stores'] },
  { to: '/classes', name: 'Classes', roles: ['lead', 'assistant'] },
  { to: '/rubrics', name: 'Rubrics', roles: ['lead', 'assistant'] },
  { to: '/people', name: 'People', roles: ['lead'], also: ['/school'] },
  { to: '/my-results', name: 'My results', roles: ['student'] },
];

/** The frame of every screen: the areas, the strip of time, further views of an area where it has some, and the page. */
export function Frame({ strip, views }: { strip?: ReactNode; views?: ReactNode }) {
  const me = useMe();
  const [commands, setCommands] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey)) return;
      event.preventDefault();
      setCommands((open) => !open);
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, []);
  const { pathname } = useLocation();
  const staff = me.role !== 'student';
  return (
    <div className="min-h-screen">
      <a href="#page" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-tile focus:p-3">
        Go to the page
      </a>
      <header className="no-print mx-auto flex max-w-[88rem] flex-wrap items-center gap-x-1 gap-y-1 px-4 py-1.5 sm:px-7">
        <Link to="/" aria-label="Pelvo, to the start" className="mr-auto flex min-h-11 items-center no-underline">
          <Wordmark />
        </Link>
        <nav aria-label="Areas" className="flex flex-wrap">
          {AREAS.filter((area) => area.roles.includes(me.role)).map((area) => (
            <NavLink
              key={area.to}
              to={area.to}
              end={area.to === '/'}
              className={`flex min-h-11 items-center px-3 no-underline decoration-beet decoration-4 underline-offset-[0.45em] hover:underline aria-[current=page]:font-semibold aria-[current=page]:underline ${area.also?.some((place) => pathname === place || pathname.startsWith(`${place}/`)) ? 'font-semibold underline' : ''}`}
            >
              {area.name}
            </NavLink>
          ))}
        </nav>
        {staff ? (
          <button
            type="button"
            onClick={() => setCommands(true)}
            aria-label="Find anything (Ctrl K)"
            title="Find anything (Ctrl K)"
            className="flex size-11 items-center justify-center hover:bg-wash"
          >
            <Search aria-hidden className="size-5" />
          </button>
        ) : null}
        <Link
          to="/preferences"
          aria-label={`${me.name}, ${ROLE_NAMES[me.role]}: your preferences`}
          className="flex min-h-11 flex-col justify-center border-l border-line pl-3 pr-2 text-small leading-tight no-underline hover:bg-wash"
        >
          <span className="underline decoration-line underline-offset-4">{me.name}</span>
          <span className="block text-soft">{ROLE_NAMES[me.role]}</span>
        </Link>
        <button
          type="button"
          onClick={() => void signOut()}
          aria-label="Sign out"
          title="Sign out"
          className="flex size-11 items-center justify-center hover:bg-wash"
        >
          <LogOut aria-hidden className="size-5" />
        </button>
      </header>
      {staff ? (strip ?? <TermStrip />) : <div aria-hidden className="no-print h-3 bg-ink" />}
      <main id="page" tabIndex={-1} className="mx-auto max-w-[88rem] px-4 py-6 sm:px-7 print:p-0">
        {views}
        <Suspense fallback={<Loading what="the screen" />}>
          <Outlet />
        </Suspense>
      </main>
      {staff && commands ? (
        <Suspense fallback={null}>
          <CommandList onClose={() => setCommands(false)} />
        </Suspense>
      ) : null}
    </div>
  );
}
