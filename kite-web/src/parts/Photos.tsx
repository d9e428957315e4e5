import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type ChangeEvent, useState } from "react";
import { api, carriedOut, said, upload } from "../api/http";
import { Problem } from "../frame/Problem";
import { dayTold } from "../store/shopTime";
import { worded } from "../words/worded";

/** Photographs of a client, and taking in more where they agreed to it. */
export function Photos({ clientId, sitting }: { clientId: number; sitting?: string }) {
  const queries = useQueryClient();
  const [share, setShare] = useState<number | null>(null);
  const [problem, setProblem] = useState<Error | null>(null);
  const kept = useQuery({
    queryKey: ["photos", clientId],
    queryFn: () => said(api.GET("/api/clients/{clientId}/photos", { params: { path: { clientId } } })),
    retry: false,
  });
  const again = () => queries.invalidateQueries({ queryKey: ["photos", clientId] });
  const take = async (e: ChangeEvent<HTMLInputElement>) => {
    const file = e.target.files?.[0];
    e.target.value = "";
    if (!file) return;
    setProblem(null);
    setShare(0);
    try {
      await upload(`/api/clients/${clientId}/photos${sitting ? `?sitting=${sitting}` : ""}`, file, setShare);
      await again();
    } catch (error) {
      setProblem(error as Error);
    } finally {
      setShare(null);
    }
  };
  if (!kept.data) return <Problem error={kept.error} />;
  const { agreed, photos } = kept.data;
  return (
    <section aria-label={worded("photos.photographs")}>
      <h2 className="font-bold text-xl">{worded("photos.photographs")}</h2>
      {!agreed && <p className="soft">{worded("photos.none-are-kept-the")}</p>}
      {photos.length > 0 && (
        <ul className="mt-2 flex flex-wrap gap-2">
          {photos.map((p) => (
            <li key={p.id} className="grid gap-1">
              <a href={`/api/photos/${p.id}.jpg`} target="_blank" rel="noreferrer">
                <img
                  src={`/api/photos/${p.id}.jpg`}
                  loading="lazy"
                  alt={worded("photos.the-client-on", {
                    day: dayTold(p.takenAt),
                  })}
                  className="h-32 rounded-box object-cover"
                  style={{ aspectRatio: `${p.width}/${p.height}` }}
                />
              </a>
              <button
                type="button"
                className="touch cursor-pointer text-sm underline"
                onClick={() =>
                  carriedOut(api.DELETE("/api/photos/{id}", { params: { path: { id: p.id } } })).then(
                    again,
                    setProblem,
                  )
                }
              >
                {worded("common.remove")}
              </button>
            </li>
          ))}
        </ul>
      )}
      {agreed && (
        <label className="btn touch mt-2 text-lg">
          {share === null
            ? worded("photos.add-a-photograph")
            : worded("photos.sending", { share: Math.round(share * 100) })}
          <input
            type="file"
            accept="image/jpeg,image/png"
            capture="environment"
            className="sr-only"
            disabled={share !== null}
            onChange={take}
          />
        </label>
      )}
      <Problem error={problem} />
    </section>
  );
}
