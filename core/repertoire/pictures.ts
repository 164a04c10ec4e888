/** How it should look, and how it is filmed: pictures of a demonstration and its steps, and what each camera sees. */

/** A picture of the house. */
export interface Picture {
  /** Id of a file of the house. */
  media: string;
  /** What is to be seen on it, for whoever can’t see it; may be empty. */
  words: string;
}

export const CAMERAS = ['wide', 'close', 'above', 'hand'] as const;
/** wide: the whole place; close: the thing itself; above: straight down; hand: carried about. */
export type Camera = (typeof CAMERAS)[number];

/** Filmed faster than it is shown. */
export interface SlowMotion {
  /** Seconds that are filmed. */
  seconds: number;
  /** Frames a second it is filmed at, and shown at. */
  rate: number;
  shownAt: number;
}

/** What one camera sees in a step. */
export interface CameraView {
  /** Unique within its step. */
  id: string;
  camera: Camera;
  /** What is in its picture, in words. */
  sees: string;
  /** Null where it is shown as it happens. */
  slow: SlowMotion | null;
}

/** What a phone can usually do. */
export const USUAL_SLOW: SlowMotion = { seconds: 1, rate: 240, shownAt: 30 };

export const blankView = (id: string, camera: Camera): CameraView => ({
  id,
  camera,
  sees: '',
  slow: null,
});

/** Seconds that it takes to be shown: every frame that was filmed, at the rate it is shown at. */
export const replaySeconds = ({ seconds, rate, shownAt }: SlowMotion): number =>
  (seconds * rate) / shownAt;

/** How many times slower than it happened it looks. */
export const timesSlower = ({ rate, shownAt }: SlowMotion): number => rate / shownAt;

/**
 * By how many stops there is less light on each frame than at the rate it is shown at: a frame can’t be exposed for
 * longer than it lasts, and a stop is half the light.
 */
export const stopsDarker = ({ rate, shownAt }: SlowMotion): number =>
  Math.max(0, Math.log2(rate / shownAt));

/**
 * Above this rate, lamps on the mains can be seen to flicker: they go bright and dark twice in every period, 100 or 120
 * times a second, and a frame catches only a part of it. Common practice.
 */
export const FLICKER_ABOVE = 100;
