import { useCallback, useState } from 'react';

const PREFIX = 'pelvo.preference.';

/** A choice a person makes once for this device, such as how temperatures are shown. */
export function usePreference<T extends string>(name: string, choices: readonly T[]): [T, (value: T) => void] {
  const [value, setValue] = useState<T>(() => {
    const stored = localStorage.getItem(PREFIX + name);
    return choices.find((choice) => choice === stored) ?? choices[0]!;
  });
  const choose = useCallback(
    (next: T) => {
      localStorage.setItem(PREFIX + name, next);
      setValue(next);
    },
    [name],
  );
  return [value, choose];
}
