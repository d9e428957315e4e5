import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { ApiError, api, carriedOut, said } from "../api/http";
import type { Course, CourseRow } from "../api/types";
import { Trouble } from "../frame/States";
import { worded } from "../words/worded";

const MOST_BYTES = 100_000;

/** The shop's courses: how far one is, taken in from a file and taken along as one. */
export function Courses({ teaches }: { teaches: boolean }) {
  const queries = useQueryClient();
  const [problems, setProblems] = useState<string[]>([]);
  const courses = useQuery({
    queryKey: ["practice", "courses"],
    queryFn: () => said(api.GET("/api/practice/courses")),
  });
  const put = useMutation({
    mutationFn: (body: Course) => said(api.POST("/api/practice/courses", { body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["practice", "courses"] }),
    onError: (e: Error) =>
      setProblems(
        e instanceof ApiError && e.problems.length > 0
          ? e.problems.map((p) => `${p.path}: ${p.value}; ${p.allowed}`)
          : [e.message],
      ),
  });
  const out = useMutation({
    mutationFn: (id: number) =>
      carriedOut(api.DELETE("/api/practice/courses/{id}", { params: { path: { id } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ["practice", "courses"] }),
  });
  const read = async (file: File | undefined) => {
    if (!file) return;
    setProblems([]);
    if (file.size > MOST_BYTES) {
      setProblems([worded("courses.too-large", { name: file.name })]);
      return;
    }
    try {
      put.mutate(JSON.parse(await file.text()) as Course);
    } catch (e) {
      setProblems([worded("courses.not-json", { name: file.name, why: (e as Error).message })]);
    }
  };
  if (courses.error) return <Trouble error={courses.error} retry={() => courses.refetch()} />;
  return (
    <section className="grid gap-3">
      <h2 className="font-bold text-2xl">{worded("courses.courses")}</h2>
      {courses.data?.length === 0 && <p className="text-lg">{worded("courses.none")}</p>}
      <ul className="grid gap-4">
        {courses.data?.map((c) => (
          <li key={c.id} className="border-base-300 border-l-4 pl-4">
            <div className="flex flex-wrap items-center gap-3">
              <h3 className="font-bold text-xl">{c.course.title}</h3>
              <a
                className="touch flex items-center underline"
                href={`data:application/json,${encodeURIComponent(JSON.stringify(c.course, null, 2))}`}
                download={`${c.course.title}.json`}
              >
                {worded("courses.as-a-file")}
              </a>
              {teaches && (
                <button
                  type="button"
                  className="touch cursor-pointer underline"
                  onClick={() => out.mutate(c.id)}
                >
                  {worded("courses.take-out")}
                </button>
              )}
            </div>
            <Steps row={c} />
          </li>
        ))}
      </ul>
      {teaches && (
        <label className="grid max-w-md gap-1">
          {worded("courses.take-in")}
          <input
            type="file"
            accept="application/json,.json"
            className="file-input"
            onChange={(e) => void read(e.target.files?.[0])}
          />
        </label>
      )}
      {problems.length > 0 && (
        <ul role="alert" className="border-error border-l-4 pl-3">
          {problems.map((p) => (
            <li key={p}>{p}</li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** The steps of a course, each with how often it was good of as often as it is to be. */
export function Steps({ row }: { row: CourseRow }) {
  return (
    <ol className="grid gap-1">
      {row.course.steps.map((s, i) => {
        const done = row.done[i] ?? 0;
        const seed = s.seed === undefined || s.seed === null ? "" : `&seed=${s.seed}`;
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: a course's steps stay in their order
          <li key={i} className="flex flex-wrap items-center gap-3 text-lg">
            <Link
              className="touch flex items-center underline"
              to={`/practice/${s.drill}?level=${s.level}${seed}`}
            >
              {row.names[i]}
            </Link>
            <span>{worded("courses.level", { level: s.level })}</span>
            <span className={done >= s.good ? "font-bold text-primary" : ""}>
              {worded("courses.done-of", { done, good: s.good })}
            </span>
          </li>
        );
      })}
    </ol>
  );
}
