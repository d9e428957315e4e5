import type { Styling, Way } from "../api/types";
import { StillHead } from "../draw/StillHead";
import { WAYS, weekWords } from "../parts/worn";
import { look, useLook } from "../store/lookStore";
import { change, usePlan } from "../store/planStore";
import { worded } from "../words/worded";
import { LATER } from "./Drying";
import { Menu } from "./Menu";

const WEEKS = [2, 4, 8];

type Otherwise = { name: string; asked: Record<string, string | number>; take: () => void };

/** The saved plan worn another way, later in the day and weeks on, as small heads: a touch shows it large. */
export function WornStrip() {
  return <Menu name={worded("wornStrip.otherwise")}>{(shut) => <Heads shut={shut} />}</Menu>;
}

function Heads({ shut }: { shut: () => void }) {
  const { id, version } = usePlan();
  const styling: Styling = usePlan((s) => s.document?.styling) ?? {};
  const view = useLook((s) => s.view);
  const set = (next: Styling) => change(["styling"], next);
  const { evening, rain, morning } = LATER;
  const all: Otherwise[] = [
    ...(Object.keys(WAYS) as Way[])
      .filter((way) => way !== (styling.way ?? "natural"))
      .map((way) => ({
        name: worded("wornStrip.worn", { way: WAYS[way] }),
        asked: { way },
        take: () => set({ ...styling, way }),
      })),
    ...[evening, rain, morning].map(({ name, hours, dampAir }) => ({
      name,
      asked: { hours, dampAir },
      take: () => set({ ...styling, hours, dampAir }),
    })),
    ...WEEKS.map((week) => ({ name: weekWords(week), asked: { week }, take: () => look({ week }) })),
  ];
  return (
    <ul className="grid grid-cols-3 gap-1">
      {all.map((o) => (
        <li key={o.name}>
          <button
            type="button"
            className="grid w-full cursor-pointer rounded-box border-2 border-base-300 p-1 text-center text-sm"
            onClick={() => {
              o.take();
              look({ shown: "fallen" });
              shut();
            }}
          >
            <StillHead
              of={`plans/${id}`}
              version={version}
              view={view}
              name={o.name}
              asked={o.asked}
              className="mx-auto h-20"
            />
            {o.name}
          </button>
        </li>
      ))}
    </ul>
  );
}
