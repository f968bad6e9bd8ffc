@csrf
<input type="hidden" name="{{ App\Http\Middleware\Once::FIELD }}" value="{{ Illuminate\Support\Str::random(20) }}">
