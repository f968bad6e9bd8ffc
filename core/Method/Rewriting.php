<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

/** What the swap makes of a method, by operation: words changed, sentences put before and behind, and what goes in. */
final class Rewriting
{
    /**
     * @var array<int, array<int, array{int, string}>> by operation and byte: how long the old words are, and the new
     *     ones
     */
    public array $edits = [];

    /** @var array<int, list<PlannedStep>> steps of ours before an operation */
    public array $before = [];

    /** @var array<int, list<PlannedStep>> and behind it */
    public array $behind = [];

    /** @var array<int, list<StepUse>> */
    public array $uses = [];

    /** @var array<int, true> exchanges whose new things have been named */
    public array $named = [];

    public function edit(int $operation, int $at, int $length, string $words): void
    {
        $this->edits[$operation][$at] = [$length, $words];
    }

    public function isEdited(int $operation, int $at, int $end): bool
    {
        foreach ($this->edits[$operation] ?? [] as $from => [$length]) {
            if ($at < $from + max(1, $length) && $end > $from) {
                return true;
            }
        }

        return false;
    }
}
