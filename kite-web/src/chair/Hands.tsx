type Props = {
  ask: boolean;
  first: boolean;
  done: boolean;
  last: boolean;
  bites: number;
  allBites: number;
  yes: () => void;
  back: () => void;
  bite: () => void;
  next: () => void;
};

/** What a wet hand or the pedal reaches: a bite more, the move done, back. */
export function Hands({ ask, first, done, last, bites, allBites, yes, back, bite, next }: Props) {
  if (ask)
    return (
      <div className="grid grid-cols-[1fr_3fr] gap-3">
        <Back first={first} back={back} />
        <button type="button" className="btn btn-primary h-20 text-3xl" onClick={yes}>
          Ask the client: they say yes
        </button>
      </div>
    );
  const biting = !done && bites < allBites && allBites > 1;
  return (
    <div className={`grid gap-3 ${biting ? "grid-cols-[1fr_1.6fr_1.6fr]" : "grid-cols-[1fr_3fr]"}`}>
      <Back first={first} back={back} />
      {biting && (
        <button
          type="button"
          className="btn btn-secondary h-20 text-2xl tabular-nums"
          aria-label={`Bite ${bites + 1} of ${allBites} cut`}
          onClick={bite}
        >
          Bite {bites + 1} of {allBites}
        </button>
      )}
      <button type="button" className="btn btn-primary h-20 text-3xl" onClick={next}>
        {last ? "Done: check" : "Done: next"}
      </button>
    </div>
  );
}

function Back({ first, back }: { first: boolean; back: () => void }) {
  return (
    <button type="button" className="btn h-20 text-2xl" disabled={first} onClick={back}>
      Back
    </button>
  );
}
