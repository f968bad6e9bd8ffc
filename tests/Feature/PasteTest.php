<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Recipe;
use PHPUnit\Framework\Attributes\DataProvider;

final class PasteTest extends KitchenCase
{
    public function test_a_guest_converts_without_an_account_and_nothing_is_stored(): void
    {
        $this->post('/paste', ['text' => self::LOAF])->assertRedirect('/bench/draft');
        $this->get('/bench/draft')
            ->assertOk()
            ->assertSee('Rye-less loaf')
            ->assertSee('Allulose')
            ->assertSee('grams net and')
            ->assertSee('total carbohydrate a slice');
        $this->get('/counter/draft')->assertOk()->assertSee('minutes');
        self::assertSame(0, Recipe::query()->count());
    }

    public function test_the_draft_comes_along_when_a_kitchen_is_opened_with_all_that_was_said_of_it(): void
    {
        $this->post('/paste', ['text' => self::LOAF]);
        $this->post('/bench/draft/wishes', $this->wishes(['sweetener' => 'xylitol', 'pieces' => '14']))->assertRedirect(
            '/bench/draft',
        );
        $answer = $this->post('/sign-up', [
            'kitchen' => 'Maud’s',
            'email' => 'Maud@Example.org',
            'password' => 'plum-and-almond',
        ]);
        $recipe = Recipe::query()->with('latest')->sole();
        $answer->assertRedirect("/bench/$recipe->ulid");
        self::assertSame(
            ['xylitol', 14.0, self::LOAF],
            [$recipe->brief()->wishes->sweetener, $recipe->brief()->portions->pieces, $recipe->brief()->text],
        );
        $this->get('/bench/draft')->assertNotFound();
        $this->get('/shelf')->assertSee('Rye-less loaf');
    }

    #[DataProvider('hopeless')]
    public function test_what_cannot_be_read_comes_back_with_a_sentence_and_what_was_typed(
        string $text,
        string $says,
        string $kept,
    ): void {
        $this->post('/paste', ['text' => $text])
            ->assertStatus(422)
            ->assertSee($says)
            ->assertSee($kept, false);
        $this->get('/bench/draft')->assertNotFound();
    }

    /** @return array<string, array{string, string, string}> */
    public static function hopeless(): array
    {
        return [
            'empty' => ['', 'There is no text yet', '<textarea'],
            'a novel' => [
                str_repeat("Nobody baked that night.\n", 5000),
                'more text than a recipe holds',
                'Nobody baked that night.',
            ],
            'a thousand lines' => [str_repeat("1 egg\n", 1000), 'more than 600 lines', '1 egg'],
            'binary' => ["\x89PNG\0\0\1\2\3", 'That is not text', 'PNG'],
            'emoji' => ['🍰🍰', 'No ingredient was found', '🍰🍰'],
            'markup' => ['<script>alert(1)</script>', 'No recipe was found', '&lt;script&gt;'],
        ];
    }

    public function test_zero_negative_and_huge_amounts_are_marked_and_do_no_harm(): void
    {
        $this->post('/paste', [
            'text' => "Odd\n0 g sugar\n-3 eggs\n900000 kg flour\n100 g almond flour",
        ])->assertRedirect('/bench/draft');
        $this->get('/bench/draft')->assertOk()->assertSee('3 to check');
    }

    public function test_pages_carry_a_strict_policy_and_no_inline_script_or_style(): void
    {
        $this->post('/paste', ['text' => self::LOAF]);
        foreach (
            [
                '/',
                '/bench/draft',
                '/counter/draft',
                '/almanac',
                '/almanac/foods/allulose',
                '/sign-in',
                '/sign-up',
                '/nowhere',
            ] as $path
        ) {
            $page = $this->get($path);
            self::assertStringContainsString(
                "script-src 'self'; style-src 'self'",
                (string) $page->headers->get('Content-Security-Policy'),
            );
            self::assertDoesNotMatchRegularExpression(
                '~<script(?![^>]*\ssrc=)|\sstyle="|\son\w+="~i',
                (string) $page->getContent(),
                $path,
            );
        }
    }
}
