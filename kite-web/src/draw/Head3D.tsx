import { useThree } from "@react-three/fiber";
import {
  memo,
  type ReactNode,
  useContext,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import * as THREE from "three";
import type { HeadData, Seams } from "../api/binary";
import { lengthWords, type Units } from "../store/units";
import { Bust3D } from "./Bust3D";
import type { Paint } from "./coats";
import { colourMaterial } from "./colourMaterial";
import { contourLabels, type Label } from "./contourLabels";
import { cutField } from "./cutField";
import { geometryOf, HeadStage, type Still } from "./HeadStage";
import { HeadSvg } from "./HeadSvg";
import { kindFields, MOST_KINDS } from "./kinds";
import { bandOf, lengthMaterial } from "./lengthMaterial";
import { NextSharp } from "./nextSharp";
import { Standing3D } from "./Standing3D";
import { alongSeams, rimOnSeams } from "./seams";
import type { ViewName } from "./views";
import { WarmPaint } from "./WarmPaint";

/** Pixels for each of the screen's while it turns or is painted anew; at rest it is drawn sharp. */
const MOVING_RATIO = 0.8;
const STANDING_ROOM = 1.5;

type There = {
  head: HeadData;
  /** The scalp cut along the borders of sections, once it is there. */
  seams?: Seams;
  paint: Paint;
  /** Lengths after and before the chosen move, for the line round what it cuts. */
  lengths: Float32Array;
  before: Float32Array;
};

/** While the head is on its way the stage is made ready for it. */
type Waiting = {
  head?: undefined;
  seams?: undefined;
  paint?: undefined;
  lengths?: undefined;
  before?: undefined;
  /** Of the coat it will wear, where they are known. */
  colours?: string[] | undefined;
};

type Props = (There | Waiting) & {
  /** Hair drawn straight off the skin in the coat's colours. */
  standing?: boolean;
  view: ViewName;
  viewTurn: number;
  units: Units;
  label: string;
  labelled?: boolean;
  /** So many times as high over its middle, for hands and hair that is held up. */
  above?: number;
  /** Turns together with the other head on the screen. */
  linked?: boolean;
  /** Drawn on the head besides: a bite, partings, the shape before. */
  children?: ReactNode;
};

/** The head in three dimensions, painted; contours at round lengths, labelled. Drawn anew only for another picture. */
export const Head3D = memo(function Head3D(props: Props) {
  const { units } = props;
  const there = props.head ? props : undefined;
  const [labels, setLabels] = useState<Label[]>([]);
  const paint = there?.paint;
  const labelled = props.labelled !== false && paint?.kind === "bands" && paint.labelled;
  const place: Still = (camera, size) => {
    if (!there || !labelled || paint?.kind !== "bands") return;
    const v = new THREE.Vector3();
    const n = new THREE.Vector3();
    const { scalp } = there.head;
    const { points, normals } = scalp;
    const vertices = Array.from({ length: points.length / 3 }, (_, i) => {
      v.set(points[3 * i] as number, points[3 * i + 1] as number, points[3 * i + 2] as number);
      n.set(normals[3 * i] as number, normals[3 * i + 1] as number, normals[3 * i + 2] as number);
      const facing = n.dot(camera.position.clone().sub(v).normalize());
      v.project(camera);
      return { x: ((v.x + 1) / 2) * size.width, y: ((1 - v.y) / 2) * size.height, facing };
    });
    setLabels(
      contourLabels(paint.values, scalp.triangles, vertices, paint.levels, {
        x: size.width / 2,
        y: size.height * 0.36,
      }),
    );
  };
  return (
    <div className="relative h-full w-full" data-testid="head">
      <HeadStage
        view={props.view}
        viewTurn={props.viewTurn}
        label={props.label}
        onStill={place}
        linked={props.linked}
        movingRatio={MOVING_RATIO}
        room={props.standing ? STANDING_ROOM : 1}
        above={props.standing ? 1 : props.above}
        waits={!there}
        instead={
          there && (
            <HeadSvg
              head={there.head}
              paint={there.paint}
              view={props.view}
              units={units}
              label={props.label}
            />
          )
        }
      >
        {there ? <Painted {...there} /> : <WarmPaint colours={(props as Waiting).colours} />}
        {there && props.standing && (
          <Standing3D head={there.head} lengths={there.lengths} paint={there.paint} />
        )}
        {props.children}
      </HeadStage>
      {labelled &&
        labels.map((l) => (
          <span
            key={l.level}
            data-testid="contour-label"
            className="pointer-events-none absolute rounded-full bg-base-100/90 px-1.5 font-bold text-base-content text-sm leading-5"
            style={{ left: l.x, top: l.y, transform: "translate(-50%,-50%)" }}
          >
            {lengthWords(l.level, units)}
          </span>
        ))}
    </div>
  );
});

function Painted({ head, seams, lengths, before, paint }: There) {
  const { invalidate, advance } = useThree();
  const sharpNext = useContext(NextSharp);
  const drawn = useRef(false);
  const mesh = seams?.mesh ?? head.scalp;
  const scalp = useMemo(() => geometryOf(mesh), [mesh]);
  const colours = paint.kind === "bands" ? paint.colours.join() : "";
  const coat = useMemo(() => (colours ? lengthMaterial(colours.split(",")) : colourMaterial()), [colours]);
  useEffect(() => () => scalp.dispose(), [scalp]);
  useEffect(() => () => coat.dispose(), [coat]);
  // Before the next frame, not after it.
  useLayoutEffect(() => {
    if (paint.kind === "bands") {
      const bands = paint.values.map((l) => bandOf(l, paint.levels));
      scalp.setAttribute("band", new THREE.BufferAttribute(alongSeams(bands, seams), 1));
    } else {
      const { colours, shares } = kindFields(alongSeams(paint.tones, seams, 3), mesh.triangles);
      const both = new THREE.InterleavedBuffer(shares, MOST_KINDS);
      scalp.setAttribute("kindsA", new THREE.InterleavedBufferAttribute(both, 4, 0));
      scalp.setAttribute("kindsB", new THREE.InterleavedBufferAttribute(both, 4, 4));
      colours.forEach((c, k) => {
        coat.uniforms.colours?.value[k].setRGB(...c, THREE.LinearSRGBColorSpace);
      });
    }
    const cut = rimOnSeams(
      cutField(alongSeams(lengths, seams), alongSeams(before, seams), mesh.triangles),
      lengths.length,
    );
    scalp.setAttribute("cut", new THREE.BufferAttribute(cut, 1));
    performance.mark("kite-laid");
    // The first picture waits for its camera; another paint is drawn at once and not with the next frame, and plain.
    if (drawn.current) {
      sharpNext.current = false;
      advance(performance.now());
    } else invalidate();
    drawn.current = true;
  }, [scalp, coat, mesh, seams, lengths, before, paint, invalidate, advance, sharpNext]);
  return (
    <>
      <Bust3D mesh={head.bust} lines={head.face} />
      <mesh geometry={scalp} material={coat} />
    </>
  );
}
