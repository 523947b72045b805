import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

// The worker lies at the root of the site, so that it answers for all pages; the program that it keeps lies in build.
const offline = VitePWA({
    strategies: 'injectManifest',
    srcDir: 'resources/js/offline',
    filename: 'worker.ts',
    outDir: 'public',
    injectRegister: null,
    manifest: false,
    injectManifest: {
        rollupFormat: 'iife',
        globDirectory: 'public',
        globPatterns: ['build/assets/*.{js,css,woff2}', 'offline.html'],
        modifyURLPrefix: { '': '/' },
        maximumFileSizeToCacheInBytes: 4_000_000,
    },
});

export default defineConfig({
    plugins: [laravel({ input: ['resources/css/app.css', 'resources/js/app.tsx'] }), react(), tailwindcss(), offline],
    resolve: { alias: { '@': '/resources/js' } },
});
