import type { HairColour } from "../api/types";
import { Choice } from "./fields";
import { sit } from "./sitStore";

/** The levels as stylists name them, 1 to 10. */
const LEVELS = [
  "1 black",
  "2 darkest brown",
  "3 dark brown",
  "4 brown",
  "5 light brown",
  "6 dark blonde",
  "7 blonde",
  "8 light blonde",
  "9 very light blonde",
  "10 lightest blonde",
];
const USUAL: HairColour = { level: 5, warmth: 0.15, greyShare: 0 };

/** The hair's colour as it is: level, tone and grey. */
export function ColourRow({ colour, levels }: { colour?: HairColour; levels?: string[] }) {
  const now = { ...USUAL, ...colour };
  const set = (change: Partial<HairColour>) => sit.change(["hair", "colour"], { ...now, ...change });
  return (
    <fieldset>
      <legend className="font-bold text-lg">Colour</legend>
      <div className="flex flex-wrap gap-1">
        {LEVELS.map((name, i) => (
          <button
            key={name}
            type="button"
            title={name}
            aria-label={`Level ${name}`}
            aria-pressed={Math.round(now.level) === i + 1}
            className={`touch w-11 cursor-pointer rounded-field border-4 ${
              Math.round(now.level) === i + 1 ? "border-primary" : "border-base-300"
            }`}
            style={{ background: levels?.[i] }}
            onClick={() => set({ level: i + 1 })}
          />
        ))}
      </div>
      <div className="mt-2 flex flex-wrap gap-x-8 gap-y-3">
        <Choice
          name="Tone"
          value={String(now.warmth)}
          set={(v) => set({ warmth: Number(v) })}
          options={[
            ["-0.5", "ash"],
            ["0.15", "neutral"],
            ["0.5", "warm"],
            ["0.9", "copper"],
          ]}
        />
        <Choice
          name="Grey"
          value={String(now.greyShare)}
          set={(v) => set({ greyShare: Number(v) })}
          options={[
            ["0", "none"],
            ["0.2", "some"],
            ["0.5", "half"],
            ["0.9", "white"],
          ]}
        />
      </div>
    </fieldset>
  );
}
