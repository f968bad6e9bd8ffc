import { defineConfig } from 'vite';
import laravel from 'laravel-vite-plugin';
import tailwindcss from '@tailwindcss/vite';

export default defineConfig({
    plugins: [laravel({ input: ['resources/css/app.css', 'resources/js/app.js', 'resources/js/counter.js', 'resources/js/trust.js'], refresh: false }), tailwindcss()],
    // Nothing may become a data: address, which the Content-Security-Policy would refuse.
    build: { assetsInlineLimit: 0 },
});
