<?php

declare(strict_types=1);

namespace Aglyca\Core\Formula;

use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;
use Aglyca\Core\Reading\Step;

/** Sugar that is browned by itself before anything else is made of it, as below a custard or over a tart's fruit. */
final readonly class Caramelled
{
    private const BROWNED = '~\b(?:caramel(?!\s+sauce)|caramelis\w+|carameliz\w+|amber|deep\s+gold\w*|golden[- ]brown|mahogany)\b~iu';

    private const HEATED = '~\b(?:melt|boil|heat|cook|dissolve|swirl|simmer)\w*\b[^.;!]*\bsugar\b|\bsugar\b[^.;!]*\b(?:melt|boil|heat|cook|dissolve|swirl|simmer|caramel)\w*\b~iu';

    private const SAID = '~\bfor\s+(?:the\s+)?caramel\b~iu';

    private const ON_TOP = '~\b(?:for|to)\s+(?:the\s+)?(?:top|tops|topping|sprinkl\w*|finish|caramelis\w*|carameliz\w*|torch|brul\w*|br[uû]l[ée]e\w*)\b~iu';

    private function __construct() {}

    /**
     * @param  list<Dose>  $doses
     * @param  list<Step>  $steps
     * @return list<int> doses that are browned
     */
    public static function in(array $doses, array $steps, Making $making): array
    {
        $sugars = array_keys(array_filter($doses, static fn (Dose $d): bool => $d->food?->role === Role::Sweet &&
            ! $d->food->isLiquid() && $d->food->texture !== Texture::Powder && $d->isCounted()));
        $isSaid = static fn (int $i): bool => preg_match(self::SAID, self::line($doses, $i)) === 1 ||
            // "Sprinkle demerara on and grill till it bubbles"
            ($making->isTorched && preg_match(self::ON_TOP, $doses[$i]->text) === 1);
        $found = array_filter($sugars, $isSaid);
        $isFirst = true;
        foreach ($steps as $step) {
            foreach (preg_split('~(?<=[.!?;])\s+~u', $step->text) ?: [] as $sentence) {
                if (preg_match('~\bsugar\b~iu', $sentence) !== 1) {
                    continue;
                }
                if (preg_match(self::BROWNED, $sentence) === 1 && preg_match(self::HEATED, $sentence) === 1) {
                    $said = array_filter($sugars, static fn (int $i): bool => preg_match(
                        '~\b'.(int) round($doses[$i]->mass()).'\s?g\b~u', $sentence,
                    ) === 1);
                    // Of several the first, where it is the first that the method speaks of.
                    array_push($found, ...$said !== [] ? $said : ($isFirst && $sugars !== [] ? [$sugars[0]] : []));
                }
                $isFirst = false;
            }
        }

        return array_values(array_unique($found));
    }

    /**
     * The words of all that stands on a dose's line.
     *
     * @param  list<Dose>  $doses
     */
    private static function line(array $doses, int $i): string
    {
        $of = static fn (Dose $d): string => explode('_', $d->key)[0];

        return implode(' ', array_map(
            static fn (Dose $d): string => $d->text,
            array_filter($doses, static fn (Dose $d): bool => $of($d) === $of($doses[$i])),
        ));
    }
}
