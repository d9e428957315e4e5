import type { PersonView } from "../api/types";

export type Role = PersonView["role"];

/** What each may do, as the server has it (docs/security.md). */
export const ROLES: Record<Role, { name: string; may: string }> = {
  owner: { name: "Owner", may: "everything, and the whole shop as a file" },
  manager: { name: "Manager", may: "everything but the shop as a file and its owners" },
  stylist: { name: "Stylist", may: "clients, plans, the chair, the diary and the tools" },
  assistant: { name: "Assistant", may: "the diary and the tools; looks at the rest" },
  learner: { name: "Learner", may: "looks, and asks what a cut would leave" },
};
