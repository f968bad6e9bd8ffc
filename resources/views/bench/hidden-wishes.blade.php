@php $hidden = $page->conversion->brief; @endphp
@foreach (['sweetener' => $hidden->wishes->sweetener, 'school' => $hidden->wishes->school, 'sweetness' => App\View\Figures::percent($hidden->wishes->sweetness), ...($hidden->portions->isByMass() ? [] : ['pieces' => $page->pieces()]), 'convention' => $hidden->convention->value, 'cooler' => App\View\Figures::whole($hidden->wishes->cooler)] as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
@foreach ($hidden->wishes->without as $value)<input type="hidden" name="without[]" value="{{ $value }}">@endforeach
@foreach ($hidden->wishes->families as $component => $value)<input type="hidden" name="families[{{ $component }}]" value="{{ $value }}">@endforeach
