import { useQueries } from "@tanstack/react-query";
import { api, said } from "../api/http";
import { WalkSection } from "../parts/WalkSection";
import { useOutcome } from "../store/useOutcome";
import { useSize } from "../store/useSize";

const FIRST = { width: 700, height: 230 };

type Props = { client: number; version: number; pair: [string, string] };

/** Both shapes over the middle of the head, hair straight out: the first in red, the second dashed in blue. */
export function PairProfile({ client, version, pair }: Props) {
  const { ref, size } = useSize<HTMLDivElement>(FIRST);
  const [a, b] = useQueries({
    queries: pair.map((f) => ({
      queryKey: ["fitted", client, version, f],
      queryFn: () =>
        said(
          api.GET("/api/clients/{clientId}/families/{family}", {
            params: { path: { clientId: client, family: f } },
          }),
        ),
      staleTime: Number.POSITIVE_INFINITY,
    })),
  }).map((q) => q.data);
  const first = useOutcome(a ?? null).outcome?.result.walks[0];
  const second = useOutcome(b ?? null).outcome?.result.walks[0];
  return (
    <div ref={ref} className="h-56">
      {a && first && (
        <WalkSection
          walk={first}
          cuts={a.moves.map((m) => m.cut)}
          other={
            second && {
              distanceMm: second.distanceMm,
              lengthMm: second.afterMove.at(-1)?.lengthMm ?? second.beforeMm,
            }
          }
          size={size}
        />
      )}
    </div>
  );
}
