<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Kitchen;
use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Everything of a kitchen as plain data, and back. Things are numbered from 0 in the order in which they came to be,
 * and
 * name each other by these numbers, so that a copy of a copy is the same as the copy.
 *
 * @phpstan-type Row array<string, mixed>
 */
final class KitchenCopy
{
    public const FORMAT = 'aglyca-kitchen';

    public const VERSION = 1;

    /**
     * Tables that belong to the kitchen or to a thing of it: what they hang on, their columns, and which of those hold
     * JSON.
     */
    private const TABLES = [
        'packages' => [
            'kitchen_id',
            [
                'food',
                'name',
                'law',
                'serving_g',
                'printed',
                'polyol',
                'price',
                'size_g',
                'is_default',
                'left_g',
                'opened_on',
                'best_before',
                'created_at',
                'updated_at',
                'deleted_at',
            ],
            ['printed'],
        ],
        'recipes' => [
            'kitchen_id',
            [
                'title',
                'opened_at',
                'created_at',
                'updated_at',
                'deleted_at',
                'house_version_id',
                'revision',
                'straight_from',
            ],
            [],
        ],
        'versions' => [
            'recipe_id',
            [
                'recipe_id', 'number', 'document', 'past', 'future', 'parent_id', 'tries', 'reading', 'created_at',
                'updated_at',
            ],
            ['document', 'past', 'future', 'tries', 'reading'],
        ],
        'bakes' => [
            'recipe_id',
            [
                'recipe_id',
                'version_id',
                'baked_on',
                'mark',
                'words',
                'doing',
                'judgement',
                'mass_g',
                'height_cm',
                'pieces',
                'minutes',
                'heat_c',
                'created_at',
                'updated_at',
                'deleted_at',
            ],
            ['doing', 'judgement'],
        ],
        'photos' => ['bake_id', ['bake_id', 'width', 'height', 'jpeg_base64', 'created_at', 'updated_at'], []],
        'boxes' => ['bake_id', ['bake_id', 'place', 'pieces_left', 'good_until', 'created_at', 'updated_at'], []],
        'runs' => ['kitchen_id', ['recipe_id', 'version_id', 'bake_id', 'created_at', 'updated_at'], []],
        'run_events' => ['run_id', ['run_id', 'sent_as', 'kind', 'data', 'at_ms'], ['data']],
        'toppings' => ['kitchen_id', ['name', 'text', 'created_at', 'updated_at'], []],
        'remembered_names' => ['kitchen_id', ['name', 'typed', 'food', 'created_at', 'updated_at'], []],
        'observations' => ['kitchen_id', ['bake_id', 'what', 'value', 'created_at', 'updated_at'], []],
        'curves' => [
            'kitchen_id',
            ['recipe_id', 'name', 'eaten_on', 'points', 'told', 'created_at', 'updated_at', 'deleted_at'],
            ['points', 'told'],
        ],
        'days' => ['kitchen_id', ['document', 'revision', 'created_at', 'updated_at', 'deleted_at'], ['document']],
    ];

    private const KITCHEN = [
        'name',
        'limit_g',
        'convention',
        'refused',
        'body_kg',
        'currency',
        'places',
        'zone',
        'heats',
        'measures',
        'first',
        'scale',
        'decimals',
    ];

    private const KITCHEN_JSON = ['refused', 'places'];

    /** A column that names a thing, and of which table. */
    private const NAMES = [
        'recipe_id' => 'recipes',
        'version_id' => 'versions',
        'parent_id' => 'versions',
        'house_version_id' => 'versions',
        'bake_id' => 'bakes',
        'run_id' => 'runs',
    ];

    private const PARENTS = [
        'kitchen_id' => 'kitchens',
        'recipe_id' => 'recipes',
        'bake_id' => 'bakes',
        'run_id' => 'runs',
    ];

    private const WITH_ULID = ['recipes', 'runs', 'days'];

    private const FLAGS =
        JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    private function __construct() {}

    /** @return array{format: string, version: int, kitchen: Row, tables: array<string, list<Row>>} */
    public static function of(Kitchen $kitchen): array
    {
        $ids = ['kitchens' => [$kitchen->id => $kitchen->id]];
        $ulids = [];
        $tables = [];
        foreach (self::TABLES as $table => [$parent, $columns, $json]) {
            $rows = DB::table($table)
                ->whereIn($parent, array_keys($ids[self::PARENTS[$parent]]))
                ->orderBy('id')
                ->get()
                ->all();
            $ids[$table] = [];
            foreach ($rows as $n => $row) {
                $ids[$table][(int) $row->id] = $n;
                if ($table === 'recipes') {
                    $ulids[(string) $row->ulid] = $n;
                }
            }
            $tables[$table] = array_map(
                static fn (object $row): array => self::opened(
                    array_intersect_key((array) $row, array_flip($columns)),
                    $json,
                ),
                $rows,
            );
        }
        $renumber = self::renumbering($ids, static fn (mixed $ulid): mixed => $ulids[$ulid] ?? null);
        $own = self::opened(
            array_intersect_key((array) DB::table('kitchens')->find($kitchen->id), array_flip(self::KITCHEN)),
            self::KITCHEN_JSON,
        );

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'kitchen' => $own,
            'tables' => array_combine(
                array_keys($tables),
                array_map(
                    static fn (string $table, array $rows): array => array_map(
                        static fn (array $row): array => $renumber($table, $row),
                        $rows,
                    ),
                    array_keys($tables),
                    $tables,
                ),
            ),
        ];
    }

    /**
     * Puts a copy into an empty kitchen, all of it or nothing.
     *
     * @param  array{kitchen: Row, tables: array<string, list<Row>>}  $copy  as `KitchenCheck` let it pass
     */
    public static function into(Kitchen $kitchen, array $copy): void
    {
        DB::transaction(static function () use ($kitchen, $copy): void {
            DB::table('kitchens')
                ->where('id', $kitchen->id)
                ->update(
                    self::closed(array_intersect_key($copy['kitchen'], array_flip(self::KITCHEN)), self::KITCHEN_JSON),
                );
            [$ids, $ulids, $later] = [[], [], []];
            foreach (self::TABLES as $table => [$parent, $columns, $json]) {
                $renumber = self::renumbering($ids, static fn (mixed $n): mixed => $ulids[$n] ?? null);
                foreach ($copy['tables'][$table] ?? [] as $n => $row) {
                    $row = array_intersect_key($row, array_flip($columns));
                    if (isset($row['house_version_id'])) {
                        // What comes later in the copy is named once it is there.
                        $later[] = [$n, $row['house_version_id']];
                        $row['house_version_id'] = null;
                    }
                    $ulid = strtolower((string) Str::ulid());
                    $new = self::closed($renumber($table, $row), $json);
                    $new = [...$new, ...$parent === 'kitchen_id' ? ['kitchen_id' => $kitchen->id] : []];
                    $new = [...$new, ...in_array($table, self::WITH_ULID, true) ? ['ulid' => $ulid] : []];
                    $ids[$table][$n] = (int) DB::table($table)->insertGetId($new);
                    $ulids = $table === 'recipes' ? array_replace($ulids, [$n => $ulid]) : $ulids;
                }
            }
            foreach ($later as [$n, $version]) {
                DB::table('recipes')
                    ->where('id', $ids['recipes'][$n])
                    ->update(['house_version_id' => $ids['versions'][$version] ?? null]);
            }
            app(StandingReadings::class)->keepBroughtIn(array_values($ids['versions'] ?? []));
        });
    }

    /**
     * @param  array<string, array<int, int>>  $ids  of each table: how a number is said on the other side
     * @param  callable(mixed): mixed  $dessert  how a dessert of a day is said on the other side
     * @return Closure(string, Row): Row
     */
    private static function renumbering(array &$ids, callable $dessert): Closure
    {
        $recipe = static fn (string $said): string => (string) preg_replace_callback(
            '~^(taste-)?(\d+)(?=-\d)~',
            static fn (array $m): string => $m[1].($ids['recipes'][(int) $m[2]] ?? $m[2]),
            $said,
        );

        return static function (string $table, array $row) use (&$ids, $dessert, $recipe): array {
            foreach (self::NAMES as $column => $of) {
                if (isset($row[$column])) {
                    $row[$column] = $ids[$of][(int) $row[$column]] ?? null;
                }
            }
            if ($table === 'days') {
                $row['document']['desserts'] = array_values(
                    array_filter(
                        array_map($dessert, $row['document']['desserts'] ?? []),
                        static fn (mixed $d): bool => $d !== null,
                    ),
                );
            }
            foreach (['run_events' => 'data', 'bakes' => 'doing', 'days' => 'document'] as $where => $column) {
                if ($table === $where && is_array($row[$column] ?? null)) {
                    $row[$column] = self::mapped($row[$column], $recipe);
                }
            }
            foreach ($table === 'versions' ? ['document', 'past', 'future'] : [] as $column) {
                $row[$column] = is_array($row[$column] ?? null)
                    ? self::packages($row[$column], $ids['packages'] ?? [])
                    : $row[$column] ?? null;
            }

            return $row;
        };
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  callable(string): string  $say
     * @return array<array-key, mixed>
     */
    private static function mapped(array $data, callable $say): array
    {
        $mapped = [];
        foreach ($data as $key => $value) {
            $mapped[is_string($key) ? $say($key) : $key] = is_array($value)
                ? self::mapped($value, $say)
                : (is_string($value)
                    ? $say($value)
                    : $value);
        }

        return $mapped;
    }

    /**
     * A line that was said to be a certain package.
     *
     * @param  array<array-key, mixed>  $data
     * @param  array<int, int>  $packages
     * @return array<array-key, mixed>
     */
    private static function packages(array $data, array $packages): array
    {
        foreach ($data as $key => $value) {
            if ($key === 'package' && is_scalar($value)) {
                $data[$key] = (string) ($packages[(int) $value] ?? $value);
            } elseif (is_array($value)) {
                $data[$key] = self::packages($value, $packages);
            }
        }

        return $data;
    }

    /**
     * @param  Row  $row
     * @param  list<string>  $json
     * @return Row
     */
    private static function opened(array $row, array $json): array
    {
        foreach ($json as $column) {
            $row[$column] = isset($row[$column])
                ? json_decode((string) $row[$column], true, 64, JSON_THROW_ON_ERROR)
                : null;
        }

        return $row;
    }

    /**
     * @param  Row  $row
     * @param  list<string>  $json
     * @return Row
     */
    private static function closed(array $row, array $json): array
    {
        foreach ($json as $column) {
            $row[$column] = isset($row[$column]) ? json_encode($row[$column], self::FLAGS) : null;
        }

        return $row;
    }
}
