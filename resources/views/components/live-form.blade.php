{{-- A form that is sent in place where scripts run, and as it is where they do not. `live` sends it at each change. --}}
@props(['to', 'into', 'live' => false, 'swap' => 'outerMorph'])
<form method="post" action="{{ $to }}" hx-post="{{ $to }}" hx-target="{{ $into }}" hx-swap="{{ $swap }}" @if ($live) hx-trigger="change, submit"
    @endif {{ $attributes }}>@csrf{{ $slot }}</form>
