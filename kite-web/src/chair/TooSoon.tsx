import { Link } from "react-router";
import { worded } from "../words/worded";

/** The plan was made for hair that is not there yet: said before the first bite, and where to go instead. */
export function TooSoon({ weeks, clientId }: { weeks: number; clientId?: number }) {
  const about = Math.ceil(weeks);
  return (
    <p role="alert" className="mx-5 mt-3 border-warning border-l-4 bg-base-200 p-3 text-lg">
      {worded("tooSoon.this-plan-is-for", { about })}{" "}
      {clientId !== undefined && (
        <Link to={`/clients/${clientId}/shapes`} className="underline">
          {worded("tooSoon.choose-a-cut-for")}
        </Link>
      )}
    </p>
  );
}
