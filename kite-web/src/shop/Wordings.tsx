import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, said } from "../api/http";
import type { Wording } from "../api/types";
import { Problem } from "../frame/Problem";
import { Loading, Trouble } from "../frame/States";
import { worded } from "../words/worded";
import { KINDS } from "./kinds";

/** How the shop words what its clients are told, beside how a client would read it. */
export function Wordings({ owner }: { owner: boolean }) {
  const all = useQuery({ queryKey: ["wordings"], queryFn: () => said(api.GET("/api/shop/wordings")) });
  if (all.isPending) return <Loading what={worded("wordings.the-wording")} />;
  if (all.error) return <Trouble error={all.error} retry={() => all.refetch()} />;
  return (
    <details className="mb-4">
      <summary className="touch flex cursor-pointer items-center font-bold text-lg underline">
        {worded("wordings.how-it-is-worded")}
      </summary>
      <ul className="mt-2 grid gap-4">
        {all.data.map((w) => (
          <One key={w.kind + w.words} w={w} owner={owner} />
        ))}
      </ul>
    </details>
  );
}

function One({ w, owner }: { w: Wording; owner: boolean }) {
  const queries = useQueryClient();
  const [words, setWords] = useState(w.words);
  const at = { params: { path: { kind: w.kind } } };
  const preview = useMutation({
    mutationFn: (text: string) =>
      said(api.POST("/api/shop/wordings/{kind}/preview", { ...at, body: { words: text } })),
  });
  const keep = useMutation({
    mutationFn: (text: string) =>
      said(api.PUT("/api/shop/wordings/{kind}", { ...at, body: { words: text } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["wordings"] }),
  });
  return (
    <li className="grid gap-2 bg-base-200 p-3">
      <b>{KINDS[w.kind]}</b>
      <label className="grid gap-1 text-sm">
        {worded("wordings.in-braces", { names: w.names.map((n) => `{${n}}`).join(", ") })}
        <textarea
          className="textarea min-h-20 w-full text-lg"
          maxLength={400}
          readOnly={!owner}
          value={words}
          onChange={(e) => setWords(e.target.value)}
          onBlur={() => words !== w.words && preview.mutate(words)}
        />
      </label>
      <p className="border-secondary border-l-4 pl-3">{preview.data?.preview ?? w.preview}</p>
      {owner && (
        <div className="flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-primary touch"
            disabled={words === w.words || keep.isPending}
            onClick={() => keep.mutate(words)}
          >
            {worded("wordings.keep")}
          </button>
          {w.words !== w.usual && (
            <button
              type="button"
              className="btn touch"
              disabled={keep.isPending}
              onClick={() => keep.mutate(w.usual)}
            >
              {worded("wordings.as-usual")}
            </button>
          )}
        </div>
      )}
      <Problem error={keep.error ?? preview.error} />
    </li>
  );
}
