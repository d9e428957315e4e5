import { useEffect, useState } from "react";

/**
 * What the server says of a document, asked the same way each time; an answer overtaken by a newer ask is dropped, the last one stays till
 * then.
 */
export function useAnswer<B, T>(
  ask: (body: B) => Promise<T>,
  body: B | null,
  wanted = true,
  waitMs = 0,
): { data?: T; message: string } {
  const [shown, setShown] = useState<{ data?: T; message: string }>({ message: "" });
  useEffect(() => {
    if (!wanted || body === null) return;
    let dropped = false;
    const timer = setTimeout(() => {
      ask(body).then(
        (data) => !dropped && setShown({ data, message: "" }),
        (e: Error) => !dropped && setShown((s) => ({ ...s, message: e.message })),
      );
    }, waitMs);
    return () => {
      dropped = true;
      clearTimeout(timer);
    };
  }, [ask, body, wanted, waitMs]);
  return shown;
}
