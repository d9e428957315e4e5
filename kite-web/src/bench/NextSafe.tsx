import { useMemo } from "react";
import { placeName } from "../api/names";
import type { PlanDocument } from "../api/types";
import { ask } from "../store/asks";
import { lengthWords, type Units } from "../store/units";
import { useAnswer } from "../store/useAnswer";
import { worded } from "../words/worded";

const MOST = 6;

type Props = { document: PlanDocument; done: number; units: Units };

/** The longest cut that is still safe just before a move, at the places where most may come off. */
export function NextSafe({ document, done, units }: Props) {
  const body = useMemo(
    () => ({ document, done, damp: document.moves[done]?.damp ?? ("damp" as const), tensed: true }),
    [document, done],
  );
  const { data, message } = useAnswer(ask.nextSafe, body);
  if (message) return <p role="alert">{message}</p>;
  if (!data) return <p>{worded("common.working-it-out")}</p>;
  const rows = data.places
    .filter((p) => p.safeMm > 0.5)
    .sort((a, b) => b.safeMm - a.safeMm)
    .slice(0, MOST);
  if (rows.length === 0) return <p>{worded("nextSafe.nothing-more-may-come")}</p>;
  return (
    <table className="table-sm table">
      <tbody>
        {rows.map((r) => (
          <tr key={r.place}>
            <th scope="row" className="font-normal">
              {placeName(r.place)}
            </th>
            <td>
              <b>{lengthWords(r.safeMm, units)}</b>{" "}
              {worded("nextSafe.of", { length: lengthWords(r.haveMm, units) })}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
