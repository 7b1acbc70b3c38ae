import { formatPercent, reachOf, type Solid, trailerSolids } from '@kereta/core';
import { Canvas, useThree } from '@react-three/fiber';
import { useEffect, useMemo, useRef, useState } from 'react';
import { CanvasTexture, DoubleSide, SRGBColorSpace, type Texture, Vector3 } from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { useWork } from '../sheet/useWork';
import { workStep } from '../../drawing/workShading';
import { useWorkbench } from '../workbench';
import { solidGeometry } from './solidGeometry';

/** Directions to look from: toward the middle, in the trailer's axes (x rearward, y right, z up). */
const VIEWS = {
  Corner: [-1, -1.3, 0.9],
  Side: [0, -1, 0.0001],
  Above: [0, -0.0001, 1],
  Front: [-1, 0, 0.0001],
  Rear: [1, 0, 0.0001],
} as const;
type View = keyof typeof VIEWS;

/** What the eye takes in from top to bottom, degrees; a trailer is flatter than the ball about it, so that it may come closer. */
const FIELD_DEG = 35;
const CLOSER = { wide: 0.64, narrow: 0.82 } as const;

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

const Bodies = () => {
  const { trailer, evaluation, caseId, pick } = useWorkbench('trailer', 'evaluation', 'caseId', 'pick');
  const { shares } = useWork();
  const bodies = useMemo(() => {
    const shown = evaluation.cases.find(({ loadCase }) => loadCase.id === caseId);
    return trailerSolids(trailer, evaluation.chassis, shown).map((solid) => ({
      solid,
      geometry: solidGeometry(solid),
    }));
  }, [trailer, evaluation, caseId]);
  useEffect(() => () => bodies.forEach(({ geometry }) => geometry.dispose()), [bodies]);
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
          if (layer !== 'frame' || part === undefined) return;
          event.stopPropagation();
          pick(part);
        }}
      >
        <meshLambertMaterial
          color={cssColor(share === undefined ? COLORS[fill] : workStep(share).space)}
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

/** How hard each bar works, as a plate that always faces the eye. */
const Badges = () => {
  const { evaluation } = useWorkbench('evaluation');
  const { shares } = useWork();
  return evaluation.chassis.members.map((member) => {
    const share = shares.get(member.id);
    return share === undefined || member.group === 'side' ? null : (
      <sprite
        key={member.id}
        position={[member.centre.xM, member.centre.yM, member.extent.z1M + 0.08]}
        scale={[0.3, 0.15, 1]}
        renderOrder={BEFORE_ALL}
      >
        <spriteMaterial map={labelTexture(formatPercent(share, 0), share > 1)} depthTest={false} depthWrite={false} />
      </sprite>
    );
  });
};

/** Puts the camera where a view looks from, and turns it by hand and by key. */
const Camera = ({ view, turns }: { readonly view: View; readonly turns: readonly [number, number] }) => {
  const { camera, gl, invalidate, size } = useThree();
  const { trailer, evaluation, caseId } = useWorkbench('trailer', 'evaluation', 'caseId');
  const controls = useRef<OrbitControls | undefined>(undefined);
  const { x0M, x1M, topZM, groundZM, halfWidthM } = useMemo(
    () => reachOf(trailer, evaluation.chassis, caseId !== undefined),
    [trailer, evaluation.chassis, caseId],
  );
  // As far away as a ball about the whole trailer needs, in the narrower direction of the frame.
  const radiusM = Math.hypot((x1M - x0M) / 2, halfWidthM, (topZM - groundZM) / 2);
  const half = (FIELD_DEG * Math.PI) / 360;
  const aspect = size.width / Math.max(1, size.height);
  const awayM =
    (radiusM / Math.sin(Math.min(half, Math.atan(Math.tan(half) * aspect)))) *
    (aspect < 1 ? CLOSER.narrow : CLOSER.wide);
  useEffect(() => {
    const own = new OrbitControls(camera, gl.domElement);
    own.addEventListener('change', () => invalidate());
    controls.current = own;
    return () => own.dispose();
  }, [camera, gl, invalidate]);
  useEffect(() => {
    const own = controls.current;
    if (!own) return;
    const middle = new Vector3((x0M + x1M) / 2, (topZM + groundZM) / 2, 0);
    const [x, y, z] = VIEWS[view];
    const away = new Vector3(x, z, -y).normalize().multiplyScalar(awayM);
    const [around, over] = turns;
    away.applyAxisAngle(new Vector3(0, 1, 0), around * TURN_RAD);
    const tilted = Math.asin(Math.max(-1, Math.min(1, away.y / away.length()))) + over * TURN_RAD;
    const flat = Math.hypot(away.x, away.z) || 1e-6;
    const reach = away.length();
    const tilt = Math.max(-1.5, Math.min(1.5, tilted));
    camera.position.set(
      middle.x + (away.x / flat) * Math.cos(tilt) * reach,
      middle.y + Math.sin(tilt) * reach,
      (away.z / flat) * Math.cos(tilt) * reach,
    );
    own.target.copy(middle);
    own.update();
    invalidate();
  }, [view, turns, camera, x0M, x1M, topZM, groundZM, awayM, invalidate]);
  return null;
};

const canDraw = (): boolean => {
  try {
    return document.createElement('canvas').getContext('webgl2') !== null;
  } catch {
    return false;
  }
};

/** Frame, deck, wheels and loads in space, each bar shaded and numbered by how hard it works; turned by hand or by keys. */
export const SpaceView = ({ onLost }: { readonly onLost: () => void }) => {
  const { say } = useWorkbench('say');
  const { shares } = useWork();
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
      aria-label={`The trailer in space. Arrow keys turn it.${worst ? ` Hardest: ${say.partName(worst[0])}, ${formatPercent(worst[1], 0)}.` : ''}`}
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
            {name}
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
        <Camera view={view} turns={turns} />
        {/* The trailer's z is up, three's y is. */}
        <group rotation={[-Math.PI / 2, 0, 0]}>
          <Bodies />
          <Badges />
        </group>
      </Canvas>
    </div>
  );
};
