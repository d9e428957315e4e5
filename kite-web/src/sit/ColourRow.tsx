import type { FieldProblem } from "../api/http";
import type { HairColour } from "../api/types";
import { Choice, LengthField, Swatches } from "../parts/fields";
import type { Units } from "../store/units";
import { worded } from "../words/worded";
import { sit } from "./sitStore";

/** The levels as stylists name them, 1 to 10. */
const LEVELS = [
  "1 black",
  worded("colourRow.2-darkest-brown"),
  worded("colourRow.3-dark-brown"),
  "4 brown",
  worded("colourRow.5-light-brown"),
  worded("colourRow.6-dark-blonde"),
  "7 blonde",
  worded("colourRow.8-light-blonde"),
  worded("colourRow.9-very-light-blonde"),
  worded("colourRow.10-lightest-blonde"),
];
const USUAL: HairColour = { level: 5, warmth: 0.15, greyShare: 0 };

const USUAL_DYED = { level: 8, warmth: 0.15, rootsMm: 30 };

const level = (n: number) => worded("colourRow.level", { level: LEVELS[n - 1] });

type Props = { colour?: HairColour; levels?: string[]; units: Units; problems: FieldProblem[] };

/** The hair's colour as it is: level, tone and grey; what its lengths were coloured to. */
export function ColourRow({ colour, levels, units, problems }: Props) {
  const now = { ...USUAL, ...colour };
  const set = (change: Partial<HairColour>) => sit.change(["hair", "colour"], { ...now, ...change });
  return (
    <fieldset>
      <legend className="font-bold text-lg">{worded("colourRow.colour")}</legend>
      <Swatches name={level} count={10} colours={levels} at={now.level} set={(n) => set({ level: n })} />
      <div className="mt-2 flex flex-wrap gap-x-8 gap-y-3">
        <Choice
          name={worded("colourRow.tone")}
          value={String(now.warmth)}
          set={(v) => set({ warmth: Number(v) })}
          options={[
            ["-0.5", worded("colourRow.ash")],
            ["0.15", worded("colourRow.neutral")],
            ["0.5", worded("colourRow.warm")],
            ["0.9", worded("colourRow.copper")],
          ]}
        />
        <Choice
          name={worded("colourRow.grey")}
          value={String(now.greyShare)}
          set={(v) => set({ greyShare: Number(v) })}
          options={[
            ["0", worded("colourRow.none")],
            ["0.2", worded("colourRow.some")],
            ["0.5", worded("colourRow.half")],
            ["0.9", worded("colourRow.white")],
          ]}
        />
        <Choice
          name={worded("colourRow.lengths")}
          value={now.dyed ? "dyed" : "grown"}
          set={(v) => set({ dyed: v === "dyed" ? USUAL_DYED : undefined })}
          options={[
            ["grown", worded("colourRow.as-it-grows")],
            ["dyed", worded("colourRow.coloured-roots-grown")],
          ]}
        />
      </div>
      {now.dyed && (
        <div className="mt-2 grid gap-2">
          <Swatches
            name={(n) => worded("colourRow.lengths-at-l", { slice: level(n).slice(1) })}
            count={10}
            colours={levels}
            at={now.dyed.level}
            set={(n) => set({ dyed: { ...USUAL_DYED, ...now.dyed, level: n } })}
          />
          <LengthField
            name={worded("colourRow.roots-grown")}
            path="$.hair.colour.dyed.rootsMm"
            mm={now.dyed.rootsMm}
            units={units}
            set={(mm) => set({ dyed: { ...USUAL_DYED, ...now.dyed, rootsMm: mm ?? 30 } })}
            problems={problems}
          />
        </div>
      )}
    </fieldset>
  );
}
