import type { AppointmentRow } from "../api/types";
import { worded } from "../words/worded";

export type State = AppointmentRow["state"];

/** Where an appointment stands, in words; nothing while it is only planned. */
export const STATES: Record<State, string> = {
  planned: "",
  here: worded("states.here"),
  inTheChair: worded("states.in-the-chair"),
  done: worded("states.done"),
  didNotCome: worded("states.did-not-come"),
};
