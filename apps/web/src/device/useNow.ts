import { useEffect, useState } from 'react';

/** The time, new every so many seconds. */
export function useNow(seconds: number): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), seconds * 1000);
    return () => clearInterval(timer);
  }, [seconds]);
  return now;
}
