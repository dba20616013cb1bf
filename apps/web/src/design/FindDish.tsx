import type { DishSearch } from '../device';
import { TextField } from './Field';

/** A box that finds a dish by typing, where there are more than a list shows; nothing where the list shows them all. */
export function FindDish({ dishes }: { dishes: DishSearch }) {
  const { more, typed, type } = dishes;
  if (more === 0 && !typed) return null;
  return (
    <TextField
      label="Find a dish"
      placeholder="Its name, or what is in it"
      value={typed}
      hint={more > 0 ? `${more} more: type to find them` : undefined}
      onChange={(event) => type(event.target.value)}
    />
  );
}
