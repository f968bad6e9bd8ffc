<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Food;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Part;

/** How the things that took the place of others are called in a sentence. */
final class NewNames
{
    /** @param  list<string>  $names */
    public static function list(array $names): string
    {
        $names = array_values(array_unique($names));
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names).' and '.$last;
    }

    public static function name(Food $food): string
    {
        // What stands behind a comma tells bags apart on a shelf, not things in a bowl.
        $name = explode(',', $food->name)[0];

        return trim(mb_strtolower(preg_replace('~\s*\b\d+(?::\d+|\s?%)?~u', '', $name) ?? $name));
    }

    /** @return list<Part> parts whose food was not there before */
    public static function added(Formula $before, Exchange $exchange): array
    {
        $old = array_map(static fn (int $d): ?string => $before->doses[$d]->food?->key, $exchange->from);

        return $exchange->changed
            ? array_values(
                array_filter($exchange->to, static fn (Part $p): bool => ! in_array($p->food->key, $old, true)),
            )
            : [];
    }

    /** Nothing of it stands in the bowl under its old name. */
    public static function isGone(Formula $before, Exchange $exchange): bool
    {
        $new = array_map(static fn (Part $p): string => $p->food->key, $exchange->to);
        $old = array_map(static fn (int $d): ?string => $before->doses[$d]->food?->key, $exchange->from);

        return $exchange->changed && array_intersect($old, $new) === [];
    }

    /**
     * Said in full: what is in it.
     *
     * @param  list<Part>  $parts  of it that go in here
     */
    public static function full(Exchange $exchange, array $parts): string
    {
        $isFruit = in_array($exchange->role, [Role::Mixin, Role::Flavour], true);
        if ($isFruit && count($parts) > 2) {
            usort($parts, static fn (Part $a, Part $b): int => $b->grams <=> $a->grams);
            $parts = [$parts[0]];
        }

        return self::list(array_map(static fn (Part $p): string => self::name($p->food), $parts));
    }

    /**
     * Said again, shorter.
     *
     * @param  list<Part>  $parts
     */
    public static function short(Exchange $exchange, array $parts): string
    {
        if ($exchange->role === Role::Sweet) {
            return 'sweetener';
        }
        $names = array_map(static fn (Part $p): string => self::name($p->food), $parts);
        $flours = array_filter(
            $names,
            static fn (string $n): bool => str_ends_with($n, 'flour') || str_ends_with($n, 'meal'),
        );
        if ($exchange->role === Role::Body && count($parts) > 1) {
            $bodies = array_values(array_filter($parts, static fn (Part $p): bool => $p->food->role !== Role::Binder));
            if ($flours === [] && count($bodies) === 1) {
                // Grains with the gum that makes them creamy are still the grains.
                return self::name($bodies[0]->food);
            }

            return match (true) {
                // Flaked almonds and coconut for oats are soon said.
                $flours === [] => count($parts) > 2 ? 'dry mix' : self::full($exchange, $parts),
                default => count($flours) > 1 ? 'flours' : 'flour mix',
            };
        }

        return self::full($exchange, $parts);
    }

    /**
     * Before "mixture", which says already that there are several.
     *
     * @param  list<Part>  $parts
     */
    public static function ofMixture(Exchange $exchange, array $parts): string
    {
        $name = self::short($exchange, $parts);

        return preg_replace('~^(flour|dry)(?:s| mix)$~u', '$1', $name) ?? $name;
    }
}
