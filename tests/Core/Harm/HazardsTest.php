<?php

declare(strict_types=1);

namespace Tests\Core\Harm;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

/** Each row of `data/hazards.csv` where it is due, and not where its own condition fails. */
final class HazardsTest extends CoreCase
{
    /** @return iterable<string, array{array<string, string>}> */
    public static function hazards(): iterable
    {
        foreach (self::tables()->rows('hazards') as $row) {
            yield $row['hazard'] => [$row];
        }
    }

    /** @param  array<string, string>  $row */
    #[DataProvider('hazards')]
    public function test_a_hazard_is_told_once_where_it_matters(array $row): void
    {
        $eater = ['infant' => 'for a baby', 'toddler' => 'for a toddler', 'child' => 'for children', '' => ''];
        $said = static function (string $line, string $method = 'Mix and chill.', int $pieces = 2, ?string $for = null) use ($row, $eater): array {
            $for ??= $eater[explode('|', $row['eater'])[0]];
            $more = $row['with'] === '' ? '' : "\n10 g {$row['with']}";
            $title = $row['state'] === 'frozen' ? 'Vanilla ice cream' : 'Slab';
            $made = self::work("$title $for\nMakes $pieces\n$line\n100 g coconut oil\n50 g erythritol$more\n\nMethod\n$method");

            return array_keys(array_column($made->warnings, 'key'), $row['hazard'], true);
        };
        self::assertCount(1, $said($row['example']), "“{$row['example']}”");
        self::assertCount(0, $said($row['near_miss']), "“{$row['near_miss']}”");
        if ($row['eater'] !== '') {
            self::assertCount(0, $said($row['example'], for: ''), 'for whom it is no hazard');
        }
        if ((float) $row['least_g'] > 0) {
            self::assertCount(0, $said($row['example'], pieces: 400), 'a speck of it');
        }
        if ($row['state'] === 'unboiled') {
            self::assertCount(0, $said($row['example'], 'Boil it for ten minutes. Mix and chill.'));
        }
        if ($row['state'] === 'dry') {
            self::assertCount(0, $said($row['example']."\n2 l water"));
        }
    }
}
