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

    /**
     * One more of what is new behind a thing: "(now with almond flour and xanthan gum)".
     *
     * @param  bool  $begins  where nothing is said to be new there, it is said of this
     */
    public function addNew(int $operation, int $at, string $name, bool $begins): void
    {
        [$length, $words] = $this->edits[$operation][$at] ?? [0, ''];
        if ($length === 0 && preg_match('~^ \(now with (.+)\)$~u', $words, $m) === 1) {
            $names = preg_split('~,\s+|\s+and\s+~u', $m[1]) ?: [];
            $this->edit($operation, $at, 0, ' (now with '.NewNames::list([...$names, $name]).')');
        } elseif ($begins) {
            $this->edit($operation, $at, 0, " (now with $name)");
        }
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
