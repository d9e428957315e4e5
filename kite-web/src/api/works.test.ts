import { expect, it } from "vitest";
import { knownAs, learnt, lengthened, shortened } from "./works";

const plan = (title: string) => ({ title, head: {}, sections: [], moves: [] });

it("a plan is sent whole once, and named from then on", () => {
  const a = plan("a");
  const text = shortened(a);
  expect(JSON.parse(text)).toEqual(a);
  learnt(text, "n1");
  expect(shortened(a)).toBe('{"work":"n1"}');
  expect(JSON.parse(shortened({ document: a, done: 2 }))).toEqual({ document: { work: "n1" }, done: 2 });
});

it("of two plans in one body each has its name", () => {
  const [a, b] = [plan("a2"), plan("b2")];
  knownAs(a, "na");
  const text = shortened({ document: a, other: b });
  expect(JSON.parse(text)).toEqual({ document: { work: "na" }, other: b });
  learnt(text, "nb");
  expect(JSON.parse(shortened({ document: b, other: a }))).toEqual({
    document: { work: "nb" },
    other: { work: "na" },
  });
});

it("what the server has forgotten is sent whole again", () => {
  const a = plan("a3");
  knownAs(a, "n3");
  const again = lengthened(shortened({ document: a, move: "x" }));
  expect(JSON.parse(again as string)).toEqual({ document: a, move: "x" });
  learnt(again as string, "n3");
  expect(shortened(a), "and known once more").toBe('{"work":"n3"}');
  expect(lengthened('{"work":"never heard of"}')).toBeNull();
});

it("a plan changed is another plan", () => {
  const a = plan("a4");
  knownAs(a, "n4");
  expect(JSON.parse(shortened({ ...a, title: "b4" }))).toEqual(plan("b4"));
});

it("nothing else is touched", () => {
  for (const body of [{ password: "x" }, [{ document: 1 }], null, { document: "text" }])
    expect(shortened(body)).toBe(JSON.stringify(body));
});
