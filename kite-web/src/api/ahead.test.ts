import { afterEach, expect, test, vi } from "vitest";
import { api, askForPlan, said } from "./http";

const answer = (body: unknown) => new Response(JSON.stringify(body), { status: 200 });

const plan = (id: number) => said(api.GET("/api/plans/{id}", { params: { path: { id } } }));

afterEach(() => vi.unstubAllGlobals());

test("what was asked ahead is handed out once; the next to ask asks the server", async () => {
  const asked: string[] = [];
  vi.stubGlobal("fetch", async (url: string) => {
    asked.push(url);
    return answer(url === "/api/plans/7" ? { id: 7, document: { moves: [] } } : { url });
  });
  await askForPlan("7");
  await vi.waitFor(() =>
    expect(asked).toEqual(
      expect.arrayContaining(["/api/ramp", "/api/coats", "/api/plans/7", "/api/outcome", "/api/head"]),
    ),
  );
  const before = asked.length;
  expect(await plan(7)).toEqual({ id: 7, document: { moves: [] } });
  expect(asked).toHaveLength(before);
  await plan(7);
  expect(asked).toHaveLength(before + 1);
});

test("an ask ahead that fails is forgotten: the page asks for itself", async () => {
  vi.stubGlobal("fetch", async () => new Response("{}", { status: 401 }));
  await expect(askForPlan("8")).rejects.toThrow();
  vi.stubGlobal("fetch", async () => answer({ id: 8 }));
  expect(await plan(8)).toEqual({ id: 8 });
});

test("another server that has not heard of the plan is sent it whole", async () => {
  const document = { title: "t", head: {}, sections: [], moves: [] };
  const sent: string[] = [];
  vi.stubGlobal("fetch", async (url: string, how?: RequestInit) => {
    if (url === "/api/plans/9") return answer({ id: 9, work: "w9", document });
    if (how?.method !== "POST") return answer({});
    const body = String(how.body);
    sent.push(body);
    return body.includes("w9")
      ? new Response(JSON.stringify({ status: 404, detail: "send it", unknownWork: true }), { status: 404 })
      : answer({ url });
  });
  await askForPlan("9");
  await vi.waitFor(() => expect(sent).toHaveLength(4));
  expect(sent.filter((b) => b === JSON.stringify(document))).toHaveLength(2);
});
