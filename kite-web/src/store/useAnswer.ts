import { useEffect, useState } from "react";
import { send } from "../api/http";

/** What the server says of a document; an answer overtaken by a newer ask is dropped, the last one stays till then. */
export function useAnswer<T>(
  url: string,
  body: unknown,
  wanted = true,
  waitMs = 0,
): { data?: T; message: string } {
  const [shown, setShown] = useState<{ data?: T; message: string }>({ message: "" });
  useEffect(() => {
    if (!wanted || body === null) return;
    let dropped = false;
    const timer = setTimeout(() => {
      send<T>("POST", url, body).then(
        (data) => !dropped && setShown({ data, message: "" }),
        (e: Error) => !dropped && setShown((s) => ({ ...s, message: e.message })),
      );
    }, waitMs);
    return () => {
      dropped = true;
      clearTimeout(timer);
    };
  }, [url, body, wanted, waitMs]);
  return shown;
}
