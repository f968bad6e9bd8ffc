{{-- A part that lies folded: what is in it comes with the page, or when it is opened. --}}
@props(['part', 'page', 'open' => false])
<details id="{{ $part }}" data-part="{{ $part }}" @if ($open || $page->folds->isOpen($part)) open @endif {{ $attributes }}>
    {{ $summary }}
    <x-part :part="$part" :page="$page" :drawn="$open || $page->folds->has($part)"/>
</details>
