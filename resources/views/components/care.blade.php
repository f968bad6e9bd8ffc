<p {{ $attributes->merge(['class' => 'text-sm text-soft']) }}>Food composition, not medical advice: with insulin or glucose-lowering medicine go by total carbohydrate and your own care team.</p>
