import { say } from '@bright-sprout/words/say';
import { type Picture } from './picture';

/** What a straightened picture says of the light in which it was taken, from what is not green alone: plants grow, soil or paper stays. */
export interface LightFacts {
  /** Middle brightness of what is not green, 0 to 255. */
  brightness: number;
  /** Middle of (red − blue) over all three channels of what is not green. */
  warmth: number;
  /** Fine differences of brightness from pixel to pixel, over the brightness: falls where it is blurred. */
  sharpness: number;
  /** Share of what is not green that is far brighter or darker than the rest, 0 to 1: a hand, a sleeve, a sheet of paper, a glare. */
  strange: number;
  /** Share of what is counted that is not green, 0 to 1: of a pan that is green all over no light can be told. */
  ground: number;
}

/** Below this share of ground its light says nothing. */
const LEAST_GROUND = 0.03;

/** @param mask 1 where it is green; @param counted which pixels belong to the sections */
export function lightOf({ width, height, data }: Picture, mask: Uint8Array, counted: Uint8Array): LightFacts {
  const ground = (p: number) => counted[p] !== 0 && mask[p] === 0;
  const luma = (p: number) => 0.299 * data[p * 4]! + 0.587 * data[p * 4 + 1]! + 0.114 * data[p * 4 + 2]!;
  const [brights, warmths] = [new Float64Array(width * height), new Float64Array(width * height)];
  let [rough, inside, looked, coloured, all] = [0, 0, 0, 0, 0];
  for (let y = 1; y < height - 1; y++)
    for (let x = 1; x < width - 1; x++) {
      const p = y * width + x;
      all += counted[p]!;
      if (!ground(p)) continue;
      const here = luma(p);
      const sum = data[p * 4]! + data[p * 4 + 1]! + data[p * 4 + 2]!;
      brights[looked++] = here;
      if (sum > 0) warmths[coloured++] = (data[p * 4]! - data[p * 4 + 2]!) / sum;
      // The edges of leaves are sharp on whatever they grow: how fine the ground is shows away from them.
      if (!ground(p - 1) || !ground(p + 1) || !ground(p - width) || !ground(p + width)) continue;
      rough += Math.abs(4 * here - luma(p - 1) - luma(p + 1) - luma(p - width) - luma(p + width));
      inside++;
    }
  const grounds = brights.subarray(0, looked);
  const brightness = middle(grounds);
  let far = 0;
  for (const b of grounds) if (b > 1.9 * brightness + 12 || b < 0.3 * brightness) far++;
  return {
    brightness,
    warmth: middle(warmths.subarray(0, coloured)),
    sharpness: inside === 0 || brightness === 0 ? 0 : rough / inside / brightness,
    strange: looked === 0 ? 0 : far / looked,
    ground: all === 0 ? 0 : looked / all,
  };
}

/** The upper of the two in the middle; puts them in order on the way. */
function middle(values: Float64Array): number {
  return values.length === 0 ? 0 : values.sort()[Math.floor(values.length / 2)]!;
}

/** Why a picture is not counted; `by` says how far it is from the rest, %. */
export interface LightProblem {
  code: 'no-light' | 'burnt-out' | 'too-dark' | 'too-bright' | 'too-warm' | 'too-cold' | 'blurred' | 'covered';
  by: number;
}

/** Bounds within which pictures of one series are compared, found with the simulated camera: beyond them counts leave the truth. */
const LIMITS = { dark: 0.3, bright: 2.1, warmth: 0.09, sharpness: 0.45, strange: 0.06 };
/** Whatever the others are: nothing can be told in a picture darker than this, nor in one that is burnt out; white paper in good light is not. */
const [DARKEST, BRIGHTEST] = [20, 248];
/** Fewer pictures do not say which of them is unlike the others. */
const FEWEST_TO_COMPARE = 3;

/**
 * Whether a picture's light fits the others of its series; null where it does, or where too little ground is left to tell. The series is
 * judged by its middle, so that one lamp spoils nothing.
 */
export function lightProblem(facts: LightFacts, series: readonly LightFacts[]): LightProblem | null {
  const telling = series.filter((f) => f.ground >= LEAST_GROUND);
  if (facts.ground < LEAST_GROUND) return null;
  if (facts.brightness < DARKEST) return { code: 'no-light', by: 0 };
  if (facts.brightness > BRIGHTEST) return { code: 'burnt-out', by: 0 };
  if (telling.length < FEWEST_TO_COMPARE) return null;
  const usual = (of: (f: LightFacts) => number) => middle(Float64Array.from(telling, of));
  const [brightness, warmth, sharpness, strange] = [
    usual((f) => f.brightness),
    usual((f) => f.warmth),
    usual((f) => f.sharpness),
    usual((f) => f.strange),
  ];
  const by = (part: number) => Math.round(100 * Math.abs(part));
  if (facts.strange > strange + LIMITS.strange) return { code: 'covered', by: by(facts.strange - strange) };
  if (facts.brightness < LIMITS.dark * brightness) return { code: 'too-dark', by: by(1 - facts.brightness / brightness) };
  if (facts.brightness > LIMITS.bright * brightness) return { code: 'too-bright', by: by(facts.brightness / brightness - 1) };
  if (facts.warmth > warmth + LIMITS.warmth) return { code: 'too-warm', by: by(facts.warmth - warmth) };
  if (facts.warmth < warmth - LIMITS.warmth) return { code: 'too-cold', by: by(warmth - facts.warmth) };
  return facts.sharpness < LIMITS.sharpness * sharpness ? { code: 'blurred', by: by(1 - facts.sharpness / sharpness) } : null;
}

const SENTENCES: Record<LightProblem['code'], (by: number) => string> = {
  'no-light': () => say('pictures.tooDarkTellGreen'),
  'burnt-out': () => say('pictures.brightEverythingBesideLeaves'),
  'too-dark': (by) => say('pictures.darkerRest', { by }),
  'too-bright': (by) => say('pictures.brighterRest', { by }),
  'too-warm': (by) => say('pictures.lampSunLowPoints', { by }),
  'too-cold': (by) => say('pictures.pointsBluerRestAnother', { by }),
  blurred: () => say('pictures.itIsBlurred'),
  covered: (by) => say('pictures.somethingLiesOverAbout', { by }),
};

export const lightProblemWords = ({ code, by }: LightProblem): string => SENTENCES[code](by);

/** What each channel is multiplied with so that a white patch is white. */
export type Gains = readonly [red: number, green: number, blue: number];

/** From a patch that is white in truth; null where it is too dark or burnt out to tell. */
export function whitePatchGains({ data }: Picture, patch: Uint8Array): Gains | null {
  const sums = [0, 0, 0];
  let pixels = 0;
  for (let p = 0; p < patch.length; p++)
    if (patch[p] !== 0) {
      for (let c = 0; c < 3; c++) sums[c]! += data[p * 4 + c]!;
      pixels++;
    }
  const means = sums.map((s) => s / Math.max(1, pixels));
  if (pixels === 0 || Math.min(...means) < 25 || Math.max(...means) > 252) return null;
  const grey = (means[0]! + means[1]! + means[2]!) / 3;
  return [grey / means[0]!, grey / means[1]!, grey / means[2]!];
}

/** A picture in another light. */
export function withGains({ width, height, data }: Picture, gains: Gains): Picture {
  const made = new Uint8ClampedArray(data.length);
  for (let i = 0; i < data.length; i += 4) {
    made[i] = data[i]! * gains[0];
    made[i + 1] = data[i + 1]! * gains[1];
    made[i + 2] = data[i + 2]! * gains[2];
    made[i + 3] = 255;
  }
  return { width, height, data: made };
}
