<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\View\Figures;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\DataProvider;

/** Screens speak as a baker would to a friend, and ask nobody to weigh what no kitchen can. */
final class WordsTest extends KitchenCase
{
    /** Telegraphic or inverted forms, private terms, and what only a programmer would say. */
    private const NEVER = [
        '~>\s*So\s*<~',
        '~\b(?:Cut|Weigh|Scoop|Count|Put|Show|Make|Hold|Blend|Bake|Take|Portion|Serve)(?: it| them)? so\s*<~i',
        '~\bcount so\b~i',
        '~\bSet this version down\b~i',
        '~\bTake out of the Pantry\b~i',
        '~\b(?:Sweetness|Fat|Grain|Moisture|Structure|Bulk) decides\b~i',
        '~\bgo by total carbohydrate\b~i',
        '~\bN/A\b~',
        '~\bnull\b(?![-\w])~',
        '~\bundefined\b~',
        '~\bplease enter\b~i',
        '~\binvalid\b~i',
        '~\berror occurred\b~i',
        '~\bOops\b~i',
        '~\bIt is a \((?:family|kind)~i',
        '~\bLoad on the stomach\b~i',
        '~>\s*Submit\s*<~i',
        '~\bclick here\b~i',
        '~\butili[sz]e\b~i',
    ];

    /** @return iterable<string, array{string}> */
    public static function texts(): iterable
    {
        $root = dirname(__DIR__, 2);
        foreach ([$root.'/resources/views', $root.'/data', $root.'/database/demo'] as $folder) {
            foreach (
                new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS)) as $file
            ) {
                if (str_ends_with((string) $file, '.blade.php') || ! str_ends_with((string) $file, '.php')) {
                    yield substr((string) $file, strlen($root) + 1) => [(string) $file];
                }
            }
        }
    }

    #[DataProvider('texts')]
    public function test_nothing_is_said_that_a_baker_would_not(string $file): void
    {
        $text = (string) file_get_contents($file);
        // What Blade computes is not said.
        $text = (string) preg_replace(
            [
                '~\{\{.*?\}\}~s',
                '~@(?:php.*?@endphp|if\s*\((?:[^()]|\((?:[^()]|\([^()]*\))*\))*\)|elseif\s*\((?:[^()]|\((?:[^()]|\([^()]*\))*\))*\)|foreach\s*\((?:[^()]|\((?:[^()]|\([^()]*\))*\))*\))~s',
                '~\s(?:aria-|:)[a-z-]+="[^"]*"~',
            ],
            ' ',
            $text,
        );
        foreach (self::NEVER as $never) {
            self::assertDoesNotMatchRegularExpression($never, $text);
        }
    }

    public function test_every_amount_of_the_demo_can_be_weighed_on_a_kitchens_scale(): void
    {
        Artisan::call('db:seed', ['--force' => true]);
        $this->post('/demo');
        $seen = 0;
        foreach (auth()->user()->kitchen->recipes as $recipe) {
            foreach (["/bench/$recipe->ulid/card", "/bench/$recipe->ulid"] as $page) {
                $html = (string) $this->get($page)->assertOk()->getContent();
                preg_match_all(
                    $page === "/bench/$recipe->ulid"
                        ? '~<span class="figure weave-grams">([\d.,]+) g</span>~'
                        : '~<td class="figure w-16[^>]*>([\d.,]+) g~',
                    $html,
                    $m,
                );
                foreach ($m[1] as $grams) {
                    $seen++;
                    $value = (float) str_replace(',', '', $grams);
                    self::assertTrue(
                        $value >= 10 ? ! str_contains($grams, '.') : strlen((string) strrchr($grams, '.')) <= 2,
                        "$page asks to weigh $grams g",
                    );
                }
            }
        }
        self::assertGreaterThan(100, $seen);
        self::assertSame(
            ['13', '7.4', '1.1', '0.4', 'under 0.1', '1,180'],
            array_map(Figures::weighed(...), [12.65, 7.43, 1.05, 0.38, 0.03, 1180.4]),
        );
    }
}
