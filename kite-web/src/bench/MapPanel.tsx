import { placeName } from "../api/names";
import type { GripRow, ScalpMap as MapData, PlanDocument, Result } from "../api/types";
import { useLook } from "../store/lookStore";
import { worded } from "../words/worded";
import { BiteBar } from "./BiteBar";
import { Menu } from "./Menu";
import { ScalpMap } from "./ScalpMap";
import { SectionTools } from "./SectionTools";

type Props = {
  map?: MapData;
  message: string;
  document: PlanDocument;
  result?: Result;
  chosen: number;
  grip?: GripRow;
};

const cm2 = (mm2: number) => worded("mapPanel.cm2", { area: Math.max(1, Math.round(mm2 / 100)) });

/** The scalp map with what can be done to the chosen section, and hair that is in none or in two. */
export function MapPanel({ map, message, document, result, chosen, grip }: Props) {
  const bite = useLook((s) => s.bite);
  const own = document.sections.find((s) => s.id === document.moves[chosen]?.section);
  const gaps = result?.cover.gaps ?? [];
  const overlaps = result?.cover.overlaps ?? [];
  return (
    <section aria-label={worded("mapPanel.scalp-map")} className="flex min-h-0 min-w-0 flex-col">
      <div className="flex items-center justify-between gap-2 text-sm">
        <BiteBar grip={grip} made={result?.moves[chosen]?.cutAreaMm2 ? result.moves[chosen].bites : 0} />
        {own && (
          <Menu name={worded("mapPanel.section")}>
            {(shut) => <SectionTools own={own} sections={document.sections} shut={shut} />}
          </Menu>
        )}
      </div>
      {message && <p role="alert">{message}</p>}
      <div className="h-[300px] sm:h-[360px] lg:h-auto lg:min-h-0 lg:flex-1">
        {map && (
          <ScalpMap
            map={map}
            document={document}
            result={result}
            chosen={chosen}
            grip={bite === null ? undefined : grip}
          />
        )}
      </div>
      {(gaps.length > 0 || overlaps.length > 0) && (
        <ul className="font-bold text-error text-sm">
          {gaps.map((g) => (
            <li key={g.near}>
              {worded("mapPanel.near-the-in-no", { cm2: cm2(g.areaMm2), place: placeName(g.near) })}
            </li>
          ))}
          {overlaps.map((o) => (
            <li key={o.sections.join()}>
              {worded("mapPanel.near-the-taken-twice", { cm2: cm2(o.areaMm2), place: placeName(o.near) })}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
