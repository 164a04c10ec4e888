import { useEffect, useRef, useState } from 'react';

/** How wide the page lets it be. */
export function useWidth(): [React.RefObject<HTMLDivElement | null>, number] {
  const ref = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const box = ref.current;
    if (!box) return;
    // What is drawn to this width must not be what holds the page that wide.
    box.style.contain = 'inline-size';
    const watch = new ResizeObserver(([entry]) => setWidth(entry?.contentRect.width ?? 0));
    watch.observe(box);
    return () => watch.disconnect();
  }, []);
  return [ref, width];
}
