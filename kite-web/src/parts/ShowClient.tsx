import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, carriedOut, said, saidOrNull } from "../api/http";
import { Dialog } from "../frame/Dialog";
import { worded } from "../words/worded";

const ASKED_EACH_MS = 3000;

/** The plan on the client's own screen: an address and six digits, and what the client said yes to. */
export function ShowClient({ planId }: { planId: number }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="btn touch" onClick={() => setOpen(true)}>
        {worded("showClient.show-the-client")}
      </button>
      {open && <Shown planId={planId} shut={() => setOpen(false)} />}
    </>
  );
}

function Shown({ planId, shut }: { planId: number; shut: () => void }) {
  const queries = useQueryClient();
  const [problem, setProblem] = useState("");
  const params = { path: { id: planId } };
  const queryKey = ["showing", planId];
  const last = useQuery({
    queryKey,
    queryFn: () => saidOrNull(api.GET("/api/plans/{id}/showing", { params })),
    refetchInterval: ASKED_EACH_MS,
  });
  const now = last.data && Date.parse(last.data.endsAt) > Date.now() ? last.data : null;
  const act = async (work: () => Promise<unknown>) => {
    setProblem("");
    try {
      await work();
      await queries.invalidateQueries({ queryKey });
    } catch (e) {
      setProblem((e as Error).message);
    }
  };
  return (
    <Dialog title={worded("showClient.on-the-clients-own")} shut={shut}>
      {now?.code && (
        <>
          <p className="text-lg">
            {worded("showClient.open-on-the-other", { address: `${location.host}/look` })}
          </p>
          <p className="text-center font-bold text-7xl tracking-widest tabular-nums" data-testid="code">
            {now.code}
          </p>
          <a className="btn touch" href="/look" target="_blank" rel="noreferrer">
            {worded("showClient.here-held-up")}
          </a>
        </>
      )}
      {now && !now.code && (
        <p role="status" className="text-2xl">
          {now.liked ? worded("showClient.the-client-said-yes") : worded("showClient.the-client-is-looking")}
        </p>
      )}
      {!now && <p>{worded("showClient.nothing-but-pictures")}</p>}
      {problem && (
        <p role="alert" className="border-error border-l-4 pl-3">
          {problem}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className={`btn touch ${now ? "" : "btn-primary"}`}
          onClick={() => act(() => said(api.POST("/api/plans/{id}/showing", { params })))}
        >
          {now ? worded("showClient.another-code") : worded("showClient.begin")}
        </button>
        {now && (
          <button
            type="button"
            className="btn touch"
            onClick={() => act(() => carriedOut(api.DELETE("/api/plans/{id}/showing", { params })))}
          >
            {worded("showClient.end")}
          </button>
        )}
      </div>
    </Dialog>
  );
}
