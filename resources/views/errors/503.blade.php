<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport"
    content="width=device-width, initial-scale=1"><title>In a moment · Aglyca</title>@vite(['resources/css/app.css'])</head>
<body>
<main class="mx-auto max-w-[760px] px-4 pt-16">
    <h1 class="text-4xl text-cobalt">In a moment</h1>
    <p class="mt-3 text-lg">The shelves cannot be reached just now. Nothing was changed, and what you typed is still in your browser: go back and try again in a few seconds. The <a href="/almanac">Almanac</a> is open.</p>
</main>
</body>
</html>
