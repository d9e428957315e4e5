import { addDays } from "date-fns";
import { useState } from "react";
import { BookTime } from "../frame/BookTime";
import { worded } from "../words/worded";

type Props = { planId: number; clientId: number; words: string; weeks: number };

/** When growth and upkeep say to come back, and a free time then. */
export function NextVisit({ planId, clientId, words, weeks }: Props) {
  const [today] = useState(() => new Date());
  return (
    <section aria-label={worded("nextVisit.next-visit")}>
      <h2 className="font-bold text-xl">{worded("nextVisit.next-visit")}</h2>
      <p className="text-lg">{words}</p>
      <BookTime clientId={clientId} planId={planId} from={addDays(today, Math.round(weeks * 7))} />
    </section>
  );
}
