import { createContext, type RefObject } from "react";

/** Whether the next frame of a stage is drawn sharp: with all its pixels, and slowly. */
export const NextSharp = createContext<RefObject<boolean>>({ current: false });
