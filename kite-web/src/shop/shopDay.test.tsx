import { cleanup, fireEvent, screen, waitFor } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { asked, atPage, refused } from "../atPage";
import { cents, priced } from "../parts/price";
import { Called } from "./Called";
import { ClosedDays } from "./ClosedDays";
import { PersonCard } from "./PersonCard";
import { Services } from "./Services";
import { Wordings } from "./Wordings";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const field = (name: string) => screen.getByLabelText(name) as HTMLInputElement;
const type = (name: string, value: string) => fireEvent.change(field(name), { target: { value } });

it("reads a price with point or comma, and nothing where there is none", () => {
  expect(cents("32,50")).toBe(3250);
  expect(cents(" 32.5 ")).toBe(3250);
  expect(cents("0")).toBe(0);
  expect(cents("")).toBeUndefined();
  expect(cents("1.2.3")).toBeUndefined();
  expect(priced(3250)).toBe("32.50");
  expect(priced(undefined)).toBe("");
});

it("closes days beside those that are, and opens one again", async () => {
  const dock = { from: "2031-08-04", to: "2031-08-15", why: "The ferry is in dock" };
  const sent = atPage(<ClosedDays owner />, {
    "GET /api/shop/closed": { days: [dock] },
    "PUT /api/shop/closed": { days: [dock] },
  });
  expect((await screen.findByText(/4 August to .*15 August/)).parentElement?.textContent).toContain(
    "in dock",
  );
  type("First day", "2031-12-25");
  expect(field("Last day").value, "never over before it begins").toBe("2031-12-25");
  type("Last day", "2031-12-26");
  type("Why, as the diary shows it", "Christmas");
  fireEvent.click(screen.getByText("Close these days"));
  await waitFor(() => expect(asked(sent, "PUT")).toHaveLength(1));
  expect(asked(sent, "PUT")[0]?.body).toEqual({
    days: [dock, { from: "2031-12-25", to: "2031-12-26", why: "Christmas" }],
  });
  fireEvent.click(await screen.findByText("Remove"));
  await waitFor(() => expect(asked(sent, "PUT")[1]?.body).toEqual({ days: [] }));
});

it("lets who may not set them look alone", async () => {
  atPage(<ClosedDays owner={false} />, { "GET /api/shop/closed": { days: [] } });
  await screen.findByText("No day is kept closed.");
  expect(screen.queryByText("Close these days")).toBeNull();
});

it("keeps what is offered, with its number where it has one, and says what is not taken", async () => {
  const had = [{ id: 4, name: "Scissor cut", minutes: 50, priceCents: 4200 }];
  const sent = atPage(<Services owner />, {
    "GET /api/shop/services": { services: had },
    "PUT /api/shop/services": refused("minutes: allowed 5 to 480"),
  });
  expect((await screen.findByLabelText("Price")) as HTMLInputElement).toHaveProperty("value", "42.00");
  type("Minutes", "3x");
  fireEvent.click(screen.getByText("One more"));
  fireEvent.click(screen.getByText("Keep these"));
  await screen.findByText("minutes: allowed 5 to 480");
  expect(asked(sent, "PUT")[0]?.body, "a row without a name is none").toEqual({
    services: [{ id: 4, name: "Scissor cut", minutes: 3, priceCents: 4200 }],
  });
  expect(screen.getAllByLabelText("Price").map((f) => (f as HTMLInputElement).value)).toEqual(["42.00", ""]);
});

it("words a message, shows how it reads, and goes back to the usual words", async () => {
  const w = {
    kind: "reminder",
    words: "See you {when}",
    usual: "{shop}: {when}",
    names: ["shop", "when"],
    preview: "See you Tuesday",
  };
  const sent = atPage(<Wordings owner />, {
    "GET /api/shop/wordings": [w],
    "POST /api/shop/wordings/reminder/preview": { preview: "Until Tuesday" },
    "PUT /api/shop/wordings/reminder": w,
  });
  const words = await screen.findByLabelText("In braces stands what is put in: {shop}, {when}");
  expect(screen.getByText("See you Tuesday")).toBeTruthy();
  fireEvent.change(words, { target: { value: "Until {when}" } });
  fireEvent.blur(words);
  await screen.findByText("Until Tuesday");
  expect(asked(sent, "PUT")).toEqual([]);
  fireEvent.click(screen.getByText("Keep it so"));
  fireEvent.click(screen.getByText("As usual"));
  await waitFor(() =>
    expect(asked(sent, "PUT").map((s) => s.body)).toEqual([
      { words: "Until {when}" },
      { words: "{shop}: {when}" },
    ]),
  );
});

it("calls the shop something else", async () => {
  const sent = atPage(<Called owner />, {
    "GET /api/shop": { name: "The Landing", zone: "Europe/Amsterdam" },
    "PUT /api/shop": { name: "The Slip", zone: "Europe/Amsterdam" },
  });
  fireEvent.change(await screen.findByLabelText("Name"), { target: { value: "The Slip" } });
  fireEvent.click(screen.getByText("Keep it"));
  await waitFor(() =>
    expect(asked(sent, "PUT")[0]?.body).toEqual({ name: "The Slip", zone: "Europe/Amsterdam" }),
  );
  await screen.findByText("Kept");
});

it("gives somebody another chair, or none", async () => {
  const person = {
    id: 3,
    name: "Joris",
    signIn: "joris",
    role: "stylist",
    chair: 1,
    mine: true,
    me: false,
  } as const;
  const sent = atPage(
    <ul>
      <PersonCard person={person} roles={["stylist"]} />
    </ul>,
    { "PUT /api/people/3/chair": {} },
  );
  fireEvent.change(screen.getByLabelText("Chair of Joris"), { target: { value: "2" } });
  await waitFor(() => expect(asked(sent, "PUT").map((s) => s.body)).toEqual([{ chair: 2 }]));
  fireEvent.change(screen.getByLabelText("Chair of Joris"), { target: { value: "" } });
  await waitFor(() => expect(asked(sent, "PUT")[1]?.body).toEqual({}));
});
