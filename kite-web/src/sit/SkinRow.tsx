import type { SkinTone } from "../api/types";
import { Choice } from "./fields";
import { sit } from "./sitStore";

const USUAL: SkinTone = { depth: 4.5, undertone: -0.7 };

/** The skin the hair is seen against: how deep, and its undertone. A taper's contrast goes by it. */
export function SkinRow({ skin, depths }: { skin?: SkinTone; depths?: string[] }) {
  const now = { ...USUAL, ...skin };
  const set = (change: Partial<SkinTone>) => sit.change(["hair", "skin"], { ...now, ...change });
  return (
    <fieldset>
      <legend className="font-bold text-lg">Skin beside it</legend>
      <div className="flex flex-wrap gap-1">
        {depths?.map((colour, i) => (
          <button
            key={colour}
            type="button"
            aria-label={`Skin depth ${i + 1} of 10`}
            aria-pressed={Math.round(now.depth) === i + 1}
            className={`touch w-11 cursor-pointer rounded-field border-4 ${
              Math.round(now.depth) === i + 1 ? "border-primary" : "border-base-300"
            }`}
            style={{ background: colour }}
            onClick={() => set({ depth: i + 1 })}
          />
        ))}
      </div>
      <div className="mt-2">
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
      </div>
    </fieldset>
  );
}
