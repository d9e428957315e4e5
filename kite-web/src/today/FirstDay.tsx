import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, said } from "../api/http";
import { Problem } from "../frame/Problem";
import { usePracticeHead } from "../parts/usePracticeHead";
import { worded } from "../words/worded";

/** Left on this device. */
const LEFT = "kite-first-day-left";

/** From an empty shop to the first client: what there is to set up, in any order, left at any point. */
export function FirstDay() {
  const [left, setLeft] = useState(() => localStorage.getItem(LEFT) === "yes");
  const clients = useQuery({
    queryKey: ["clients", ""],
    queryFn: () => said(api.GET("/api/clients", { params: { query: { q: "" } } })),
  });
  const empty = clients.data?.length === 0 && !left;
  const kit = useQuery({
    queryKey: ["kit", "all"],
    queryFn: () => said(api.GET("/api/kit", { params: { query: {} } })),
    enabled: empty,
  });
  const services = useQuery({
    queryKey: ["services"],
    queryFn: async () => (await said(api.GET("/api/shop/services"))).services,
    enabled: empty,
  });
  const people = useQuery({
    queryKey: ["people"],
    queryFn: () => said(api.GET("/api/people")),
    enabled: empty,
  });
  const practise = usePracticeHead();
  if (!empty) return null;
  const steps: readonly (readonly [string, string, boolean])[] = [
    [worded("firstDay.hours"), "/shop?part=hours", false],
    [worded("firstDay.services"), "/shop?part=services", (services.data?.length ?? 0) > 0],
    [worded("firstDay.tools"), "/kit", (kit.data?.tools.length ?? 0) > 0],
    [worded("firstDay.people"), "/shop?part=people", (people.data?.people.length ?? 0) > 1],
  ];
  return (
    <section className="mt-5 max-w-2xl rounded-box border-2 border-secondary p-5">
      <h2 className="font-bold text-2xl">{worded("firstDay.welcome")}</h2>
      <p className="mt-1 text-lg">{worded("firstDay.in-any-order")}</p>
      <ul className="mt-3 grid gap-2">
        {steps.map(([name, to, done]) => (
          <li key={to}>
            <Link to={to} className="btn touch h-auto w-full justify-between py-2 text-lg">
              {name}
              {done && <span>{worded("firstDay.done")}</span>}
            </Link>
          </li>
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap gap-3">
        <Link to="/clients/new" className="btn btn-primary touch text-lg">
          {worded("firstDay.the-first-client")}
        </Link>
        <button
          type="button"
          className="btn touch text-lg"
          disabled={practise.isPending}
          onClick={() => practise.mutate()}
        >
          {worded("firstDay.try-a-practice-head")}
        </button>
        <button
          type="button"
          className="btn btn-ghost touch text-lg"
          onClick={() => {
            localStorage.setItem(LEFT, "yes");
            setLeft(true);
          }}
        >
          {worded("firstDay.not-now")}
        </button>
      </div>
      <Problem error={practise.error} />
    </section>
  );
}
