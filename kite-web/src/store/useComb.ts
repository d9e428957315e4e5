import { useEffect, useRef } from "react";
import { api, carriedOut } from "../api/http";

/**
 * The measuring comb, as long as it is listened to. Where it falls silent because the session is over, it is listened
 * to again after the password; where the comb itself cannot be reached, that is told.
 */
export function useComb(listening: boolean, reading: (mm: number) => void, lost: () => void): void {
  const told = useRef({ reading, lost });
  told.current = { reading, lost };
  useEffect(() => {
    if (!listening) return;
    let source: EventSource | undefined;
    let asked = false;
    let over = false;
    const listen = () => {
      if (over) return;
      source = new EventSource("/api/comb/readings");
      source.addEventListener("reading", (e) => {
        told.current.reading(JSON.parse((e as MessageEvent<string>).data).lengthMm as number);
      });
      source.addEventListener("error", () => {
        if (over || source?.readyState !== EventSource.CLOSED) return;
        if (asked) {
          told.current.lost();
          return;
        }
        asked = true;
        // A stream does not say why it was refused; what is asked with it waits for the password.
        carriedOut(api.GET("/api/ramp")).then(listen, () => told.current.lost());
      });
    };
    listen();
    return () => {
      over = true;
      source?.close();
    };
  }, [listening]);
}
