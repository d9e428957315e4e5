import { useState } from "react";
import { TakeOut } from "../frame/TakeOut";
import { worded } from "../words/worded";
import { TakeInBeside } from "./TakeInBeside";

const FIRST = 2020;

/** The books of a year, to take along. */
export function Records({ books, archive }: { books: boolean; archive: boolean }) {
  const now = new Date().getFullYear();
  const [year, setYear] = useState(now);
  const years = Array.from({ length: now - FIRST + 1 }, (_, i) => now - i);
  if (!books) return <p className="soft">{worded("records.the-books-are-for")}</p>;
  return (
    <div className="grid gap-4">
      <label className="flex items-center gap-3 text-lg">
        {worded("records.year")}
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
          {worded("records.visits-times-and-prices")}
        </a>
        <a className="btn touch text-lg" href={`/api/records/kit.csv?year=${year}`} download>
          {worded("records.tools-and-their-care")}
        </a>
        {archive && (
          <TakeOut href={`/api/records/archive.zip?year=${year}`}>
            {worded("records.the-whole-year-zip")}
          </TakeOut>
        )}
      </div>
      {archive && <Days />}
      {archive && <p className="max-w-2xl">{worded("records.the-zip-holds-every")}</p>}
      {archive && <TakeInBeside />}
    </div>
  );
}

/** Any days in a row, as an archive. */
function Days() {
  const today = new Date().toLocaleDateString("sv-SE");
  const [from, setFrom] = useState(`${today.slice(0, 8)}01`);
  const [to, setTo] = useState(today);
  const day = (name: string, value: string, set: (v: string) => void) => (
    <label className="flex items-center gap-2 text-lg">
      {name}
      <input
        type="date"
        className="input touch w-44 text-lg"
        value={value}
        onChange={(e) => set(e.target.value)}
      />
    </label>
  );
  return (
    <div className="flex flex-wrap items-center gap-3">
      {day(worded("records.from"), from, setFrom)}
      {day("to", to, setTo)}
      {from && to && from <= to && (
        <TakeOut href={`/api/records/archive.zip?from=${from}&to=${to}`}>
          {worded("records.these-days-zip")}
        </TakeOut>
      )}
    </div>
  );
}
