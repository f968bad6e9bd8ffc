<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm\Rule;

use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Harm\AtLeast;
use Aglyca\Core\Harm\Circumstances;

/** What the number leaves out, and what in it is a guess. */
final readonly class Unknowns implements Rule
{
    private const SHOWN = 60;

    public function __construct(private AtLeast $atLeast) {}

    public function of(Circumstances $all): array
    {
        $warnings = [];
        $guessed = array_filter($all->after->doses, static fn (Dose $d): bool => $d->isGuessed() && $d->isCounted());
        if ($guessed !== []) {
            $warnings[] = new Warning('guessed', 'Guessed, so that the range is wide: '.implode(', ', array_map(
                fn (Dose $d): string => self::short($d->text).' as '.mb_strtolower($d->food->name ?? ''),
                $guessed,
            )).'. Check it.');
        }
        $left = $this->atLeast->uncounted($all->account);
        if ($left !== []) {
            $warnings[] = new Warning('uncounted', 'Not in the totals, since its food or amount is not known: '.
                implode(', ', array_map(static fn (Dose $d): string => self::short($d->text), $left)).'.', true);
        }
        $heavy = $this->atLeast->because($all->account);
        if ($heavy !== []) {
            $warnings[] = new Warning('at-least', sprintf(
                'Net carbs are at least %.1f g a piece, and may be much more: %s.',
                $all->account->net($all->convention),
                implode('; ', $heavy),
            ), true);
        }

        return $warnings;
    }

    private static function short(string $text): string
    {
        return '“'.mb_strimwidth($text, 0, self::SHOWN, '…').'”';
    }
}
