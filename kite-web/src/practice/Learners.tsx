import { useQuery } from "@tanstack/react-query";
import { api, said } from "../api/http";
import { Trouble } from "../frame/States";
import { worded } from "../words/worded";
import { Steps } from "./Courses";

/** Who learns here and agreed to be seen: how it goes. */
export function Learners() {
  const learners = useQuery({
    queryKey: ["practice", "learners"],
    queryFn: () => said(api.GET("/api/practice/learners")),
  });
  if (learners.error) return <Trouble error={learners.error} retry={() => learners.refetch()} />;
  if (!learners.data || learners.data.length === 0) return null;
  return (
    <section className="grid gap-3">
      <h2 className="font-bold text-2xl">{worded("learners.learners")}</h2>
      <ul className="grid gap-4">
        {learners.data.map((l) => (
          <li key={l.id} className="border-base-300 border-l-4 pl-4">
            <h3 className="font-bold text-xl">{l.name}</h3>
            <ul className="flex flex-wrap gap-x-6">
              {l.progress.drills
                .filter((d) => d.tries > 0)
                .map((d) => (
                  <li key={d.drill} className="text-lg">
                    {worded("learners.drill", {
                      name: d.name,
                      level: Math.floor(d.level),
                      good: d.last.filter((t) => t.good).length,
                      of: d.last.length,
                    })}
                  </li>
                ))}
            </ul>
            {l.courses.map((c) => (
              <div key={c.id}>
                <p className="font-bold">{c.course.title}</p>
                <Steps row={c} />
              </div>
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}
