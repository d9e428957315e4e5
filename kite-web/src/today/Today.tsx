import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, said } from "../api/http";
import type { AppointmentRow } from "../api/types";
import { Empty, Loading, Trouble } from "../frame/States";
import { PlanHead } from "../parts/PlanHead";
import { STATES } from "../parts/states";
import { worded } from "../words/worded";
import { FirstDay } from "./FirstDay";

const clock = (t: string, zone: string) =>
  new Date(t).toLocaleTimeString([], { hour: "2-digit", minute: "2-digit", hour12: false, timeZone: zone });

export function Today() {
  const day = useQuery({
    queryKey: ["today"],
    queryFn: () => said(api.GET("/api/today")),
    refetchInterval: 60_000,
  });
  if (day.isPending) return <Loading what={worded("today.the-day")} />;
  if (day.error) return <Trouble error={day.error} retry={() => day.refetch()} />;
  const { appointments, now, shop, zone, date } = day.data;
  const title = new Date(`${date}T12:00:00`).toLocaleDateString("en-GB", {
    weekday: "long",
    day: "numeric",
    month: "long",
  });
  return (
    <div className="px-6 py-5">
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <h1 className="font-bold text-3xl">{title}</h1>
          <p className="soft text-lg">{shop}</p>
        </div>
        <Link to="/clients/new" className="btn btn-primary touch text-lg">
          {worded("today.walk-in")}
        </Link>
      </div>
      {appointments.length === 0 ? (
        <>
          <FirstDay />
          <Empty>{worded("today.nobody-is-booked-today")}</Empty>
        </>
      ) : (
        <ul className="mt-5 grid gap-4 md:grid-cols-2 xl:grid-cols-3">
          {appointments.map((a) => (
            <Card key={a.id} a={a} now={now} zone={zone} />
          ))}
        </ul>
      )}
    </div>
  );
}

function Card({ a, now, zone }: { a: AppointmentRow; now: string; zone: string }) {
  const inChair = a.state === "inTheChair";
  const waits = a.state === "here";
  const late = Math.floor((Date.parse(now) - Date.parse(a.startsAt)) / 60_000);
  const left = Math.round((Date.parse(a.endsAt) - Date.parse(now)) / 60_000);
  return (
    <li>
      <Link
        to={`/clients/${a.clientId}`}
        className={`flex gap-4 rounded-box border-2 bg-base-200 p-3 ${inChair ? "border-primary" : waits ? "border-accent" : "border-base-300"}`}
      >
        <PlanHead plan={{ id: a.planId, version: a.planVersion }} name={a.clientName} className="h-36 w-32" />
        <span className="grid min-w-0 content-start gap-0.5">
          <span className="font-bold text-2xl">
            {clock(a.startsAt, zone)}{" "}
            <span className="soft font-normal text-lg">
              {worded("today.to", { clock: clock(a.endsAt, zone) })}
            </span>
          </span>
          <span className="truncate font-bold text-xl">{a.clientName}</span>
          <span>{a.planTitle ?? worded("today.to-be-planned")}</span>
          <span className="soft">{a.stylist}</span>
          {(inChair || waits) && (
            <span className="mt-1 font-bold text-primary">
              {inChair && left > 0 ? worded("today.in-the-chair-min", { left }) : STATES[a.state]}
            </span>
          )}
          {(a.state === "done" || a.state === "didNotCome") && (
            <span className="soft mt-1">{STATES[a.state]}</span>
          )}
          {a.state === "planned" && late > 0 && (
            <span className="mt-1">
              {left > 0 ? worded("today.expected-since", { late }) : worded("today.nobody-sat-down")}
            </span>
          )}
        </span>
      </Link>
    </li>
  );
}
