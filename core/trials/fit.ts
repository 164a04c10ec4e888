import { fAbove, tQuantile } from '../statistics/distributions';
import { type Line, lineThrough, type Point } from '../statistics/line';
import { type Saturation, saturationThrough } from '../statistics/saturation';
import type { Anova } from '../statistics/anova';

export interface Estimated {
  value: number;
  /** 95 % interval; null where there are no degrees of freedom. */
  low: number | null;
  high: number | null;
}

export interface LineFit {
  slope: Estimated;
  intercept: Estimated;
  residualSd: number | null;
  /** Chance of level means so far off the line if it held; null where nothing was repeated. */
  lackOfFit: number | null;
}

export interface SaturationFit {
  /** What it levels off at. */
  max: Estimated;
  /** The amount that gives half of that. */
  half: Estimated;
  residualSd: number | null;
  lackOfFit: number | null;
}

export interface Fit {
  line: LineFit | null;
  saturation: SaturationFit | null;
  /** Which of them follows the readings; null where neither does, or both as well. */
  better: 'line' | 'saturation' | null;
}

/** Chance below which means are too far off a curve for it to hold. */
const OFF = 0.05;
/** One sum of squares is clearly the smaller below this share of the other. */
const CLEARLY = 0.8;

/** Of readings against amounts; two amounts at least. */
export function fitOf(points: readonly Point[], anova: Anova): Fit {
  const line = lineThrough(points);
  const saturation = saturationThrough(points);
  const lineFit = line && lineFitOf(line, anova);
  const saturationFit = saturation && saturationFitOf(saturation, anova);
  const holds = (fit: { lackOfFit: number | null } | null): boolean =>
    fit !== null && (fit.lackOfFit === null || fit.lackOfFit >= OFF);
  const better = (): Fit['better'] => {
    const [straight, curved] = [holds(lineFit), holds(saturationFit)];
    if (line && straight && (!saturation || !curved || line.squares < CLEARLY * saturation.squares))
      return 'line';
    if (saturation && curved && (!line || !straight || saturation.squares < CLEARLY * line.squares))
      return 'saturation';
    return null;
  };
  return { line: lineFit, saturation: saturationFit, better: better() };
}

function estimated(value: number, error: number | null, df: number): Estimated {
  const half = error === null || df < 1 ? null : tQuantile(0.975, df) * error;
  return {
    value,
    low: half === null ? null : value - half,
    high: half === null ? null : value + half,
  };
}

const lineFitOf = (line: Line, anova: Anova): LineFit => ({
  slope: estimated(line.slope, line.slopeSd, line.df),
  intercept: estimated(line.intercept, line.interceptSd, line.df),
  residualSd: line.residualSd,
  lackOfFit: lackOfFit(line, anova),
});

const saturationFitOf = (curve: Saturation, anova: Anova): SaturationFit => ({
  max: estimated(curve.max, curve.maxSd, curve.df),
  half: estimated(curve.half, curve.halfSd, curve.df),
  residualSd: curve.residualSd,
  lackOfFit: lackOfFit(curve, anova),
});

/** What the curve leaves over what readings of one amount differ by: the F test for lack of fit. */
function lackOfFit(curve: { squares: number; df: number }, anova: Anova): number | null {
  const { residualSd, dfWithin } = anova;
  const df = curve.df - dfWithin;
  if (residualSd === null || residualSd === 0 || dfWithin < 1 || df < 1) return null;
  const within = residualSd ** 2 * dfWithin;
  const off = Math.max(0, curve.squares - within);
  return fAbove(off / df / residualSd ** 2, df, dfWithin);
}
