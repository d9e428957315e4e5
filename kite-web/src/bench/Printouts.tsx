import { Menu } from "./Menu";

const FILES = [
  ["sheet.pdf", "Cut sheet, one page A4 (PDF)"],
  ["sheet.pdf?paper=letter", "Cut sheet, one page letter (PDF)"],
  ["sheet.pdf?form=detailed", "Cut sheet in detail, A4 (PDF)"],
  ["sheet.pdf?form=detailed&paper=letter", "Cut sheet in detail, letter (PDF)"],
  ["sheet.svg", "Cut sheet (SVG)"],
  ["document.json", "Plan file (JSON)"],
  ["profile.csv", "Lengths (CSV)"],
  ["fall.glb", "Fallen shape (GLB)"],
  ["silhouettes.svg", "Outlines (SVG)"],
  ["scalp-map.svg", "Scalp map (SVG)"],
  ["profile.svg", "Profile (SVG)"],
] as const;

/** The saved plan on paper and in open files. */
export function Printouts({ id }: { id: number }) {
  return (
    <Menu name="Print">
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
