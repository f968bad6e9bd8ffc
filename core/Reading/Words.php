<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Tables;

/**
 * How texts write numbers: fraction signs (`data/fractions.csv`) and number words (`data/number_words.csv`).
 * Every pattern takes its class of them from here.
 */
final readonly class Words
{
    /** @var array<string, float> sign => value */
    private array $fractions;

    /** @var array<string, float> word => value */
    private array $numbers;

    /** Fraction signs, to stand within the brackets of a pattern's class. */
    public string $signs;

    /** Digits and fraction signs as a class: with what an amount in figures begins. */
    public string $digit;

    /** Whole number words as alternatives. */
    public string $wholes;

    /** @var array<string, int> names of a dessert's parts, that may stand alone as a heading */
    private array $parts;

    public function __construct(Tables $tables)
    {
        $this->parts = $tables->worked(
            'words of parts',
            static fn (): array => array_flip(array_column($tables->rows('part_words'), 'word')),
        );
        $this->fractions = $tables->numbers('fractions', 'value', 'sign');
        $rows = $tables->rows('number_words');
        $this->numbers = $tables->numbers('number_words', 'value', 'word');
        $this->signs = implode('', array_keys($this->fractions));
        $this->digit = "[\\d$this->signs]";
        $isWhole = static fn (array $row): bool => $row['kind'] === 'number' &&
            ! in_array($row['word'], ['couple', 'few'], true);
        $this->wholes = implode('|', array_column(array_filter($rows, $isWhole), 'word'));
    }

    /** "Caramel" alone in a row heads a part of the dessert. */
    public function isPart(string $word): bool
    {
        return isset($this->parts[mb_strtolower($word)]);
    }

    /** The value of a number word such as "two" or "half"; null where it is none. */
    public function word(string $word): ?float
    {
        return $this->numbers[mb_strtolower($word)] ?? null;
    }

    /** The value of a fraction sign; null where it is none. */
    public function fraction(string $sign): ?float
    {
        return $this->fractions[$sign] ?? null;
    }

    /**
     * A number in figures: "2 1/2", "1½", "1,250", "0,5". A comma before exactly three digits parts thousands,
     * except after a leading zero; any other is a decimal comma.
     */
    public function number(string $raw): float
    {
        if (preg_match('~^(\d+)?\D*?(\d+)\s?[/⁄]\s?(\d+)\pL*$~u', $raw, $m) === 1) {
            $whole = $m[1] === '' ? 0.0 : (float) $m[1];

            return (int) $m[3] === 0 ? $whole : $whole + (int) $m[2] / (int) $m[3];
        }
        if (preg_match("~^(\\d*)\\D*?([$this->signs])$~u", $raw, $m) === 1) {
            return (float) $m[1] + $this->fractions[$m[2]];
        }

        return (float) str_replace(',', self::hasThousands($raw) ? '' : '.', $raw);
    }

    /** Digits after the point of a number in figures. */
    public static function decimals(string $raw): int
    {
        return ! self::hasThousands($raw) && preg_match('/^\d*[.,](\d+)$/', $raw, $m) === 1 ? strlen($m[1]) : 0;
    }

    private static function hasThousands(string $raw): bool
    {
        return preg_match('/^[1-9]\d{0,2}(?:,\d{3})+$/', $raw) === 1;
    }
}
