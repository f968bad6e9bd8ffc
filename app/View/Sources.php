<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Tables;

/** Where the numbers come from. */
final readonly class Sources
{
    /** The tables that the Almanac shows row by row, by what they are about. */
    public const TABLES = [
        'units' => 'Units',
        'fractions' => 'Fraction signs',
        'number_words' => 'Number words',
        'measuring_systems' => 'Cups and spoons of other countries',
        'qualifiers' => 'Scant and heaped',
        'country_words' => 'Words that tell whose cups are meant',
        'piece_words' => 'Names of pieces',
        'part_words' => 'Names of parts',
        'actions' => 'What is done in a kitchen',
        'decisive_words' => 'Words that decide which food it is',
        'claims' => 'Words on a package',
        'chocolate_grades' => 'Chocolate by its cocoa',
        'uncertainties' => 'How sure each way of measuring is',
        'spreads' => 'How far foods lie from their tables',
        'densities' => 'What a cup weighs',
        'portions' => 'What one of a thing weighs',
        'spooned' => 'What a spoon of a name is',
        'scoops' => 'Scoops',
        'dough_densities' => 'What a scoop of dough weighs',
        'properties' => 'What a food does in a dough',
        'polyols' => 'Sugar alcohols',
        'acids' => 'Acids and soda',
        'energy_factors' => 'Energy',
        'constants' => 'Single figures',
        'bake_rules' => 'Oven and air fryer',
        'families' => 'Families of desserts',
        'family_parts' => 'What a kind of dough needs',
        'family_signs' => 'What tells a family',
        'family_limits' => 'What a family cannot do',
        'family_bands' => 'What each family allows to differ',
        'rows' => 'The rules of a swap',
        'sweetener_mixes' => 'Sweetener mixes',
        'flour_schools' => 'Flour schools',
        'flour_school_parts' => 'What each school puts for flour',
        'single_swaps' => 'Swaps of single foods',
        'sliced_swaps' => 'What lies in the place of sliced fruit',
        'mashed_swaps' => 'What is mashed in the place of dried fruit',
        'thickened_swaps' => 'What thickens in the place of flour',
        'unbaked_swaps' => 'What binds in the place of fruit where nothing is baked',
        'family_sweeteners' => 'Kinds of bake that want one sweetener',
        'tins' => 'What a tin holds, and what of it goes in',
        'label_tolerances' => 'How far a label may be off by law',
        'patterns' => 'The usual method of each family',
        'causes' => 'Why a bake goes wrong',
        'cause_signs' => 'What speaks for a cause',
        'signs' => 'What is usual in a mix',
        'changes' => 'What to change for a cause',
        'extras' => 'What a swap asks for beside the recipe',
        'appliances' => 'In what else a dessert can be baked',
        'hazards' => 'What poisons, chokes or does not set',
        'keeping' => 'How long what keeps',
        'solutes' => 'What dissolves, and how it binds water',
        'food_sugars' => 'Which sugar is in a food',
        'fibre_tolerances' => 'Soluble fibre at one sitting',
        'dog_poisons' => 'What poisons dogs',
        'core_heats' => 'How hot the middle is when it is done',
        'remedies' => 'What helps a mix that is not right',
        'preparations' => 'What is made first, where a tin was opened',
        'fallbacks' => 'What stands in for what may not be used',
        'free_swaps' => 'Without milk, egg or nuts',
        'allergens' => 'Allergens by the EU and US lists',
    ];

    public function __construct(private Tables $tables) {}

    /** @return array<string, array<string, string>> rows of `data/sources.csv` by key */
    public function all(): array
    {
        return array_column($this->rows('sources'), null, 'key');
    }

    /** @return array<string, string> */
    public function get(string $key): array
    {
        return $this->all()[$key] ?? ['key' => $key, 'kind' => '', 'source' => $key, 'note' => ''];
    }

    /** @return array<string, list<array<string, string>>> densities, portions and properties of a food */
    public function factsOf(string $food): array
    {
        $facts = [];
        foreach (['densities', 'portions', 'properties'] as $table) {
            $facts[$table] = array_values(
                array_filter($this->rows($table), static fn (array $row): bool => $row['food'] === $food),
            );
        }

        return $facts;
    }

    /** @return list<array<string, string>> */
    public function rows(string $table): array
    {
        return $this->tables->rows($table);
    }
}
