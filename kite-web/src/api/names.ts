// Made by npm run api; change the records or the schema it is made from instead.
import type { Place } from "./documents";

export const PLACES: readonly (readonly [Place, string])[] = [
  [
    "front",
    "front"
  ],
  [
    "recessionLeft",
    "left recession"
  ],
  [
    "recessionRight",
    "right recession"
  ],
  [
    "templeLeft",
    "left temple"
  ],
  [
    "templeRight",
    "right temple"
  ],
  [
    "sideburnLeft",
    "left sideburn"
  ],
  [
    "sideburnRight",
    "right sideburn"
  ],
  [
    "earTopLeft",
    "top of the left ear"
  ],
  [
    "earTopRight",
    "top of the right ear"
  ],
  [
    "behindEarLeft",
    "left behind-ear corner"
  ],
  [
    "behindEarRight",
    "right behind-ear corner"
  ],
  [
    "mastoidLeft",
    "left mastoid"
  ],
  [
    "mastoidRight",
    "right mastoid"
  ],
  [
    "napeCornerLeft",
    "left nape corner"
  ],
  [
    "napeCornerRight",
    "right nape corner"
  ],
  [
    "nape",
    "nape"
  ],
  [
    "apex",
    "apex"
  ],
  [
    "ridgeLeft",
    "left ridge"
  ],
  [
    "ridgeRight",
    "right ridge"
  ],
  [
    "crown",
    "crown"
  ],
  [
    "dropCrown",
    "drop crown"
  ],
  [
    "occipital",
    "occipital bone"
  ]
];

/** Where the ends of hair can land. */
export const LANDINGS: Readonly<Record<"brow" | "eye" | "cheek" | "noseTip" | "earTop" | "midEar" | "earLobe" | "jaw" | "chin" | "collar", string>> = {
  "brow": "brow",
  "eye": "eye",
  "cheek": "cheek hollow",
  "noseTip": "nose tip",
  "earTop": "ear top",
  "midEar": "mid ear",
  "earLobe": "ear lobe",
  "jaw": "jaw corner",
  "chin": "chin",
  "collar": "collar"
};

const NAMES: Record<string, string> = Object.fromEntries(PLACES);

/** What a place is called; the id itself where it has no name. */
export const placeName = (id: string): string => NAMES[id] ?? id;
