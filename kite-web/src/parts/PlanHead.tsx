import { StillHead } from "../draw/StillHead";
import { worded } from "../words/worded";

type Props = { plan?: { id?: number; version?: number }; name: string; className: string };

/** A client's head as their plan leaves it; a place held for it while there is none. */
export function PlanHead({ plan, name, className }: Props) {
  if (plan?.id)
    return (
      <StillHead
        of={`plans/${plan.id}`}
        version={plan.version ?? 0}
        name={name}
        className={`flex-none ${className}`}
      />
    );
  return (
    <span
      className={`soft grid flex-none place-items-center border-2 border-base-300 border-dashed text-center text-sm ${className}`}
    >
      {worded("common.no-plan-yet")}
    </span>
  );
}
