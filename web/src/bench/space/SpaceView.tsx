import { drawnRailTopM, axlePlaces as axlesOf, itemParts, type Part, formatPercent, parsePartId } from '@kereta/core';
import { Canvas, useThree } from '@react-three/fiber';
import { useEffect, useMemo, useRef, useState } from 'react';
import { CanvasTexture, ExtrudeGeometry, Shape, SRGBColorSpace, type Texture, Vector3 } from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { useWork } from '../sheet/useWork';
import { workStep } from '../../drawing/workShading';
import { useWorkbench } from '../workbench';

/** Directions to look from: toward the middle, in the trailer's axes (x rearward, y right, z up). */
const VIEWS = {
  Corner: [-1, -1.3, 0.9],
  Side: [0, -1, 0.0001],
  Above: [0, -0.0001, 1],
  Front: [-1, 0, 0.0001],
  Rear: [1, 0, 0.0001],
} as const;
type View = keyof typeof VIEWS;

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

const Block = ({ part, color, opacity }: { readonly part: Part; readonly color: string; readonly opacity: number }) => {
  const size = [
    Math.max(0.03, part.x1M - part.x0M),
    Math.max(0.03, part.y1M - part.y0M),
    Math.max(0.03, part.heightM),
  ] as const;
  return (
    <mesh position={[part.centre.xM, part.centre.yM, part.centre.zM]}>
      <boxGeometry args={[...size]} />
      <meshLambertMaterial color={color} transparent opacity={opacity} depthWrite={opacity === 1} />
    </mesh>
  );
};

const Bars = () => {
  const { evaluation, pick } = useWorkbench('evaluation', 'pick');
  const { shares } = useWork();
  const bars = useMemo(
    () =>
      evaluation.chassis.members.map((member) => {
        const shape = new Shape();
        member.plan.forEach(([x, y], i) => (i === 0 ? shape.moveTo(x, y) : shape.lineTo(x, y)));
        shape.closePath();
        const { x0M, x1M, z0M, z1M } = member.extent;
        const rise = member.frontRiseM;
        const geometry = new ExtrudeGeometry(shape, { depth: z1M - z0M - Math.abs(rise), bevelEnabled: false });
        // A bar that slopes is the level one sheared: every point goes up by its share of the way forward.
        const places = geometry.getAttribute('position');
        for (let i = 0; i < places.count; i += 1)
          places.setZ(i, places.getZ(i) + Math.max(0, -rise) + (rise * (x1M - places.getX(i))) / (x1M - x0M));
        return { member, geometry };
      }),
    [evaluation.chassis],
  );
  useEffect(() => () => bars.forEach(({ geometry }) => geometry.dispose()), [bars]);
  return (
    <>
      {bars.map(({ member, geometry }) => {
        const share = shares.get(member.id);
        return (
          <group key={member.id}>
            <mesh
              geometry={geometry}
              position={[0, 0, member.extent.z0M]}
              onClick={(event) => {
                event.stopPropagation();
                pick(member.id);
              }}
            >
              <meshLambertMaterial color={cssColor(share === undefined ? '--steel' : workStep(share).space)} />
            </mesh>
            {share !== undefined && member.group !== 'side' && (
              <sprite position={[member.centre.xM, member.centre.yM, member.extent.z1M + 0.08]} scale={[0.26, 0.13, 1]}>
                <spriteMaterial map={labelTexture(formatPercent(share, 0), share > 1)} depthTest={false} />
              </sprite>
            )}
          </group>
        );
      })}
    </>
  );
};

const Wheels = () => {
  const { trailer, evaluation } = useWorkbench('trailer', 'evaluation');
  const railTopM = drawnRailTopM(trailer, evaluation.chassis);
  const { tire, suspension, layout } = trailer.runningGear;
  if (layout === 'none') return null;
  const places = axlesOf(trailer).map(({ xM }) => xM);
  return (
    <>
      {places.flatMap((x) =>
        [-1, 1].map((side) => (
          <mesh key={`${x} ${side}`} position={[x, (side * suspension.trackM) / 2, tire.loadedRadiusM - railTopM]}>
            <cylinderGeometry args={[tire.diameterM / 2, tire.diameterM / 2, tire.widthM, 36]} />
            <meshLambertMaterial color={cssColor('--mute')} />
          </mesh>
        )),
      )}
    </>
  );
};

/** Puts the camera where a view looks from, and turns it by hand and by key. */
const Camera = ({ view, turns }: { readonly view: View; readonly turns: readonly [number, number] }) => {
  const { camera, gl, invalidate } = useThree();
  const { trailer, evaluation } = useWorkbench('trailer', 'evaluation');
  const controls = useRef<OrbitControls | undefined>(undefined);
  const front = evaluation.chassis.ballXM;
  const { lengthM } = trailer.frame.bed;
  useEffect(() => {
    const own = new OrbitControls(camera, gl.domElement);
    own.addEventListener('change', () => invalidate());
    controls.current = own;
    return () => own.dispose();
  }, [camera, gl, invalidate]);
  useEffect(() => {
    const own = controls.current;
    if (!own) return;
    const middle = new Vector3((front + lengthM) / 2, 0, 0);
    const [x, y, z] = VIEWS[view];
    const away = new Vector3(x, z, -y).normalize().multiplyScalar((lengthM - front) * 1.7);
    const [around, over] = turns;
    away.applyAxisAngle(new Vector3(0, 1, 0), around * TURN_RAD);
    const tilted = Math.asin(Math.max(-1, Math.min(1, away.y / away.length()))) + over * TURN_RAD;
    const flat = Math.hypot(away.x, away.z) || 1e-6;
    const reach = away.length();
    const tilt = Math.max(-1.5, Math.min(1.5, tilted));
    camera.position.set(
      middle.x + (away.x / flat) * Math.cos(tilt) * reach,
      Math.sin(tilt) * reach,
      (away.z / flat) * Math.cos(tilt) * reach,
    );
    own.target.copy(middle);
    own.update();
    invalidate();
  }, [view, turns, camera, front, lengthM, invalidate]);
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
  const { trailer, evaluation, say, caseId } = useWorkbench('trailer', 'evaluation', 'say', 'caseId');
  const shown = evaluation.cases.find(({ loadCase }) => loadCase.id === caseId);
  const { shares } = useWork();
  const [view, setView] = useState<View>('Corner');
  const [turns, setTurns] = useState<readonly [number, number]>([0, 0]);
  const [able] = useState(canDraw);
  useEffect(() => {
    if (!able) onLost();
  }, [able, onLost]);
  if (!able) return null;
  const items = shown ? itemParts(trailer, evaluation.chassis, shown.loadCase) : [];
  const look = (next: View): void => {
    setTurns([0, 0]);
    setView(next);
  };
  const worst = [...shares].sort((a, b) => b[1] - a[1])[0];
  return (
    <div
      className="relative h-full min-h-[420px]"
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
        camera={{ fov: 35, near: 0.05, far: 200 }}
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
          <Bars />
          <Wheels />
          {evaluation.bare
            .filter(({ group, id }) => group === 'deck' || parsePartId(id).kind === 'board')
            .map((part) => (
              <Block key={part.id} part={part} color={cssColor('--wood')} opacity={0.25} />
            ))}
          {items.map((part) => (
            <Block key={part.id} part={part} color={cssColor('--load')} opacity={0.22} />
          ))}
        </group>
      </Canvas>
    </div>
  );
};
