<div id="sheet" class="paper-{{ $sheet->paper }}">
    <div class="no-print">
        @include('bench.head', ['here' => 'card'])
        <div class="mt-4 flex flex-wrap items-center gap-3">
            <button class="button button-main" type="button" data-print hidden>Print it</button>
            <form method="get" action="{{ $page->path('bench/card') }}" x-data="goes" x-on:change="go"
                class="flex items-center gap-2"><label for="paper">on</label><select class="field w-32" id="paper"
                name="paper"><option value="a4">A4</option><option value="letter"
                @selected($sheet->paper === 'letter')>Letter</option></select><noscript><button class="button">Show</button></noscript></form>
            <a class="button" href="{{ $page->path('bench/card.pdf') }}?paper={{ $sheet->paper }}">As a PDF</a>
            <a class="button" href="{{ $page->path('bench/tin') }}">A label for the tin</a>
            <span class="text-[15px] text-soft">or as <a href="{{ $page->path('bench/swapped.txt') }}">text</a>, <a href="{{ $page->path('bench/swapped.csv') }}">table</a>, <a href="{{ $page->path('bench/swapped.json') }}">schema.org recipe</a></span>
        </div>
        <div id="link" class="mt-3">
            @if ($page->dessert->recipe === null)
                <p class="text-[15px]"><a href="/sign-up">Open a kitchen</a> to share it under a link.</p>
            @elseif ($sheet->link)
                <form method="post" action="{{ $page->path('bench/unshare') }}"
                    class="flex flex-wrap items-center gap-3">@csrf<label for="shared-link">Anyone may read it at</label><input class="field figure w-[34rem] max-w-full"
                    id="shared-link" readonly value="{{ $sheet->link }}"><button class="button">Withdraw the link</button></form>
            @else
                <form method="post"
                    action="{{ $page->path('bench/share') }}">@csrf<button class="link-button">Share it under a link</button> <span class="text-[15px] text-soft">the card alone, and you can withdraw it</span></form>
            @endif
        </div>
    </div>
    <div class="tray card-frame mt-4">@include('card', ['card' => $sheet->card])</div>
</div>
