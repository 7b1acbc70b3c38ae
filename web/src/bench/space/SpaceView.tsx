import { formatPercent, type Solid, trailerSolids, isOfPiece } from '@kereta/core';
import { Canvas, useThree } from '@react-three/fiber';
import { useEffect, useMemo, useRef, useState } from 'react';
import {
  type Box3,
  type BufferGeometry,
  CanvasTexture,
  DoubleSide,
  SRGBColorSpace,
  type Texture,
  Vector3,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { useWork } from '../sheet/useWork';
import { workStep } from '../../drawing/workShading';
import { useWorkbench } from '../workbench';
import { fitView } from './fitView';
import { solidGeometry } from './solidGeometry';
import { figures, t } from '../../fields/language/t';
import type { PlainPhrase } from '../../fields/language/optionsIn';

/** Directions to look from: toward the middle, in the trailer's axes (x rearward, y right, z up). */
const VIEWS = {
  Corner: [-1, -1.3, 0.9],
  Side: [0, -1, 0.0001],
  Above: [0, -0.0001, 1],
  Front: [-1, 0, 0.0001],
  Rear: [1, 0, 0.0001],
} as const;
type View = keyof typeof VIEWS;
const VIEW_NAMES = {
  Corner: 'Corner',
  Side: 'Side',
  Above: 'Above',
  Front: 'Front',
  Rear: 'Rear',
} as const satisfies Readonly<Record<View, PlainPhrase>>;

/** What the eye takes in from top to bottom, degrees. */
const FIELD_DEG = 35;
/** Room about the trailer, as a share of its distance. */
const MARGIN = 0.08;

/** One press of an arrow key turns by this, rad. */
const TURN_RAD = Math.PI / 18;

const cssColor = (name: string): string => {
  // The theme's colours are oklch, which the painter of textures reads and three does not: one pixel translates.
  const canvas = document.createElement('canvas');
  canvas.width = 1;
  canvas.height = 1;
  const context = canvas.getContext('2d');
  if (!context) return '#888888';
  context.fillStyle = getComputedStyle(document.documentElement).getPropertyValue(name).trim() || '#888888';
  context.fillRect(0, 0, 1, 1);
  const [r, g, b] = context.getImageData(0, 0, 1, 1).data;
  return `rgb(${r}, ${g}, ${b})`;
};

const LABEL_PX = { width: 128, height: 64 };

const labelTexture = (text: string, past: boolean): Texture => {
  const canvas = document.createElement('canvas');
  canvas.width = LABEL_PX.width;
  canvas.height = LABEL_PX.height;
  const context = canvas.getContext('2d');
  if (context) {
    context.fillStyle = cssColor('--color-base-100');
    context.strokeStyle = cssColor(past ? '--fix' : '--ink');
    context.lineWidth = past ? 6 : 3;
    context.beginPath();
    context.roundRect(4, 8, LABEL_PX.width - 8, LABEL_PX.height - 16, 22);
    context.fill();
    context.stroke();
    context.fillStyle = cssColor(past ? '--fix' : '--ink');
    context.font = '600 32px sans-serif';
    context.textAlign = 'center';
    context.textBaseline = 'middle';
    context.fillText(text, LABEL_PX.width / 2, LABEL_PX.height / 2 + 2);
  }
  const texture = new CanvasTexture(canvas);
  texture.colorSpace = SRGBColorSpace;
  return texture;
};

/** Loads and deck are seen through, so that the frame under them shows. */
const OPACITY: Readonly<Partial<Record<Solid['layer'], number>>> = {
  loads: 0.22,
  deck: 0.25,
  sides: 0.9,
  fenders: 0.6,
};
const COLORS: Readonly<Record<Solid['fill'], string>> = {
  none: '--steel',
  paper: '--paper',
  steel: '--steel',
  wood: '--wood',
  load: '--load',
  behind: '--mute',
};

interface Body {
  readonly solid: Solid;
  readonly geometry: BufferGeometry;
}

const useBodies = (): readonly Body[] => {
  const { trailer, evaluation, caseId, hidden } = useWorkbench('trailer', 'evaluation', 'caseId', 'hidden');
  const bodies = useMemo(() => {
    const shown = evaluation.cases.find(({ loadCase }) => loadCase.id === caseId);
    return trailerSolids(trailer, evaluation.chassis, shown)
      .filter(({ part }) => part === undefined || !hidden.has(part))
      .map((solid) => ({ solid, geometry: solidGeometry(solid) }));
  }, [trailer, evaluation, caseId, hidden]);
  useEffect(() => () => bodies.forEach(({ geometry }) => geometry.dispose()), [bodies]);
  return bodies;
};

/** Corners of the boxes about all bodies, in three's axes. */
const cornersOf = (bodies: readonly Body[]): readonly Vector3[] =>
  bodies.flatMap(({ geometry }) => {
    geometry.computeBoundingBox();
    const { min, max } = geometry.boundingBox as Box3;
    return [min.x, max.x].flatMap((x) =>
      [min.y, max.y].flatMap((y) => [min.z, max.z].map((z) => new Vector3(x, z, -y))),
    );
  });

const NO_SHARES: ReadonlyMap<string, number> = new Map();

const Bodies = ({ bodies, shares }: { readonly bodies: readonly Body[]; readonly shares: typeof NO_SHARES }) => {
  const { pick, picked } = useWorkbench('pick', 'picked');
  return bodies.map(({ solid, geometry }, i) => {
    const { part, layer, fill } = solid;
    const share = part !== undefined && layer === 'frame' ? shares.get(part) : undefined;
    const opacity = OPACITY[layer] ?? 1;
    return (
      <mesh
        // oxlint-disable-next-line react/no-array-index-key -- the bodies of a trailer keep their order
        key={i}
        geometry={geometry}
        onClick={(event) => {
          if ((layer !== 'frame' && layer !== 'sides') || part === undefined) return;
          event.stopPropagation();
          pick(part);
        }}
      >
        <meshLambertMaterial
          color={cssColor(
            part !== undefined &&
              picked !== undefined &&
              (part === picked || isOfPiece(part, picked)) &&
              shares === NO_SHARES
              ? '--dye'
              : share === undefined
                ? COLORS[fill]
                : workStep(share).space,
          )}
          transparent={opacity < 1}
          opacity={opacity}
          depthWrite={opacity === 1}
          side={DoubleSide}
        />
      </mesh>
    );
  });
};

/** Plates are painted last, over what is seen through. */
const BEFORE_ALL = 10;

/** How tall a plate is on the screen, px, and so many of them at most side by side: as legible far away and on a phone as near by. */
const PLATE_PX = 30;
const PLATES_ACROSS = 9;

/** How hard each bar works, as a plate that always faces the eye. */
const Badges = () => {
  const { evaluation } = useWorkbench('evaluation');
  const { width, height } = useThree(({ size }) => size);
  const tallPx = Math.min(PLATE_PX, width / PLATES_ACROSS / 2);
  const tall = (tallPx / Math.max(1, height)) * 2 * Math.tan((FIELD_DEG * Math.PI) / 360);
  const { shares } = useWork();
  return evaluation.chassis.members.map((member) => {
    const share = shares.get(member.id);
    return share === undefined || member.group === 'side' ? null : (
      <sprite
        key={member.id}
        position={[member.centre.xM, member.centre.yM, member.line ? member.centre.zM : member.extent.z1M + 0.08]}
        scale={[2 * tall, tall, 1]}
        renderOrder={BEFORE_ALL}
      >
        <spriteMaterial
          map={labelTexture(figures(formatPercent(share, 0)), share > 1)}
          sizeAttenuation={false}
          depthTest={false}
          depthWrite={false}
        />
      </sprite>
    );
  });
};

/** Puts the camera where a view looks from, and turns it by hand and by key. */
const Camera = ({
  view,
  turns,
  bodies,
}: {
  readonly view: View;
  readonly turns: readonly [number, number];
  readonly bodies: readonly Body[];
}) => {
  const { camera, gl, invalidate, size } = useThree();
  const controls = useRef<OrbitControls | undefined>(undefined);
  const corners = useMemo(() => cornersOf(bodies), [bodies]);
  const aspect = size.width / Math.max(1, size.height);
  useEffect(() => {
    const own = new OrbitControls(camera, gl.domElement);
    own.addEventListener('change', () => invalidate());
    controls.current = own;
    return () => own.dispose();
  }, [camera, gl, invalidate]);
  useEffect(() => {
    const own = controls.current;
    if (!own) return;
    const [x, y, z] = VIEWS[view];
    const [around, over] = turns;
    const toward = new Vector3(x, z, -y).applyAxisAngle(new Vector3(0, 1, 0), around * TURN_RAD).normalize();
    const tilt = Math.max(-1.5, Math.min(1.5, Math.asin(Math.min(1, toward.y)) + over * TURN_RAD));
    const flat = Math.hypot(toward.x, toward.z) || 1e-6;
    toward.set((toward.x / flat) * Math.cos(tilt), Math.sin(tilt), (toward.z / flat) * Math.cos(tilt));
    const { target, away } = fitView(corners, toward, (FIELD_DEG * Math.PI) / 180, aspect);
    camera.position.copy(target).addScaledVector(toward, away * (1 + MARGIN));
    own.target.copy(target);
    own.update();
    invalidate();
  }, [view, turns, camera, corners, aspect, invalidate]);
  return null;
};

const canDraw = (): boolean => {
  try {
    return document.createElement('canvas').getContext('webgl2') !== null;
  } catch {
    return false;
  }
};

interface SpaceViewProps {
  readonly onLost: () => void;
  /** each bar by how hard it works; else the bare metal, and what is picked in its own colour */
  readonly shaded: boolean;
}

/** Frame, deck, wheels and loads in space, turned by hand or by keys. */
export const SpaceView = ({ onLost, shaded }: SpaceViewProps) => {
  const { say } = useWorkbench('say');
  const work = useWork();
  const shares = shaded ? work.shares : NO_SHARES;
  const bodies = useBodies();
  const [view, setView] = useState<View>('Corner');
  const [turns, setTurns] = useState<readonly [number, number]>([0, 0]);
  const [able] = useState(canDraw);
  useEffect(() => {
    if (!able) onLost();
  }, [able, onLost]);
  if (!able) return null;
  const look = (next: View): void => {
    setTurns([0, 0]);
    setView(next);
  };
  const worst = [...shares].sort((a, b) => b[1] - a[1])[0];
  return (
    <div
      className="relative h-full min-h-[420px] max-[800px]:h-[62vh]"
      tabIndex={0}
      role="application"
      aria-label={t('The trailer in space. Arrow keys turn it.{worst}', {
        worst: worst
          ? ` ${t('Hardest: {worst}, {share}', { worst: say.partName(worst[0]), share: figures(formatPercent(worst[1], 0)) })}.`
          : '',
      })}
      data-testid="space"
      onKeyDown={(event) => {
        const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
        if (!step) return;
        event.preventDefault();
        setTurns(([a, b]) => [a + (step[0] ?? 0), b + (step[1] ?? 0)]);
      }}
    >
      <div className="absolute top-2 left-2 z-10 flex gap-2">
        {(Object.keys(VIEWS) as View[]).map((name) => (
          <button key={name} type="button" className="button" aria-pressed={view === name} onClick={() => look(name)}>
            {t(VIEW_NAMES[name])}
          </button>
        ))}
      </div>
      <Canvas
        frameloop="demand"
        camera={{ fov: FIELD_DEG, near: 0.05, far: 200 }}
        onCreated={({ gl }) =>
          gl.domElement.addEventListener('webglcontextlost', (event) => {
            event.preventDefault();
            onLost();
          })
        }
      >
        <ambientLight intensity={1.6} />
        <directionalLight position={[-3, 6, 4]} intensity={1.8} />
        <Camera view={view} turns={turns} bodies={bodies} />
        {/* The trailer's z is up, three's y is. */}
        <group rotation={[-Math.PI / 2, 0, 0]}>
          <Bodies bodies={bodies} shares={shares} />
          {shaded && <Badges />}
        </group>
      </Canvas>
    </div>
  );
};
