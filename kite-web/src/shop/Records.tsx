import { useState } from "react";
import { TakeOut } from "../frame/TakeOut";

const FIRST = 2020;

/** The books of a year, to take along. */
export function Records({ books, archive }: { books: boolean; archive: boolean }) {
  const now = new Date().getFullYear();
  const [year, setYear] = useState(now);
  const years = Array.from({ length: now - FIRST + 1 }, (_, i) => now - i);
  if (!books) return <p className="soft">The books are for an owner or a manager of the shop.</p>;
  return (
    <div className="grid gap-4">
      <label className="flex items-center gap-3 text-lg">
        Year
        <select
          className="select touch w-32 text-lg"
          value={year}
          onChange={(e) => setYear(Number(e.target.value))}
        >
          {years.map((y) => (
            <option key={y}>{y}</option>
          ))}
        </select>
      </label>
      <div className="flex flex-wrap gap-3">
        <a className="btn touch text-lg" href={`/api/records/visits.csv?year=${year}`} download>
          Visits, times and prices (CSV)
        </a>
        <a className="btn touch text-lg" href={`/api/records/kit.csv?year=${year}`} download>
          Tools and their care (CSV)
        </a>
        {archive && <TakeOut href={`/api/records/archive.zip?year=${year}`}>The whole year (ZIP)</TakeOut>}
      </div>
      {archive && (
        <p className="max-w-2xl">
          The ZIP holds every row of the shop as JSON lines and every photograph as a JPEG. It can be taken in
          where no shop has begun yet, from the sign-in page there. No password is in it: where it is taken
          in, an owner gives a new one.
        </p>
      )}
    </div>
  );
}
