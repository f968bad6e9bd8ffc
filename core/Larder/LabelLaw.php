<?php

declare(strict_types=1);

namespace Aglyca\Core\Larder;

/**
 * The food law that a package's label follows; it says what "carbohydrate" on it contains.
 *
 * Sources: 21 CFR 101.9(c)(6); Regulation (EU) No 1169/2011 Annex I; Food Standards Code of
 * Australia and New Zealand, schedule 11 (from memory).
 */
enum LabelLaw: string
{
    case UsCanada = 'us-ca';
    case EuUk = 'eu-uk';
    case AustraliaNz = 'au-nz';

    /** Fibre stands apart from the carbohydrate on the label: taking it off again would count it twice. */
    public function carbohydrateHasFibre(): bool
    {
        return $this === self::UsCanada;
    }

    public function carbohydrateHasPolyols(): bool
    {
        return $this !== self::AustraliaNz;
    }

    /** Total carbohydrate by difference, in the unit of the arguments, from what the label prints. */
    public function totalCarbohydrate(float $printed, float $fibre, float $polyols): float
    {
        return $printed +
            ($this->carbohydrateHasFibre() ? 0.0 : $fibre) +
            ($this->carbohydrateHasPolyols() ? 0.0 : $polyols);
    }
}
