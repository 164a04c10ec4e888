import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  publicDir: 'web/public',
  worker: { format: 'es' },
  build: {
    outDir: 'dist/web',
    emptyOutDir: true,
    // Nothing is inlined: the content policy lets scripts and fonts come from this server only.
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 900,
  },
});
