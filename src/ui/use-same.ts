import { useEffect, useMemo, useRef, useState } from "react";

/** The value that was there before, as long as a new one says the same: what is drawn from it is not drawn again. */
export function useSame<T>(value: T, isSame: (a: T, b: T) => boolean): T {
  const [kept, setKept] = useState(value);
  if (kept === value || isSame(kept, value)) return kept;
  setKept(value);
  return value;
}

/** Functions that stay the same objects, and do what the newest of their name does. Call them from events only. */
export function useLatest<T extends Record<keyof T, (...args: never[]) => void>>(functions: T): T {
  const newest = useRef(functions);
  useEffect(() => {
    newest.current = functions;
  });
  const names = Object.keys(functions).join(" ");
  return useMemo(
    () =>
      Object.fromEntries(
        names.split(" ").map((name) => [
          name,
          (...args: never[]) => {
            newest.current[name as keyof T](...args);
          },
        ]),
      ) as unknown as T,
    [names],
  );
}
