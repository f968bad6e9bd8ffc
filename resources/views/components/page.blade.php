@props(['title', 'here' => '', 'wide' => true])
<!doctype html>
<html lang="en" @if (App\View\Figures::hasComma()) data-comma="1" @endif>
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    @if (session('kept') || session('said') || session('undo'))<meta name="kept" content="1">@endif
    <meta name="htmx-config" content='{"includeIndicatorCSS":false,"history":false}'>
    <title>{{ $title }} · Aglyca</title>
    <link rel="manifest" href="/app.webmanifest">
    <meta name="theme-color" content="#1d3f91">
    <link rel="apple-touch-icon" href="/icon-192.png">
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body>
<x-glyphs/>
<a href="#main" class="sr-only focus:not-sr-only focus:absolute focus:bg-white focus:p-3">Skip to the work</a>
<header class="bg-cobalt text-white">
    <div class="mx-auto flex max-w-[1264px] flex-wrap items-center gap-x-7 px-4">
        <a href="/" class="font-serif text-2xl font-bold text-white no-underline">aglyca</a>
        <nav class="nav flex flex-wrap gap-x-5 max-sm:order-last max-sm:w-full max-sm:flex-nowrap max-sm:justify-between max-sm:gap-x-1.5 max-sm:overflow-x-auto max-sm:text-[13.5px]" aria-label="Screens">
            @auth<a href="/shelf" @if($here === 'shelf') aria-current="page" @endif>Shelf</a>@endauth
            <a href="/bench" @if($here === 'bench') aria-current="page" @endif>Bench</a>
            @auth<a href="/day" @if($here === 'day') aria-current="page" @endif>Day</a>@endauth
            <a href="/counter" @if($here === 'counter') aria-current="page" @endif>Counter</a>
            @auth<a href="/notebook" @if($here === 'notebook') aria-current="page" @endif>Notebook</a>@endauth
            @auth<a href="/pantry" @if($here === 'pantry') aria-current="page" @endif>Pantry</a>@endauth
            <a href="/almanac" @if($here === 'almanac') aria-current="page" @endif>Almanac</a>
        </nav>
        <div class="nav ml-auto flex gap-x-5">
            @auth
                <a href="/kitchen" @if($here === 'kitchen') aria-current="page" @endif>{{ auth()->user()->kitchen->name }}</a>
            @else
                <a href="/sign-in" @if($here === 'sign-in') aria-current="page" @endif>Sign in</a>
            @endauth
        </div>
    </div>
</header>
@if (session('undo') || session('said'))
    <div role="status" class="border-b border-line bg-[#fdf6da]">
        <div class="mx-auto flex max-w-[1264px] flex-wrap items-center gap-x-4 px-4">
            <p class="py-2">{{ session('undo')['said'] ?? session('said') }}</p>
            @if (session('undo'))
                <form method="post" action="{{ session('undo')['to'] }}">
                    @csrf
                    @foreach (session('undo')['fields'] ?? [] as $name => $value)
                        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                    @endforeach
                    <button class="link-button font-semibold">{{ session('undo')['label'] }}</button>
                </form>
            @endif
        </div>
    </div>
@endif
<p id="offline" hidden role="alert"
    class="bg-fault px-4 py-2 text-white">The kitchen's computer did not answer. What you typed is still here; it is tried again with your next change.</p>
<p id="said" class="sr-only" role="status"></p>
<main id="main" class="mx-auto {{ $wide ? 'max-w-[1264px]' : 'max-w-[760px]' }} px-4 pt-5 pb-16">
    {{ $slot }}
</main>
</body>
</html>
