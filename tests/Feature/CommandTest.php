<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** `aglyca account` and `aglyca convert` as a shell runs them. */
final class CommandTest extends TestCase
{
    private const LOAF = "Loaf\nMakes 10 slices\n200 g sugar\n1 cup flour (250 g)\n3 eggs\n30 g moondust\n";

    public function test_account_counts_as_written_in_the_documented_shape(): void
    {
        [$code, $out] = $this->shell(['account', '--json', '-'], self::LOAF);
        $said = json_decode($out, true);
        self::assertSame(0, $code);
        self::assertSame(['title', 'servings', 'mass_g', 'lines', 'per_serving'], array_keys($said));
        self::assertSame(
            ['text', 'component', 'food', 'grams', 'grams_low', 'grams_high', 'carbohydrate_g', 'flags'],
            array_keys($said['lines'][0]),
        );
        self::assertSame(
            ['low-carb', 'half-polyol', 'weighted', 'available', 'clinic'],
            array_keys($said['per_serving']['net_carbs_g']),
        );
        self::assertSame(['measures-disagree'], $said['lines'][1]['flags']);
        self::assertSame([null, ['unknown-food']], [$said['lines'][3]['food'], $said['lines'][3]['flags']]);
        self::assertEqualsWithDelta((199.96 + 0.763 * 250 + 1.05) / 10, $said['per_serving']['carbohydrate_g'], 0.001);
    }

    public function test_the_text_says_what_is_not_in_the_totals(): void
    {
        self::assertStringContainsString(
            'Not in the totals, its food or amount is not known: 30 g moondust',
            $this->shell(['account', '-'], self::LOAF)[1],
        );
    }

    public function test_convert_swaps_as_asked(): void
    {
        [$code, $out] = $this->shell(
            ['convert', '--json', '--sweetener', 'xylitol', '--school=almond', '--sweetness', '0.8', '-'],
            self::LOAF,
        );
        $said = json_decode($out, true);
        self::assertSame(0, $code);
        self::assertSame(
            [
                'before',
                'after',
                'components',
                'steps',
                'notes',
                'gains',
                'measures',
                'swaps',
                'properties',
                'missed',
                'struck',
                'allergens',
                'at_least',
                'warnings',
            ],
            array_keys($said),
        );
        self::assertSame(['food', 'grams', 'measure'], array_keys($said['swaps'][0]['to'][0]));
        self::assertSame('xylitol', $said['swaps'][0]['to'][0]['food']);
        self::assertEqualsWithDelta(160, $said['swaps'][0]['to'][0]['grams'], 3);
        self::assertEqualsWithDelta(0.8, $said['properties']['sweetness_ratio'], 0.02);
        self::assertStringContainsString('dogs', implode(' ', $said['warnings']));
    }

    public function test_an_eaters_mass_and_what_they_cannot_have_are_asked_for(): void
    {
        $said = json_decode(
            $this->shell(['convert', '--json', '--body-mass', '18', '--without', 'soya', '-'], self::LOAF)[1],
            true,
        );
        self::assertArrayHasKey('at_least', $said);
        self::assertStringContainsString('a body of 18 kg', implode(' ', $said['warnings']));
        self::assertStringNotContainsString('a body of', implode(' ', json_decode(
            $this->shell(['convert', '--json', '--body-mass', '80', '-'], self::LOAF)[1],
            true,
        )['warnings']));
    }

    public function test_a_folder_is_done_in_one_process_and_what_cannot_be_read_stops_nothing(): void
    {
        $folder = sys_get_temp_dir().'/each-'.bin2hex(random_bytes(6));
        mkdir($folder);
        file_put_contents("$folder/a.txt", self::LOAF);
        file_put_contents("$folder/b.txt", 'hello');
        file_put_contents("$folder/c.txt", str_replace('Loaf', 'Other loaf', self::LOAF));
        [$code, $out, $fault] = $this->shell(['account', '--json', '--each', $folder], '');
        self::assertSame([2, ''], [$code, $out]);
        self::assertStringContainsString('b.txt: ', $fault);
        self::assertSame(['a.txt', 'a.txt.json', 'b.txt', 'c.txt', 'c.txt.json'], array_map(
            basename(...),
            glob("$folder/*") ?: [],
        ));
        self::assertSame('Other loaf', json_decode((string) file_get_contents("$folder/c.txt.json"), true)['title']);
        self::assertSame(
            $this->shell(['account', '--json', "$folder/a.txt"], '')[1],
            file_get_contents("$folder/a.txt.json"),
        );
        array_map(unlink(...), glob("$folder/*") ?: []);
        rmdir($folder);
    }

    public function test_what_cannot_be_used_exits_with_two_and_a_sentence(): void
    {
        foreach (
            [
                [['account', '/no/such/file'], ''],
                [['account', '-'], ''],
                [['convert', '--sweetness', '3', '-'], self::LOAF],
                [['convert', '--school', 'moss', '-'], self::LOAF],
                [['account', '--frob', '-'], self::LOAF],
                [['convert', '--without', 'gravel', '-'], self::LOAF],
                [['convert', '--body-mass', 'heavy', '-'], self::LOAF],
                [['account'], ''],
            ] as [$words, $text]
        ) {
            [$code, $out, $fault] = $this->shell($words, $text);
            self::assertSame([2, ''], [$code, $out], implode(' ', $words));
            self::assertMatchesRegularExpression('/^aglyca: .{15,}/', $fault);
        }
    }

    /**
     * @param  list<string>  $words
     * @return array{int, string, string}
     */
    private function shell(array $words, string $input): array
    {
        $process = proc_open(
            [dirname(__DIR__, 2).'/aglyca', ...$words],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
        );
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $fault = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $fault];
    }
}
