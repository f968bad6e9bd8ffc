<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

/** How long a dessert keeps, and where. */
final readonly class Keep
{
    private const PLACES = ['fridge' => 'fridge', 'refrigerat' => 'fridge', 'frozen' => 'freezer', 'freez' => 'freezer', 'tin' => 'tin'];

    private const DAYS = ['day' => 1, 'week' => 7, 'month' => 30];

    /**
     * @param  string  $place  "fridge", "room", "tin" or "freezer"
     * @param  int  $days  0 where it is eaten the same day
     * @param  string  $text  "3 days in the fridge; 2 months frozen"
     */
    public function __construct(public string $place, public int $days, public string $text) {}

    /** Of a sentence such as "5 days in a tin; frozen 2 months": what stands before the semicolon. */
    public static function read(string $text): self
    {
        $first = explode(';', mb_strtolower($text))[0];
        $words = array_values(array_filter(explode(' ', strtr($first, ',.()-', '     ')), static fn (string $w): bool => $w !== ''));
        $days = 0;
        foreach ($words as $i => $word) {
            foreach (self::DAYS as $unit => $length) {
                if (str_starts_with($word, $unit) && is_numeric($words[$i - 1] ?? '')) {
                    $days = $days === 0 ? (int) $words[$i - 1] * $length : min($days, (int) $words[$i - 1] * $length);
                }
            }
        }
        $place = 'room';
        foreach (self::PLACES as $word => $of) {
            if (array_filter($words, static fn (string $w): bool => str_starts_with($w, $word)) !== []) {
                $place = $of;
                break;
            }
        }

        return new self($place, $days, $text);
    }

    public function isCold(): bool
    {
        return in_array($this->place, ['fridge', 'freezer'], true);
    }

    /** What is said of freezing it; "" where nothing is. */
    public function frozen(): string
    {
        foreach (array_slice(explode(';', $this->text), 1) as $part) {
            if (str_contains($part, 'frozen')) {
                return trim($part);
            }
        }

        return '';
    }
}
