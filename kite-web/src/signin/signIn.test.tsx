import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { api, said } from "../api/http";
import type { PersonView } from "../api/types";
import { asked, atPage, refused } from "../atPage";
import { Trail } from "../frame/Trail";
import { SecondFactor } from "../way/SecondFactor";
import { SignIn } from "./SignIn";
import { SignInAgain } from "./SignInAgain";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const type = (label: RegExp | string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

it("asks for the digits where they are set up: a question first, a fault when they are wrong", async () => {
  const needed = { detail: "Give the six digits.", codeNeeded: true };
  const sent = atPage(<SignIn />, {
    "POST /api/session": (body: { code?: string }) =>
      body.code === "287082" ? {} : new Response(JSON.stringify(needed), { status: 401 }),
  });
  type("Name", "maud");
  type("Password", "ferry-landing");
  fireEvent.click(screen.getByText("Sign in"));
  await screen.findByLabelText(/six digits/);
  expect(screen.queryByRole("alert")).toBeNull();
  type(/six digits/, "000000");
  fireEvent.click(screen.getByText("Sign in"));
  expect((await screen.findByRole("alert")).textContent).toBe("Give the six digits.");
  type(/six digits/, "287082");
  fireEvent.click(screen.getByText("Sign in"));
  await waitFor(() =>
    expect(asked(sent, "POST").at(-1)?.body).toEqual({
      signIn: "maud",
      password: "ferry-landing",
      code: "287082",
    }),
  );
});

it("sets the digits up with the password, and shows the codes for a lost device once", async () => {
  let on = false;
  atPage(<SecondFactor />, {
    "GET /api/session/second": () => ({ on }),
    "POST /api/session/second": (b: { password: string }) =>
      b.password === "ferry-landing"
        ? { secret: "GEZDGNBVGY3TQOJQ", uri: "otpauth://totp/x?secret=GEZDGNBVGY3TQOJQ" }
        : refused("Another password."),
    "PUT /api/session/second": () => {
      on = true;
      return { codes: ["abcdefghjk", "mnpqrstuvw"] };
    },
  });
  await screen.findByText("Set them up");
  type("Your password once more", "not this one");
  fireEvent.click(screen.getByText("Set them up"));
  await screen.findByText("Another password.");
  type("Your password once more", "ferry-landing");
  fireEvent.click(screen.getByText("Set them up"));
  await screen.findByText("GEZD GNBV GY3T QOJQ");
  type("The six digits it shows", "287082");
  fireEvent.click(screen.getByText("Ask for them from now on"));
  await screen.findByText("abcde fghjk");
  await screen.findByText("Ask for them no more");
});

it("tells who did what once it is opened, and the server by itself as such", async () => {
  const sent = atPage(<Trail of={{ what: "plan", id: 4 }} />, {
    "GET /api/plans/4/trail": [
      { at: "2026-11-02T10:00:00Z", who: "Joris Pier", device: "tablet 3f2a", done: "changed the plan" },
      { at: "2026-11-01T10:00:00Z", device: "", done: "made the erasing final" },
    ],
  });
  expect(sent).toEqual([]);
  const details = screen.getByText("Who did what").closest("details") as HTMLDetailsElement;
  details.open = true;
  fireEvent(details, new Event("toggle"));
  await screen.findByText("Joris Pier");
  expect(screen.getByText("The server itself").parentElement?.textContent).toContain(
    "made the erasing final",
  );
  expect(screen.getByText(/tablet 3f2a/)).toBeTruthy();
});

it("signs in on the spot when the session is over, and what was asked goes on", async () => {
  let out = true;
  const sent = atPage(<SignInAgain person={{ name: "Maud", signIn: "maud" } as PersonView} />, {
    "GET /api/kit": () => (out ? new Response("{}", { status: 401 }) : { tools: [] }),
    "POST /api/session": (body: { password: string }) => {
      if (body.password !== "ferry-landing") return refused("That is not the password.", 401);
      out = false;
      return {};
    },
  });
  const kit = said(api.GET("/api/kit", {}));
  await screen.findByText("Maud, you were signed out");
  expect(document.activeElement, "the keys are where they are wanted").toBe(
    screen.getByLabelText("Password"),
  );
  type("Password", "guessed");
  fireEvent.click(screen.getByText("Sign in"));
  await screen.findByText("That is not the password.");
  expect(screen.getByText("Maud, you were signed out")).toBeTruthy();
  type("Password", "ferry-landing");
  fireEvent.click(screen.getByText("Sign in"));
  expect(await kit).toEqual({ tools: [] });
  await waitFor(() => expect(screen.queryByText("Maud, you were signed out")).toBeNull());
  expect(asked(sent, "POST").map((s) => (s.body as { signIn: string }).signIn)).toEqual(["maud", "maud"]);
});
