<!doctype html>
<html lang="en" class="counter">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <title>{{ $page->title() }}, baking · Aglyca</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/counter.js'])
</head>
<body>
<script type="application/json" id="run">@json($page->data(), JSON_HEX_TAG | JSON_HEX_AMP)</script>
<header class="c-head">
    <a href="/counter/{{ $page->open->run->recipe->ulid }}" class="font-serif text-2xl font-bold text-white no-underline">aglyca</a>
    <p class="c-title">{{ $page->title() }} <span id="where"></span></p>
    <div id="timers" class="c-timers" role="group" aria-label="Timers"></div>
</header>
<p id="lost" hidden role="alert" class="c-lost">No network. What you tick is kept here and handed in when it is back.</p>
<main id="counter"
    class="c-main"><noscript><p class="p-6 text-xl">The Counter needs scripts, so that nothing is lost without network. <a href="/counter/{{ $page->open->run->recipe->ulid }}">The list to bake from</a> needs none.</p></noscript></main>
<div id="over" hidden></div>
<p id="said" class="sr-only" role="status"></p>
<form id="end" method="post" action="/counter/run/{{ $page->open->run->ulid }}/end" hidden>@csrf</form>
</body>
</html>
