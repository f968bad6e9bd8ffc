<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\NoFood;
use Aglyca\Core\Reading\Span;
use Aglyca\Core\Swap\Swap;

/** What a sentence still says of sugar that is gone: its grams, its name without a line, its long keeping. */
final readonly class Remains
{
    private const SAVED = '~\b(?:all|everything|ingredients)\s*,?\s*(?:but|except(?:\s+for)?|apart\s+from|save)\s+(?:the\s+)?(?<what>\pL+)~iu';

    private const DIPPED = '~\bdipped\s+in\s+(?:a\s+little\s+)?(?<flour>flour)\b~iu';

    private const SAID_GRAMS = '~(?<n>\d+(?:[.,]\d+)?)\s?(?:g|grams?)\b\s+(?:of\s+)?(?:the\s+)?(?:\pL+\s+){0,2}$~iu';

    private const SUGAR = '~\bsugar(?<kind>ed|s|y)?\b(?<tool>[\s-]+thermometer)?~iu';

    private const NO_SUGAR = '~(?:\b(?:without|no|any|blood)\s+)$~iu';

    public function __construct(
        private Phrasing $phrasing,
        private Constants $constants,
        private NoFood $noFood,
    ) {}

    /**
     * Grams that the method says of a thing of which there is another amount now, "100 g melted butter".
     *
     * @param  list<int>  $of
     */
    public function amount(
        Swap $swap,
        Rewriting $rewriting,
        int $i,
        string $text,
        Mention $mention,
        array $of,
    ): void {
        $exchange = count($of) === 1 ? $swap->exchanges[$of[0]] : null;
        if (
            $exchange === null ||
            ! $exchange->changed ||
            count($exchange->from) !== 1 ||
            count($exchange->to) !== 1 ||
            preg_match(self::SAID_GRAMS, substr($text, 0, $mention->at), $m, PREG_OFFSET_CAPTURE) !== 1
        ) {
            return;
        }
        $was = $swap->before->doses[$exchange->from[0]]->mass();
        if (abs((float) str_replace(',', '.', $m['n'][0]) - $was) < 0.5) {
            $rewriting->edit($i, $m['n'][1], strlen($m['n'][0]), (string) round($exchange->to[0]->grams));
        }
    }

    /**
     * Sugar without an amount, "icing sugar to finish", is left in the list and out of the count; in the method it is
     * a sweetener.
     */
    public function uncounted(Swap $swap, Rewriting $rewriting, int $i, string $text, Mention $mention): void
    {
        foreach ($mention->doses as $d) {
            $dose = $swap->before->doses[$d];
            if (
                $dose->grams === null &&
                $dose->food?->role === Role::Sweet &&
                $dose->food->per100->sugars > $this->constants->get('sugar-food') &&
                $swap->exchanges !== []
            ) {
                $this->phrasing->replace(
                    $rewriting,
                    $i,
                    $text,
                    $mention,
                    ($dose->food->texture === Texture::Powder ? 'powdered ' : '').'sweetener',
                );

                return;
            }
        }
    }

    /** Sugar that the sentence names and the list does not: a sugared paper, a spoon of sugar. */
    public function leftOver(Swap $swap, Rewriting $rewriting, int $i, Operation $operation): void
    {
        foreach ($swap->after->doses as $dose) {
            if (
                $dose->food !== null &&
                $dose->grams !== null &&
                $dose->food->role === Role::Sweet &&
                preg_match('~\bsugar\b(?!-free)~i', $dose->food->name.' '.$dose->text) === 1
            ) {
                return;
            }
        }
        $text = $operation->step->text;
        $silent = $this->noFood->in($text);
        preg_match_all(self::SUGAR, $text, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        foreach ($found as $m) {
            [$words, $at] = [(string) $m[0][0], $m[0][1]];
            $isFree =
                preg_match('~^[- ]?(?:free|alcohol|substitute)~i', substr($text, $at + strlen($words))) === 1 ||
                preg_match(self::NO_SUGAR, substr($text, 0, $at)) === 1;
            $isSilent = array_filter($silent, static fn (Span $s): bool => $s->covers($at)) !== [];
            if ($isFree || $isSilent || $rewriting->isEdited($i, $at, $at + strlen($words))) {
                continue;
            }
            $new = match (true) {
                $m['tool'][0] !== null => 'thermometer',
                $m['kind'][0] === 'ed', $m['kind'][0] === 'y' => 'sweetened',
                // "Butter and sugar the dish"
                FoodVerb::is(mb_strtolower($words), $text, $at, $at + strlen($words)) => 'sweeten',
                default => 'sweetener',
            };
            $new = $this->phrasing->beginsSentence($text, $at) ? ucfirst($new) : $new;
            $rewriting->edit($i, $at, strlen($words), $new);
        }
    }

    /** "Everything except the mango": what comes later has its new name here too. */
    public function saved(Swap $swap, Rewriting $rewriting, int $i, Operation $operation): void
    {
        if (preg_match(self::SAVED, $operation->step->text, $m, PREG_OFFSET_CAPTURE) !== 1) {
            return;
        }
        [$word, $at] = $m['what'];
        foreach ($swap->exchanges as $exchange) {
            $isMeant = array_filter($exchange->from, static fn (int $d): bool => array_intersect(
                FoodIndex::words($word), FoodIndex::words($swap->before->doses[$d]->text),
            ) !== []) !== [];
            $new = NewNames::isGone($swap->before, $exchange) ? NewNames::added($swap->before, $exchange) : [];
            if ($isMeant && $new !== [] && ! $rewriting->isEdited($i, $at, $at + strlen($word))) {
                $rewriting->edit($i, $at, strlen($word), NewNames::full($exchange, $new));

                return;
            }
        }
    }

    /** "A fork dipped in flour", of which none stands on the list: in the first of the new ones. */
    public function dipped(Swap $swap, Rewriting $rewriting, int $i, Operation $operation): void
    {
        if (preg_match(self::DIPPED, $operation->step->text, $m, PREG_OFFSET_CAPTURE) !== 1) {
            return;
        }
        foreach ($swap->exchanges as $exchange) {
            if ($exchange->role === Role::Body && $exchange->changed && $exchange->to !== []) {
                $rewriting->edit($i, $m['flour'][1], strlen($m['flour'][0]), NewNames::name($exchange->to[0]->food));

                return;
            }
        }
    }

    /** What set by its sugar is done by other signs now. */
    public function keeping(Swap $swap, Rewriting $rewriting, int $i, Operation $operation): void
    {
        $family = $swap->families[$operation->component ?? $swap->before->heaviest()];
        if (! $family->sugarKeeps || $rewriting->named === []) {
            return;
        }
        $text = $operation->step->text;
        foreach ($family->key === 'jam' ? $operation->step->heats : [] as $heat) {
            // With the bracket that it stands in: "setting point (105C)".
            $before = substr($text, 0, $heat->at);
            $at = strlen(preg_replace('~\s*(?:\(\s*|\b(?:to|until|at|reaches)\s*)$~iu', '', $before) ?? '');
            $end = $heat->at + $heat->length;
            $end += str_ends_with(rtrim($before), '(') && ($text[$end] ?? '') === ')' ? 1 : 0;
            if (! $heat->isOven) {
                $rewriting->edit($i, $at, $end - $at, '');
            }
        }
    }
}
