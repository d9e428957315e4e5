import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, said } from "../api/http";
import type { GrowingWay } from "../api/types";
import { StillHead } from "../draw/StillHead";
import { BookTime } from "../frame/BookTime";
import { worded } from "../words/worded";

type Props = {
  client: number;
  family: string;
  version: number;
  /** From today. */
  week: number;
  day: string;
  from: Date;
  told?: GrowingWay["told"][number];
  /** The shape is there. */
  last: boolean;
};

/** One visit on the way: the head as it leaves it, what comes off and what stays, how it is worn until the next. */
export function GrowVisit({ client, family, version, week, day, from, told, last }: Props) {
  const [booking, setBooking] = useState(false);
  const meanwhile = useQuery({
    queryKey: ["meanwhile", client, family, version, week],
    queryFn: () =>
      said(
        api.GET("/api/clients/{id}/growing/{family}/meanwhile", {
          params: { path: { id: client, family }, query: { week } },
        }),
      ),
    enabled: !last,
    staleTime: Number.POSITIVE_INFINITY,
  });
  return (
    <li className={`grid content-start gap-2 border-t-4 pt-2 ${last ? "border-primary" : "border-base-300"}`}>
      <h2 className="font-bold text-xl">
        {week === 0 ? worded("common.today") : day}
        {last && <span className="ml-2 text-primary">{worded("growVisit.there")}</span>}
      </h2>
      <div className="grid grid-cols-3 gap-1">
        {(["front", "right", "back"] as const).map((view) => (
          <StillHead
            key={view}
            of={`clients/${client}/growing/${family}`}
            version={version}
            asked={{ week }}
            view={view}
            name={week === 0 ? worded("common.today") : day}
            className="h-32 w-full"
          />
        ))}
      </div>
      {told?.take && <p className="border-primary border-l-4 pl-3 text-lg">{told.take}</p>}
      {told?.leave && <p className="border-base-300 border-l-4 pl-3">{told.leave}</p>}
      {told?.ends && <p className="soft pl-4 text-sm">{told.ends}</p>}
      {meanwhile.data && <p className="pl-4">{meanwhile.data.words}</p>}
      {week > 0 &&
        (booking ? (
          <BookTime clientId={client} from={from} />
        ) : (
          <button type="button" className="btn touch justify-self-start" onClick={() => setBooking(true)}>
            {worded("growVisit.find-a-time")}
          </button>
        ))}
    </li>
  );
}
