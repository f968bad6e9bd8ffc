@php $hidden = $page->worked->document; @endphp
@foreach (['sweetener' => $hidden->sweetener, 'school' => $hidden->school, 'sweetness' => App\View\Figures::percent($hidden->sweetness), ...($hidden->sharing->isByMass() ? [] : ['pieces' => $page->pieces()]), 'convention' => $hidden->convention->value, 'cooler' => App\View\Figures::whole($hidden->cooler)] as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
@foreach ($hidden->without as $value)<input type="hidden" name="without[]" value="{{ $value }}">@endforeach
@foreach ($hidden->families as $component => $value)<input type="hidden" name="families[{{ $component }}]" value="{{ $value }}">@endforeach
