import { useMutation, useQueryClient } from "@tanstack/react-query";
import type { ChangeEvent } from "react";
import { api, said, upload } from "../api/http";
import { Dialog } from "../frame/Dialog";
import { Problem } from "../frame/Problem";
import { worded } from "../words/worded";

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
        {worded("feedAddress.for-my-calendar")}
      </button>
      {feed.data && (
        <Dialog title={worded("feedAddress.your-own-appointments-in")} shut={feed.reset}>
          <p>{worded("feedAddress.add-this-address-as")}</p>
          <input
            className="input touch w-full"
            readOnly
            aria-label={worded("feedAddress.address-of-the-calendar")}
            value={`${location.origin}${feed.data.path}`}
            onFocus={(e) => e.target.select()}
          />
          <span className="flex flex-wrap gap-3">
            <a className="btn touch" href={feed.data.path} download="diary.ics">
              {worded("feedAddress.as-a-file")}
            </a>
            <button type="button" className="btn touch" onClick={() => feed.mutate(true)}>
              {worded("feedAddress.make-a-new-address")}
            </button>
          </span>
          <label className="btn touch justify-self-start">
            {worded("feedAddress.take-in-my-other")}
            <input type="file" accept=".ics,text/calendar" className="sr-only" onChange={takeIn} />
          </label>
          <p className="soft">{worded("feedAddress.only-when-you-are")}</p>
          {busy.data && (
            <p role="status">{worded("feedAddress.taken-in-times", { times: busy.data.times })}</p>
          )}
          <Problem error={busy.error} />
        </Dialog>
      )}
    </>
  );
}
