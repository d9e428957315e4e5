import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { useNavigate } from "react-router";
import { api, said } from "../api/http";
import { change, say, usePlan } from "../store/planStore";
import { putAway } from "../store/putAway";
import { useShut } from "../store/useShut";
import { worded } from "../words/worded";

/** What the plan is called; a touch on it gives it another name, makes a second plan of it, or puts it away. */
export function PlanName({ title, clientId }: { title: string; clientId: number }) {
  const go = useNavigate();
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState(title);
  const box = useRef<HTMLDivElement>(null);
  useShut(box, open, () => setOpen(false));
  useEffect(() => setName(title), [title]);
  const keep = () => {
    const said = name.trim();
    if (said === "" || said === title) setName(title);
    else change(["title"], said);
  };
  const copy = useMutation({
    mutationFn: () => {
      const { document } = usePlan.getState();
      return said(
        api.POST("/api/clients/{clientId}/plans", {
          params: { path: { clientId } },
          body: document ? { document: { ...document, title: worded("planName.copy-of", { title }) } } : {},
        }),
      );
    },
    onSuccess: (a) => go(`/plans/${a.id}`),
    onError: (e) => say(e.message, true),
  });
  const away = useMutation({
    mutationFn: (id: number) => putAway(id, true),
    onSuccess: async (_, id) => {
      await queries.invalidateQueries({ queryKey: ["client", clientId] });
      go(`/clients/${clientId}`, { state: { away: id } });
    },
    onError: (e) => say(e.message, true),
  });
  return (
    <div ref={box} className="relative">
      <h1>
        <button
          type="button"
          className="cursor-pointer border-base-content border-b-2 border-dotted text-left font-bold text-2xl"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          {title}
        </button>
      </h1>
      {open && (
        <div className="absolute left-0 z-40 mt-1 grid w-80 max-w-[90vw] gap-3 rounded-box border-2 border-base-content bg-base-100 p-3">
          <label className="grid gap-1 text-sm">
            {worded("planName.what-it-is-called")}
            <input
              className="input touch w-full text-lg"
              value={name}
              maxLength={120}
              onChange={(e) => setName(e.target.value)}
              onBlur={keep}
              onKeyDown={(e) => {
                if (e.key !== "Enter") return;
                keep();
                setOpen(false);
              }}
            />
          </label>
          <button type="button" className="btn touch" disabled={copy.isPending} onClick={() => copy.mutate()}>
            {worded("planName.a-second-plan-like")}
          </button>
          <button
            type="button"
            className="btn touch"
            disabled={away.isPending}
            onClick={() => away.mutate(usePlan.getState().id)}
          >
            {worded("planName.put-this-plan-away")}
          </button>
        </div>
      )}
    </div>
  );
}
