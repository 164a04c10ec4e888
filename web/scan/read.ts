/** Codes in pictures and in what the camera sees. */

/** px of the longer side: a code is found at one size that is missed at another. */
const SIZES = [1000, 600, 400];
/** Of what the camera sees, and how often it is looked at, ms. */
const FILMED = { size: 600, every: 200 };

/** Loaded when it is asked for: most people never scan. */
const decoder = async () => (await import('jsqr')).default;

/** Drawn at a size; null where this browser can’t draw. */
function drawn(
  picture: CanvasImageSource,
  { width, height }: { width: number; height: number },
  size: number,
): ImageData | null {
  const scale = Math.min(1, size / Math.max(width, height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width * scale));
  canvas.height = Math.max(1, Math.round(height * scale));
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return null;
  // What is clear is white paper.
  context.fillStyle = '#fff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return context.getImageData(0, 0, canvas.width, canvas.height);
}

/** The text of the code in a picture; null where none is found. */
export async function codeIn(file: Blob): Promise<string | null> {
  const [decode, picture] = await Promise.all([decoder(), createImageBitmap(file)]);
  for (const size of SIZES) {
    const image = drawn(picture, picture, size);
    const code = image && decode(image.data, image.width, image.height);
    if (code) return code.data;
  }
  return null;
}

/**
 * Shows what the camera sees and reads codes in it until `found` says that it was the right one.
 *
 * @returns ends it, and lets go of the camera
 */
export function readFrom(
  screen: HTMLVideoElement,
  found: (text: string) => boolean,
  onNoCamera: () => void,
): () => void {
  let left = false;
  let stream: MediaStream | null = null;
  let timer: ReturnType<typeof setTimeout> | null = null;
  const stop = (): void => {
    left = true;
    if (timer !== null) clearTimeout(timer);
    stream?.getTracks().forEach((track) => track.stop());
  };
  const start = async (): Promise<void> => {
    const [decode, filmed] = await Promise.all([
      decoder(),
      navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } }),
    ]);
    stream = filmed;
    // Left while it was asked for.
    if (left) return stop();
    screen.srcObject = filmed;
    await screen.play();
    const look = (): void => {
      const size = { width: screen.videoWidth, height: screen.videoHeight };
      const image = size.width > 0 ? drawn(screen, size, FILMED.size) : null;
      const code = image && decode(image.data, image.width, image.height);
      if (code && found(code.data)) stop();
      else if (!left) timer = setTimeout(look, FILMED.every);
    };
    look();
  };
  start().catch(() => {
    if (!left) onNoCamera();
  });
  return stop;
}
