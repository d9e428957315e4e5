import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Finding, PlanDocument, PlanView, RemedyRow } from "../api/types";
import { useBenchKeys } from "../parts/useBenchKeys";
import { lookAnew, sideOf, useLook } from "../store/lookStore";
import { change, openPlan, useChosen, usePlan } from "../store/planStore";
import { takeTried, useTried } from "../store/tryStore";
import { Findings } from "./Findings";

const move = (id: string) => ({ id, name: id, section: "s", cut: { kind: "aside", what: "dry" } });
const document = {
  version: 4,
  title: "t",
  head: { kind: "ball" },
  sections: [],
  moves: [move("a"), move("b"), move("c")],
} as unknown as PlanDocument;
const view = { id: 1, clientId: 1, clientName: "", version: 1, updatedAt: "", document } as PlanView;

const finding = (rule: string, severity: Finding["severity"], amount = 1, of = "b"): Finding => ({
  rule,
  severity,
  move: of,
  place: "earTopLeft",
  amount,
  unit: "mm",
});

beforeEach(() => {
  localStorage.clear();
  lookAnew();
  openPlan(view);
});
afterEach(() => {
  cleanup();
  useTried.setState({ tried: null });
});

it("findings stand worst first, whatever order they come in", () => {
  const all = [
    finding("n", "note"),
    finding("small", "warn", 2),
    finding("s", "stop"),
    finding("big", "warn", 9),
  ];
  render(<Findings read findings={all} words={["n", "small", "s", "big"]} moves={document.moves} />);
  const said = screen.getAllByRole("listitem").map((li) => li.textContent ?? "");
  expect(said.map((t) => t.split(" ")[1]?.replace(/Move.*/, ""))).toEqual(["s", "big", "small", "n"]);
});

it("a finding jumps to its move and turns the head to its place", async () => {
  render(<Findings read findings={[finding("r", "warn")]} words={["w"]} moves={document.moves} />);
  await userEvent.click(screen.getByRole("button", { name: "Show" }));
  expect(useChosen.getState().chosen).toBe(1);
  expect(useLook.getState()).toMatchObject({ view: "left", whole: true });
});

it("a remedy is seen before it is taken, and taking it is one step of undo", async () => {
  const mended = { ...document, title: "mended" };
  const rows: RemedyRow[] = [
    { rule: "r", move: "b", place: "earTopLeft", document: mended, words: "Shorter." },
  ];
  render(
    <Findings
      read
      findings={[finding("r", "warn")]}
      words={["w"]}
      moves={document.moves}
      remedies={rows}
      remediesOf={document}
    />,
  );
  await userEvent.click(screen.getByRole("button", { name: "Remedy" }));
  expect(useTried.getState().tried?.document.title).toBe("mended");
  expect(usePlan.getState().document?.title).toBe("t");
  takeTried();
  expect(usePlan.getState()).toMatchObject({ document: { title: "mended" }, done: { length: 1 } });
  expect(useTried.getState().tried).toBeNull();
});

it("a plan changed by hand lets go of what was tried on it", () => {
  useTried.setState({ tried: { key: "k", base: document, document, words: "" } });
  change(["title"], "by hand");
  expect(useTried.getState().tried).toBeNull();
});

it("no finding says that nothing stands in the way", () => {
  render(<Findings read findings={[]} words={[]} moves={[]} />);
  expect(screen.getByText(/can be cut as it is/)).toBeTruthy();
});

it("does not say that nothing is to be watched while only lengths are known", () => {
  render(<Findings read={false} findings={[]} words={[]} moves={[]} />);
  expect(screen.queryByText(/Nothing to watch/)).toBeNull();
  expect(screen.getByText(/still being read/)).toBeTruthy();
});

function Keys({ help }: { help: () => void }) {
  useBenchKeys(help);
  return <input aria-label="typed" />;
}

it("the pedal goes through the moves and stops at both ends; keys look at the head; none act while typing", () => {
  const help = vi.fn();
  render(<Keys help={help} />);
  const press = (key: string, on: Element = window.document.body) => fireEvent.keyDown(on, { key });
  press("PageUp");
  expect(useChosen.getState().chosen).toBe(0);
  for (let i = 0; i < 5; i++) press("PageDown");
  expect(useChosen.getState().chosen).toBe(2);
  press("4");
  expect(useLook.getState().view).toBe("back");
  press("s");
  expect(useLook.getState().shown).toBe("standing");
  press("+");
  expect(useLook.getState()).toMatchObject({ week: 1, shown: "fallen" });
  press("-");
  press("-");
  expect(useLook.getState().week).toBe(0);
  press("i");
  press("i");
  press("o");
  expect(useLook.getState().bite).toBe(1);
  press("o");
  expect(useLook.getState().bite).toBeNull();
  press("w", screen.getByLabelText("typed"));
  expect(useLook.getState().whole).toBe(false);
  press("?");
  expect(help).toHaveBeenCalledOnce();
});

it("a place is seen from the side it lies on", () => {
  expect(sideOf("earTopRight")).toBe("right");
  expect(sideOf("occipital")).toBe("back");
  expect(sideOf("apex")).toBe("top");
  expect(sideOf("nowhere")).toBeUndefined();
});
