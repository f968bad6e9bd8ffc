<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

use Aglyca\Core\Larder\Constants;

/** What one person eats at once, and how heavy that person is. */
final readonly class Sitting
{
    /** What a recipe makes so many of, and nobody eats whole. */
    private const CONTAINERS = [
        'jar', 'bottle', 'pot', 'batch', 'loaf', 'tub', 'tin', 'litre', 'cake', 'pie', 'tart', 'log', 'bowl',
    ];

    /** The share of a piece that is eaten at once: a jar of jam is no sitting. */
    public static function share(Circumstances $all, Constants $constants): float
    {
        $mass = $all->account->pieceMass();
        if ($mass <= 0 || ! in_array($all->recipe->pieceName, self::CONTAINERS, true)) {
            return 1.0;
        }

        return min(1.0, $constants->get('helpings') * $all->swap->family()->pieceGrams / $mass);
    }

    /** kg that the text itself names: "for a child of 15 kg". */
    public static function bodyMassSaid(Circumstances $all): ?float
    {
        foreach ($all->sayings('child') as $said) {
            if (sscanf($said->words, '%*[^0-9]%f kg', $kg) > 0 && is_float($kg) && $kg > 0) {
                return $kg;
            }
        }

        return null;
    }
}
