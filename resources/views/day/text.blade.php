{{ $page->title() }}, {!! $page->desserts() !!}
Begin at {{ $page->clock($page->planned->plan->start) }}, ready by {{ $page->clock($page->planned->plan->ready) }}
@foreach ($page->byDay() as ['day' => $day, 'slots' => $slots])

{{ $day }}
@foreach ($slots as $slot)
{{ $page->clock($slot->start) }}  @if ($page->isShared()){!! $slot->job->task->dessert !!}: @endif{!! $slot->job->task->text !!}@if ($slot->job->task->batches > 1) ({{ $slot->job->batch }} of {{ $slot->job->task->batches }})@endif<?= "\n" ?>
@endforeach
@endforeach
