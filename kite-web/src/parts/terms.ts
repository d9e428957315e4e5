import type { DrawnWord } from "../api/types";
import { worded } from "../words/worded";

/** A word of the trade; those that are something on a head are drawn. */
export type Term = { id: string; name: string; means: string; shown?: DrawnWord };

export const TERMS: readonly Term[] = [
  { id: "apex", name: worded("glossary.apex"), means: worded("glossary.apex.means"), shown: "apex" },
  { id: "crown", name: worded("glossary.crown"), means: worded("glossary.crown.means"), shown: "crown" },
  {
    id: "dropCrown",
    name: worded("glossary.drop-crown"),
    means: worded("glossary.drop-crown.means"),
    shown: "dropCrown",
  },
  {
    id: "occipital",
    name: worded("glossary.occipital"),
    means: worded("glossary.occipital.means"),
    shown: "occipital",
  },
  { id: "ridge", name: worded("glossary.ridge"), means: worded("glossary.ridge.means"), shown: "ridge" },
  {
    id: "mastoid",
    name: worded("glossary.mastoid"),
    means: worded("glossary.mastoid.means"),
    shown: "mastoid",
  },
  { id: "nape", name: worded("glossary.nape"), means: worded("glossary.nape.means"), shown: "nape" },
  {
    id: "recession",
    name: worded("glossary.recession"),
    means: worded("glossary.recession.means"),
    shown: "recession",
  },
  { id: "temple", name: worded("glossary.temple"), means: worded("glossary.temple.means"), shown: "temple" },
  {
    id: "sideburn",
    name: worded("glossary.sideburn"),
    means: worded("glossary.sideburn.means"),
    shown: "sideburn",
  },
  {
    id: "hairline",
    name: worded("glossary.hairline"),
    means: worded("glossary.hairline.means"),
    shown: "hairline",
  },
  {
    id: "elevation",
    name: worded("glossary.elevation"),
    means: worded("glossary.elevation.means"),
    shown: "elevation",
  },
  {
    id: "overdirection",
    name: worded("glossary.overdirection"),
    means: worded("glossary.overdirection.means"),
    shown: "overdirection",
  },
  { id: "guide", name: worded("glossary.guide"), means: worded("glossary.guide.means") },
  { id: "bite", name: worded("glossary.bite"), means: worded("glossary.bite.means") },
  { id: "section", name: worded("glossary.section"), means: worded("glossary.section.means") },
  { id: "fade", name: worded("glossary.fade"), means: worded("glossary.fade.means") },
  { id: "taper", name: worded("glossary.taper"), means: worded("glossary.taper.means") },
  { id: "rockOut", name: worded("glossary.rock-out"), means: worded("glossary.rock-out.means") },
  { id: "lever", name: worded("glossary.lever"), means: worded("glossary.lever.means") },
  { id: "ledge", name: worded("glossary.ledge"), means: worded("glossary.ledge.means") },
  { id: "weightLine", name: worded("glossary.weight-line"), means: worded("glossary.weight-line.means") },
  { id: "layers", name: worded("glossary.layers"), means: worded("glossary.layers.means") },
  {
    id: "pointCutting",
    name: worded("glossary.point-cutting"),
    means: worded("glossary.point-cutting.means"),
  },
  { id: "crossCheck", name: worded("glossary.cross-check"), means: worded("glossary.cross-check.means") },
  { id: "drying", name: worded("glossary.drying"), means: worded("glossary.drying.means") },
];

const named = new Map(TERMS.map((t) => [t.name, t]));

/** A word as it stands in a sentence, or several of them. */
const WORD = new RegExp(`\\b(${[...named.keys()].sort((a, b) => b.length - a.length).join("|")})\\b`, "gi");

/** A sentence cut up: what is only said, and each word that can be asked for, the first time it comes. */
export function parts(sentence: string): (string | Term)[] {
  const seen = new Set<string>();
  return sentence.split(WORD).map((s) => {
    const t = named.get(s.toLowerCase());
    if (!t || seen.has(t.id)) return s;
    seen.add(t.id);
    return { ...t, name: s };
  });
}
