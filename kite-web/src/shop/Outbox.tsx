import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, said } from "../api/http";
import type { MessageRow } from "../api/types";
import { Empty, Loading, Trouble } from "../frame/States";
import { momentTold } from "../store/shopTime";
import { worded } from "../words/worded";
import { KINDS } from "./kinds";

/** How far it got: sent, given up and why, or when it is tried again. */
function state(m: MessageRow): string {
  if (m.sentAt) return worded("outbox.sent", { when: momentTold(m.sentAt) });
  if (m.givenUpAt)
    return m.why === undefined
      ? worded("outbox.not-sent-no-longer")
      : worded("outbox.given-up", { why: m.why });
  if (m.nextTryAt) return worded("outbox.refused-again", { when: momentTold(m.nextTryAt), why: m.why });
  return worded("outbox.waits-for-the-gateway");
}

/** Given up though it was still due: somebody has to tell the client. */
const failed = (m: MessageRow) => m.givenUpAt !== undefined && m.why !== undefined;

/** What clients were told, the newest first. */
export function Outbox() {
  const all = useQuery({
    queryKey: ["messages"],
    queryFn: async () => (await said(api.GET("/api/messages"))).messages,
    refetchInterval: 20_000,
  });
  if (all.isPending) return <Loading what={worded("outbox.the-messages")} />;
  if (all.error) return <Trouble error={all.error} retry={() => all.refetch()} />;
  if (all.data.length === 0) return <Empty>{worded("outbox.nothing-was-sent-yet")}</Empty>;
  return (
    <ul className="grid gap-2">
      {all.data.map((m) => (
        <li
          key={m.id}
          className={`grid gap-x-4 border-l-4 bg-base-200 p-3 sm:grid-cols-[9rem_1fr] ${failed(m) ? "border-error" : "border-secondary"}`}
        >
          <span>
            <b>{KINDS[m.kind]}</b>
            <br />
            <span className={failed(m) ? "font-bold" : "soft"}>{state(m)}</span>
          </span>
          <span>
            <Link to={`/clients/${m.clientId}`} className="font-bold underline">
              {m.clientName}
            </Link>{" "}
            <span className="soft">{m.address}</span>
            <br />
            {m.words}
          </span>
        </li>
      ))}
    </ul>
  );
}
