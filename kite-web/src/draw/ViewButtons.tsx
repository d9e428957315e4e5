import { VIEW_NAMES, type ViewName } from "./views";

/** The set views of the head. */
export function ViewButtons({ view, set }: { view: ViewName; set: (v: ViewName) => void }) {
  return VIEW_NAMES.map((v) => (
    <button
      key={v}
      type="button"
      className={`touch cursor-pointer border-b-3 px-2 ${v === view ? "border-primary font-bold" : "border-transparent"}`}
      aria-pressed={v === view}
      onClick={() => set(v)}
    >
      {v}
    </button>
  ));
}
