import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import path from 'node:path';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [laravel({ input: ['resources/css/app.css', 'resources/js/app.tsx'] }), react(), tailwindcss()],
    resolve: {
        alias: {
            '@': path.resolve('resources/js'),
            '@props': path.resolve('app/Http/Pages'),
            '@words': path.resolve('resources/words'),
        },
    },
    build: { chunkSizeWarningLimit: 900 },
});
