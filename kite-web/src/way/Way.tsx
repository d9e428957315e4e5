import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useSearchParams } from "react-router";
import { api, carriedOut, said } from "../api/http";
import type { Cost, School } from "../api/types";
import { Loading, Trouble } from "../frame/States";
import { Choice } from "../parts/fields";
import { worded } from "../words/worded";
import { OwnPassword } from "./OwnPassword";
import { SecondFactor } from "./SecondFactor";
import { costWords, DIFFERENCES, type Difference } from "./ways";

const BITES: [string, string][] = [
  ["0", worded("way.as-the-shape-has")],
  ["6.4", worded("way.a-quarter-inch")],
  ["9.5", worded("way.three-eighths")],
  ["12.7", worded("way.half-an-inch")],
  ["19", worded("way.three-quarters")],
  ["25.4", worded("way.an-inch")],
];

/** Where stylists differ: this person's own way, and what each choice costs on one head. */
export function Way() {
  const [query] = useSearchParams();
  const plan = query.get("plan");
  const queries = useQueryClient();
  const school = useQuery({ queryKey: ["school"], queryFn: () => said(api.GET("/api/school")) });
  const costs = useQuery({
    queryKey: ["school", "costs", plan],
    queryFn: () =>
      said(api.GET("/api/school/costs", { params: { query: plan ? { plan: Number(plan) } : {} } })),
  });
  const save = useMutation({
    mutationFn: (s: School) => carriedOut(api.PUT("/api/school", { body: s })),
    onMutate: (s: School) => queries.setQueryData(["school"], s),
    onSettled: () => queries.invalidateQueries({ queryKey: ["school"] }),
  });
  if (school.isPending) return <Loading what={worded("way.your-way")} />;
  if (school.error) return <Trouble error={school.error} retry={() => school.refetch()} />;
  const mine = school.data;
  const set = (about: keyof School, value: unknown) => save.mutate({ ...mine, [about]: value });
  return (
    <div className="grid max-w-5xl gap-4 px-6 py-5">
      <div>
        <h1 className="font-bold text-3xl">{worded("way.your-way-2")}</h1>
        <p className="soft">
          {worded("way.plans-made-for-you")}
          {costs.data && ` ${worded("way.what-each-costs-is", { title: costs.data.title })}`}
          {costs.isPending && ` ${worded("way.working-out-what-each")}`}
        </p>
        {(save.error ?? costs.error) && (
          <p role="alert" className="border-error border-l-4 pl-3">
            {(save.error ?? costs.error)?.message}
          </p>
        )}
      </div>
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-2">
        {DIFFERENCES.map((d) => (
          <One
            key={d.about}
            difference={d}
            value={mine[d.about]}
            costs={costs.data?.ways.filter((c) => c.about === d.about)}
            set={(v) => set(d.about, v)}
          />
        ))}
        <Choice
          name={worded("common.bite")}
          value={String(mine.biteMm ?? 0)}
          set={(v) => set("biteMm", Number(v))}
          options={BITES}
        />
      </div>
      <div className="grid gap-8 md:grid-cols-2">
        <OwnPassword />
        <SecondFactor />
      </div>
    </div>
  );
}

type OneProps = {
  difference: Difference;
  value: string | undefined;
  costs: Cost[] | undefined;
  set: (v: string | undefined) => void;
};

/** The choices of one difference; touching the chosen one again leaves it open. */
function One({ difference, value, costs, set }: OneProps) {
  const { about, title, why, choices } = difference;
  return (
    <fieldset className="border-base-300 border-l-4 pl-3">
      <legend className="font-bold text-lg">{title}</legend>
      <p className="soft text-sm">{why}</p>
      <div className="mt-1 flex flex-wrap gap-2">
        {choices.map(([id, name]) => {
          const on = value === id;
          const words = costWords(costs?.find((c) => c.choice === id));
          return (
            <button
              key={id}
              type="button"
              aria-pressed={on}
              aria-label={`${title}: ${name}`}
              aria-describedby={`${about}-${id}`}
              className={`touch grid cursor-pointer content-center rounded-field border-2 px-3 py-1 text-left ${on ? "border-primary bg-primary text-primary-content" : "border-base-300 bg-base-200"}`}
              onClick={() => set(on ? undefined : id)}
            >
              <b>{name}</b>
              <span id={`${about}-${id}`} className={`text-sm ${on ? "" : "soft"}`}>
                {costs ? words.join(" · ") || worded("way.as-it-is-now") : "…"}
              </span>
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}
