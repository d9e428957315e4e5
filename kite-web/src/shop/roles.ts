import type { PersonView } from "../api/types";
import { worded } from "../words/worded";

export type Role = PersonView["role"];

/** What each may do, as the server has it (docs/security.md). */
export const ROLES: Record<Role, { name: string; may: string }> = {
  owner: { name: worded("roles.owner"), may: worded("roles.everything-and-the-whole") },
  manager: { name: worded("roles.manager"), may: worded("roles.everything-but-the-shop") },
  stylist: { name: worded("roles.stylist"), may: worded("roles.clients-plans-the-chair") },
  assistant: { name: worded("roles.assistant"), may: worded("roles.the-diary-and-the") },
  learner: { name: worded("roles.learner"), may: worded("roles.looks-and-asks-what") },
};
