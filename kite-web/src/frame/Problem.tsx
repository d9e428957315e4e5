import { ApiError } from "../api/http";
import { worded } from "../words/worded";

/** Each thing at fault by what was given and what may be, without its place in what was sent. */
const said = (error: Error): string =>
  error instanceof ApiError && error.problems.length > 0
    ? error.problems
        .map(({ value, allowed }) =>
          value === "" ? allowed : worded("problem.not-allowed", { value, allowed }),
        )
        .join("\n")
    : error.message;

/** What went wrong with the last thing tried, in the place where it was tried. */
export function Problem({ error }: { error: Error | null | undefined }) {
  if (!error) return null;
  return (
    <p role="alert" className="whitespace-pre-line border-error border-l-4 pl-3">
      {said(error)}
    </p>
  );
}
