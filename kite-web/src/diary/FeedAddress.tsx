import { useMutation } from "@tanstack/react-query";
import { send } from "../api/http";
import { Dialog } from "./Dialog";

/** The address at which a phone's calendar reads one's own appointments. */
export function FeedAddress() {
  const feed = useMutation({
    mutationFn: (anew: boolean) => send<{ path: string }>("POST", `/api/diary/feed?anew=${anew}`, {}),
  });
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
        </Dialog>
      )}
    </>
  );
}
