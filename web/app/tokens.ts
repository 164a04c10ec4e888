/** Every colour and face of the interface, by what it means. Hue means position, and nothing else. */
import type { MarkShape } from '../../core/brief/types';

export type Mode = 'day' | 'night';

export interface Tokens {
  ground: string;
  card: string;
  sunk: string;
  ink: string;
  muted: string;
  line: string;
  lineStrong: string;
  /** Border of something that can be pressed or typed in. */
  control: string;
  /** You are here; this acts; trouble. */
  ember: string;
  /** A large area of ember, with `onEmber` on it. */
  emberArea: string;
  onEmber: string;
  emberWash: string;
  /** Beneath words that can be changed where they stand. */
  emberLine: string;
  backgroundJob: string;
  personOnStage: string;
  chore: string;
  cueTape: string;
  cueGlyph: string;
  /** What has run of a timer. */
  timerFill: string;
  tape: Record<MarkShape, string>;
  /** Figures on tape. */
  onTape: string;
}

export const TOKENS: Record<Mode, Tokens> = {
  day: {
    ground: '#FBF7F0',
    card: '#FFFDF9',
    sunk: '#F4EDE2',
    ink: '#2A2320',
    muted: '#6B5F56',
    line: '#E3D9CB',
    lineStrong: '#CFC2B0',
    control: '#8C7B6B',
    ember: '#B8431F',
    emberArea: '#B8431F',
    onEmber: '#FFFDF9',
    emberWash: '#FAECE3',
    emberLine: '#C2714F',
    backgroundJob: '#8C7B6B',
    personOnStage: '#DDD1C1',
    chore: '#A79A8B',
    cueTape: '#F0DFB8',
    cueGlyph: '#7A530A',
    timerFill: '#8C7B6B',
    tape: {
      cross: '#6A3C5B',
      corner: '#54677A',
      tee: '#946410',
      bars: '#4C6B3C',
      chevron: '#7A4A2B',
      square: '#3F6670',
    },
    onTape: '#FFFDF9',
  },
  night: {
    ground: '#171311',
    card: '#211B18',
    sunk: '#211B18',
    ink: '#F4ECE1',
    muted: '#B8AA9B',
    line: '#3A312B',
    lineStrong: '#5A4D44',
    control: '#75675C',
    ember: '#FF8A5B',
    emberArea: '#9A3E1E',
    onEmber: '#FFF4EC',
    emberWash: '#2C1D16',
    emberLine: '#A05F44',
    backgroundJob: '#75675C',
    personOnStage: '#4A3F38',
    chore: '#75675C',
    cueTape: '#54401C',
    cueGlyph: '#DDB05E',
    timerFill: '#DDD1C3',
    tape: {
      cross: '#C79AB9',
      corner: '#9FB4C9',
      tee: '#DDB05E',
      bars: '#9DBF86',
      chevron: '#D3A482',
      square: '#8FBCC4',
    },
    onTape: '#171311',
  },
};

export const FACE = {
  text: "'Figures', 'Atkinson', sans-serif",
  heading: "'Bricolage', sans-serif",
};

/** Tokens as CSS variables: --ink, --tape-cross … */
export function cssVariables(mode: Mode): Record<string, string> {
  const { tape, ...plain } = TOKENS[mode];
  const dashed = (name: string): string =>
    `--${name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}`;
  return {
    ...Object.fromEntries(Object.entries(plain).map(([name, value]) => [dashed(name), value])),
    ...Object.fromEntries(Object.entries(tape).map(([shape, value]) => [`--tape-${shape}`, value])),
  };
}
