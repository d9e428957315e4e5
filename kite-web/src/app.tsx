import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense } from "react";
import { Route, Routes } from "react-router";
import { api, askForPlan, said, saidOrNull } from "./api/http";
import { Cards } from "./client/Cards";
import { ClientPage } from "./client/ClientPage";
import { Clients } from "./client/Clients";
import { NewClient } from "./client/NewClient";
import { Finish } from "./finish/Finish";
import { Frame } from "./frame/Frame";
import { Loading, Trouble } from "./frame/States";
import { ShapesPage } from "./shapes/ShapesPage";
import { Claim } from "./signin/Claim";
import { SignIn } from "./signin/SignIn";
import { SignInAgain } from "./signin/SignInAgain";
import { tellTimesIn } from "./store/shopTime";
import { Today } from "./today/Today";
import { worded } from "./words/worded";

// The 3D chunk is large and comes only with the screens that turn a head.
const benchPage = () => import("./bench/Bench").then((m) => ({ default: m.Bench }));
const Bench = lazy(benchPage);
const Begin = lazy(() => import("./signin/Begin").then((m) => ({ default: m.Begin })));
const Kit = lazy(() => import("./kit/Kit").then((m) => ({ default: m.Kit })));
const ShopPage = lazy(() => import("./shop/ShopPage").then((m) => ({ default: m.ShopPage })));
const GrowPage = lazy(() => import("./grow/GrowPage").then((m) => ({ default: m.GrowPage })));
const Diary = lazy(() => import("./diary/Diary").then((m) => ({ default: m.Diary })));
const Way = lazy(() => import("./way/Way").then((m) => ({ default: m.Way })));
const SitDown = lazy(() => import("./sit/SitDown").then((m) => ({ default: m.SitDown })));
const CheckRound = lazy(() => import("./check/CheckRound").then((m) => ({ default: m.CheckRound })));
const Chair = lazy(() => import("./chair/Chair").then((m) => ({ default: m.Chair })));

// Opened at a plan, all of it is asked for at once and not one thing after the other.
const opened = /^\/plans\/(\d+)$/.exec(location.pathname);
if (opened) {
  benchPage().catch(() => undefined);
  askForPlan(opened[1] as string).catch(() => undefined);
}

/** Who is not signed in signs in; where no shop has begun, one begins. */
function Door() {
  const shop = useQuery({
    queryKey: ["begun"],
    queryFn: () => said(api.GET("/api/session/shop")),
  });
  const claim = useQuery({
    queryKey: ["claim"],
    queryFn: () => said(api.GET("/api/session/claim")),
  });
  if (claim.data && claim.data.owners.length > 0) return <Claim owners={claim.data.owners} />;
  return shop.data && !shop.data.begun ? (
    <Suspense fallback={<Loading what={worded("app.the-shop")} />}>
      <Begin />
    </Suspense>
  ) : (
    <SignIn />
  );
}

const PracticePage = lazy(() => import("./practice/PracticePage").then((m) => ({ default: m.PracticePage })));
const DrillPage = lazy(() => import("./practice/DrillPage").then((m) => ({ default: m.DrillPage })));
const HelpPage = lazy(() => import("./help/HelpPage").then((m) => ({ default: m.HelpPage })));
const LookPage = lazy(() => import("./look/LookPage").then((m) => ({ default: m.LookPage })));

/** The client's own screen knows nobody who is signed in. */
export function App() {
  if (location.pathname === "/look")
    return (
      <Suspense fallback={<Loading what={worded("look.your-own-picture")} />}>
        <LookPage />
      </Suspense>
    );
  return <Shop />;
}

function Shop() {
  const me = useQuery({
    queryKey: ["me"],
    queryFn: () => saidOrNull(api.GET("/api/session")),
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (me.isPending) return <Loading what={worded("app.the-shop")} />;
  if (me.error) return <Trouble error={me.error} retry={() => me.refetch()} />;
  if (!me.data) return <Door />;
  tellTimesIn(me.data.zone);
  const erases = me.data.rights.includes("erase");
  return (
    <Frame person={me.data}>
      <SignInAgain person={me.data} />
      <Suspense fallback={<Loading what={worded("common.the-head")} />}>
        <Routes>
          <Route path="/" element={<Today />} />
          <Route path="/help" element={<HelpPage />} />
          <Route path="/diary" element={<Diary me={me.data.id} />} />
          <Route path="/clients" element={<Clients erases={erases} />} />
          <Route path="/clients/new" element={<NewClient />} />
          <Route path="/clients/:id/sit" element={<SitDown units={me.data.units} />} />
          <Route path="/clients/:id/shapes" element={<ShapesPage />} />
          <Route path="/clients/:id/grow/:family" element={<GrowPage />} />
          <Route path="/clients/cards" element={<Cards />} />
          <Route path="/clients/:id" element={<ClientPage units={me.data.units} erases={erases} />} />
          <Route path="/plans/:id" element={<Bench units={me.data.units} />} />
          <Route path="/plans/:id/chair" element={<Chair units={me.data.units} />} />
          <Route path="/plans/:id/check" element={<CheckRound units={me.data.units} />} />
          <Route path="/plans/:id/finish" element={<Finish />} />
          <Route path="/kit" element={<Kit />} />
          <Route path="/way" element={<Way />} />
          <Route path="/practice" element={<PracticePage person={me.data} />} />
          <Route path="/practice/:drill" element={<DrillPage units={me.data.units} />} />
          <Route path="/shop" element={<ShopPage person={me.data} />} />
          <Route path="*" element={<p className="p-8 text-xl">{worded("app.there-is-no-such")}</p>} />
        </Routes>
      </Suspense>
    </Frame>
  );
}
