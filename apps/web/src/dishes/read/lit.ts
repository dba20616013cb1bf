import { createContext, useContext } from 'react';

/** Which line or step of a reading is lit, with its source beside it; and how another is lit. */
export interface Lit {
  readonly id: string | null;
  readonly light: (id: string) => void;
}

export const LitContext = createContext<Lit | null>(null);

/** What a row needs to be lit with its source; nothing where there is no text beside it. */
export function useLit(id: string): { readonly className: string; readonly onClick?: () => void; readonly onFocus?: () => void } {
  const lit = useContext(LitContext);
  if (!lit) return { className: '' };
  const light = () => lit.light(id);
  return { className: lit.id === id ? 'bg-beet-wash outline-2 outline-beet' : '', onClick: light, onFocus: light };
}
