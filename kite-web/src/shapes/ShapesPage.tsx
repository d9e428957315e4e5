import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, said as told } from "../api/http";
import type { ClientView } from "../api/types";
import { StillHead } from "../draw/StillHead";
import { Empty, Loading, Trouble } from "../frame/States";
import { Fitting } from "../parts/Fitting";
import { HowMuch } from "../parts/HowMuch";
import { inWeeks, isToday, parted, type Ranked, TODAYS } from "../parts/ranked";
import { ShapeCard } from "../parts/ShapeCard";
import { shownVersion, useRanking } from "../parts/useRanking";
import { worded } from "../words/worded";
import { PairProfile } from "./PairProfile";

const SIDES = ["front", "right", "left", "back", "top"] as const;

/** Every shape on this client's own head, and two of them held against each other from all sides. */
export function ShapesPage() {
  const id = Number(useParams().id);
  const client = useQuery({
    queryKey: ["client", id],
    queryFn: () => told(api.GET("/api/clients/{id}", { params: { path: { id } } })),
  });
  if (client.isPending) return <Loading what={worded("shapesPage.the-client")} />;
  if (client.error) return <Trouble error={client.error} retry={() => client.refetch()} />;
  if (client.data.sitDowns.length === 0)
    return (
      <div className="px-6 py-5">
        <Empty>
          {worded("shapesPage.has-not-sat-down", { name: client.data.name })}{" "}
          <Link to={`/clients/${id}`} className="underline">
            {worded("shapesPage.to-the-client")}
          </Link>
        </Empty>
      </div>
    );
  return <All client={client.data} />;
}

function All({ client }: { client: ClientView }) {
  const go = useNavigate();
  const queries = useQueryClient();
  const version = shownVersion(client.sitDowns);
  const { line, problem } = useRanking(client.id, version);
  const [pair, setPair] = useState<[string?, string?]>([]);
  const add = useMutation({
    mutationFn: (family: string) =>
      told(
        api.POST("/api/clients/{clientId}/plans", {
          params: { path: { clientId: client.id } },
          body: { family },
        }),
      ),
    onSuccess: async (a) => {
      await queries.invalidateQueries({ queryKey: ["client", client.id] });
      go(`/plans/${a.id}`);
    },
  });
  const { today, shapes } = parted(line.families ?? []);
  const families = today ? [today, ...shapes] : shapes;
  const two = [pair[0] ?? families[0]?.id, pair[1] ?? families[1]?.id];
  const shown = two.map((f) => families.find((x) => x.id === f));
  // The shape touched takes the place of the one chosen longest ago.
  const hold = (f: string) => !two.includes(f) && setPair([two[1], f]);
  return (
    <div className="grid gap-x-6 gap-y-3 px-6 py-3 lg:grid-cols-[minmax(0,1fr)_330px]">
      <section aria-label={worded("shapesPage.two-shapes")} className="grid content-start gap-2">
        <h1 className="font-bold text-2xl">
          {worded("shapesPage.shapes-on")}{" "}
          <Link to={`/clients/${client.id}`} className="underline">
            {client.name}
          </Link>
        </h1>
        {problem && <p role="alert">{problem}</p>}
        {!problem && !line.families && <Fitting line={line} />}
        {add.error && <p role="alert">{add.error.message}</p>}
        {shown.map(
          (f, i) =>
            f && (
              <One
                key={f.id}
                first={i === 0}
                family={f}
                client={client.id}
                version={version}
                busy={add.isPending}
                plan={() => add.mutate(f.id)}
              />
            ),
        )}
        {client.sitDowns[0] && <TodaysHair newest={client.sitDowns[0]} />}
        {two[0] && two[1] && <PairProfile client={client.id} version={version} pair={[two[0], two[1]]} />}
      </section>
      <section aria-label={worded("shapesPage.all-shapes")}>
        <HowMuch client={client.id} />
        <h2 className="mt-3 font-bold text-xl">{worded("shapesPage.todays-cut-then-the")}</h2>
        <p className="soft text-sm">{worded("shapesPage.a-touch-holds-one")}</p>
        <ol className="mt-1 grid grid-cols-2 gap-2">
          {families.map((f) => (
            <li key={f.id}>
              <button
                type="button"
                aria-pressed={two.includes(f.id)}
                className={`grid h-full w-full cursor-pointer content-start rounded-box border-2 p-1 text-left ${f.id === two[0] ? "border-primary" : f.id === two[1] ? "border-secondary" : "border-base-300"}`}
                onClick={() => hold(f.id)}
              >
                <ShapeCard shape={f} client={client.id} version={version} tall="h-24" />
              </button>
            </li>
          ))}
        </ol>
      </section>
    </div>
  );
}

/** What speaks for it, and what was seen to for this hair. */
const said = (f: Ranked) => [...(isToday(f) ? [TODAYS] : f.reasons.slice(0, 2)), ...f.fit.answered];

type OneProps = {
  family: Ranked;
  first: boolean;
  client: number;
  version: number;
  busy: boolean;
  plan: () => void;
};

function One({ family, first, client, version, busy, plan }: OneProps) {
  return (
    <article className={`border-l-4 pl-3 ${first ? "border-primary" : "border-secondary"}`}>
      <div className="flex flex-wrap items-center gap-x-4">
        <h2 className="font-bold text-xl">{family.title}</h2>
        <span className="soft min-w-0 flex-1 text-sm">{said(family).join(" ")}</span>
        {inWeeks(family.weeks) && (
          <Link to={`/clients/${client}/grow/${family.id}`} className="btn touch">
            {worded("shapesPage.growing-out-to-it")}
          </Link>
        )}
        <button
          type="button"
          className={`btn touch ${first ? "btn-primary" : ""}`}
          disabled={busy}
          aria-label={worded("shapesPage.plan-with", { title: family.title })}
          onClick={plan}
        >
          {inWeeks(family.weeks)
            ? worded("shapesPage.plan-it", { inWeeks: inWeeks(family.weeks) })
            : worded("shapesPage.plan-with-this")}
        </button>
      </div>
      <AllSides of={`clients/${client}/families/${family.id}`} version={version} name={family.title} />
    </article>
  );
}

/** The hair as it is, for what either shape would make of it. */
function TodaysHair({ newest }: { newest: ClientView["sitDowns"][number] }) {
  return (
    <article className="border-base-300 border-l-4 pl-3">
      <h2 className="font-bold text-xl">{worded("shapesPage.todays-hair")}</h2>
      <AllSides
        of={`sitdowns/${newest.id}`}
        version={newest.version}
        name={worded("shapesPage.todays-hair")}
      />
    </article>
  );
}

function AllSides({ of, version, name }: { of: string; version: number; name: string }) {
  return (
    <div className="grid grid-cols-5 gap-1">
      {SIDES.map((side) => (
        <StillHead
          key={side}
          of={of}
          version={version}
          view={side}
          name={name}
          className="mx-auto h-40 w-full"
        />
      ))}
    </div>
  );
}
