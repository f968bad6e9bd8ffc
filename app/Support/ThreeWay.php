<?php

declare(strict_types=1);

namespace App\Support;

/**
 * Two changes of one document, made beside each other, put together field by field. What belongs together, as the
 * shares of a blend and its corners or the sides of a pan, is one value; only a set is put together word by word.
 */
final class ThreeWay
{
    /** Fields that mean something only together. */
    private const TOGETHER = [['shares', 'corners']];

    /** Maps that are one value. */
    private const WHOLE = ['portion', 'pan', 'to', 'from'];

    private const SETS = ['left', 'without'];

    private function __construct() {}

    /**
     * @param  array<array-key, mixed>  $base  what both began with
     * @param  array<array-key, mixed>  $mine
     * @param  array<array-key, mixed>  $theirs  what stands there by now
     * @return array<array-key, mixed> where both changed the same field, mine
     */
    public static function merged(array $base, array $mine, array $theirs): array
    {
        foreach (self::TOGETHER as $fields) {
            $part = static fn (array $of): array => array_intersect_key($of, array_flip($fields));
            if (! self::same($part($base), $part($mine))) {
                $theirs = array_replace($theirs, $part($mine));
            }
            $base = array_replace($base, $part($theirs));
            $mine = array_replace($mine, $part($theirs));
        }
        $merged = [];
        foreach (array_keys(array_replace($theirs, $mine)) as $field) {
            [$was, $is, $stands] = [$base[$field] ?? null, $mine[$field] ?? null, $theirs[$field] ?? null];
            $isOne = in_array($field, self::WHOLE, true);
            $value = match (true) {
                self::same($was, $is) => $stands,
                self::same($was, $stands) => $is,
                ! $isOne && self::isMap($is) && self::isMap($stands) => self::merged(
                    (array) $was, (array) $is, (array) $stands,
                ),
                in_array($field, self::SETS, true) && is_array($is) && is_array($stands) => self::lists(
                    (array) $was,
                    (array) $is,
                    (array) $stands,
                ),
                default => $is,
            };
            if ($value !== null || array_key_exists($field, $theirs) && array_key_exists($field, $mine)) {
                $merged[$field] = $value;
            }
        }

        return $merged;
    }

    private static function same(mixed $one, mixed $other): bool
    {
        return json_encode($one) === json_encode($other);
    }

    private static function isMap(mixed $value): bool
    {
        return is_array($value) && ($value === [] || ! array_is_list($value));
    }

    /**
     * @param  array<array-key, mixed>  $was
     * @param  array<array-key, mixed>  $is
     * @param  array<array-key, mixed>  $stands
     * @return list<mixed>
     */
    private static function lists(array $was, array $is, array $stands): array
    {
        $kept = array_diff($stands, array_diff($was, $is));

        return array_values(array_unique([...$kept, ...array_diff($is, $was)]));
    }
}
