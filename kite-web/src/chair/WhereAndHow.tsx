import type { ReactNode } from "react";
import type { Place } from "../api/types";
import { Stepper } from "../parts/Stepper";
import { stepOf, toMm, toShown, type Units, unitOf } from "../store/units";
import { PlacePick } from "./PlacePick";
import { SayOrType } from "./SayOrType";

/** Nothing longer is measured on a head. */
const MOST_MM = 1500;

type Props = {
  place: Place;
  choose: (p: Place) => void;
  label: string;
  mm: number;
  set: (mm: number) => void;
  units: Units;
  children: ReactNode;
};

/** A place of the head and a length there; the place can be touched on the head as well. */
export function WhereAndHow({ place, choose, label, mm, set, units, children }: Props) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <SayOrType place={place} choose={choose} set={(said) => set(Math.min(MOST_MM, said))} units={units} />
      <PlacePick place={place} choose={choose} />
      <Stepper
        label={label}
        value={toShown(mm, units)}
        step={units === "cm" ? 0.1 : stepOf(units)}
        min={0}
        max={toShown(MOST_MM, units)}
        unit={unitOf(units)}
        onChange={(v) => set(toMm(v, units))}
      />
      {children}
    </div>
  );
}
