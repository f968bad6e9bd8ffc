<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aglyca\Core\Kernel;
use App\Models\Recipe;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** An answer to a wish sends what moved: with it the page that asked stands as one that is drawn anew. */
final class MovedTest extends KitchenCase
{
    private const ANEW = ['HX-Request' => 'true'];

    private const PARTS = self::ANEW + ['X-Parts' => 'whole'];

    private Recipe $recipe;

    private DOMXPath $page;

    protected function setUp(): void
    {
        parent::setUp();
        $this->recipe = $this->recipeOf($this->baker());
        $this->page = $this->open();
    }

    /** @return array<string, array{array<string, mixed>, bool}> what is changed in the panel => whether it comes back */
    public static function fromThePanel(): array
    {
        return [
            'a kind said for the first time' => [[], true],
            'sweetness' => [['sweetness' => '75'], false],
            'as it is written nowhere' => [['sweetness' => '75.0'], true],
            'pieces' => [['pieces' => '14'], false],
            'pieces with more digits than are shown' => [['pieces' => '14.00'], true],
            'school' => [['school' => 'coconut'], false],
            'sweetener' => [['sweetener' => 'xylitol'], false],
            'convention' => [['convention' => 'weighted'], false],
            'another kind' => [['families' => ['sponge']], true],
            'without' => [['without' => ['', 'nuts']], true],
            'oven' => [['cooler' => '10'], true],
        ];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('fromThePanel')]
    public function test_what_is_not_sent_stands_there_already(array $change, bool $isSent): void
    {
        if ($change !== []) {
            // The kinds are said with the first wish of a page.
            $this->place($this->wish($this->panel()));
        }
        $answer = $this->wish([...$this->panel(), ...$change]);
        self::assertSame($isSent, isset($this->sent($answer)['wished']));
        $this->choose($change);
        $this->place($answer);
        $fresh = $this->open();
        foreach (['now', 'outlook', 'gains', 'lanes', 'mix', 'wished', 'others'] as $part) {
            self::assertSame($this->said($fresh, $part), $this->said($this->page, $part), $part);
        }
    }

    public function test_the_panel_comes_back_where_it_would_say_something_else(): void
    {
        $this->place($this->wish($this->panel()));
        // A button beside it sends its own field alone.
        self::assertArrayHasKey('wished', $this->sent($this->wish(['sweetness' => '60'])));
        $panel = ['sweetness' => '60'] + $this->panel();
        self::assertArrayNotHasKey('wished', $this->sent($this->wish($panel)));
        self::assertArrayHasKey('wished', $this->sent($this->wish($panel, ['X-Parts' => 'faulty'] + self::PARTS)));
        $corners = array_slice($this->app->make(Kernel::class)->catalogue->blendable(), 0, 3);
        $shares = ['corners' => $corners, 'shares' => ['40', '30', '30']];
        self::assertArrayNotHasKey('wished', $this->sent($this->wish($shares, to: 'blend')));
    }

    public function test_a_page_that_cannot_take_parts_or_shows_another_reading_is_drawn_whole(): void
    {
        foreach ([self::ANEW, self::PARTS] as $headers) {
            $answer = $this->wish([...$this->panel(), 'sweetness' => '85'], $headers);
            self::assertSame($headers === self::ANEW, str_starts_with(ltrim((string) $answer->getContent()), '<div id="bench"'));
        }
        // Another tab read a line anew.
        $this->post("/bench/{$this->recipe->ulid}/text", ['text' => self::LOAF."\nServe it."]);
        $old = $this->wish([...$this->panel(), 'sweetness' => '95'], ['X-Seen' => '0'] + self::PARTS);
        self::assertStringStartsWith('<div id="bench"', ltrim((string) $old->getContent()));
    }

    /** The table of the blend lies folded in an answer, and its form sends what it would send unfolded. */
    public function test_a_folded_blend_is_sent_as_it_stands_in_its_table(): void
    {
        $blend = static function (DOMXPath $page): array {
            $sent = [];
            foreach ($page->query('//form[@id="blend"]//*[@name="corners[]" or @name="shares[]"]') ?: [] as $field) {
                $chosen = $page->query('.//option[@selected]', $field)?->item(0) ?? $field;
                $sent[] = $chosen instanceof DOMElement ? $chosen->getAttribute('value') : '';
            }

            return $sent;
        };
        $this->place($this->wish(['sweetness' => '75']));
        self::assertSame(0, $this->page->query('//form[@id="blend"]//select')?->count());
        self::assertCount(6, $blend($this->page));
        self::assertSame($blend($this->open()), $blend($this->page));
    }

    /** Of the weave come the groups that are drawn otherwise, and the whole where it does not stand in the page. */
    public function test_of_the_weave_come_the_groups_that_moved(): void
    {
        $this->place($this->wish($this->panel()));
        self::assertSame([], self::groupsOf($this->wish(['sweetness' => '90'])));
        $moved = self::groupsOf($this->wish(['sweetness' => '70']));
        $all = $this->page->query('//*[@data-woven]')?->count();
        self::assertNotSame([], $moved);
        self::assertLessThan($all, count($moved));
        // Another number of groups than the dessert has is another page.
        foreach (['', 'a', str_repeat('a ', $all + 1)] as $woven) {
            $sent = $this->sent($this->wish(['sweetness' => '80'], ['X-Woven' => $woven] + self::PARTS));
            self::assertArrayHasKey('lanes', $sent);
            self::assertSame($all, substr_count($sent['lanes'], 'data-woven='));
        }
        $other = implode(' ', array_fill(0, $all, '"><b>'));
        $sent = $this->sent($this->wish(['sweetness' => '85'], ['X-Woven' => $other] + self::PARTS));
        self::assertCount($all, array_filter(array_keys($sent), static fn (string $id): bool => str_starts_with($id, 'woven-')));
        self::assertStringNotContainsString('<b>', implode('', $sent));
    }

    public function test_what_stands_open_stays_open_whatever_else_is_wished(): void
    {
        $this->place($this->wish($this->panel()));
        $of = fn (string $attribute): string => $this->page->query("//*[@$attribute]/@$attribute")?->item(0)->nodeValue ?? '';
        $open = [
            'X-Line' => ['data-open-line', $of('data-line')],
            'X-Part' => ['data-open-part', $of('data-part')],
        ];
        foreach ($open as $header => [$mark, $key]) {
            self::assertNotSame('', $key);
            foreach (['75', '80'] as $sweetness) {
                $this->place($this->wish(['sweetness' => $sweetness], [$header => $key] + self::PARTS));
                self::assertSame($key, $of($mark));
                self::assertSame(1, $this->page->query("//*[@$mark]")?->count());
            }
            $this->place($this->wish(['sweetness' => '85']));
            self::assertSame('', $of($mark));
        }
    }

    /** @return list<string> */
    private static function groupsOf(TestResponse $answer): array
    {
        preg_match_all('~hx-target="#(woven-\d+)"~', (string) $answer->getContent(), $found);

        return $found[1];
    }

    private function open(): DOMXPath
    {
        return self::read((string) $this->get("/bench/{$this->recipe->ulid}")->assertOk()->getContent());
    }

    /**
     * @param  array<string, mixed>  $said
     * @param  array<string, string>  $headers
     */
    private function wish(array $said, array $headers = self::PARTS, string $to = 'wishes'): TestResponse
    {
        $woven = [];
        foreach ($this->page->query('//*[@id="lanes"]//*[@data-woven]') ?: [] as $group) {
            $woven[] = $group instanceof DOMElement ? $group->getAttribute('data-woven') : '';
        }

        return $this->post("/bench/{$this->recipe->ulid}/$to", $said, $headers + ['X-Woven' => implode(' ', $woven)])
            ->assertOk();
    }

    private static function read(string $html): DOMXPath
    {
        $document = new DOMDocument();
        @$document->loadHTML('<?xml encoding="utf-8">'.$html);

        return new DOMXPath($document);
    }

    /** @return array<string, mixed> the panel's form as a browser sends it */
    private function panel(): array
    {
        $fields = [];
        foreach ($this->page->query('//form[@id="wishes"]//*[@name][not(self::button)]') ?: [] as $field) {
            \assert($field instanceof DOMElement);
            $isBox = $field->getAttribute('type') === 'checkbox';
            $chosen = $this->page->query('.//option[@selected]', $field)?->item(0);
            if (! $isBox || $field->hasAttribute('checked')) {
                $value = $chosen instanceof DOMElement ? $chosen->getAttribute('value') : $field->getAttribute('value');
                $fields[] = rawurlencode($field->getAttribute('name')).'='.rawurlencode($value);
            }
        }
        parse_str(implode('&', $fields), $said);

        return $said;
    }

    /** @return array<string, string> id => what is put there */
    private function sent(TestResponse $answer): array
    {
        preg_match_all('~<hx-partial hx-target="#([\w-]+)"[^>]*>(.*?)</hx-partial>~s', (string) $answer->getContent(), $m);

        return array_combine($m[1], $m[2]);
    }

    /** As the page puts it in its place. */
    private function place(TestResponse $answer): void
    {
        foreach ($this->sent($answer) as $id => $html) {
            $place = $this->page->query("//*[@id='$id']")?->item(0);
            self::assertInstanceOf(DOMElement::class, $place, $id);
            if (str_starts_with($id, 'woven-')) {
                $group = self::read($html)->query("//*[@id='$id']")?->item(0);
                self::assertInstanceOf(DOMElement::class, $group);
                $place->parentNode?->replaceChild($place->ownerDocument->importNode($group, true), $place);

                continue;
            }
            while ($place->firstChild !== null) {
                $place->removeChild($place->firstChild);
            }
            $body = self::read("<div>$html</div>")->query('//body/div')?->item(0);
            foreach ($body->childNodes ?? [] as $node) {
                $place->appendChild($place->ownerDocument->importNode($node, true));
            }
        }
    }

    /**
     * As the baker chose it, who changed it in the page.
     *
     * @param  array<string, mixed>  $change
     */
    private function choose(array $change): void
    {
        foreach ($change as $name => $value) {
            $field = is_string($value) ? $this->page->query("//form[@id='wishes']//*[@name='$name']")?->item(0) : null;
            if (! $field instanceof DOMElement) {
                continue;
            }
            $field->nodeName === 'input' && $field->setAttribute('value', (string) $value);
            foreach ($this->page->query('.//option', $field) ?: [] as $option) {
                \assert($option instanceof DOMElement);
                $option->removeAttribute('selected');
                $option->getAttribute('value') === $value && $option->setAttribute('selected', 'selected');
            }
        }
    }

    /** A part without what is fetched when somebody looks at it. */
    private function said(DOMXPath $page, string $part): string
    {
        $place = $page->query("//*[@id='$part']")?->item(0);
        self::assertInstanceOf(DOMElement::class, $place, $part);
        foreach ($page->query('.//*[@data-lazy]|.//output|.//input[@name="_token"]', $place) ?: [] as $inner) {
            $inner->parentNode?->removeChild($inner);
        }

        return (string) preg_replace(['~\s+~', '~ ?(<[^>]*>) ?~'], [' ', '$1'], (string) $place->C14N());
    }
}
