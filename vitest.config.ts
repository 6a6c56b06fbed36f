import path from 'node:path';
import { defineConfig } from 'vitest/config';

export default defineConfig({
    resolve: {
        alias: {
            '@': path.resolve('resources/js'),
            '@props': path.resolve('app/Http/Pages'),
            '@words': path.resolve('resources/words'),
        },
    },
    test: {
        include: ['resources/js/tests/**/*.test.{ts,tsx}'],
        setupFiles: ['resources/js/tests/setup.ts'],
        // They change nothing outside of themselves: one environment for all of a process.
        isolate: false,
        // They run beside those of the application, which take the processors first.
        testTimeout: 60_000,
    },
});
