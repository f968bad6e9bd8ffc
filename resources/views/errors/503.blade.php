<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport"
    content="width=device-width, initial-scale=1"><title>In a moment · Aglyca</title>@vite(['resources/css/app.css'])</head>
<body>
<main class="mx-auto max-w-[760px] px-4 pt-16">
    @if ($isFull ?? false)
    <h1 class="text-4xl text-cobalt">The shelves are full</h1>
    <p class="mt-3 text-lg">There is no room left on this computer to keep anything more. Nothing was changed, and what you typed is still in your browser. All that is kept can still be read. Whoever looks after the computer can make room; then go back and send it again.</p>
    @else
    <h1 class="text-4xl text-cobalt">In a moment</h1>
    <p class="mt-3 text-lg">The shelves cannot be reached just now. Nothing was changed, and what you typed is still in your browser: go back and try again in a few seconds. The <a href="/almanac">Almanac</a> is open.</p>
    @endif
</main>
</body>
</html>
