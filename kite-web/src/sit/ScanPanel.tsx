import { type ChangeEvent, useRef, useState } from "react";
import { ApiError, api, said, upload } from "../api/http";
import type { FittedScan, SitDocument } from "../api/types";
import { Choice } from "../parts/fields";
import { worded } from "../words/worded";
import { sit, useSit } from "./sitStore";

export type ScanState = {
  scan: FittedScan | undefined;
  show: (s: FittedScan | undefined) => void;
  /** Indices of the points marked so far: left ear canal, right ear canal, nose bridge. */
  marks: number[];
  setMarks: (m: number[] | undefined) => void;
  marking: boolean;
};

const MARK_WORDS = [
  worded("scanPanel.left-ear-canal"),
  worded("scanPanel.right-ear-canal"),
  worded("scanPanel.bridge-of-the-nose"),
];
const POLL_MS = 300;

/** How far hair stands off the skin under the scanner, mm; assumptions. */
const HAIR: [string, string][] = [
  ["0", worded("scanPanel.shaved-or-a-cap")],
  ["3", worded("scanPanel.wet-combed-flat")],
  ["8", worded("scanPanel.dry-short")],
  ["15", worded("scanPanel.dry-longer")],
];

/** A scanned head: from a mesh file or the scanner, fitted, its misfit drawn on the head, then taken over. */
export function ScanPanel({ scan, show, marks, setMarks, marking }: ScanState) {
  const [share, setShare] = useState<number>();
  const [problem, setProblem] = useState("");
  const file = useRef<File>(undefined);
  const scanner = useRef<string>(undefined);
  const [hairMm, setHairMm] = useState("0");
  const work = async (job: () => Promise<FittedScan>) => {
    setProblem("");
    setMarks(undefined);
    setShare(0);
    try {
      show(await job());
    } catch (e) {
      const said = e instanceof ApiError ? e.problems.map((p) => p.allowed).join(" ") : "";
      setProblem(said || (e instanceof Error ? e.message : worded("scanPanel.the-scan-could-not")));
    } finally {
      setShare(undefined);
    }
  };
  const fromFile = (e: ChangeEvent<HTMLInputElement>) => {
    const f = e.target.files?.[0];
    e.target.value = "";
    if (!f) return;
    file.current = f;
    void work(() => upload<FittedScan>(`/api/sitdown/scan?hairMm=${hairMm}`, f, setShare));
  };
  const fromScanner = () =>
    work(async () => {
      file.current = undefined;
      let s = await said(api.POST("/api/sitdown/scanner"));
      while (s.share < 1) {
        setShare(s.share);
        await new Promise((done) => setTimeout(done, POLL_MS));
        s = await said(api.GET("/api/sitdown/scanner/{id}", { params: { path: { id: s.id } } }));
      }
      setShare(1);
      scanner.current = s.id;
      return said(
        api.POST("/api/sitdown/scanner/{id}/fit", {
          params: { path: { id: s.id }, query: { hairMm: Number(hairMm) } },
        }),
      );
    });
  const withHair = (mm: string) => {
    setHairMm(mm);
    const f = file.current;
    const id = scanner.current;
    if (!scan) return;
    if (f) void work(() => upload<FittedScan>(`/api/sitdown/scan?hairMm=${mm}`, f, setShare));
    else if (id)
      void work(() =>
        said(
          api.POST("/api/sitdown/scanner/{id}/fit", {
            params: { path: { id }, query: { hairMm: Number(mm) } },
          }),
        ),
      );
  };
  const fitMarked = () => {
    const f = file.current;
    if (!f || !scan) return;
    const at = (k: number) => {
      const i = 3 * (marks[k] as number);
      return scan.scanPoints.slice(i, i + 3).join(",");
    };
    const query = `hairMm=${hairMm}&left=${at(0)}&right=${at(1)}&bridge=${at(2)}`;
    void work(() => upload<FittedScan>(`/api/sitdown/scan?${query}`, f, setShare));
  };
  const take = () => {
    const head = useSit.getState().document?.head;
    if (!head || !scan?.head) return;
    sit.change(["head"], withScan(head, scan.head));
    show(undefined);
  };
  return (
    <fieldset>
      <legend className="font-bold text-lg">{worded("scanPanel.scan")}</legend>
      <p className="soft text-sm">{worded("scanPanel.a-mesh-in-obj")}</p>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <label className="btn touch">
          {worded("scanPanel.from-a-mesh-file")}
          <input type="file" accept=".obj,.ply,.stl" className="sr-only" onChange={fromFile} />
        </label>
        <button type="button" className="btn touch" onClick={fromScanner} disabled={share !== undefined}>
          {worded("scanPanel.from-the-scanner")}
        </button>
        {share !== undefined && (
          <span className="flex items-center gap-2">
            <progress
              className="progress w-40"
              value={share}
              max={1}
              aria-label={worded("scanPanel.reading-the-scan")}
            />
            {share < 1 ? `${Math.round(100 * share)} %` : "fitting …"}
          </span>
        )}
      </div>
      <div className="mt-2">
        <Choice name={worded("scanPanel.hair-in-the-scan")} value={hairMm} set={withHair} options={HAIR} />
      </div>
      {problem && (
        <p role="alert" className="mt-2 border-error border-l-4 pl-3">
          {problem}
        </p>
      )}
      {scan && (
        <div role="status" className="mt-2 grid gap-2 border-secondary border-l-4 pl-3">
          {scan.head ? (
            <p>
              {worded("scanPanel.triangles-in", {
                triangles: scan.triangles.toLocaleString("en-GB"),
                format: scan.format,
              })}{" "}
              {scan.unit}
              {worded("scanPanel.the-fitted-skin-is")}{" "}
              <b>{worded("scanPanel.mm", { rmsMm: scan.rmsMm.toFixed(1) })}</b>{" "}
              {worded("scanPanel.from-the-scan-on")}
            </p>
          ) : (
            <p>{scan.problem}</p>
          )}
          {marking && (
            <p className="font-bold">
              {marks.length < 3
                ? worded("scanPanel.touch", { mark: MARK_WORDS[marks.length] })
                : worded("scanPanel.all-three-are-marked")}
            </p>
          )}
          <div className="flex flex-wrap gap-2">
            {scan.head && (
              <button type="button" className="btn btn-primary touch" onClick={take}>
                {worded("scanPanel.take-this-head")}
              </button>
            )}
            {marking && marks.length === 3 && (
              <button type="button" className="btn btn-primary touch" onClick={fitMarked}>
                {worded("scanPanel.fit-by-the-marks")}
              </button>
            )}
            {file.current && (
              <button type="button" className="btn touch" onClick={() => setMarks([])}>
                {marking ? worded("scanPanel.mark-again") : worded("scanPanel.mark-it-by-hand")}
              </button>
            )}
            <button type="button" className="btn touch" onClick={() => show(undefined)}>
              {worded("scanPanel.put-it-away")}
            </button>
          </div>
        </div>
      )}
    </fieldset>
  );
}

/** A head with what a scan tells of it; hairline and nudges stay. */
export function withScan(
  head: SitDocument["head"],
  scanned: NonNullable<FittedScan["head"]>,
): SitDocument["head"] {
  const { sides, back, forehead, relief, ...measures } = scanned;
  const rounded = Object.fromEntries(Object.entries(measures).map(([k, v]) => [k, Math.round(v * 10) / 10]));
  const shape = { ...head.shape, sides, back, forehead };
  return { ...head, ...rounded, frontToNapeMm: undefined, shape, relief };
}
