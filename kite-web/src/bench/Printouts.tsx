import { worded } from "../words/worded";
import { Menu } from "./Menu";

const FILES = [
  ["card.pdf", worded("printouts.card-to-take-home")],
  ["sheet.pdf", worded("printouts.cut-sheet-one-page")],
  ["sheet.pdf?paper=letter", worded("printouts.cut-sheet-one-page-2")],
  ["sheet.pdf?form=detailed", worded("printouts.cut-sheet-in-detail")],
  ["sheet.pdf?form=detailed&paper=letter", worded("printouts.cut-sheet-in-detail-2")],
  ["sheet.svg", worded("printouts.cut-sheet-svg")],
  ["document.json", worded("printouts.plan-file-json")],
  ["profile.csv", worded("printouts.lengths-csv")],
  ["fall.glb", worded("printouts.fallen-shape-glb")],
  ["silhouettes.svg", worded("printouts.outlines-svg")],
  ["scalp-map.svg", worded("printouts.scalp-map-svg")],
  ["profile.svg", worded("printouts.profile-svg")],
] as const;

/** The saved plan on paper and in open files. */
export function Printouts({ id }: { id: number }) {
  return (
    <Menu name={worded("printouts.print")}>
      {() =>
        FILES.map(([file, name]) => (
          <a
            key={file}
            className="touch flex items-center underline"
            href={`/api/plans/${id}/${file}`}
            download
          >
            {name}
          </a>
        ))
      }
    </Menu>
  );
}
