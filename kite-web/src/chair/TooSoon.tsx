import { Link } from "react-router";

/** The plan was made for hair that is not there yet: said before the first bite, and where to go instead. */
export function TooSoon({ weeks, clientId }: { weeks: number; clientId?: number }) {
  const about = Math.ceil(weeks);
  return (
    <p role="alert" className="mx-5 mt-3 border-warning border-l-4 bg-base-200 p-3 text-lg">
      This plan is for hair as it will be in about {about} {about === 1 ? "week" : "weeks"}. Cut today, its
      lengths are not there.{" "}
      {clientId !== undefined && (
        <Link to={`/clients/${clientId}/shapes`} className="underline">
          Choose a cut for today
        </Link>
      )}
    </p>
  );
}
