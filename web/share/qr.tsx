/** An address as a code to point a camera at. */
import QRCode from 'qrcode';
import { useMemo } from 'react';

interface Props {
  text: string;
  /** Pixels; the quiet zone around it is within. */
  size: number;
  label: string;
}

/** Modules of the quiet zone (ISO/IEC 18004 asks for four). */
const QUIET = 4;

export function QrCode({ text, size, label }: Props) {
  const { path, side } = useMemo(() => {
    const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
    const rows = Array.from({ length: modules.size }, (_, y) =>
      Array.from({ length: modules.size }, (_2, x) =>
        modules.get(y, x) ? `M${x + QUIET} ${y + QUIET}h1v1h-1z` : '',
      ).join(''),
    );
    return { path: rows.join(''), side: modules.size + 2 * QUIET };
  }, [text]);
  return (
    <svg
      role="img"
      aria-label={label}
      data-text={text}
      width={size}
      height={size}
      viewBox={`0 0 ${side} ${side}`}
      shapeRendering="crispEdges"
    >
      <rect width={side} height={side} fill="#FFFFFF" />
      <path d={path} fill="#1B1512" />
    </svg>
  );
}
