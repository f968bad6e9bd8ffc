<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Conversion;
use Aglyca\Core\Formula\Dose;

/** A dessert as a first visit shows it: what goes, what comes, and the number. */
final readonly class FirstLook
{
    /** Rows that are shown on either side. */
    private const MOST = 7;

    public function __construct(public string $text, private Conversion $conversion) {}

    public function title(): string
    {
        return $this->conversion->title;
    }

    public function before(): string
    {
        return Figures::one($this->conversion->before->net($this->conversion->brief->convention));
    }

    public function after(): string
    {
        return Figures::one($this->conversion->after->net($this->conversion->brief->convention));
    }

    public function total(): string
    {
        return Figures::one($this->conversion->after->piece->carbohydrate);
    }

    public function piece(): string
    {
        return $this->conversion->recipe->pieceWord();
    }

    /** @return list<array{grams: string, name: string}> */
    public function written(): array
    {
        return self::rows($this->conversion->before->formula->doses);
    }

    /** @return list<array{grams: string, name: string}> */
    public function swapped(): array
    {
        return self::rows($this->conversion->after->formula->doses);
    }

    /**
     * @param  list<Dose>  $doses
     * @return list<array{grams: string, name: string}>
     */
    private static function rows(array $doses): array
    {
        usort($doses, static fn (Dose $a, Dose $b): int => $b->grams->value <=> $a->grams->value);

        return array_map(
            static fn (Dose $d): array => ['grams' => Figures::grams($d->grams->value), 'name' => $d->food->name],
            array_slice($doses, 0, self::MOST),
        );
    }
}
