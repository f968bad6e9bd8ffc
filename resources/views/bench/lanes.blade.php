<div id="lanes-head">@include('bench.lanes-head')</div>
@if ($page->isFolded())
<details><summary class="cursor-pointer py-2">All {{ count($page->conversion->recipe->lines) }} lines stay as they are written</summary>
@endif
<div class="weave">
    @include('bench.weave')
</div>
@if ($page->isFolded())</details>@endif
<p class="mt-2 border-t border-line pt-2"><a class="inline-block py-1" href="{{ $page->path('bench/table') }}">The swap as a table</a></p>
<div id="folded">@include('bench.folded')</div>
