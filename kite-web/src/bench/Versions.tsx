import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, carriedOut, said } from "../api/http";
import type { VersionRow } from "../api/types";
import { Trail } from "../frame/Trail";
import { compareWith } from "../store/compareStore";
import { plan, say, usePlan } from "../store/planStore";
import { momentTold } from "../store/shopTime";
import { worded } from "../words/worded";
import { Menu } from "./Menu";

/** The plan as it stands kept under a name, and earlier ones held against it or brought back. */
export function Versions({ id }: { id: number }) {
  return <Menu name={worded("versions.versions")}>{(shut) => <List id={id} shut={shut} />}</Menu>;
}

function List({ id, shut }: { id: number; shut: () => void }) {
  const of = { path: { planId: id } };
  const queries = useQueryClient();
  const all = useQuery({
    queryKey: ["versions", id],
    queryFn: () => said(api.GET("/api/plans/{planId}/versions", { params: of })),
    staleTime: 0,
  });
  const [name, setName] = useState("");
  const [problem, setProblem] = useState("");
  const tried = async (work: () => Promise<void>) => {
    try {
      setProblem("");
      await work();
    } catch (e) {
      setProblem(e instanceof Error ? e.message : worded("common.that-did-not-work"));
    }
  };
  const keep = () =>
    tried(async () => {
      const { document } = usePlan.getState();
      if (!document) return;
      await carriedOut(api.POST("/api/plans/{planId}/versions", { params: of, body: { name, document } }));
      setName("");
      await queries.invalidateQueries({ queryKey: ["versions", id] });
    });
  const read = (v: VersionRow) =>
    said(api.GET("/api/plans/{planId}/versions/{id}", { params: { path: { planId: id, id: v.id } } }));
  return (
    <>
      <form
        className="flex gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          void keep();
        }}
      >
        <input
          className="input touch min-w-0 flex-1"
          aria-label={worded("versions.name-of-this-version")}
          placeholder={worded("versions.before-the-fringe")}
          maxLength={80}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <button type="submit" className="btn touch" disabled={name.trim() === ""}>
          {worded("versions.keep")}
        </button>
      </form>
      {(problem || all.error) && (
        <p role="alert" className="border-error border-l-4 pl-2">
          {problem || all.error?.message}
        </p>
      )}
      {all.data?.length === 0 && <p className="soft">{worded("versions.none-kept-yet-name")}</p>}
      {all.data?.map((v) => (
        <div key={v.id} className="flex flex-wrap items-center gap-x-2 border-base-300 border-t">
          <span className="min-w-0 flex-1">
            <b className="block truncate">{v.name}</b>
            <span className="soft text-sm">
              {v.by}, {momentTold(v.createdAt)}
            </span>
          </span>
          <button
            type="button"
            className="touch cursor-pointer underline"
            onClick={() =>
              tried(async () => {
                compareWith({ key: `version/${v.id}`, name: v.name, document: await read(v), week: 0 });
                shut();
              })
            }
          >
            {worded("versions.compare")}
          </button>
          <button
            type="button"
            className="touch cursor-pointer underline"
            onClick={() =>
              tried(async () => {
                const document = await read(v);
                const now = usePlan.getState().document;
                if (now) plan.replace(now, document);
                say(worded("versions.back-to-undo-brings", { name: v.name }));
                shut();
              })
            }
          >
            {worded("versions.bring-back")}
          </button>
        </div>
      ))}
      <Trail of={{ what: "plan", id }} />
    </>
  );
}
