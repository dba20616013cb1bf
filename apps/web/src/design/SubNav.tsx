import { NavLink } from 'react-router';

export interface View {
  readonly to: string;
  readonly name: string;
}

/** The views of one area, side by side under its name. */
export function SubNav({ label, views }: { label: string; views: readonly View[] }) {
  return (
    <nav aria-label={label} className="no-print -mt-2 mb-5 flex flex-wrap border-b border-line">
      {views.map(({ to, name }) => (
        <NavLink
          key={to}
          to={to}
          end
          className="-mb-px inline-flex min-h-12 items-center border-b-4 border-transparent px-4 no-underline hover:border-line aria-[current=page]:border-beet aria-[current=page]:font-semibold"
        >
          {name}
        </NavLink>
      ))}
    </nav>
  );
}
