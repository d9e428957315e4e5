import type { Beard, SitDocument } from "../api/types";
import { Choice, Swatches } from "./fields";
import { sit } from "./sitStore";

const USUAL = { depth: 4.5, undertone: -0.7 };

/** The skin the hair is seen against, and what grows on it besides: beard and neck hair. */
export function SkinRow({ hair, depths }: { hair: SitDocument["hair"]; depths?: string[] }) {
  const now = { ...USUAL, ...hair?.skin };
  const set = (change: Partial<typeof USUAL>) => sit.change(["hair", "skin"], { ...now, ...change });
  return (
    <fieldset>
      <legend className="font-bold text-lg">Skin beside it</legend>
      <Swatches
        name={(n) => `Skin depth ${n} of 10`}
        count={10}
        colours={depths}
        at={now.depth}
        set={(n) => set({ depth: n })}
      />
      <div className="mt-2 flex flex-wrap gap-x-8 gap-y-3">
        <Choice
          name="Undertone"
          value={String(now.undertone)}
          set={(v) => set({ undertone: Number(v) })}
          options={[
            ["-0.7", "rosy"],
            ["0", "neutral"],
            ["0.7", "golden"],
          ]}
        />
        <Choice
          name="Beard"
          value={hair?.beard ?? "none"}
          set={(v) => sit.change(["hair", "beard"], v as Beard)}
          options={[
            ["none", "none"],
            ["stubble", "stubble"],
            ["short", "short"],
            ["full", "full"],
          ]}
        />
        <Choice
          name="Neck hair"
          value={hair?.neck ?? "cleaned"}
          set={(v) => sit.change(["hair", "neck"], v)}
          options={[
            ["cleaned", "cleaned"],
            ["left", "left"],
          ]}
        />
      </div>
    </fieldset>
  );
}
