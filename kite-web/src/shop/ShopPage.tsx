import { useSearchParams } from "react-router";
import type { PersonView } from "../api/types";
import { worded } from "../words/worded";
import { Called } from "./Called";
import { ClosedDays } from "./ClosedDays";
import { OpeningHours } from "./OpeningHours";
import { Outbox } from "./Outbox";
import { People } from "./People";
import { Records } from "./Records";
import { Services } from "./Services";
import { Wordings } from "./Wordings";

const PARTS = {
  messages: worded("shopPage.messages"),
  hours: worded("shopPage.opening-hours"),
  services: worded("shopPage.services"),
  people: worded("shopPage.people"),
  records: worded("shopPage.records"),
  called: worded("shopPage.called"),
};
type Part = keyof typeof PARTS;

/** What is the shop's and not one client's. */
export function ShopPage({ person }: { person: PersonView }) {
  const [query, setQuery] = useSearchParams();
  const asked = query.get("part");
  const part: Part = asked !== null && asked in PARTS ? (asked as Part) : "messages";
  const may = (right: PersonView["rights"][number]) => person.rights.includes(right);
  return (
    <div className="px-6 py-5">
      <h1 className="font-bold text-3xl">{worded("shopPage.the-shop")}</h1>
      <div className="mt-3 flex flex-wrap gap-1" role="tablist">
        {(Object.keys(PARTS) as Part[]).map((p) => (
          <button
            key={p}
            type="button"
            role="tab"
            aria-selected={part === p}
            className={`touch cursor-pointer border-b-3 px-3 text-lg ${part === p ? "border-primary font-bold" : "border-transparent"}`}
            onClick={() => setQuery({ part: p }, { replace: true })}
          >
            {PARTS[p]}
          </button>
        ))}
      </div>
      <div className="mt-4 max-w-4xl">
        {part === "messages" && (
          <>
            <Wordings owner={may("shop")} />
            <Outbox />
          </>
        )}
        {part === "hours" && (
          <>
            <OpeningHours owner={may("shop")} />
            <ClosedDays owner={may("shop")} />
          </>
        )}
        {part === "services" && <Services owner={may("shop")} />}
        {part === "called" && <Called owner={may("shop")} />}
        {part === "people" && <People minds={may("people")} />}
        {part === "records" && <Records books={may("books")} archive={may("archive")} />}
      </div>
    </div>
  );
}
