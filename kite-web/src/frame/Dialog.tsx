import { type ReactNode, useEffect, useRef } from "react";

/** A sheet over the page; Escape shuts it. */
export function Dialog({ title, shut, children }: { title: string; shut: () => void; children: ReactNode }) {
  const ref = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    ref.current?.showModal?.();
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
          Close
        </button>
      </div>
      {children}
    </dialog>
  );
}
