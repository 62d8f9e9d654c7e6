import { leavesOf, vigourOf } from '../records/found';
import { type Standing } from '@bright-sprout/core/readings/standing';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { formatLengthNumber, type RulerResolution } from '@bright-sprout/core/quantities/length';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { paintPlant } from '../drawing/paintPlant';
import { INK } from '../drawing/plant';

export interface StandingPlant {
  id: string;
  habit: Habit;
  face: string;
  towards: 1 | -1 | undefined;
  /** Where it stands, in pixels from the left. */
  x: number;
}

interface Props {
  plants: readonly StandingPlant[];
  standings: ReadonlyMap<string, Standing>;
  earlier: ReadonlyMap<string, Standing> | null;
  width: number;
  height: number;
  /** Height of the soil line from the top, in pixels. */
  soil: number;
  scale: number;
  resolution: RulerResolution;
  /** Where today's numbers stand under the pots, in pixels from the top; null where there is no room for them. */
  numbersAt: number | null;
}

const GHOST_ASIDE = 7;

/** Fonts come a moment after the page; numbers are painted again when they are there. */
function useFontsReady(): boolean {
  const [ready, setReady] = useState(false);
  useEffect(() => void document.fonts?.ready.then(() => setReady(true)), []);
  return ready;
}

/**
 * All plants of a line-up and the numbers under them on one canvas, so that as many as sixty follow the hand on the tape of
 * days. Everything it shows is said by the places in words.
 */
export function LineUpPlants({ plants, standings, earlier, width, height, soil, scale, resolution, numbersAt }: Props) {
  const fonts = useFontsReady();
  const canvas = useRef<HTMLCanvasElement>(null);
  const inks = useRef<(Inks & { theme: string }) | null>(null);
  useLayoutEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const density = window.devicePixelRatio || 1;
    const [w, h] = [Math.round(width * density), Math.round(height * density)];
    if (canvas.current!.width !== w) canvas.current!.width = w;
    if (canvas.current!.height !== h) canvas.current!.height = h;
    context.setTransform(density, 0, 0, density, 0, 0);
    context.clearRect(0, 0, width, height);
    context.lineJoin = 'round';
    context.lineCap = 'round';
    const theme = `${document.body.className} ${fonts}`;
    if (inks.current?.theme !== theme) inks.current = { theme, ...inksOf(canvas.current!) };
    for (const { id, habit, face, towards, x } of plants) {
      const standing = standings.get(id);
      const before = earlier?.get(id)?.heightMm;
      if (!standing) continue;
      if (numbersAt !== null) paintNumbers(context, inks.current, x, numbersAt, standing.heightMm, before ?? null, resolution);
      if (standing.heightMm === null) continue;
      if (before)
        paintPlant(context, { habit, face, heightMm: before, leaves: null }, { scale, x: x - GHOST_ASIDE, y: soil, ghost: true });
      paintPlant(
        context,
        { habit, face, towards, heightMm: standing.heightMm, leaves: leavesOf(standing), vigour: vigourOf(standing) },
        { scale, x, y: soil, edge: inks.current.edge },
      );
    }
  }, [plants, standings, earlier, width, height, soil, scale, resolution, numbersAt, fonts]);
  return <canvas ref={canvas} className="line-up-plants" style={{ width, height }} aria-hidden="true" />;
}

interface Inks {
  /** Outline of the plants. */
  edge: string;
  value: string;
  valueFont: string;
  change: string;
  changeFont: string;
}

/** The wall's own inks and fonts: they differ at night. */
function inksOf(canvas: HTMLCanvasElement): Inks {
  const style = getComputedStyle(canvas);
  const of = (name: string) => style.getPropertyValue(name);
  return {
    edge: of('--plant-edge') || INK,
    value: of('--ink'),
    valueFont: `800 18px ${of('--numerals')}`,
    change: of('--ink-2'),
    changeFont: `14px ${of('--words')}`,
  };
}

/** Today's value and the change since the outline. */
function paintNumbers(
  context: CanvasRenderingContext2D,
  inks: Inks,
  x: number,
  y: number,
  height: number | null,
  before: number | null,
  resolution: RulerResolution,
): void {
  context.textAlign = 'center';
  context.font = inks.valueFont;
  context.fontStretch = 'extra-condensed';
  context.fillStyle = inks.value;
  context.fillText(height === null ? '—' : formatLengthNumber(height, resolution), x, y);
  if (height === null || before === null) return;
  context.font = inks.changeFont;
  context.fontStretch = 'normal';
  context.fillStyle = inks.change;
  const change = height - before;
  context.fillText(`${change >= 0 ? '+' : ''}${formatLengthNumber(change, resolution)}`, x, y + 18);
}
