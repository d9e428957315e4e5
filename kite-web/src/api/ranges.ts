// Made by npm run api; change the records or the schema it is made from instead.

/** What a number of a document may be, by the part of the document and its name. */
export const RANGES = {
  measured: {
    girthMm: {"min":440,"max":680,"unit":"mm"},
    earToEarMm: {"min":200,"max":480,"unit":"mm"},
    frontToNapeMm: {"min":200,"max":480,"unit":"mm"},
    breadthMm: {"min":100,"max":210,"unit":"mm"},
    lengthMm: {"min":130,"max":270,"unit":"mm"},
  },
  ball: {
    radiusMm: {"min":40,"max":150,"unit":"mm"},
  },
  ellipsoid: {
    acrossMm: {"min":40,"max":150,"unit":"mm"},
    forwardMm: {"min":40,"max":150,"unit":"mm"},
    upMm: {"min":40,"max":150,"unit":"mm"},
  },
  hair: {
    exitDeg: {"min":10,"max":90,"unit":"°"},
    growthMmPerDay: {"min":0.1,"max":0.8,"unit":"mm a day"},
    densityPerCm2: {"min":40,"max":400,"unit":"a cm²"},
    diameterUm: {"min":30,"max":130,"unit":"µm"},
  },
  pace: {
    fingersSec: {"min":1,"max":300,"unit":"s"},
    combSec: {"min":1,"max":300,"unit":"s"},
    guardSec: {"min":1,"max":300,"unit":"s"},
    edgeSec: {"min":1,"max":300,"unit":"s"},
    textureSec: {"min":1,"max":300,"unit":"s"},
    changeSec: {"min":1,"max":300,"unit":"s"},
  },
  fingers: {
    biteMm: {"min":3,"max":60,"unit":"mm"},
    rollDeg: {"min":0,"max":45,"unit":"°"},
  },
  elevation: {
    elevationDeg: {"min":0,"max":180,"unit":"°"},
  },
  round: {
    lengthMm: {"min":0,"max":1500,"unit":"mm"},
    fingerDeg: {"min":-60,"max":60,"unit":"°"},
  },
  flat: {
    lengthMm: {"min":0,"max":1500,"unit":"mm"},
    fingerDeg: {"min":-60,"max":60,"unit":"°"},
  },
  comb: {
    gapMm: {"min":0,"max":60,"unit":"mm"},
    outDeg: {"min":-20,"max":80,"unit":"°"},
    thicknessMm: {"min":0.5,"max":15,"unit":"mm"},
    lengthMm: {"min":15,"max":200,"unit":"mm"},
    offMm: {"min":0,"max":60,"unit":"mm"},
    leverMm: {"min":0,"max":5,"unit":"mm"},
  },
  strokes: {
    thicknessMm: {"min":0.5,"max":15,"unit":"mm"},
    teethMm: {"min":15,"max":200,"unit":"mm"},
  },
  strokeAt: {
    seconds: {"min":0,"max":600,"unit":""},
    aroundDeg: {"min":-180,"max":180,"unit":"°"},
    share: {"min":0,"max":1.5,"unit":""},
    gapMm: {"min":0,"max":120,"unit":"mm"},
  },
  guard: {
    number: {"min":0,"max":12,"unit":""},
    leverMm: {"min":0,"max":5,"unit":"mm"},
  },
  fade: {
    sideburnMm: {"min":0,"max":120,"unit":"mm"},
    behindEarMm: {"min":0,"max":120,"unit":"mm"},
    napeMm: {"min":0,"max":120,"unit":"mm"},
    rockMm: {"min":5,"max":300,"unit":"mm"},
  },
  spotCut: {
    offMm: {"min":0,"max":1500,"unit":"mm"},
    spanMm: {"min":5,"max":120,"unit":"mm"},
    coreMm: {"min":0,"max":120,"unit":"mm"},
  },
  fadeBand: {
    number: {"min":0,"max":12,"unit":""},
    leverMm: {"min":0,"max":5,"unit":"mm"},
    fromShare: {"min":0,"max":1,"unit":""},
    toShare: {"min":0,"max":1,"unit":""},
  },
  fadeSide: {
    sideburnMm: {"min":0,"max":120,"unit":"mm"},
    behindEarMm: {"min":0,"max":120,"unit":"mm"},
  },
  rockOut: {
    atMm: {"min":-1000,"max":1000,"unit":"mm"},
    radiusMm: {"min":5,"max":300,"unit":"mm"},
  },
  wish: {
    lengthMm: {"min":0,"max":1500,"unit":"mm"},
    standMm: {"min":5,"max":300,"unit":"mm"},
  },
  shape: {
    sides: {"min":-1,"max":1,"unit":""},
    back: {"min":-1,"max":1,"unit":""},
    forehead: {"min":-1,"max":1,"unit":""},
    crown: {"min":-1,"max":1,"unit":""},
    crownAcrossMm: {"min":-35,"max":35,"unit":"mm"},
    earLeftMm: {"min":-15,"max":15,"unit":"mm"},
    earRightMm: {"min":-15,"max":15,"unit":"mm"},
  },
  hairline: {
    frontPeakMm: {"min":-20,"max":30,"unit":"mm"},
    recessionLeftMm: {"min":-15,"max":45,"unit":"mm"},
    recessionRightMm: {"min":-15,"max":45,"unit":"mm"},
    sideburnMm: {"min":-25,"max":40,"unit":"mm"},
    napeDropMm: {"min":-20,"max":30,"unit":"mm"},
    napePointMm: {"min":0,"max":30,"unit":"mm"},
    napePointsMm: {"min":0,"max":30,"unit":"mm"},
    napeRoundMm: {"min":0,"max":30,"unit":"mm"},
    templeMm: {"min":-15,"max":20,"unit":"mm"},
    sideburnWidthMm: {"min":-8,"max":8,"unit":"mm"},
  },
  nudge: {
    upFingers: {"min":-3,"max":3,"unit":"fingers"},
    acrossFingers: {"min":-3,"max":3,"unit":"fingers"},
  },
  spot: {
    azimuthDeg: {"min":-180,"max":180,"unit":"°"},
    share: {"min":0,"max":1,"unit":""},
  },
  hairPatch: {
    radiusMm: {"min":5,"max":120,"unit":"mm"},
    density: {"min":0,"max":3,"unit":""},
    diameter: {"min":0.5,"max":2,"unit":""},
    curl: {"min":0.3,"max":3,"unit":""},
  },
  lengthPatch: {
    radiusMm: {"min":5,"max":120,"unit":"mm"},
    lengthMm: {"min":0,"max":1500,"unit":"mm"},
  },
  jump: {
    offsetMm: {"min":-80,"max":80,"unit":"mm"},
  },
  grown: {
    days: {"min":0,"max":3650,"unit":""},
  },
  kept: {
    azimuthDeg: {"min":-180,"max":180,"unit":"°"},
    share: {"min":0,"max":1,"unit":""},
    lengthMm: {"min":0,"max":1500,"unit":"mm"},
  },
  wishes: {
    holdWeeks: {"min":1,"max":26,"unit":"weeks"},
  },
  kit: {
    halfLeverMm: {"min":0,"max":5,"unit":"mm"},
    openLeverMm: {"min":0,"max":5,"unit":"mm"},
  },
  measuredGuard: {
    number: {"min":0,"max":12,"unit":""},
    mm: {"min":0.1,"max":60,"unit":"mm"},
  },
  school: {
    biteMm: {"min":0,"max":60,"unit":"mm"},
  },
  between: {
    min: {"min":-1000,"max":1000,"unit":""},
    max: {"min":-1000,"max":1000,"unit":""},
  },
  anchor: {
    forwardMm: {"min":-300,"max":300,"unit":"mm"},
    acrossMm: {"min":-300,"max":300,"unit":"mm"},
  },
  diagonal: {
    slopeDeg: {"min":-80,"max":80,"unit":"°"},
  },
  panels: {
    panels: {"min":2,"max":7,"unit":""},
  },
  slope: {
    lengthMm: {"min":0,"max":1500,"unit":"mm"},
    farMm: {"min":0,"max":1500,"unit":"mm"},
  },
  turn: {
    atMm: {"min":0,"max":200,"unit":"mm"},
    radiusMm: {"min":5,"max":300,"unit":"mm"},
  },
  halfMoon: {
    raiseMm: {"min":-80,"max":20,"unit":"mm"},
  },
  sideburnEnd: {
    raiseMm: {"min":-60,"max":40,"unit":"mm"},
    slopeDeg: {"min":-60,"max":60,"unit":"°"},
  },
  napeLine: {
    raiseMm: {"min":-300,"max":40,"unit":"mm"},
    cornerRadiusMm: {"min":0,"max":40,"unit":"mm"},
  },
  hardLine: {
    widthMm: {"min":1,"max":8,"unit":"mm"},
  },
  taper: {
    lengthMm: {"min":0,"max":30,"unit":"mm"},
    farMm: {"min":1,"max":80,"unit":"mm"},
    sideburnMm: {"min":2,"max":120,"unit":"mm"},
    behindEarMm: {"min":2,"max":120,"unit":"mm"},
    napeMm: {"min":2,"max":120,"unit":"mm"},
  },
  edge: {
    bladeMm: {"min":0,"max":3,"unit":"mm"},
  },
  texture: {
    share: {"min":0.02,"max":0.9,"unit":""},
    depthMm: {"min":1,"max":300,"unit":"mm"},
    passes: {"min":1,"max":8,"unit":""},
  },
  knob: {
    min: {"min":-1000,"max":1500,"unit":""},
    max: {"min":-1000,"max":1500,"unit":""},
  },
  needs: {
    minDensityPerCm2: {"min":0,"max":400,"unit":"a cm²"},
    minCurlRatio: {"min":0,"max":1,"unit":""},
    maxCurlRatio: {"min":0,"max":1,"unit":""},
  },
  styling: {
    productShare: {"min":0,"max":1,"unit":""},
    hold: {"min":0,"max":1,"unit":""},
    hours: {"min":0,"max":72,"unit":""},
    dampAir: {"min":0,"max":1,"unit":""},
  },
  off: {
    lengthMm: {"min":0,"max":1500,"unit":"mm"},
  },
  lift: {
    elevationDeg: {"min":60,"max":180,"unit":"°"},
    lengthMm: {"min":0,"max":1500,"unit":"mm"},
  },
  tuck: {
    fromMm: {"min":-1000,"max":1000,"unit":"mm"},
    toMm: {"min":-1000,"max":1000,"unit":"mm"},
    deg: {"min":-60,"max":60,"unit":"°"},
  },
  handling: {
    tiltDeg: {"min":-30,"max":45,"unit":"°"},
  },
  level: {
    lengthMm: {"min":0,"max":1500,"unit":"mm"},
    fallsDeg: {"min":-45,"max":45,"unit":"°"},
  },
} as const;

/** What stands in a part under a name that is a part itself. */
export const PARTS: Record<string, Record<string, string>> = {
  measured: {
    shape: "shape",
    hairline: "hairline",
  },
  move: {
    cut: "cut",
    handling: "handling",
  },
  fingers: {
    hold: "hold",
    line: "line",
    guide: "guide",
    parting: "parting",
    hand: "hand",
  },
  comb: {
    turn: "turn",
  },
  guard: {
    rockOut: "rockOut",
  },
  fade: {
    left: "fadeSide",
  },
  hairPatch: {
    at: "spot",
  },
  lengthPatch: {
    at: "spot",
  },
  cautions: {
    consent: "consent",
  },
  edge: {
    outline: "outline",
  },
  family: {
    needs: "needs",
  },
  hand: {
    first: "lift",
    tuck: "tuck",
  },
};

/** Which part a choice is, by its kind. */
export const KINDS: Record<string, Record<string, string>> = {
  head: {
    measured: "measured",
    ball: "ball",
    ellipsoid: "ellipsoid",
  },
  start: {
    taped: "taped",
    grown: "grown",
  },
  limit: {
    between: "between",
    beside: "beside",
    inside: "inside",
  },
  cut: {
    fingers: "fingers",
    comb: "comb",
    strokes: "strokes",
    guard: "guard",
    fade: "fade",
    spot: "spotCut",
    edge: "edge",
    texture: "texture",
    aside: "aside",
  },
  hold: {
    straightOut: "straightOut",
    elevation: "elevation",
    toward: "toward",
  },
  line: {
    round: "round",
    flat: "flat",
    slope: "slope",
    off: "off",
    level: "level",
  },
  guide: {
    travelling: "travelling",
    middle: "middle",
    lastBite: "lastBite",
    newBite: "newBite",
    byEye: "byEye",
    fixed: "fixed",
    seen: "seen",
    two: "two",
    pinched: "pinched",
  },
  parting: {
    across: "across",
    diagonal: "diagonal",
    hairline: "alongHairline",
    centre: "alongCentre",
    pivot: "pivot",
    panels: "panels",
  },
  outline: {
    halfMoon: "halfMoon",
    sideburn: "sideburnEnd",
    nape: "napeLine",
    hardLine: "hardLine",
    taper: "taper",
  },
};
