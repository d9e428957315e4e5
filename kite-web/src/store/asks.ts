/** What is asked of the server about a plan as a whole, and what it is asked to change. */
import { api, said } from "../api/http";
import type { components } from "../api/schema";
import type { PlanDocument } from "../api/types";

type S = components["schemas"];
type But<T> = Omit<T, "document">;

/** Questions; each is the same function every time, so that an answer can be kept till the next. */
export const ask = {
  map: (body: PlanDocument) => said(api.POST("/api/map", { body })),
  landings: (body: PlanDocument) => said(api.POST("/api/landings", { body })),
  remedies: (body: PlanDocument) => said(api.POST("/api/edit/remedies", { body })),
  grip: (body: S["GripAsked"]) => said(api.POST("/api/grip", { body })),
  risk: (body: PlanDocument) => said(api.POST("/api/risk", { body })),
  bites: (body: S["BiteAsked"]) => said(api.POST("/api/bites", { body })),
  repairs: (body: S["Slipped"]) => said(api.POST("/api/repairs", { body })),
  dryPass: (body: S["StandsOut"]) => said(api.POST("/api/dry-pass", { body })),
  telling: (body: PlanDocument) => said(api.POST("/api/telling", { body })),
  dials: (body: PlanDocument) => said(api.POST("/api/dials", { body })),
  fade: (body: S["FadeAsked"]) => said(api.POST("/api/fades", { body })),
  nextSafe: (body: S["Now"]) => said(api.POST("/api/next-cut", { body })),
};

/** A change of a plan: the plan changed, and what was done in words. */
export type Change = (document: PlanDocument) => Promise<S["Edited"]>;

export const changes = {
  length:
    (a: But<S["LengthAsked"]>): Change =>
    (document) =>
      said(api.POST("/api/edit/length", { body: { ...a, document } })),
  edge:
    (a: But<S["EdgeAsked"]>): Change =>
    (document) =>
      said(api.POST("/api/edit/edge", { body: { ...a, document } })),
  section:
    (a: But<S["SectionAsked"]>): Change =>
    (document) =>
      said(api.POST("/api/edit/section", { body: { ...a, document } })),
  move:
    (a: But<S["MoveAsked"]>): Change =>
    (document) =>
      said(api.POST("/api/edit/move", { body: { ...a, document } })),
  fade:
    (a: But<S["StartAsked"]>): Change =>
    (document) =>
      said(api.POST("/api/edit/fade", { body: { ...a, document } })),
  dial:
    (a: But<S["DialAsked"]>): Change =>
    (document) =>
      said(api.POST("/api/edit/dial", { body: { ...a, document } })),
  land:
    (a: But<S["LandAsked"]>): Change =>
    (document) =>
      said(api.POST("/api/edit/land", { body: { ...a, document } })),
  weightOff:
    (a: But<S["WeightOffAsked"]>): Change =>
    (document) =>
      said(api.POST("/api/edit/weight-off", { body: { ...a, document } })),
  softness:
    (a: But<S["SoftnessAsked"]>): Change =>
    (document) =>
      said(api.POST("/api/edit/softness", { body: { ...a, document } })),
  weight:
    (a: But<S["WeightAsked"]>): Change =>
    (document) =>
      said(api.POST("/api/edit/weight", { body: { ...a, document } })),
};
