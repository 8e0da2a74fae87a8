import { useEffect, useRef } from "react";
import {
  AmbientLight,
  BufferAttribute,
  BufferGeometry,
  Color,
  DirectionalLight,
  DoubleSide,
  Group,
  HemisphereLight,
  Mesh,
  MeshStandardMaterial,
  PerspectiveCamera,
  Raycaster,
  Scene,
  SphereGeometry,
  SRGBColorSpace,
  Vector2,
  WebGLRenderer,
} from "three";
import type { ShapeMesh } from "@core/item";
import { colourOf, type SlotColours } from "../figure/silhouette-view";

export interface ShapeGlProps {
  readonly mesh: ShapeMesh;
  readonly colours: SlotColours;
  /** Radians about the axis, and tilt towards the eye. */
  readonly turn: number;
  readonly tilt: number;
  readonly lit: number | undefined;
  readonly label: string;
  readonly onTurn: (turn: number, tilt: number) => void;
  readonly onRound: (round: number | undefined) => void;
  /** Called when the browser gives no WebGL: the caller shows the drawing instead. */
  readonly onMissing: () => void;
}

const FIELD = 28;

interface Stage {
  readonly renderer: WebGLRenderer;
  readonly scene: Scene;
  readonly camera: PerspectiveCamera;
  readonly piece: Group;
  body: Mesh<BufferGeometry, MeshStandardMaterial> | undefined;
  mesh: ShapeMesh | undefined;
}

/** The filled shape in the hand, drawn by three.js. Dragging or the arrow keys turn it. */
export default function ShapeGl(props: ShapeGlProps) {
  const { mesh, colours, turn, tilt, lit, label } = props;
  const canvas = useRef<HTMLCanvasElement>(null);
  const stage = useRef<Stage | null>(null);
  const latest = useRef(props);
  useEffect(() => {
    latest.current = props;
  });

  useEffect(() => {
    const host = canvas.current;
    if (!host) return;
    let renderer: WebGLRenderer;
    try {
      renderer = new WebGLRenderer({
        canvas: host,
        antialias: true,
        alpha: true,
        failIfMajorPerformanceCaveat: false,
      });
    } catch {
      latest.current.onMissing();
      return;
    }
    renderer.outputColorSpace = SRGBColorSpace;
    renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
    const scene = new Scene();
    scene.add(new HemisphereLight("#ffffff", "#8b9aa0", 1.6), new AmbientLight("#ffffff", 0.5));
    const sun = new DirectionalLight("#ffffff", 1.8);
    sun.position.set(-0.6, 1, 1.2);
    scene.add(sun);
    const piece = new Group();
    scene.add(piece);
    const made: Stage = {
      renderer,
      scene,
      camera: new PerspectiveCamera(FIELD, 1, 1, 5000),
      piece,
      body: undefined,
      mesh: undefined,
    };
    stage.current = made;
    const fit = new ResizeObserver(() => draw(made));
    fit.observe(host);
    const lost = (e: Event) => {
      e.preventDefault();
      latest.current.onMissing();
    };
    host.addEventListener("webglcontextlost", lost);
    return () => {
      fit.disconnect();
      host.removeEventListener("webglcontextlost", lost);
      stage.current = null;
      clear(made);
      renderer.dispose();
    };
  }, []);

  useEffect(() => {
    const s = stage.current;
    if (!s) return;
    build(s, mesh, colours);
    draw(s);
  }, [mesh, colours]);
  useEffect(() => {
    const s = stage.current;
    if (!s) return;
    s.piece.rotation.set(tilt, turn, 0);
    paint(s, colours, lit);
    draw(s);
  }, [turn, tilt, lit, mesh, colours]);

  const drag = useRef<{ x: number; y: number; turn: number; tilt: number } | null>(null);
  return (
    <canvas
      ref={canvas}
      tabIndex={0}
      role="img"
      aria-label={label}
      style={{ width: "100%", height: "100%", display: "block", touchAction: "pan-y", cursor: "grab" }}
      onPointerDown={(e) => {
        e.currentTarget.setPointerCapture(e.pointerId);
        drag.current = { x: e.clientX, y: e.clientY, turn, tilt };
      }}
      onPointerMove={(e) => {
        const d = drag.current;
        if (d) props.onTurn(d.turn + (e.clientX - d.x) / 90, clampTilt(d.tilt + (e.clientY - d.y) / 120));
        else if (stage.current) props.onRound(roundUnder(stage.current, e.nativeEvent));
      }}
      onPointerUp={() => (drag.current = null)}
      onPointerLeave={() => props.onRound(undefined)}
      onKeyDown={(e) => {
        const step = {
          ArrowLeft: [-0.2, 0],
          ArrowRight: [0.2, 0],
          ArrowUp: [0, -0.15],
          ArrowDown: [0, 0.15],
          Home: [-turn, -tilt],
        }[e.key];
        if (!step) return;
        e.preventDefault();
        props.onTurn(turn + (step[0] ?? 0), clampTilt(tilt + (step[1] ?? 0)));
      }}
    />
  );
}

const clampTilt = (t: number) => Math.max(-1.3, Math.min(1.3, t));

function clear(s: Stage): void {
  s.piece.traverse((o) => {
    if (o instanceof Mesh) {
      const m = o as Mesh<BufferGeometry, MeshStandardMaterial>;
      m.geometry.dispose();
      m.material.dispose();
    }
  });
  s.piece.clear();
}

function build(s: Stage, mesh: ShapeMesh, colours: SlotColours): void {
  clear(s);
  const geometry = new BufferGeometry();
  geometry.setAttribute("position", new BufferAttribute(mesh.positions, 3));
  geometry.setAttribute("color", new BufferAttribute(new Float32Array(mesh.positions.length), 3));
  geometry.setIndex(new BufferAttribute(mesh.indices, 1));
  geometry.computeVertexNormals();
  s.body = new Mesh(
    geometry,
    new MeshStandardMaterial({ vertexColors: true, roughness: 0.95, metalness: 0, side: DoubleSide }),
  );
  s.mesh = mesh;
  s.piece.add(s.body);
  for (const eye of mesh.eyes) {
    const ball = new Mesh(
      new SphereGeometry(eye.r, 24, 16),
      new MeshStandardMaterial({ color: "#101112", roughness: 0.15 }),
    );
    const out = Math.hypot(eye.x, eye.z) || 1;
    // A washer-backed eye is a dome: about half of it stands out of the fabric.
    ball.position.set(eye.x - (eye.x / out) * eye.r * 0.35, eye.y, eye.z - (eye.z / out) * eye.r * 0.35);
    s.piece.add(ball);
  }
  paint(s, colours, undefined);
  s.camera.position.set(0, 0, (mesh.radius * 1.25) / Math.tan((FIELD * Math.PI) / 360));
}

/** Vertex colours: the yarn's, with the lit round made lighter or darker, whichever shows. */
function paint(s: Stage, colours: SlotColours, lit: number | undefined): void {
  const { body, mesh } = s;
  if (!body || !mesh) return;
  const attribute = body.geometry.getAttribute("color") as BufferAttribute;
  const plain = mesh.slots.map((slot) => new Color(colourOf(colours, slot)));
  const bright = plain.map((c) =>
    c.clone().lerp(new Color(luminance(c) > 0.45 ? "#0b6bcb" : "#ffffff"), 0.45),
  );
  for (let i = 0; i < mesh.slotOf.length; i++) {
    const c = (mesh.roundOfVertex[i] === lit ? bright : plain)[mesh.slotOf[i] ?? 0];
    if (c) attribute.setXYZ(i, c.r, c.g, c.b);
  }
  attribute.needsUpdate = true;
}
const luminance = (c: Color) => 0.2126 * c.r + 0.7152 * c.g + 0.0722 * c.b;

function draw(s: Stage): void {
  const { clientWidth: w, clientHeight: h } = s.renderer.domElement;
  if (w === 0 || h === 0) return;
  s.renderer.setSize(w, h, false);
  s.camera.aspect = w / h;
  s.camera.updateProjectionMatrix();
  s.renderer.render(s.scene, s.camera);
}

function roundUnder(s: Stage, e: PointerEvent): number | undefined {
  if (!s.body || !s.mesh) return undefined;
  const box = s.renderer.domElement.getBoundingClientRect();
  const ray = new Raycaster();
  ray.setFromCamera(
    new Vector2(((e.clientX - box.left) / box.width) * 2 - 1, -((e.clientY - box.top) / box.height) * 2 + 1),
    s.camera,
  );
  const [hit] = ray.intersectObject(s.body, false);
  return hit?.faceIndex === undefined || hit.faceIndex === null ? undefined : s.mesh.roundOf[hit.faceIndex];
}
