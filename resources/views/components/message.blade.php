@props(['title', 'hasWork' => false])
{{-- Stands without session or database, since those may be what failed. --}}
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Aglyca</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css'])
</head>
<body>
<main class="mx-auto max-w-[760px] px-4 pt-16">
    <h1 class="text-4xl text-cobalt">{{ $title }}</h1>
    <div class="mt-3 text-lg">{{ $slot }}</div>
    <p class="mt-6 flex gap-4"><a @class(['button', 'button-main' => ! $hasWork]) href="/">To the start</a><a class="button" href="/shelf">To the Shelf</a></p>
</main>
</body>
</html>
