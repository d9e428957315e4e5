import { useQuery } from "@tanstack/react-query";
import { addDays } from "date-fns";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, said } from "../api/http";
import type { GrowingWay } from "../api/types";
import { Empty, Loading, Trouble } from "../frame/States";
import { Choice } from "../parts/fields";
import { shownVersion } from "../parts/useRanking";
import { worded } from "../words/worded";
import { GrowVisit } from "./GrowVisit";

/** From one visit to the next; common practice. */
const EVERY = ["4", "6", "8", "12"] as const;

/** On which day something is, so many weeks from today. */
export const dayIn = (today: Date, weeks: number): string =>
  addDays(today, Math.round(7 * weeks)).toLocaleDateString("en-GB", {
    day: "numeric",
    month: "long",
    year: "numeric",
  });

/** From the hair of today to a shape that wants more of it: heads by visit, what to touch and what to leave. */
export function GrowPage() {
  const params = useParams();
  const id = Number(params.id);
  const family = params.family ?? "";
  const [every, setEvery] = useState<(typeof EVERY)[number]>("6");
  const [today] = useState(() => new Date());
  const client = useQuery({
    queryKey: ["client", id],
    queryFn: () => said(api.GET("/api/clients/{id}", { params: { path: { id } } })),
  });
  const sat = client.data !== undefined && client.data.sitDowns.length > 0;
  const version = shownVersion(client.data?.sitDowns ?? []);
  const way = useQuery({
    queryKey: ["growing", id, family, every, version],
    queryFn: () =>
      said(
        api.GET("/api/clients/{id}/growing/{family}", {
          params: { path: { id, family }, query: { everyWeeks: Number(every) } },
        }),
      ),
    enabled: sat,
    placeholderData: (last) => last,
  });
  if (client.error) return <Trouble error={client.error} retry={() => client.refetch()} />;
  if (client.data && !sat)
    return (
      <div className="px-6 py-5">
        <Empty>{worded("growPage.has-not-sat-down", { name: client.data.name })}</Empty>
      </div>
    );
  if (way.error) return <Trouble error={way.error} retry={() => way.refetch()} />;
  if (!client.data || !way.data) return <Loading what={worded("growPage.the-way-there")} />;
  return (
    <div className="px-6 py-4">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <div className="min-w-0 flex-1">
          <h1 className="font-bold text-3xl">
            {worded("growPage.growing-out-to", { title: way.data.title })}
          </h1>
          <Link to={`/clients/${id}`} className="touch inline-flex items-center text-lg underline">
            {client.data.name}
          </Link>
        </div>
        <Choice
          name={worded("growPage.a-visit-every")}
          value={every}
          set={(v) => setEvery(v as typeof every)}
          options={EVERY.map((n) => [n, worded("growPage.weeks", { n })])}
        />
        <a
          className="btn touch"
          href={`/api/clients/${id}/growing/${family}/sheet.pdf?everyWeeks=${every}`}
          download
        >
          {worded("growPage.print")}
        </a>
      </div>
      <Reached way={way.data} today={today} />
      <ol className="mt-4 grid grid-cols-[repeat(auto-fill,minmax(17rem,1fr))] gap-4">
        {way.data.visits.map((v, i) => (
          <GrowVisit
            key={v.week}
            client={id}
            family={family}
            version={version}
            week={v.week}
            day={dayIn(today, v.week)}
            from={addDays(today, Math.round(7 * v.week))}
            told={way.data.told[i]}
            last={i === way.data.visits.length - 1}
          />
        ))}
      </ol>
    </div>
  );
}

/** When it is there: the day in the mean, and between which it may be. */
function Reached({ way, today }: { way: GrowingWay; today: Date }) {
  const { early, mean, late } = way.reachableWeeks;
  return (
    <p className="mt-2 border-secondary border-l-4 pl-3 text-lg">
      {mean > 0 && (
        <b>
          {worded("growPage.about-between-and", {
            dayIn: dayIn(today, mean),
            dayIn2: dayIn(today, early),
            dayIn3: dayIn(today, late),
          })}{" "}
        </b>
      )}
      {way.words}
    </p>
  );
}
