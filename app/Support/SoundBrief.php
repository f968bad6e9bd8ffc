<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Brief;
use Aglyca\Core\Formula\PortionPlan;
use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\RecipeReader;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Reading\Yields;
use Aglyca\Core\Swap\AmountKey;

/** Whether what a copy says of a dessert is what the forms would have taken, and what every page can show. */
final readonly class SoundBrief
{
    /** Each number with its least and its most, as the forms have them. */
    private const SCALE = [0.01, 100.0];

    private const GRAMS = [0.0, 1e6];

    private const PIECES = [0.1, Yields::MOST_PIECES];

    private const COOLER = [0.0, 20.0];

    private const MINUTES = [0.0, 10_000.0];

    private const SIDE = [1.0, 200.0];

    public function __construct(private Kernel $kernel) {}

    public function isSound(Brief $brief): bool
    {
        $catalogue = $this->kernel->catalogue;
        $wishes = $brief->wishes;
        $pans = array_filter([$brief->batch->pan, $brief->batch->recipesPan]);
        $grams = array_merge(
            array_values($wishes->amounts),
            array_values($brief->portions->portion->masses),
            array_filter([
                $brief->portions->weighedMixed,
                $brief->portions->weighedBaked,
                $brief->portions->portion->each,
            ]),
            array_filter(array_column($brief->corrections->byLine, 'grams')),
        );
        $sides = array_merge([], ...array_map(static fn ($p): array => [$p->length, $p->width], $pans));

        return $brief->text !== '' && strlen($brief->text) <= RecipeReader::MOST_BYTES
            && isset($catalogue->sweeteners()[$wishes->sweetener], $catalogue->schools()[$wishes->school])
            && array_diff($wishes->families, array_keys($catalogue->families())) === []
            && array_diff($wishes->without, array_keys($catalogue->allergens())) === []
            && array_filter(
                array_keys($wishes->amounts),
                static fn (string $k): bool => $catalogue->food(AmountKey::parse($k)->food) === null,
            ) === []
            && self::lies([$brief->batch->scale], self::SCALE)
            && self::lies($brief->portions->pieces === null ? [] : [$brief->portions->pieces], self::PIECES)
            && self::lies([$wishes->cooler], self::COOLER)
            && self::lies($grams, self::GRAMS)
            && self::lies(array_values($brief->portions->used), [0.0, 1.0])
            && self::lies(array_filter(array_column($brief->corrections->steps, 'minutes')), self::MINUTES)
            && self::lies($sides, self::SIDE)
            && in_array($brief->portions->eaten, PortionPlan::EATEN, true);
    }

    /** Every page can show it: its text reads, and its figures are figures. */
    public function isShown(Brief $brief): bool
    {
        try {
            $conversion = $this->kernel->convert($brief);
        } catch (UnreadableRecipe) {
            // A text that no longer reads is shown as such, and can be mended.
            return true;
        }

        return is_finite($conversion->after->piece->carbohydrate) && is_finite($conversion->after->pieceMass());
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @param  array{float, float|int}  $range
     */
    private static function lies(array $values, array $range): bool
    {
        foreach ($values as $value) {
            if (! is_float($value) && ! is_int($value) || ! is_finite((float) $value)
                || $value < $range[0] || $value > $range[1]) {
                return false;
            }
        }

        return true;
    }
}
