<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\BriefJson;
use Aglyca\Core\KeptReading;
use Aglyca\Core\Larder\Label\InvalidLabel;
use Aglyca\Core\Larder\Label\Label;
use Aglyca\Core\Larder\LabelLaw;
use Aglyca\Core\Larder\Ways;
use Aglyca\Core\Plan\Places;
use Aglyca\Core\Quantity\Ordinal;
use Aglyca\Core\Swap\KitchenLimits;
use Aglyca\Core\Trial\Curve;
use App\Http\Requests\PackageRequest;
use App\Http\Requests\RunEventsRequest;
use DateTimeZone;
use InvalidArgumentException;
use Throwable;

/** Whether a copy of a kitchen that somebody brings is one: nothing goes in that a page could not show. */
final class KitchenCheck
{
    /** Rows of one table, bytes of one thing (our own choice). */
    private const MOST_ROWS = 20_000;

    private const MOST_JSON = 400_000;

    /** Minutes since 1970: no day of a plan lies beyond the year 2100. */
    private const LATEST = 68_400_000;

    private const MOMENT = '~^[12]\d{3}-\d\d-\d\d \d\d:\d\d:\d\d$~';

    private const DAY = '~^[12]\d{3}-\d\d-\d\d$~';

    /** What each column holds: a length of text, a range of numbers, a pattern, or a kind. "?" may be left out. */
    private const COLUMNS = [
        'recipes' => [
            'title' => 160,
            'opened_at' => '?moment',
            'house_version_id' => '?number',
            'revision' => 'number',
            'straight_from' => 'number',
            'deleted_at' => '?moment',
        ],
        'versions' => [
            'recipe_id' => 'number',
            'number' => 'number',
            'document' => 'map',
            'past' => '?steps',
            'future' => '?steps',
            'parent_id' => '?number',
            'tries' => '?words',
            'reading' => '?map',
        ],
        'bakes' => [
            'recipe_id' => 'number',
            'version_id' => 'number',
            'baked_on' => 'day',
            'mark' => [1, 5],
            'words' => 20_000,
            'doing' => '?doing',
            'judgement' => '?words',
            'mass_g' => [0, 9_999_999],
            'height_cm' => [0, 9999],
            'pieces' => [0, 99_999],
            'minutes' => [0, 99_999],
            'heat_c' => [-50, 9999],
            'deleted_at' => '?moment',
        ],
        'photos' => ['bake_id' => 'number', 'width' => 'number', 'height' => 'number', 'jpeg_base64' => 6_000_000],
        'boxes' => ['bake_id' => 'number', 'place' => 10, 'pieces_left' => 'number', 'good_until' => '?day'],
        'runs' => ['recipe_id' => 'number', 'version_id' => 'number', 'bake_id' => '?number'],
        'run_events' => [
            'run_id' => 'number',
            'sent_as' => 40,
            'kind' => RunEventsRequest::KINDS,
            'data' => 'event',
            'at_ms' => [0, 9_000_000_000_000],
        ],
        'packages' => [
            'food' => 60,
            'name' => 120,
            'law' => 'law',
            'serving_g' => [0.01, 5000],
            'printed' => 'words',
            'polyol' => 'polyol',
            'price' => [0, 100_000],
            'size_g' => [0, 100_000],
            'is_default' => 'number',
            'left_g' => [0, 100_000],
            'opened_on' => '?day',
            'best_before' => '?day',
            'deleted_at' => '?moment',
        ],
        'toppings' => ['name' => 80, 'text' => 4000],
        'remembered_names' => ['name' => 190, 'typed' => 190, 'food' => 60],
        'observations' => ['bake_id' => '?number', 'what' => 80, 'value' => [-1e6, 1e6]],
        'curves' => [
            'recipe_id' => '?number',
            'name' => 120,
            'eaten_on' => 'day',
            'points' => 'points',
            'told' => '?words',
            'deleted_at' => '?moment',
        ],
        'days' => ['document' => 'map', 'revision' => 'number', 'deleted_at' => '?moment'],
    ];

    private function __construct() {}

    /**
     * @return array{kitchen: array<string, mixed>, tables: array<string, list<array<string, mixed>>>}
     *
     * @throws InvalidArgumentException with a sentence for the baker
     */
    public static function of(mixed $copy): array
    {
        if (
            ! is_array($copy) ||
            ($copy['format'] ?? null) !== KitchenCopy::FORMAT ||
            ! is_array($copy['tables'] ?? null)
        ) {
            throw new InvalidArgumentException('That is no copy of a kitchen from Aglyca.');
        }
        if (($copy['version'] ?? null) !== KitchenCopy::VERSION) {
            throw new InvalidArgumentException('That copy was made by a newer Aglyca than this one.');
        }
        $tables = [];
        foreach (self::COLUMNS as $table => $columns) {
            $rows = $copy['tables'][$table] ?? [];
            if (! is_array($rows) || ! array_is_list($rows) || count($rows) > self::MOST_ROWS) {
                throw self::damaged($table, 0);
            }
            foreach ($rows as $n => $row) {
                is_array($row) || throw self::damaged($table, $n);
                foreach ($columns as $column => $holds) {
                    self::holds($row[$column] ?? null, $holds) || throw self::damaged("$table.$column", $n);
                }
                foreach (['created_at', 'updated_at'] as $column) {
                    self::holds($row[$column] ?? null, '?moment') || throw self::damaged("$table.$column", $n);
                }
            }
            $tables[$table] = $rows;
        }
        self::photos($tables['photos']);
        self::labels($tables['packages']);
        self::curves($tables['curves']);

        return [
            'kitchen' => self::kitchen((array) ($copy['kitchen'] ?? [])),
            'tables' => [
                ...$tables,
                'versions' => self::versions($tables['versions']),
                'days' => self::days($tables['days']),
            ],
        ];
    }

    /** @param  int|string|list<mixed>  $holds */
    private static function holds(mixed $value, int|string|array $holds): bool
    {
        if (is_string($holds) && str_starts_with($holds, '?')) {
            return $value === null || self::holds($value, substr($holds, 1));
        }
        if (is_array($holds) && is_string($holds[0])) {
            return is_string($value) && in_array($value, $holds, true);
        }

        return match (true) {
            is_array($holds) => $value === null || (is_int($value) || is_float($value) || is_string($value)) &&
                is_numeric($value) && $value >= $holds[0] && $value <= $holds[1],
            is_int($holds) => is_string($value) && mb_strlen($value) <= $holds,
            default => match ($holds) {
                'number' => (is_int($value) || is_bool($value) || (is_string($value) && ctype_digit($value))) &&
                    $value >= 0 && $value < 1e9,
                'moment' => is_string($value) && preg_match(self::MOMENT, $value) === 1,
                'day' => is_string($value) && preg_match(self::DAY, $value) === 1,
                'map', 'steps' => is_array($value) && strlen((string) json_encode($value)) <= self::MOST_JSON,
                'words' => is_array($value) && strlen((string) json_encode($value)) <= self::MOST_JSON &&
                    array_filter($value, is_string(...)) === $value,
                'event' => is_array($value) && strlen((string) json_encode($value)) <= self::MOST_JSON &&
                    array_filter($value, static fn (mixed $v): bool => $v === null || is_scalar($v)) === $value,
                'doing' => self::holds($value, 'map') && self::isDoing($value),
                'law' => is_string($value) && LabelLaw::tryFrom($value) !== null,
                'polyol' => is_string($value) && isset(PackageRequest::POLYOLS[$value]),
                'points' => is_array($value) &&
                    count($value) <= 500 &&
                    array_filter(
                        $value,
                        static fn (mixed $p): bool => ! is_array($p) ||
                            count($p) !== 2 ||
                            array_filter($p, is_numeric(...)) !== $p,
                    ) === [],
                default => false,
            },
        };
    }

    /**
     * @param  list<array<string, mixed>>  $versions
     * @return list<array<string, mixed>>
     */
    private static function versions(array $versions): array
    {
        $sound = new SoundBrief(app(Trade::class)->kernel());
        $newest = [];
        foreach ($versions as $n => $version) {
            $other = $versions[$newest[$version['recipe_id']] ?? $n];
            $newest[$version['recipe_id']] = $version['number'] >= $other['number'] ? $n : $newest[$version['recipe_id']];
        }
        foreach ($versions as $n => $version) {
            try {
                $brief = BriefJson::read($version['document'])->but(kept: KeptReading::read($version['reading'] ?? null));
                $sound->isSound($brief) || throw self::damaged('versions.document', $n);
                ($newest[$version['recipe_id']] ?? $n) !== $n || $sound->isShown($brief) ||
                    throw self::damaged('versions.document', $n);
                $versions[$n]['document'] = BriefJson::of($brief);
                foreach ([...$version['past'] ?? [], ...$version['future'] ?? []] as $step) {
                    BriefJson::changed($brief, $step);
                }
            } catch (Throwable) {
                throw self::damaged('versions.document', $n);
            }
        }

        return $versions;
    }

    /**
     * @param  list<array<string, mixed>>  $days
     * @return list<array<string, mixed>>
     */
    private static function days(array $days): array
    {
        foreach ($days as $n => ['document' => $d]) {
            $isOne =
                in_array($d['mode'] ?? null, ['ready', 'from'], true) &&
                is_int($d['at'] ?? null) && $d['at'] >= 0 && $d['at'] < self::LATEST &&
                is_array($d['desserts'] ?? null) && $d['desserts'] !== [] &&
                array_filter($d['desserts'], static fn (mixed $one): bool => is_int($one) || is_string($one)) === $d['desserts'] &&
                array_filter((array) ($d['held'] ?? []), is_int(...)) === (array) ($d['held'] ?? []) &&
                array_filter((array) ($d['done'] ?? []), is_string(...)) === (array) ($d['done'] ?? []);
            $isOne || throw self::damaged('days.document', $n);
        }

        return $days;
    }

    /** @param  list<array<string, mixed>>  $packages */
    private static function labels(array $packages): void
    {
        foreach ($packages as $n => $package) {
            try {
                Label::of(
                    LabelLaw::from($package['law']), (float) $package['serving_g'], $package['printed'],
                    (string) $package['polyol'],
                );
            } catch (InvalidLabel) {
                throw self::damaged('packages.printed', $n);
            }
        }
    }

    /** @param  list<array<string, mixed>>  $curves */
    private static function curves(array $curves): void
    {
        foreach ($curves as $n => $curve) {
            try {
                new Curve(array_map(static fn (array $p): array => [(float) $p[0], (float) $p[1]], $curve['points']));
            } catch (Throwable) {
                throw self::damaged('curves.points', $n);
            }
        }
    }

    /** @param  list<array<string, mixed>>  $photos */
    private static function photos(array $photos): void
    {
        foreach ($photos as $n => $photo) {
            $header = @getimagesizefromstring((string) base64_decode((string) $photo['jpeg_base64'], true));
            ($header !== false && $header[2] === IMAGETYPE_JPEG && max($header[0], $header[1]) <= 4000) ||
                throw self::damaged('pictures', $n);
        }
    }

    /**
     * @param  array<array-key, mixed>  $kitchen
     * @return array<string, mixed>
     */
    private static function kitchen(array $kitchen): array
    {
        $isOne =
            self::holds($kitchen['name'] ?? null, 80) &&
            self::holds($kitchen['limit_g'] ?? null, [0.1, 500]) &&
            self::holds($kitchen['body_kg'] ?? null, [10, 300]) &&
            Convention::tryFrom(is_string($kitchen['convention'] ?? null) ? $kitchen['convention'] : '') !== null &&
            self::holds($kitchen['currency'] ?? '', 4) &&
            isset(KitchenLimits::HEATS[is_string($kitchen['heats'] ?? null) ? $kitchen['heats'] : '?']) &&
            isset(Ways::MEASURES[is_string($kitchen['measures'] ?? '') ? $kitchen['measures'] ?? '' : '?']) &&
            isset(Ways::FIRST[is_string($kitchen['first'] ?? '') ? $kitchen['first'] ?? '' : '?']) &&
            isset(Ways::SCALES[is_string($kitchen['scale'] ?? '') ? $kitchen['scale'] ?? '' : '?']) &&
            in_array($kitchen['zone'] ?? null, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true) &&
            in_array($kitchen['decimals'] ?? '.', ['.', ','], true) &&
            self::holds($kitchen['refused'] ?? null, '?words') &&
            self::isPlaces($kitchen['places'] ?? null);
        $isOne || throw self::damaged('kitchen', 0);

        return $kitchen;
    }

    private static function isPlaces(mixed $places): bool
    {
        try {
            $places === null || is_array($places) && new Places(...$places);
        } catch (Throwable) {
            return false;
        }

        return $places === null || is_array($places);
    }

    /** @param  array<array-key, mixed>  $doing  as the Counter records it */
    private static function isDoing(array $doing): bool
    {
        foreach (['weighed' => ['name', 'grams'], 'times' => ['name']] as $list => $fields) {
            foreach ((array) ($doing[$list] ?? []) as $one) {
                if (
                    ! is_array($one) ||
                    array_filter($fields, static fn (string $f): bool => ! is_scalar($one[$f] ?? null)) !== []
                ) {
                    return false;
                }
            }
        }

        foreach (['pieces', 'ovens'] as $list) {
            if (array_filter((array) ($doing[$list] ?? []), is_numeric(...)) !== (array) ($doing[$list] ?? [])) {
                return false;
            }
        }

        return true;
    }

    private static function damaged(string $where, int $n): InvalidArgumentException
    {
        return new InvalidArgumentException(
            sprintf(
                'That copy is damaged: its %s, number %d, is not what it should be. Nothing was brought in.',
                $where,
                Ordinal::after($n),
            ),
        );
    }
}
