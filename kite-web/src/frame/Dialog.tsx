import { type ReactNode, useEffect, useRef } from "react";
import { worded } from "../words/worded";

/** A sheet over the page; Escape shuts it. What is marked `data-first` in it has the keys at once. */
export function Dialog({ title, shut, children }: { title: string; shut: () => void; children: ReactNode }) {
  const ref = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    ref.current?.showModal?.();
    ref.current?.querySelector<HTMLElement>("[data-first]")?.focus();
  }, []);
  return (
    <dialog
      ref={ref}
      aria-label={title}
      className="m-auto grid w-[34rem] max-w-[94vw] gap-3 rounded-box border-2 border-base-content bg-base-100 p-5 text-base-content backdrop:bg-black/40"
      onClose={shut}
    >
      <div className="flex items-start justify-between gap-3">
        <h2 className="font-bold text-2xl">{title}</h2>
        <button type="button" className="btn touch" onClick={shut}>
          {worded("dialog.close")}
        </button>
      </div>
      {children}
    </dialog>
  );
}
