<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Brief;
use Aglyca\Core\BriefJson;

/**
 * What was changed on a document, to go back and forth: each step holds only the fields that it changed, as they were.
 */
final readonly class History
{
    private const LONGEST = 60;

    /** Far below what one packet of the database may hold. */
    private const MOST_BYTES = 300_000;

    /**
     * @param  list<array<string, mixed>>  $past  newest last
     * @param  list<array<string, mixed>>  $future  next to redo last
     */
    public function __construct(public array $past = [], public array $future = []) {}

    public function with(Brief $before, Brief $after): self
    {
        $step = self::difference($before, $after);

        return $step === [] ? $this : new self(self::bounded([...$this->past, $step]), []);
    }

    /** What stood there at an earlier revision, as far back as is known. */
    public function before(Brief $now, int $revision, int $earlier): Brief
    {
        $steps = count(array_slice(range($earlier, $revision), 1));
        foreach (array_slice(array_reverse($this->past), 0, $steps) as $step) {
            $now = BriefJson::changed($now, $step);
        }

        return $now;
    }

    /**
     * @param  list<array<string, mixed>>  $steps
     * @return list<array<string, mixed>>
     */
    private static function bounded(array $steps): array
    {
        $kept = array_slice($steps, -self::LONGEST);
        while (strlen((string) json_encode($kept)) > self::MOST_BYTES) {
            array_shift($kept);
        }

        return $kept;
    }

    /** @return ?array{Brief, self} */
    public function undo(Brief $now): ?array
    {
        $past = $this->past;
        $step = array_pop($past);
        if ($step === null) {
            return null;
        }
        $before = BriefJson::changed($now, $step);

        return [$before, new self($past, [...$this->future, self::difference($now, $before)])];
    }

    /** @return ?array{Brief, self} */
    public function redo(Brief $now): ?array
    {
        $future = $this->future;
        $step = array_pop($future);
        if ($step === null) {
            return null;
        }
        $after = BriefJson::changed($now, $step);

        return [$after, new self([...$this->past, self::difference($now, $after)], $future)];
    }

    /** @return array<string, mixed> the fields of `$old` that differ in `$new` */
    private static function difference(Brief $old, Brief $new): array
    {
        $now = BriefJson::of($new);

        return array_filter(
            BriefJson::of($old),
            static fn (mixed $value, string $field): bool => json_encode($value) !== json_encode($now[$field]),
            ARRAY_FILTER_USE_BOTH,
        );
    }
}
