<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Reading\Step;
use Aglyca\Core\Reading\StepReader;

/** Parts the sentences of a step at the verbs that can be done apart. */
final class Clauses
{
    /** Words that stand between two things to do. */
    private const JOINS = '~(?:[,;:]?\s*(?:\band\s+then\b|\bthen\b|\band\b|[,;]))\s*(?:(?:gently|lightly|carefully|slowly|quickly|now|next)\s+)?$~iu';

    /** Where only these stand between two verbs, the second is the work: "leave it to cool". */
    private const LETS = '~^(?:let|leave|set|put|place|bring)\b[^.;,]{0,40}$~iu';

    private const PLACES = [
        'freeze' => '~\b(?:freezer|freeze)\b~iu',
        'chill' => '~\b(?:fridge|refrigerat\w*|chill\w*)\b~iu',
    ];

    /** Texts whose clauses are kept: each is asked for by every dose of a dessert. */
    private const KEPT = 256;

    /** @var array<string, list<Clause>> */
    private array $known = [];

    public function __construct(private readonly Actions $actions, private readonly StepReader $reader) {}

    /** @return list<Clause> */
    public function of(string $text): array
    {
        if (isset($this->known[$text])) {
            return $this->known[$text];
        }
        $clauses = [];
        foreach (preg_split('~(?<=[.!?])\s+(?=[\p{Lu}\d])~u', trim($text)) ?: [] as $sentence) {
            array_push($clauses, ...$this->ofSentence($sentence));
        }
        $this->known = count($this->known) < self::KEPT ? $this->known : [];

        return $this->known[$text] = $clauses;
    }

    /** @return list<Clause> */
    private function ofSentence(string $sentence): array
    {
        $cuts = [[0, null, 0]];
        $previous = null;
        foreach ($this->actions->in($sentence) as $verb) {
            [$at, $action] = [$verb->at, $verb->action];
            $between = $previous === null ? '' : substr($sentence, $previous[0], $at - $previous[0]);
            $last = array_key_last($cuts);
            if ($previous === null || preg_match(self::LETS, $between) === 1 && $action->hands !== 'all') {
                $cuts[$last] = [$cuts[$last][0], $action, $cuts[$last][2]];
            } elseif (
                preg_match(self::JOINS, $between, $m) === 1 &&
                ($this->isApart($previous[1], $action) || preg_match('~then|;~iu', $m[0]) === 1)
            ) {
                $cuts[] = [$at, $action, strlen($m[0])];
            }
            $previous = [$at, $action];
        }
        $clauses = [];
        foreach ($cuts as $i => [$at, $action]) {
            $end = isset($cuts[$i + 1]) ? $cuts[$i + 1][0] - $cuts[$i + 1][2] : strlen($sentence);
            $words = trim(substr($sentence, $at, $end - $at));
            if ($words !== '') {
                $words = mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
                $step = $this->reader->read(rtrim($words, ' ,;:'));
                $clauses[] = new Clause(
                    rtrim($words, ' ,;:').(preg_match('~[.!?]$~u', $words) === 1 ? '' : '.'),
                    $this->meant($step, $action),
                    $step,
                    $i === 0,
                );
            }
        }

        return $clauses;
    }

    private function isApart(Action $one, Action $other): bool
    {
        return $one->hands !== $other->hands ||
            ($one->place !== $other->place && ($one->hands !== 'all' || $one->isHot !== $other->isHot));
    }

    /** What the words around the verb make of it: what is put into the oven bakes, what goes into the fridge chills. */
    private function meant(Step $step, ?Action $action): ?Action
    {
        $ovens = array_filter($step->heats, static fn ($h): bool => $h->isOven);
        if (
            $step->isBake &&
            ($step->times !== [] || $action === null || in_array($action->key, ['shape', 'bake'], true)) &&
            ! in_array($action?->key, ['toast', 'microwave', 'steam', 'fry', 'cool'], true)
        ) {
            return $this->actions->get('bake');
        }
        if (
            $ovens !== [] &&
            $step->times === [] &&
            ! $step->isBake &&
            ! in_array($action?->key, ['turn-down', 'bake'], true)
        ) {
            return $this->actions->get('preheat');
        }
        $isVague = $action === null || in_array($action->key, ['rest', 'shape', 'cool', 'stir'], true);
        foreach ($isVague ? self::PLACES : [] as $key => $words) {
            if (preg_match($words, $step->text) === 1 && preg_match('~\b(?:out|from)\b~iu', $step->text) !== 1) {
                return $this->actions->get($key);
            }
        }

        if ($action === null && preg_match('~^look\b~iu', $step->text) === 1) {
            // A glance takes no time of its own.
            return null;
        }

        return $action ?? ($step->times === [] ? null : $this->actions->get('rest'));
    }
}
