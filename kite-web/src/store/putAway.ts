import { api, said } from "../api/http";

/** Away from the plans one works by, or back among them. */
export const putAway = (id: number, away: boolean) =>
  said(api.PUT("/api/plans/{id}/away", { params: { path: { id } }, body: { away } }));

/** For good; refused for one that was cut or is booked. */
export const deletePlan = (id: number) => said(api.DELETE("/api/plans/{id}", { params: { path: { id } } }));
