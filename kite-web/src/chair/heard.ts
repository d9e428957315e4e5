import { PLACES } from "../api/names";
import type { Place } from "../api/types";
import { MM_PER_INCH } from "../store/units";
import { worded } from "../words/worded";

/** What was understood of a sentence: a place, a length, or neither. */
export type Heard = { place?: Place; mm?: number };

/** Words split at the bars of the catalogue. */
const either = (words: string): string[] => words.split("|");

/** How places are said, those of more words first; of a pair the left. */
const SAID: readonly (readonly [Place, string])[] = [
  ["behindEarLeft", worded("heard.behind-the-ear")],
  ["napeCornerLeft", worded("heard.nape-corner")],
  ["dropCrown", worded("heard.drop-crown")],
  ["earTopLeft", worded("heard.ear")],
  ["recessionLeft", worded("heard.recession")],
  ["templeLeft", worded("heard.temple")],
  ["sideburnLeft", worded("heard.sideburn")],
  ["mastoidLeft", worded("heard.mastoid")],
  ["ridgeLeft", worded("heard.ridge")],
  ["occipital", worded("heard.bone")],
  ["nape", worded("heard.nape")],
  ["crown", worded("heard.crown")],
  ["front", worded("heard.front")],
  ["apex", worded("heard.top")],
];

const UNITS: readonly (readonly [number, string[]])[] = [
  [1, either(worded("heard.millimetres"))],
  [10, either(worded("heard.centimetres"))],
  [MM_PER_INCH, either(worded("heard.inches"))],
];

const COUNTS = either(worded("heard.counts"));
const HALF = worded("heard.half");
/** Of 2, of 4 and of 8, each with its plural. */
const PARTS = [HALF, worded("heard.quarter"), worded("heard.eighth")].map(either);
const AND = worded("heard.and");
/** One, where no other number stands: an inch. */
const ONE = either(worded("heard.one"));
const OF = worded("heard.of");
const LEFT = worded("heard.left");
const RIGHT = worded("heard.right");

/**
 * A place and a length in what was said or typed, as "3 mm, right ear" or "half an inch at the crown". A number counts
 * with its unit only; where no side is said it is that of the place at hand.
 */
export function heard(words: string, near: Place): Heard {
  const said = tokens(words);
  return { place: placeIn(said, near), mm: lengthIn(said) };
}

/** Numbers apart from their units, decimal commas as points. */
const tokens = (words: string): string[] =>
  words
    .toLowerCase()
    .replace(/(\d),(\d)/g, "$1.$2")
    .replace(/½/g, ` ${either(HALF)[0]} `)
    .replace(/(\d)([a-z"″])/g, "$1 $2")
    .match(/\d+\/\d+|\d+(?:\.\d+)?|[a-z]+|["″]/g) ?? [];

function placeIn(said: string[], near: Place): Place | undefined {
  const has = (word: string) => said.includes(word);
  const found = SAID.find(([, ways]) => either(ways).some((way) => way.split(" ").every(has)))?.[0];
  if (!found?.endsWith("Left")) return found;
  const right = has(RIGHT) || (!has(LEFT) && near.endsWith("Right"));
  const name = right ? found.replace(/Left$/, "Right") : found;
  return PLACES.find(([id]) => id === name)?.[0];
}

function lengthIn(said: string[]): number | undefined {
  for (const [at, word] of said.entries()) {
    const mm = UNITS.find(([, names]) => names.includes(word))?.[0];
    let from = at;
    while (from > 0 && counts(said[from - 1] ?? "")) from--;
    const before = number(said.slice(from, at));
    if (mm === undefined || before === undefined) continue;
    // An inch and a half.
    const after = said[at + 1] === AND ? number(said.slice(at + 2, at + 4).filter(counts)) : 0;
    return (before + (after ?? 0)) * mm;
  }
  return undefined;
}

const counts = (word: string): boolean =>
  countOf(word) !== undefined ||
  partOf(word) !== undefined ||
  word === AND ||
  word === OF ||
  ONE.includes(word);

function countOf(word: string): number | undefined {
  const [over, under] = word.split("/").map(Number);
  if (over !== undefined && Number.isFinite(over)) return under ? over / under : over;
  const count = COUNTS.indexOf(word);
  return count < 0 ? undefined : count;
}

function partOf(word: string): number | undefined {
  const of = PARTS.findIndex((names) => names.includes(word));
  return of < 0 ? undefined : 0.5 ** (of + 1);
}

/** Numbers and parts of one added up: two and a half, three quarters of an. */
function number(words: string[]): number | undefined {
  let sum: number | undefined;
  let last: number | undefined;
  for (const word of words) {
    const value = countOf(word);
    const part = partOf(word);
    if (part !== undefined) {
      // Three quarters: so many of them.
      sum = (sum ?? 0) - (last ?? 0) + (last ?? 1) * part;
      last = undefined;
    } else if (value !== undefined) {
      sum = (sum ?? 0) + value;
      last = value;
    } else if (word === AND) last = undefined;
  }
  return sum ?? (words.some((w) => ONE.includes(w)) ? 1 : undefined);
}
