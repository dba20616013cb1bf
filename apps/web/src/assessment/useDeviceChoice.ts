import { useState } from 'react';

/** Something chosen for this device, kept on it; empty where nothing was chosen. */
export function useDeviceChoice(key: string): readonly [string, (choice: string) => void] {
  const [choice, setChoice] = useState(() => localStorage.getItem(key) ?? '');
  const choose = (next: string) => {
    setChoice(next);
    try {
      if (next) localStorage.setItem(key, next);
      else localStorage.removeItem(key);
    } catch {
      // A browser that keeps nothing: it lasts as long as the page.
    }
  };
  return [choice, choose];
}
