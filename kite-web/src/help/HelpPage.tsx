import { Problem } from "../frame/Problem";
import { CHAIR_KEYS } from "../parts/chairKeys";
import { Drawn } from "../parts/Said";
import { TERMS } from "../parts/terms";
import { BENCH_KEYS } from "../parts/useBenchKeys";
import { usePracticeHead } from "../parts/usePracticeHead";
import { worded } from "../words/worded";

const CHAIR = Object.values(CHAIR_KEYS).map((k) => k.said);

const HANDS: readonly (readonly [string, string])[] = [
  [worded("help.drag-the-head"), worded("help.turns-it")],
  [worded("help.rest-a-finger"), worded("help.lifts-it")],
  [worded("help.swipe"), worded("help.scrolls")],
  [worded("help.touch-a-number"), worded("help.changes-it")],
  [worded("help.touch-a-dotted-word"), worded("help.says-what-it-means")],
];

/** Words, keys and gestures in one place. */
export function HelpPage() {
  const practise = usePracticeHead();
  return (
    <div className="mx-auto grid w-full max-w-6xl gap-8 px-6 py-5 lg:grid-cols-[2fr_1fr]">
      <section>
        <h1 className="font-bold text-3xl">{worded("help.words")}</h1>
        <ul className="mt-3 grid gap-3 sm:grid-cols-2">
          {TERMS.map((t) => (
            <li key={t.id} className="flex gap-3 bg-base-200 p-3">
              {t.shown && <Drawn term={t} />}
              <div>
                <b className="text-lg">{t.name}</b>
                <p>{t.means}</p>
              </div>
            </li>
          ))}
        </ul>
      </section>
      <section className="grid content-start gap-6">
        <div>
          <button
            type="button"
            className="btn btn-primary touch h-auto py-2 text-lg"
            disabled={practise.isPending}
            onClick={() => practise.mutate()}
          >
            {worded("walk.begin")}
          </button>
          <Problem error={practise.error} />
        </div>
        <Keys title={worded("help.fingers-and-mouse")} rows={HANDS} />
        <Keys title={worded("help.at-the-chair")} rows={CHAIR} />
        <Keys title={worded("keyHelp.keys-of-the-bench")} rows={BENCH_KEYS} />
      </section>
    </div>
  );
}

function Keys({ title, rows }: { title: string; rows: readonly (readonly [string, string])[] }) {
  return (
    <div>
      <h2 className="font-bold text-xl">{title}</h2>
      <dl className="mt-2 grid gap-1">
        {rows.map(([key, does]) => (
          <div key={key}>
            <dt className="inline font-bold">{key}</dt> <dd className="inline">{does}</dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
