import { useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useEffect, useState } from "react";
import { Link, NavLink, useLocation } from "react-router";
import { api, carriedOut, forget } from "../api/http";
import type { PersonView } from "../api/types";
import { Walk } from "../parts/Walk";
import { unsentEntries } from "../store/chairLogs";
import { worded } from "../words/worded";
import { Dialog } from "./Dialog";

function savedTheme(): string | null {
  return localStorage.getItem("kite-theme");
}

export function Frame({ person, children }: { person: PersonView; children: ReactNode }) {
  const queries = useQueryClient();
  const { pathname } = useLocation();
  const [theme, setTheme] = useState(
    () => savedTheme() ?? (matchMedia("(prefers-color-scheme: dark)").matches ? "dusk" : "paper"),
  );
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
    localStorage.setItem("kite-theme", theme);
  }, [theme]);
  const [unsent, setUnsent] = useState(0);
  const askedOut = () => {
    const left = unsentEntries();
    if (left > 0) setUnsent(left);
    else void signOut();
  };
  const signOut = async () => {
    await carriedOut(api.DELETE("/api/session"));
    await forget();
    queries.clear();
    location.assign("/");
  };
  // The bench, the sit-down and the diary fit the screen; other pages scroll.
  const bench = /^\/plans\/\d+$|\/sit$|^\/diary$/.test(pathname);
  const atChair = pathname.endsWith("/chair");
  return (
    <div className={`flex min-h-dvh flex-col ${bench ? "lg:h-dvh" : ""}`}>
      {!atChair && (
        <header className="flex flex-wrap items-center gap-x-6 gap-y-1 border-base-300 border-b px-5 py-0.5">
          <Link to="/" className="flex items-center gap-2 font-bold text-xl">
            <img src="/kite.svg" alt="" width={30} height={30} className="rounded bg-[#f7f2e7] p-0.5" />
            {worded("frame.kite-tail")}
          </Link>
          <nav className="flex flex-wrap gap-1" aria-label={worded("frame.main")}>
            {[
              ["/", worded("common.today")],
              ["/diary", worded("frame.diary")],
              ["/clients", worded("frame.clients")],
              ["/kit", worded("frame.kit")],
              ["/practice", worded("practice.practice")],
              ["/shop", worded("frame.shop")],
            ].map(([to, name]) => (
              <NavLink
                key={to}
                to={to as string}
                end
                className={({ isActive }) =>
                  `touch flex items-center border-b-3 px-3 ${isActive ? "border-primary font-bold" : "border-transparent"}`
                }
              >
                {name}
              </NavLink>
            ))}
          </nav>
          <Link to="/help" className="touch ml-auto flex items-center underline">
            {worded("frame.help")}
          </Link>
          <Link
            to="/way"
            className="touch flex items-center underline"
            title={worded("frame.your-way-of-working")}
          >
            {person.name}
          </Link>
          <button
            type="button"
            className="touch cursor-pointer underline"
            onClick={() => setTheme(theme === "dusk" ? "paper" : "dusk")}
          >
            {theme === "dusk" ? worded("frame.day") : worded("frame.evening")}
          </button>
          <button type="button" className="touch cursor-pointer underline" onClick={askedOut}>
            {worded("frame.sign-out")}
          </button>
        </header>
      )}
      <Walk />
      <main className="flex min-h-0 flex-1 flex-col">{children}</main>
      {unsent > 0 && (
        <Dialog title={worded("frame.not-everything-is-stored")} shut={() => setUnsent(0)}>
          <p className="text-lg">{worded("frame.written-at-the-chair", { unsent })}</p>
          <div className="flex flex-wrap gap-3">
            <button type="button" className="btn btn-primary touch" onClick={() => setUnsent(0)}>
              {worded("frame.stay")}
            </button>
            <button type="button" className="btn touch" onClick={() => void signOut()}>
              {worded("frame.sign-out-all-the-same")}
            </button>
          </div>
        </Dialog>
      )}
    </div>
  );
}
