import { useMutation, useQueryClient } from "@tanstack/react-query";
import type { ChangeEvent } from "react";
import { api, said, upload } from "../api/http";
import { Dialog } from "../frame/Dialog";
import { Problem } from "../frame/Problem";

/** The address at which a phone's calendar reads one's own appointments. */
export function FeedAddress() {
  const queries = useQueryClient();
  const feed = useMutation({
    mutationFn: (anew: boolean) => said(api.POST("/api/diary/feed", { params: { query: { anew } } })),
  });
  const busy = useMutation({
    mutationFn: (file: Blob) => upload<{ times: number }>("/api/diary/busy", file, () => undefined),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["diary"] }),
  });
  const takeIn = (e: ChangeEvent<HTMLInputElement>) => {
    const file = e.target.files?.[0];
    e.target.value = "";
    if (file) busy.mutate(file);
  };
  return (
    <>
      <button type="button" className="btn touch" onClick={() => feed.mutate(false)}>
        For my calendar
      </button>
      {feed.data && (
        <Dialog title="Your own appointments, in your calendar" shut={feed.reset}>
          <p>Add this address as a calendar. Whoever has it can read your appointments.</p>
          <input
            className="input touch w-full"
            readOnly
            aria-label="Address of the calendar"
            value={`${location.origin}${feed.data.path}`}
            onFocus={(e) => e.target.select()}
          />
          <span className="flex flex-wrap gap-3">
            <a className="btn touch" href={feed.data.path} download="diary.ics">
              As a file
            </a>
            <button type="button" className="btn touch" onClick={() => feed.mutate(true)}>
              Make a new address, shut the old
            </button>
          </span>
          <label className="btn touch justify-self-start">
            Take in my other calendar
            <input type="file" accept=".ics,text/calendar" className="sr-only" onChange={takeIn} />
          </label>
          <p className="soft">Only when you are busy is kept, not with what; no chair is offered then.</p>
          {busy.data && (
            <p role="status">
              {busy.data.times} {busy.data.times === 1 ? "time" : "times"} taken in for the next half year.
            </p>
          )}
          <Problem error={busy.error} />
        </Dialog>
      )}
    </>
  );
}
