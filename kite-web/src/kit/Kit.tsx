import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, carriedOut } from "../api/http";
import type { NewTool } from "../api/types";
import { Dialog } from "../frame/Dialog";
import { Problem } from "../frame/Problem";
import { Empty, Loading, Trouble } from "../frame/States";
import { written } from "../frame/written";
import { KIND_IDS, KINDS, useKit } from "../parts/useKit";
import { worded } from "../words/worded";
import { ToolCard } from "./ToolCard";

/** The shop's tools: what needs doing stands first. */
export function Kit() {
  const kit = useKit();
  const [adding, setAdding] = useState(false);
  if (kit.isPending) return <Loading what={worded("kit.the-tools")} />;
  if (kit.error) return <Trouble error={kit.error} retry={() => kit.refetch()} />;
  const tools = kit.data
    .filter((t) => !t.retired)
    .sort((a, b) => weight(b.needs) - weight(a.needs) || a.name.localeCompare(b.name));
  return (
    <div className="px-6 py-5">
      <div className="flex flex-wrap items-center gap-4">
        <h1 className="font-bold text-3xl">{worded("kit.kit-and-hygiene")}</h1>
        <button type="button" className="btn touch ml-auto text-lg" onClick={() => setAdding(true)}>
          {worded("kit.add-a-tool")}
        </button>
      </div>
      <p className="soft max-w-3xl">{worded("kit.ten-minutes-in-the")}</p>
      {tools.length === 0 ? (
        <Empty>{worded("kit.no-tools-yet-add")}</Empty>
      ) : (
        <ul className="mt-4 grid gap-3 md:grid-cols-2 xl:grid-cols-3">
          {tools.map((t) => (
            <ToolCard key={t.id} tool={t} />
          ))}
        </ul>
      )}
      {adding && <AddTool shut={() => setAdding(false)} />}
    </div>
  );
}

const weight = (needs: { blocks: boolean; readyAt?: string }[]) =>
  needs.reduce((sum, n) => sum + (n.readyAt ? 1 : n.blocks ? 100 : 10), 0);

function AddTool({ shut }: { shut: () => void }) {
  const queries = useQueryClient();
  const [kind, setKind] = useState<NewTool["kind"]>("shears");
  const add = useMutation({
    mutationFn: (body: NewTool) => carriedOut(api.POST("/api/kit", { body })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["kit"] });
      shut();
    },
  });
  const submit = (e: FormEvent<HTMLFormElement>) => {
    e.preventDefault();
    const f = new FormData(e.currentTarget);
    const mm = written(f, "mm");
    add.mutate({
      kind,
      name: written(f, "name"),
      measuredMm: mm === "" ? undefined : Number(mm),
      note: written(f, "note"),
    });
  };
  return (
    <Dialog title={worded("kit.a-tool")} shut={shut}>
      <form className="grid gap-3" onSubmit={submit} noValidate>
        <label className="grid gap-1 font-bold">
          {worded("kit.kind")}
          <select
            className="select touch w-full text-lg"
            value={kind}
            onChange={(e) => setKind(KIND_IDS.find((k) => k === e.target.value) ?? kind)}
          >
            {KIND_IDS.map((id) => (
              <option key={id} value={id}>
                {KINDS[id]}
              </option>
            ))}
          </select>
        </label>
        <label className="grid gap-1 font-bold">
          {worded("common.name")}
          <input name="name" maxLength={80} className="input touch w-full text-lg" />
        </label>
        <label className="grid gap-1 font-bold">
          {worded("kit.measured-mm-what-a")}
          <input name="mm" type="number" step="0.1" className="input touch w-full text-lg" />
        </label>
        <label className="grid gap-1 font-bold">
          {worded("common.note")}
          <input name="note" maxLength={200} className="input touch w-full text-lg" />
        </label>
        <Problem error={add.error} />
        <button type="submit" className="btn btn-primary touch text-lg" disabled={add.isPending}>
          {worded("kit.keep-it")}
        </button>
      </form>
    </Dialog>
  );
}
