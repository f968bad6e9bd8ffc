<?php

declare(strict_types=1);

namespace Tests\Core\Trial;

use Aglyca\Core\Brief;
use Aglyca\Core\Side;
use Aglyca\Core\Trial\BakeNotes;
use Aglyca\Core\Trial\Experience;
use Aglyca\Core\Trial\FoundCause;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\CoreCase;

final class DiagnosisTest extends CoreCase
{
    /** @return list<FoundCause> */
    private static function diagnosed(string $text): array
    {
        $baked = BakeNotes::parted($text);

        return self::kernel()->diagnose(self::kernel()->convert(new Brief($baked->recipe)), Side::Written, $baked->notes);
    }

    public function test_the_cause_that_a_practised_baker_would_name_comes_first(): void
    {
        [$first, $third, $missed] = [0, 0, []];
        foreach (Bakes::all() as $name => [$text, $expected]) {
            $keys = array_map(static fn (FoundCause $c): string => $c->key, self::diagnosed($text));
            $first += in_array($keys[0] ?? '', $expected, true) ? 1 : 0;
            $third += array_intersect(array_slice($keys, 0, 3), [$expected[0]]) !== [] ? 1 : 0;
            if (! in_array($keys[0] ?? '', $expected, true)) {
                $missed[] = "$name: ".implode(', ', array_slice($keys, 0, 3));
            }
        }
        $all = count(Bakes::all());
        self::assertGreaterThanOrEqual(60, $all);
        self::assertGreaterThanOrEqual(0.75 * $all, $first, implode("\n", $missed));
        self::assertGreaterThanOrEqual(0.92 * $all, $third, implode("\n", $missed));
    }

    public function test_nothing_is_said_where_nothing_is_wrong(): void
    {
        foreach (Bakes::good() as $text) {
            self::assertSame([], self::diagnosed($text));
        }
    }

    /** @param  list<string>  $expected */
    #[DataProvider('bakes')]
    public function test_probabilities_change_and_evidence_hold_together(string $text, array $expected): void
    {
        $causes = self::diagnosed($text);
        self::assertNotSame([], $causes);
        self::assertLessThanOrEqual(
            1.0 + 1e-9,
            array_sum(array_map(static fn (FoundCause $c): float => $c->probability, $causes)),
        );
        foreach ($causes as $i => $cause) {
            self::assertTrue($i === 0 || $causes[$i - 1]->probability >= $cause->probability);
            self::assertNotSame([], $cause->because, $cause->key);
            foreach ($cause->change->properties ?? [] as $key => [$before, $after]) {
                self::assertFalse($after->isOutside() && ! $before->isOutside(), "$cause->key: $key is newly out");
            }
            $wanted =
                [
                    'less-allulose' => ['browning', -1],
                    'more-allulose' => ['browning', 1],
                    'more-liquid' => ['moisture', 1],
                    'less-liquid' => ['moisture', -1],
                    'more-hold' => ['structure', 1],
                    'less-hold' => ['structure', -1],
                    'less-sweet' => ['sweetness', -1],
                    'more-sweet' => ['sweetness', 1],
                    'less-fat' => ['fat', -1],
                    'more-fat' => ['fat', 1],
                    'cooler' => ['browning', -1],
                    'shorter' => ['browning', -1],
                    'longer' => ['browning', 1],
                ][$cause->change->what ?? ''] ?? null;
            $moved = $wanted === null ? null : $cause->change?->properties[$wanted[0]] ?? null;
            if ($moved !== null) {
                self::assertSame($wanted[1], $moved[1]->after <=> $moved[0]->after, "$cause->key moves $wanted[0]");
            }
        }
    }

    /** @return array<string, array{string, list<string>}> */
    public static function bakes(): array
    {
        return Bakes::all();
    }

    /** By hand: (2 + 3) / (4 + 4) over a half is 1.25; one that never helped in four falls to a half. */
    public function test_a_kitchen_that_saw_a_change_help_believes_in_its_cause(): void
    {
        self::assertEqualsWithDelta(1.25, (new Experience(4, 3))->factor(), 1e-12);
        self::assertEqualsWithDelta(0.5, (new Experience(4, 0))->factor(), 1e-12);
        self::assertSame(1.0, (new Experience)->factor());
        $baked = BakeNotes::parted(Bakes::all()['cut while hot'][0]);
        $conversion = self::kernel()->convert(new Brief($baked->recipe));
        $of = static fn (array $tried): float => array_column(
            array_map(
                static fn (FoundCause $c): array => ['key' => $c->key, 'p' => $c->probability],
                self::kernel()->diagnose($conversion, Side::Written, $baked->notes, $tried),
            ),
            'p',
            'key',
        )['cut-warm'];
        self::assertGreaterThan($of([]), $of(['cut-warm' => new Experience(3, 3)]));
        self::assertLessThan($of([]), $of(['cut-warm' => new Experience(3, 0)]));
    }

    public function test_notes_say_what_they_do_not_understand(): void
    {
        $notes = BakeNotes::read(
            "browning: too much\ncool aftertaste: right\nheat: 356 °F\nmass: 0,8 kg\nminutes: 35\npieces: 11",
        );
        self::assertEqualsWithDelta(180.0, $notes->heat, 1e-9);
        self::assertSame([800.0, 35.0, 11.0], [$notes->mass, $notes->minutes, $notes->pieces]);
        self::assertSame(['browning', 'cool'], array_keys($notes->judged));
        foreach (['browning: sideways', 'wobble: too much', 'nothing', 'mass: heavy'] as $line) {
            try {
                BakeNotes::read($line);
                self::fail($line);
            } catch (InvalidArgumentException $fault) {
                self::assertStringContainsString(explode(':', $line)[0], $fault->getMessage());
            }
        }
        $this->expectException(InvalidArgumentException::class);
        BakeNotes::parted("A recipe\n100 g sugar");
    }
}
