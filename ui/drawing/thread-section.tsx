'use client';

import { Maximize, Pause, Play, ZoomIn, ZoomOut } from 'lucide-react';
import { memo, useRef, useState, type PointerEvent, type ReactNode, type WheelEvent } from 'react';
import { useSize } from '../kit/use-size';
import { saveDrawing } from './save-drawing';
import { SectionDrawing, type SectionDrawingProps } from './section-drawing';
import { sectionLayout, WHOLE, zoomedAt, type SectionLook } from './section-geometry';
import { useCuttingPlay } from './use-cutting-play';

export type ThreadSectionProps = Omit<
  SectionDrawingProps,
  'width' | 'height' | 'look' | 'onTheWay' | 'dimensions' | 'svgRef'
> & {
  /** Steps to a pass, for the animation of the cutting; without it there is none. */
  onChoose?: (pass: number) => void;
  /** Name of a file that is saved. */
  name: string;
};

/** The section to look into: zoom and pan, wires and the standard's form laid over it, the cutting played, saved as SVG or DXF. */
export const ThreadSection = memo(function ThreadSection({ onChoose, name, ...section }: ThreadSectionProps) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 720, height: 420 });
  const svg = useRef<SVGSVGElement>(null);
  const [look, setLook] = useState<SectionLook>(WHOLE);
  const [shown, setShown] = useState({ wire: false, ideal: false, dimensions: true });
  const grasped = useRef<{ x: number; y: number } | null>(null);
  const { playing, onTheWay, toggle } = useCuttingPlay(section.feeds.length, section.chosen, onChoose);
  const { groove, side, workDiameter, feeds } = section;
  const layout = () => sectionLayout({ groove, side, workDiameter, feeds }, size.width, size.height, look);

  const zoom = (by: number, at = { x: size.width / 2, y: size.height / 2 }) => {
    const { still } = layout();
    setLook((before) => zoomedAt(before, by, at, still));
  };
  const pan = (dx: number, dy: number) =>
    setLook((before) => (before.zoom === 1 ? before : { ...before, dx: before.dx + dx, dy: before.dy + dy }));
  const onWheel = (event: WheelEvent<HTMLDivElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    zoom(event.deltaY < 0 ? 1.25 : 0.8, { x: event.clientX - box.left, y: event.clientY - box.top });
  };
  const onPointerMove = (event: PointerEvent<HTMLDivElement>) => {
    if (grasped.current === null) return;
    pan(event.clientX - grasped.current.x, event.clientY - grasped.current.y);
    grasped.current = { x: event.clientX, y: event.clientY };
  };
  const keys: Record<string, () => void> = {
    '+': () => zoom(1.25),
    '-': () => zoom(0.8),
    ArrowLeft: () => pan(40, 0),
    ArrowRight: () => pan(-40, 0),
    ArrowUp: () => pan(0, 40),
    ArrowDown: () => pan(0, -40),
    Home: () => setLook(WHOLE),
  };
  return (
    <div className="grid h-full min-h-0 grid-rows-[auto_minmax(0,1fr)] bg-dye-deep">
      <div
        role="toolbar"
        aria-label="Section"
        className="flex flex-wrap items-center gap-1 border-b border-dye-soft px-2 py-1 text-scribe"
      >
        <Tool label="Closer" onPress={() => zoom(1.5)}>
          <ZoomIn aria-hidden className="size-4" />
        </Tool>
        <Tool label="Farther" onPress={() => zoom(1 / 1.5)} disabled={look.zoom === 1}>
          <ZoomOut aria-hidden className="size-4" />
        </Tool>
        <Tool label="The whole section" onPress={() => setLook(WHOLE)} disabled={look.zoom === 1}>
          <Maximize aria-hidden className="size-4" />
        </Tool>
        {onChoose !== undefined && (
          <Tool label={playing ? 'Stop the cutting' : 'Play the cutting'} onPress={toggle}>
            {playing ? <Pause aria-hidden className="size-4" /> : <Play aria-hidden className="size-4" />}
          </Tool>
        )}
        <span className="mx-1 h-5 border-l border-dye-soft" />
        {section.wire != null && (
          <Tool
            label={side === 'external' ? 'Wires' : 'Balls'}
            pressed={shown.wire}
            onPress={() => setShown({ ...shown, wire: !shown.wire })}
          >
            {side === 'external' ? 'Wires' : 'Balls'}
          </Tool>
        )}
        {section.ideal != null && (
          <Tool
            label="Ideal form"
            pressed={shown.ideal}
            onPress={() => setShown({ ...shown, ideal: !shown.ideal })}
          >
            Ideal form
          </Tool>
        )}
        <Tool
          label="Dimensions"
          pressed={shown.dimensions}
          onPress={() => setShown({ ...shown, dimensions: !shown.dimensions })}
        >
          Dimensions
        </Tool>
        <span className="ml-auto flex gap-1">
          <Tool
            label="Save the drawing as SVG"
            onPress={() => void saveDrawing('svg', name, svg.current, layout())}
          >
            SVG
          </Tool>
          <Tool
            label="Save the passes as DXF, full size"
            onPress={() => void saveDrawing('dxf', name, svg.current, layout())}
          >
            DXF
          </Tool>
        </span>
      </div>
      <div
        ref={ref}
        role="application"
        aria-label="Section: plus and minus zoom, arrows move, Home shows the whole"
        tabIndex={0}
        className={`min-h-0 touch-none contain-strict ${look.zoom > 1 ? 'cursor-grab' : ''}`}
        onWheel={onWheel}
        onPointerDown={(event) => {
          grasped.current = { x: event.clientX, y: event.clientY };
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerMove={onPointerMove}
        onPointerUp={() => (grasped.current = null)}
        onKeyDown={(event) => {
          const run = keys[event.key];
          if (run === undefined || event.ctrlKey || event.altKey || event.metaKey) return;
          event.preventDefault();
          run();
        }}
      >
        <SectionDrawing
          {...section}
          wire={shown.wire ? (section.wire ?? null) : null}
          ideal={shown.ideal ? (section.ideal ?? null) : null}
          dimensions={shown.dimensions}
          look={look}
          onTheWay={onTheWay}
          width={size.width}
          height={size.height}
          svgRef={svg}
        />
      </div>
    </div>
  );
});

function Tool({
  label,
  pressed,
  disabled,
  onPress,
  children,
}: {
  label: string;
  pressed?: boolean;
  disabled?: boolean;
  onPress: () => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      aria-pressed={pressed}
      disabled={disabled}
      onClick={onPress}
      className={`flex min-h-7 items-center rounded-cut border px-2 text-sm disabled:opacity-40 tablet:min-h-12 tablet:px-3 ${pressed === true ? 'border-brass-bright bg-dye-soft text-brass-bright' : 'border-dye-soft hover:bg-dye'}`}
    >
      {children}
    </button>
  );
}
