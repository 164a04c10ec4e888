import { type ReactNode, useRef } from 'react';

/**
 * Asks for a picture; the same one can be chosen again. With `now` a phone opens its camera at once: what is asked for is
 * how it looks at this moment.
 */
export function useChoosePicture(
  onFile: (file: File) => void,
  { now = false } = {},
): {
  choose: () => void;
  /** To be put beside the button. */
  input: ReactNode;
} {
  const input = useRef<HTMLInputElement>(null);
  return {
    choose: () => input.current?.click(),
    input: (
      <input
        ref={input}
        type="file"
        accept="image/*"
        {...(now && { capture: 'environment' as const })}
        hidden
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    ),
  };
}
