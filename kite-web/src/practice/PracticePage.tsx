import { Link } from "react-router";
import type { PersonView, Practised } from "../api/types";
import { Loading, Trouble } from "../frame/States";
import { worded } from "../words/worded";
import { Courses } from "./Courses";
import { DrillPicture } from "./DrillPicture";
import { HandKnown } from "./HandKnown";
import { Learners } from "./Learners";
import { usePractised } from "./usePractised";

/** What can be practised, what is next, how it goes, and what is known of the hand by it. */
export function PracticePage({ person }: { person: PersonView }) {
  const mine = usePractised();
  if (mine.error) return <Trouble error={mine.error} retry={() => mine.refetch()} />;
  if (!mine.data) return <Loading what={worded("practice.your-practice")} />;
  const { next, progress } = mine.data;
  return (
    <div className="grid gap-6 px-6 py-4">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        <h1 className="font-bold text-3xl">{worded("practice.practice")}</h1>
        <Link to={`/practice/${next.drill}`} className="btn btn-primary h-14 text-xl">
          {worded("practice.next", { name: next.name })}
        </Link>
      </div>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(min(15rem,100%),1fr))] gap-4">
        {progress.drills.map((d) => (
          <li key={d.drill}>
            <Link
              to={`/practice/${d.drill}`}
              className={`grid gap-1 rounded-box border-3 p-3 hover:border-primary ${d.drill === next.drill ? "border-primary" : "border-base-300"}`}
            >
              <DrillPicture drill={d.drill} />
              <b className="text-xl">{d.name}</b>
              <Row d={d} />
            </Link>
          </li>
        ))}
      </ul>
      <HandKnown practised={mine.data} />
      <Courses teaches={person.rights.includes("cut")} />
      {person.rights.includes("cut") && <Learners />}
    </div>
  );
}

/** The last tries as dots: good ones full. */
function Row({ d }: { d: Practised["progress"]["drills"][number] }) {
  const last = d.last.slice(-10);
  if (d.tries === 0) return <span className="soft">{worded("practice.not-tried-yet")}</span>;
  const good = last.filter((t) => t.good).length;
  return (
    <span className="flex flex-wrap items-center gap-2">
      <span
        className="flex gap-1"
        role="img"
        aria-label={worded("practice.good-of", { good, of: last.length })}
      >
        {last.map((t) => (
          <span
            key={t.at}
            className={`inline-block size-3.5 rounded-full border-2 border-primary ${t.good ? "bg-primary" : ""}`}
          />
        ))}
      </span>
      <span>{worded("practice.at-level", { level: Math.floor(d.level), tries: d.tries })}</span>
    </span>
  );
}
