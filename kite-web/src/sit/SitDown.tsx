import { useMutation, useQuery } from "@tanstack/react-query";
import { type ReactNode, useEffect, useMemo, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { api, said } from "../api/http";
import type { FittedScan, PickGroup, SitDocument, Spot } from "../api/types";
import { KiteString } from "../draw/KiteString";
import { useView } from "../draw/useView";
import { ViewButtons } from "../draw/ViewButtons";
import type { ViewName } from "../draw/views";
import { OnTap } from "../frame/OnTap";
import { SaveNote } from "../frame/SaveNote";
import { Loading, Trouble } from "../frame/States";
import type { SitHead } from "../parts/readSit";
import { useSitHead } from "../parts/useSitHead";
import { densityWords } from "../store/hairWords";
import { lengthWords, type Units } from "../store/units";
import { useUndoKeys } from "../store/useUndoKeys";
import { worded } from "../words/worded";
import { CarePart } from "./CarePart";
import { COATS, type Coat, legend } from "./coats";
import { HairlineNumbers } from "./HairlineNumbers";
import { BRUSHES, type Brush, HairPart } from "./HairPart";
import { HeadPart } from "./HeadPart";
import { PickRows } from "./PickRow";
import { withScan } from "./ScanPanel";
import { SitHead3D } from "./SitHead3D";
import { sit, useSit } from "./sitStore";
import { TodayPart } from "./TodayPart";
import { usePickStrips } from "./usePickStrips";
import { useSitFall } from "./useSitFall";
import { WishPart } from "./WishPart";

const PARTS = [
  { id: "wish", name: worded("sitDown.wish"), coat: "hair", view: "right" },
  { id: "today", name: worded("sitDown.hair-today"), coat: "length", view: "right" },
  { id: "head", name: worded("sitDown.head"), coat: "hair", view: "right" },
  { id: "hairline", name: worded("sitDown.hairline"), coat: "growth", view: "front" },
  { id: "growth", name: worded("sitDown.growth"), coat: "growth", view: "back" },
  { id: "hair", name: worded("sitDown.hair"), coat: "hair", view: "right" },
  { id: "care", name: worded("sitDown.care"), coat: "hair", view: "right" },
] as const satisfies { id: string; name: string; coat: Coat; view: ViewName }[];

const PATCH_MM = 28;
const ODD_MM = 22;
/** On a narrow screen the head stays at the top and takes this share of its height. */
const PHONE_HEAD = 0.46;

export function SitDown({ units }: { units: string }) {
  const clientId = Number(useParams().id);
  const sitDown = useQuery({
    queryKey: ["sitdown", clientId],
    queryFn: () => said(api.GET("/api/clients/{clientId}/sitdown", { params: { path: { clientId } } })),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  });
  useEffect(() => {
    if (sitDown.data) sit.open(sitDown.data);
  }, [sitDown.data]);
  useEffect(sit.startAutosave, []);
  const ready = useSit((s) => s.clientId === clientId && s.document !== null);
  if (sitDown.error) return <Trouble error={sitDown.error} retry={() => sitDown.refetch()} />;
  if (!ready) return <Loading what={worded("sitDown.the-consultation")} />;
  return <Sitting units={units as Units} />;
}

function Sitting({ units }: { units: Units }) {
  const document = useSit((s) => s.document);
  const clientId = useSit((s) => s.clientId);
  const clientName = useSit((s) => s.clientName);
  const canUndo = useSit((s) => s.done.length > 0);
  const [scan, setScan] = useState<FittedScan>();
  const ramp = useQuery({
    queryKey: ["ramp"],
    queryFn: () => said(api.GET("/api/ramp")),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const picks = useQuery({
    queryKey: ["picks"],
    queryFn: () => said(api.GET("/api/sitdown/picks")),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const groups = picks.data ?? NO_GROUPS;
  const [part, setPart] = useState(0);
  const [chosen, setCoat] = useState<Coat>("hair");
  const { view, turn, look } = useView("right");
  const [marked, setMarked] = useState<string>();
  const [brush, setBrush] = useState<Brush>();
  const [odd, setOdd] = useState(false);
  const [oddMm, setOddMm] = useState(15);
  const [marks, setMarks] = useState<number[]>();
  // What is painted on is the scalp, not the hair over it.
  const coat = chosen === "hair" && (brush || odd) ? "growth" : chosen;
  const { drawn, problems, message, busy } = useSitHead(useScanned(document, scan), coat === "growth");
  const strips = usePickStrips(groups, problems.length > 0 ? null : document, PARTS[part]?.id ?? "wish");
  const fall = useSitFall(problems.length > 0 ? null : document, coat === "hair");
  const scroller = useRef<HTMLDivElement>(null);
  useUndoKeys(sit);
  if (!document) return null;
  const reading = drawn?.reading;

  const goTo = (i: number) => {
    const p = PARTS[i];
    if (!p) return;
    setPart(i);
    setCoat(p.coat);
    look(p.view);
    const box = scroller.current;
    const to = box?.querySelector(`#part-${p.id}`);
    if (!box || !to) return;
    const from = box.scrollHeight > box.clientHeight ? box : window.document.documentElement;
    const top = from === box ? box.getBoundingClientRect().top : PHONE_HEAD * window.innerHeight;
    from.scrollTop += to.getBoundingClientRect().top - top;
  };
  const scrolled = () => {
    const top = scroller.current?.getBoundingClientRect().top ?? 0;
    const tops = PARTS.map(
      (p) => scroller.current?.querySelector(`#part-${p.id}`)?.getBoundingClientRect().top ?? 0,
    );
    const i = tops.findLastIndex((t) => t < top + 120);
    if (i >= 0 && i !== part) setPart(i);
  };
  const paint = (at: Spot) => {
    const near = { azimuthDeg: round(at.azimuthDeg, 2), share: round(at.share, 4) };
    if (brush) {
      const { density, diameter, curl } = BRUSHES[brush];
      const patch = { at: near, radiusMm: PATCH_MM, density, diameter, curl };
      sit.change(["hair", "patches"], [...(document.hair?.patches ?? []), patch]);
      setCoat(density !== 1 ? "density" : diameter !== 1 ? "diameter" : "curl");
    } else {
      const patch = { at: near, radiusMm: ODD_MM, lengthMm: oddMm };
      sit.change(["start", "patches"], [...(document.start.patches ?? []), patch]);
      setCoat("length");
    }
  };
  const paintAtPlace = (place: string) => {
    const spot = drawn && spotOf(drawn, place);
    if (spot) paint(spot);
  };
  const of = (id: string) => groups.filter((g) => g.part === id);
  const common = { document, reading, strips, units };
  return (
    <div className="flex min-h-0 flex-1 flex-col px-5 py-1.5">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <h1 className="font-bold text-2xl">{clientName}</h1>
        <SaveNote of={sit} />
        <span className="ml-auto flex flex-wrap items-center gap-2">
          <button type="button" className="btn touch" disabled={!canUndo} onClick={sit.undo}>
            {worded("sitDown.undo")}
          </button>
          <ToShapes clientId={clientId} stopped={reading?.stops === true} />
        </span>
      </div>
      <div className="max-w-4xl">
        <KiteString
          bows={PARTS.map((p) => ({ id: p.id, name: p.name, minutes: 2 }))}
          chosen={part}
          tied={PARTS.map((_, i) => i < part)}
          choose={goTo}
          named={worded("sitDown.the-consultation-part-by")}
        />
      </div>
      {reading && reading.cautions.length > 0 && (
        <ul aria-label={worded("sitDown.cautions")} className="grid gap-1 pb-1">
          {reading.cautions.map((c) => (
            <li
              key={c.id + c.words}
              className={`border-l-8 py-0.5 pl-3 ${c.stops ? "border-error bg-error/10 font-bold" : "border-accent"}`}
            >
              {c.stops && <span className="text-error">{worded("sitDown.stop")} </span>}
              {c.words}
            </li>
          ))}
        </ul>
      )}
      <div className="grid min-h-0 flex-1 gap-x-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,30rem)]">
        <section
          aria-label={worded("sitDown.the-head")}
          className="sticky top-0 z-10 flex h-[46dvh] min-h-0 flex-col bg-base-100 lg:order-2 lg:h-auto"
        >
          <div className="flex flex-wrap items-center gap-1">
            <ViewButtons view={view} set={look} />
          </div>
          <div className="relative min-h-0 flex-1" aria-busy={busy}>
            {drawn && ramp.data ? (
              <div className="absolute inset-0">
                <SitHead3D
                  drawn={drawn}
                  coat={coat}
                  fall={fall}
                  ramp={ramp.data}
                  view={view}
                  viewTurn={turn}
                  label={worded("sitDown.s-head-from-the", {
                    clientName,
                    view,
                    title: COATS[coat].title.toLowerCase(),
                  })}
                  marked={marked}
                  paint={brush || odd ? paint : undefined}
                  scan={scan}
                  mark={marks && marks.length < 3 ? (i) => setMarks([...marks, i]) : undefined}
                />
              </div>
            ) : (
              <Loading what={worded("common.the-head")} />
            )}
          </div>
          <div className="flex flex-wrap items-center gap-1">
            {(Object.keys(COATS) as Coat[]).map((c) => (
              <button
                key={c}
                type="button"
                aria-pressed={c === coat}
                className={`touch cursor-pointer border-b-3 px-2 ${c === coat ? "border-primary font-bold" : "border-transparent"}`}
                onClick={() => setCoat(c)}
              >
                {COATS[c].title}
              </button>
            ))}
          </div>
          <p className="soft text-sm">{legend(coat, units)}</p>
          {reading && <Facts reading={reading} units={units} />}
        </section>
        <div ref={scroller} onScroll={scrolled} className="lg:order-1 lg:min-h-0 lg:overflow-y-auto lg:pr-3">
          {message && problems.length === 0 && (
            <p role="alert" className="border-error border-l-4 pl-3">
              {message}
            </p>
          )}
          <Part id="wish">
            <WishPart {...common} groups={of("wish")} />
          </Part>
          <Part id="today">
            <TodayPart
              {...common}
              problems={problems}
              odd={odd}
              setOdd={(on) => {
                setOdd(on);
                setBrush(undefined);
              }}
              oddMm={oddMm}
              setOddMm={setOddMm}
              paintAtPlace={(p) => {
                setBrush(undefined);
                paintAtPlace(p);
              }}
            />
          </Part>
          <Part id="head">
            <HeadPart
              {...common}
              groups={of("head")}
              problems={problems}
              marked={marked}
              mark={setMarked}
              scan={{ scan, show: setScan, marks: marks ?? [], setMarks, marking: marks !== undefined }}
            />
          </Part>
          <Part id="hairline">
            <PickRows groups={of("hairline")} document={document} strips={strips} />
            <HairlineNumbers document={document} units={units} problems={problems} />
          </Part>
          <Part id="growth">
            <PickRows groups={of("growth")} document={document} strips={strips} />
          </Part>
          <Part id="hair">
            <HairPart
              problems={problems}
              levels={ramp.data?.hairLevels}
              depths={ramp.data?.skinDepths}
              {...common}
              groups={of("hair")}
              brush={brush}
              setBrush={(b) => {
                setBrush(b);
                setOdd(false);
              }}
              paintAtPlace={paintAtPlace}
            />
          </Part>
          <Part id="care">
            <CarePart document={document} />
          </Part>
        </div>
      </div>
    </div>
  );
}

/** The sit-down as it would be with a scanned head: what a scan is drawn over. */
function useScanned(document: SitDocument | null, scan: FittedScan | undefined): SitDocument | null {
  return useMemo(
    () => (document && scan?.head ? { ...document, head: withScan(document.head, scan.head) } : document),
    [document, scan],
  );
}

const NO_GROUPS: PickGroup[] = [];
const round = (v: number, digits: number) => Number(v.toFixed(digits));

function Part({ id, children }: { id: (typeof PARTS)[number]["id"]; children: ReactNode }) {
  return (
    <section id={`part-${id}`} aria-labelledby={`title-${id}`} className="grid gap-4 pt-3 pb-7">
      <h2 id={`title-${id}`} className="border-base-300 border-b-2 font-bold text-2xl">
        {PARTS.find((p) => p.id === id)?.name}
      </h2>
      {children}
    </section>
  );
}

function Facts({ reading, units }: { reading: SitHead["reading"]; units: Units }) {
  return (
    <p data-testid="facts" className="text-lg leading-snug">
      <b>{(Math.round(reading.strands / 1000) * 1000).toLocaleString("en-GB")}</b> {worded("sitDown.hairs")}{" "}
      <OnTap
        word={densityWords(reading.densityPerCm2)}
        number={worded("sitDown.per-cm2", { perCm2: Math.round(reading.densityPerCm2) })}
      />
      {", "}
      <b>{Math.round(reading.grams)} g</b>.{" "}
      <span className="soft">
        {worded("sitDown.girth-ear-to-ear", {
          length: lengthWords(reading.measures.girthMm, units),
          length2: lengthWords(reading.measures.earToEarMm, units),
          length3: lengthWords(reading.measures.frontToNapeMm, units),
        })}
      </span>
    </p>
  );
}

/** On to the shapes, once everything is saved; not when nothing may be cut. */
function ToShapes({ clientId, stopped }: { clientId: number; stopped: boolean }) {
  const go = useNavigate();
  const on = useMutation({
    mutationFn: async () => {
      await sit.saveNow();
      go(`/clients/${clientId}`);
    },
  });
  return (
    <button
      type="button"
      className="btn btn-primary touch text-lg"
      disabled={stopped || on.isPending}
      onClick={() => on.mutate()}
    >
      {worded("sitDown.to-the-shapes")}
    </button>
  );
}

/** The spot of the scalp vertex nearest to a named place. */
function spotOf(drawn: SitHead, place: string): Spot | undefined {
  const [x, y, z] = drawn.reading.places[place] ?? [];
  if (x === undefined || y === undefined || z === undefined) return undefined;
  const { points } = drawn.head.scalp;
  let best = 0;
  let nearest = Number.POSITIVE_INFINITY;
  for (let i = 0; i < points.length / 3; i++) {
    const d = Math.hypot(
      (points[3 * i] as number) - x,
      (points[3 * i + 1] as number) - y,
      (points[3 * i + 2] as number) - z,
    );
    if (d < nearest) {
      nearest = d;
      best = i;
    }
  }
  return {
    azimuthDeg: drawn.fields.azimuth[best] as number,
    share: Math.min(1, drawn.fields.share[best] as number),
  };
}
