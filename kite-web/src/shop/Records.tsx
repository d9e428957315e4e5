import { useState } from "react";

const FIRST = 2020;

/** The books of a year, to take along. */
export function Records({ owner }: { owner: boolean }) {
  const now = new Date().getFullYear();
  const [year, setYear] = useState(now);
  const years = Array.from({ length: now - FIRST + 1 }, (_, i) => now - i);
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
        {owner && (
          <a className="btn touch text-lg" href={`/api/records/archive.zip?year=${year}`} download>
            The whole year (ZIP)
          </a>
        )}
      </div>
      {owner && (
        <p className="max-w-2xl">
          The ZIP holds every row of the shop as JSON lines and every photograph as a JPEG. It can be taken in
          where no shop has begun yet, from the sign-in page there. Passwords are in it, though not readable;
          keep it safe.
        </p>
      )}
    </div>
  );
}
