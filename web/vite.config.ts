import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';

export default defineConfig({
  // Packed once here, as small as it gets, and not with every request.
  plugins: [react(), tailwindcss(), compression({ algorithms: ['brotliCompress', 'gzip'], threshold: 512 })],
  build: {
    outDir: 'target/classes/static',
    emptyOutDir: true,
    chunkSizeWarningLimit: 900,
    rolldownOptions: {
      // What every screen needs comes in two pieces: many small ones are packed worse, and asked for one by one.
      output: {
        codeSplitting: {
          groups: [
            { name: 'react', test: /node_modules\/(react|react-dom|scheduler|react-router|@tanstack)\// },
            { name: 'shared', test: /src\/(ui|outbox|api)\// },
          ],
        },
      },
    },
  },
  server: { proxy: { '/api': 'http://localhost:8080' } },
});
