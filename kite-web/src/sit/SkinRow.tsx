import type { Beard, SitDocument } from "../api/types";
import { Choice, Swatches } from "../parts/fields";
import { worded } from "../words/worded";
import { sit } from "./sitStore";

const USUAL = { depth: 4.5, undertone: -0.7 };

/** The skin the hair is seen against, and what grows on it besides: beard and neck hair. */
export function SkinRow({ hair, depths }: { hair: SitDocument["hair"]; depths?: string[] }) {
  const now = { ...USUAL, ...hair?.skin };
  const set = (change: Partial<typeof USUAL>) => sit.change(["hair", "skin"], { ...now, ...change });
  return (
    <fieldset>
      <legend className="font-bold text-lg">{worded("skinRow.skin-beside-it")}</legend>
      <Swatches
        name={(n) => worded("skinRow.skin-depth-of-10", { n })}
        count={10}
        colours={depths}
        at={now.depth}
        set={(n) => set({ depth: n })}
      />
      <div className="mt-2 flex flex-wrap gap-x-8 gap-y-3">
        <Choice
          name={worded("skinRow.undertone")}
          value={String(now.undertone)}
          set={(v) => set({ undertone: Number(v) })}
          options={[
            ["-0.7", worded("skinRow.rosy")],
            ["0", worded("skinRow.neutral")],
            ["0.7", worded("skinRow.golden")],
          ]}
        />
        <Choice
          name={worded("skinRow.beard")}
          value={hair?.beard ?? "none"}
          set={(v) => sit.change(["hair", "beard"], v as Beard)}
          options={[
            ["none", worded("skinRow.none")],
            ["stubble", worded("skinRow.stubble")],
            ["short", worded("skinRow.short")],
            ["full", worded("skinRow.full")],
          ]}
        />
        <Choice
          name={worded("skinRow.neck-hair")}
          value={hair?.neck ?? "cleaned"}
          set={(v) => sit.change(["hair", "neck"], v)}
          options={[
            ["cleaned", worded("skinRow.cleaned")],
            ["left", worded("skinRow.left")],
          ]}
        />
      </div>
    </fieldset>
  );
}
