import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  plugins: [
    react(),
    VitePWA({
      registerType: 'autoUpdate',
      // Registered by the pages themselves, where they are secure.
      injectRegister: false,
      includeAssets: ['heart.svg'],
      manifest: {
        name: 'Hearty Stage',
        short_name: 'Hearty Stage',
        description: 'Plan, pack, check and perform live science demonstrations.',
        start_url: '/',
        display: 'standalone',
        background_color: '#FBF7F0',
        theme_color: '#FBF7F0',
        icons: [192, 512].map((size) => ({
          src: `/icon-${size}.png`,
          sizes: `${size}x${size}`,
          type: 'image/png',
          purpose: 'any maskable',
        })),
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/authority\.crt$/],
        skipWaiting: true,
        clientsClaim: true,
        cleanupOutdatedCaches: true,
        sourcemap: false,
        runtimeCaching: [
          {
            // What was read last, for when the server can’t be reached. Written into the worker as it
            // stands here: it knows nothing from around it.
            urlPattern: ({ url, request, sameOrigin }) =>
              sameOrigin &&
              request.method === 'GET' &&
              url.pathname.startsWith('/api/') &&
              !/^\/api\/(?:backups|share|damaged|devices|sensor|live|join)(?:\/|$)|\/events$/.test(
                url.pathname,
              ),
            handler: 'NetworkFirst',
            options: {
              cacheName: 'last-known',
              expiration: { maxEntries: 300, maxAgeSeconds: 14 * 86_400 },
              cacheableResponse: { statuses: [200] },
            },
          },
        ],
      },
    }),
  ],
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
