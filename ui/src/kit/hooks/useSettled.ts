import { useEffect, useState } from 'react';

/** A value once it has not changed for a while: for what may wait until somebody stops typing. Null meanwhile. */
export function useSettled<T>(value: T, waitMs: number): T | null {
  const [settled, setSettled] = useState<T | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(() => value), waitMs);

    return () => clearTimeout(timer);
  }, [value, waitMs]);

  return settled === value ? settled : null;
}
