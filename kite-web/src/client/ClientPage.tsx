import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type ChangeEvent, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { api, said } from "../api/http";
import type { NewPlan } from "../api/types";
import { BookTime } from "../frame/BookTime";
import { Loading, Trouble } from "../frame/States";
import { Trail } from "../frame/Trail";
import { Photos } from "../parts/Photos";
import { TODAY } from "../parts/ranked";
import { shownVersion } from "../parts/useRanking";
import { dayAndTimeTold } from "../store/shopTime";
import type { Units } from "../store/units";
import { worded } from "../words/worded";
import { Correct } from "./Correct";
import { HeadsOverTime } from "./HeadsOverTime";
import { Learnt } from "./Learnt";
import { OwnData } from "./OwnData";
import { Plans } from "./Plans";
import { Shapes } from "./Shapes";
import { Visits } from "./Visits";

type Props = {
  units: string;
  /** Whether who looks may hand over and erase what is held. */
  erases: boolean;
};

export function ClientPage({ units, erases }: Props) {
  const id = Number(useParams().id);
  const go = useNavigate();
  const queries = useQueryClient();
  const client = useQuery({
    queryKey: ["client", id],
    queryFn: () => said(api.GET("/api/clients/{id}", { params: { path: { id } } })),
  });
  const [problem, setProblem] = useState("");
  const [erasing, setErasing] = useState(false);
  const add = useMutation({
    mutationFn: (body: NewPlan) =>
      said(api.POST("/api/clients/{clientId}/plans", { params: { path: { clientId: id } }, body })),
    onSuccess: async (a) => {
      await queries.invalidateQueries({ queryKey: ["client", id] });
      go(`/plans/${a.id}`);
    },
    onError: (e) => setProblem(e.message),
  });
  const again = useMutation({
    mutationFn: () =>
      said(
        api.POST("/api/clients/{clientId}/plans", {
          params: { path: { clientId: id } },
          body: { family: TODAY },
        }),
      ),
    onSuccess: async (a) => {
      await queries.invalidateQueries({ queryKey: ["client", id] });
      go(`/plans/${a.id}?few`);
    },
    onError: (e) => setProblem(e.message),
  });
  const sitDown = useMutation({
    mutationFn: () =>
      said(api.POST("/api/clients/{clientId}/sitdowns", { params: { path: { clientId: id } } })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["client", id] });
      go(`/clients/${id}/sit`);
    },
    onError: (e) => setProblem(e.message),
  });
  const takeIn = async (e: ChangeEvent<HTMLInputElement>) => {
    const file = e.target.files?.[0];
    e.target.value = "";
    if (!file) return;
    try {
      add.mutate({ document: JSON.parse(await file.text()) });
    } catch {
      setProblem(worded("clientPage.is-not-json-a", { name: file.name }));
    }
  };
  // Nothing more is asked of a client who is being erased.
  const shown = !erasing;
  if (client.isPending) return <Loading what={worded("clientPage.the-client")} />;
  if (client.error) return <Trouble error={client.error} retry={() => client.refetch()} />;
  const c = client.data;
  return (
    <div className="grid gap-6 px-6 py-5 lg:grid-cols-[3fr_2fr]">
      <section>
        <h1 className="font-bold text-3xl">{c.name}</h1>
        {c.next && (
          <p className="font-bold text-lg">
            {worded("clientPage.next", { at: dayAndTimeTold(c.next.startsAt), stylist: c.next.stylist })}
          </p>
        )}
        <p className="text-lg">{c.note}</p>
        <p className="soft flex flex-wrap items-center gap-x-3">
          {[c.phone, c.email].filter(Boolean).join(" · ")}
          <Correct client={c} />
        </p>
        <div className="mt-3 flex flex-wrap gap-3">
          {c.sitDowns.length > 0 && (
            <>
              <button
                type="button"
                className="btn btn-primary touch text-lg"
                disabled={again.isPending}
                onClick={() => again.mutate()}
              >
                {worded("clientPage.same-again-but")}
              </button>
              <Link to={`/clients/${id}/sit`} className="btn touch text-lg">
                {worded("clientPage.to-the-consultation")}
              </Link>
            </>
          )}
          <button
            type="button"
            className={`btn touch ${c.sitDowns.length > 0 ? "" : "btn-primary"}`}
            disabled={sitDown.isPending}
            onClick={() => sitDown.mutate()}
          >
            {worded("clientPage.new-consultation")}
          </button>
        </div>
        {!c.next && (
          <div className="mt-4">
            <b>{worded("nextVisit.next-visit")}</b>
            <BookTime clientId={id} planId={c.plans.find((p) => !p.away)?.id} from={new Date()} />
          </div>
        )}
        <h2 className="mt-5 font-bold text-xl">{worded("clientPage.plans")}</h2>
        <Plans clientId={id} plans={c.plans} />
        <h2 className="mt-5 font-bold text-xl">{worded("clientPage.choose-a-cut")}</h2>
        <p className="soft">
          {worded("clientPage.fitted-to-this-head")}{" "}
          {c.sitDowns.length > 0 && (
            <Link to={`/clients/${id}/shapes`} className="touch inline-flex items-center underline">
              {worded("clientPage.compare-two-from-all")}
            </Link>
          )}
        </p>
        {shown && c.sitDowns.length > 0 && (
          <Shapes
            client={id}
            version={shownVersion(c.sitDowns)}
            busy={add.isPending}
            pick={(family) => add.mutate({ family })}
          />
        )}
        <div className="mt-3 flex flex-wrap gap-3">
          <label className="btn touch self-center">
            {worded("clientPage.from-a-plan-file")}
            <input type="file" accept="application/json,.json" className="sr-only" onChange={takeIn} />
          </label>
        </div>
        {problem && (
          <p role="alert" className="mt-3 whitespace-pre-line border-error border-l-4 pl-3">
            {problem}
          </p>
        )}
      </section>
      <section>
        <HeadsOverTime rows={c.sitDowns} units={units as Units} />
        <Visits rows={c.visits} units={units as Units} />
        {shown && (
          <>
            <Learnt clientId={id} />
            <div className="mt-5">
              <Photos clientId={id} />
            </div>
          </>
        )}
        {shown && <Trail of={{ what: "client", id }} />}
        {erases && <OwnData clientId={id} name={c.name} erasing={setErasing} />}
      </section>
    </div>
  );
}
