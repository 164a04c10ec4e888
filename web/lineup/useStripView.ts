/** How much of the strip is seen: its width, zoom and pan, by wheel, pinch and keys. */
import { type RefObject, useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';

const MOST_ZOOM = 12;
/** A phone’s width, in px: names are cut shorter. */
const NARROW = 520;
/** Narrower than this it is panned, not squeezed. */
const LEAST_WIDTH = 300;
const STEP = 1.4;
interface View {
  box: RefObject<HTMLDivElement | null>;
  width: number;
  /** Room for the names at the left, which stay. */
  names: number;
  zoom: number;
  /** About the middle of what is seen. */
  zoomBy: (factor: number) => void;
  whole: () => void;
  onKeyDown: (event: React.KeyboardEvent) => void;
}

const distance = (touches: TouchList): number => {
  const [a, b] = [touches[0], touches[1]];
  return a && b ? Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY) : 0;
};

export function useStripView(): View {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(720);
  const [zoom, setZoom] = useState(1);
  /** The point that keeps its place: as a share of the time axis, and in px from the left. */
  const anchor = useRef<{ share: number; at: number } | null>(null);
  const names = width < NARROW ? 92 : 132;
  const now = useRef(zoom);
  now.current = zoom;

  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidth(Math.max(LEAST_WIDTH, Math.floor(entry.contentRect.width)));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);

  const zoomAbout = useCallback(
    (factor: number, clientX: number | null) => {
      const element = box.current;
      if (!element) return;
      const rect = element.getBoundingClientRect();
      const at = Math.max(names, clientX === null ? rect.width / 2 : clientX - rect.left);
      const length = (element.clientWidth - names) * now.current;
      anchor.current = { share: (element.scrollLeft + at - names) / Math.max(1, length), at };
      setZoom((old) => Math.min(MOST_ZOOM, Math.max(1, old * factor)));
    },
    [names],
  );

  useLayoutEffect(() => {
    const element = box.current;
    const kept = anchor.current;
    if (!element || !kept) return;
    anchor.current = null;
    element.scrollLeft = names + kept.share * (element.clientWidth - names) * zoom - kept.at;
  }, [zoom, names]);

  // React listens passively to these; only a listener of one's own can keep the page from zooming.
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    let pinch = 0;
    const onWheel = (event: WheelEvent): void => {
      if (!event.ctrlKey && !event.metaKey) return;
      event.preventDefault();
      zoomAbout(Math.exp(-event.deltaY / 240), event.clientX);
    };
    const onTouch = (event: TouchEvent): void => {
      if (event.touches.length !== 2) {
        pinch = 0;
        return;
      }
      event.preventDefault();
      const apart = distance(event.touches);
      const middle = ((event.touches[0]?.clientX ?? 0) + (event.touches[1]?.clientX ?? 0)) / 2;
      if (pinch > 0 && apart > 0) zoomAbout(apart / pinch, middle);
      pinch = apart;
    };
    const active = { passive: false };
    element.addEventListener('wheel', onWheel, active);
    element.addEventListener('touchstart', onTouch, active);
    element.addEventListener('touchmove', onTouch, active);
    element.addEventListener('touchend', onTouch);
    return () => {
      element.removeEventListener('wheel', onWheel);
      element.removeEventListener('touchstart', onTouch);
      element.removeEventListener('touchmove', onTouch);
      element.removeEventListener('touchend', onTouch);
    };
  }, [zoomAbout]);

  const zoomBy = useCallback((factor: number) => zoomAbout(factor, null), [zoomAbout]);
  const whole = useCallback(() => setZoom(1), []);
  const onKeyDown = (event: React.KeyboardEvent): void => {
    // A bar that is moved by the arrows keeps them to itself.
    if (event.defaultPrevented || event.ctrlKey || event.metaKey) return;
    if (event.key === '+' || event.key === '=') zoomBy(STEP);
    else if (event.key === '-') zoomBy(1 / STEP);
    else if (event.key === '0') whole();
    else return;
    event.preventDefault();
  };
  return { box, width, names, zoom, zoomBy, whole, onKeyDown };
}

export const ZOOM_STEP = STEP;
