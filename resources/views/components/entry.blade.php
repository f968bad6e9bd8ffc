@props(['name', 'label', 'type' => 'text', 'value' => '', 'autocomplete' => 'off', 'hint' => ''])
<div>
    <label class="label" for="{{ $name }}">{{ $label }}</label>
    <input class="field" id="{{ $name }}" name="{{ $name }}" type="{{ $type }}" value="{{ $type === 'password' ? '' : old($name, $value) }}"
        autocomplete="{{ $autocomplete }}" {{ $attributes }} @error($name) aria-invalid="true" aria-describedby="{{ $name }}-fault" @enderror>
    @if ($hint !== '')<p class="text-sm text-soft">{{ $hint }}</p>@endif
    @error($name)<p id="{{ $name }}-fault" class="fault" role="alert">{{ $message }}</p>@enderror
</div>
