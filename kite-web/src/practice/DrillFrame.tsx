import type { ReactNode } from "react";

type Props = {
  head: ReactNode;
  /** What it came to, once it was tried. */
  panel?: ReactNode;
  children?: ReactNode;
};

/** A drill: the head large, what is done beside it; under each other on a phone, where it stays, and an upright tablet. */
export function DrillFrame({ head, panel, children }: Props) {
  return (
    <div className="grid min-h-0 flex-1 gap-4 lg:grid-cols-[minmax(0,1fr)_340px]">
      <section className="flex min-w-0 flex-col max-md:sticky max-md:top-0 max-md:z-10 max-md:min-h-[44dvh] max-md:bg-base-100 md:min-h-[52dvh] md:max-lg:min-h-[46dvh]">
        {head}
      </section>
      <div className="grid content-start items-start gap-3 md:max-lg:grid-cols-2">
        {panel}
        {children}
      </div>
    </div>
  );
}
