import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, said } from "../api/http";
import type { MessageRow } from "../api/types";
import { Empty, Loading, Trouble } from "../frame/States";

const KINDS: Record<string, string> = { REMINDER: "Reminder", RETURN: "Come back" };

const at = (time: string) =>
  new Date(time).toLocaleString("en-GB", {
    day: "numeric",
    month: "short",
    hour: "2-digit",
    minute: "2-digit",
  });

/** How far it got: sent, given up and why, or when it is tried again. */
function state(m: MessageRow): string {
  if (m.sentAt) return `sent ${at(m.sentAt)}`;
  if (m.givenUpAt) return m.why === "no longer so" ? "not sent: no longer so" : `given up: ${m.why}`;
  if (m.nextTryAt) return `refused; again ${at(m.nextTryAt)}: ${m.why}`;
  return "waits for the gateway";
}

/** What clients were told, the newest first. */
export function Outbox() {
  const all = useQuery({
    queryKey: ["messages"],
    queryFn: async () => (await said(api.GET("/api/messages"))).messages,
    refetchInterval: 20_000,
  });
  if (all.isPending) return <Loading what="the messages" />;
  if (all.error) return <Trouble error={all.error} retry={() => all.refetch()} />;
  if (all.data.length === 0)
    return (
      <Empty>
        Nothing was sent yet. A reminder goes out a day before an appointment, an invitation when a cut grows
        out of its shape.
      </Empty>
    );
  return (
    <ul className="grid gap-2">
      {all.data.map((m) => (
        <li
          key={m.id}
          className="grid gap-x-4 border-secondary border-l-4 bg-base-200 p-3 sm:grid-cols-[9rem_1fr]"
        >
          <span>
            <b>{KINDS[m.kind] ?? m.kind}</b>
            <br />
            <span className="soft">{state(m)}</span>
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
