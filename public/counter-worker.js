// Keeps the Counter's own page and what it is made of, so that it opens without network once it was opened.
// It is emptied at sign-out, when the server clears the site's caches.
const CACHE = 'counter-1';
const isRun = (url) => /^\/counter\/run\/[0-9a-z]{26}$/.test(url.pathname);
const isPart = (url) => url.pathname.startsWith('/build/') || url.pathname === '/favicon.svg';

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    if (event.request.method !== 'GET' || url.origin !== location.origin || !(isRun(url) || isPart(url))) return;
    event.respondWith((async () => {
        const cache = await caches.open(CACHE);
        if (isPart(url)) {
            const there = await cache.match(event.request);
            if (there) return there;
        }
        try {
            const response = await fetch(event.request);
            if (response.ok && !response.redirected) await cache.put(event.request.url, response.clone());
            return response;
        } catch (fault) {
            const there = await cache.match(event.request.url);
            if (there) return there;
            throw fault;
        }
    })());
});
