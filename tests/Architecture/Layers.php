<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Which room may know which, sub-folders included: read by phpat within static analysis (`phpstan-core.neon` and
 * `phpstan.neon`). Each room of the core knows only those above it in the list, so that no ring can arise.
 */
final class Layers
{
    private const ROOMS = [
        'Quantity',
        'Language',
        'Device',
        'Linear',
        'Larder',
        'Reading',
        'Formula',
        'Account',
        'Family',
        'Forecast',
        'Swap',
        'Method',
        'Harm',
        'Plan',
        'Writing',
        'Trial',
    ];

    /** A folder within a room, which the room itself does not know; who may is named. */
    private const INNER = [
        'Reading\\Format' => 'Reading',
        'Swap\\Rule' => 'Linear',
    ];

    /** @return iterable<string, Rule> */
    public function test_a_room_knows_only_those_before_it(): iterable
    {
        foreach (self::ROOMS as $i => $room) {
            $later = array_slice(self::ROOMS, $i + 1);
            if ($later !== []) {
                yield $room => PHPat::rule()
                    ->classes(Selector::inNamespace("Aglyca\\Core\\$room"))
                    ->shouldNotDependOn()
                    ->classes(
                        ...array_map(
                            static fn (string $l) => Selector::inNamespace("Aglyca\\Core\\$l"),
                            $later,
                        ),
                    )
                    ->because('the rooms of the core depend in one direction');
            }
        }
    }

    /** @return iterable<string, Rule> */
    public function test_a_room_does_not_know_what_is_built_above_it(): iterable
    {
        foreach (self::INNER as $inner => $room) {
            yield $inner => PHPat::rule()
                ->classes(Selector::inNamespace("Aglyca\\Core\\$room"))
                ->excluding(Selector::inNamespace("Aglyca\\Core\\$inner"))
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace("Aglyca\\Core\\$inner"))
                ->because('a folder within a room stands above it');
        }
    }

    /** Foods and packages are read from labels; a label knows nutrients and laws, and no food. */
    public function test_a_label_knows_no_food(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Aglyca\Core\Larder\Label'))
            ->shouldNotDependOn()
            ->classes(
                ...array_map(
                    static fn (string $class) => Selector::classname("Aglyca\\Core\\Larder\\$class"),
                    ['Food', 'Larder', 'Package', 'Stock', 'Taught', 'Density'],
                ),
            )
            ->because('no ring may arise between the larder and its labels');
    }

    /** @return iterable<string, Rule> */
    public function test_the_core_knows_neither_framework_nor_application(): iterable
    {
        foreach (['App', 'Illuminate', 'Symfony', 'Carbon', 'Dompdf', 'Sabre', 'Intervention'] as $outside) {
            yield $outside => PHPat::rule()
                ->classes(Selector::inNamespace('Aglyca\Core'))
                ->shouldNotDependOn()
                ->classes(Selector::inNamespace($outside))
                ->because('the computation stands alone');
        }
    }

    /** The door and the wiring stand before all rooms: what is wired does not reach back. */
    public function test_rooms_do_not_know_the_door(): Rule
    {
        return PHPat::rule()
            ->classes(
                ...array_map(static fn (string $r) => Selector::inNamespace("Aglyca\\Core\\$r"), array_slice(self::ROOMS, 0, 10)),
            )
            ->shouldNotDependOn()
            ->classes(Selector::classname('Aglyca\Core\Kernel'), Selector::classname('Aglyca\Core\Wiring'))
            ->because('a service is given what it needs');
    }

    public function test_models_know_no_screens(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Models'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Http'), Selector::inNamespace('App\View'))
            ->because('what is kept does not know how it is shown');
    }

    public function test_screens_do_not_know_who_asks(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\View'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Http\Controllers'), Selector::inNamespace('App\Http\Middleware'))
            ->because('a screen is drawn from what it is given');
    }

    public function test_only_the_door_is_known_outside(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Http\Controllers'), Selector::inNamespace('App\View'))
            ->shouldNotDependOn()
            ->classes(Selector::classname('Aglyca\Core\Wiring'))
            ->because('the shell goes through the kernel');
    }
}
