<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Formula\Formula;

/** Which of several lines of a thing a method means, as it goes along. */
final class Meant
{
    /** "100 g sugar", "the 2 tbsp sugar" */
    private const SAID_AMOUNT = '~(?<amount>[\d½¼¾⅓⅔][\d½¼¾⅓⅔.,/\s]*(?:g|ml|tbsp|tsp|oz|c|cups?|tablespoons?|teaspoons?))\.?\s+(?:of\s+)?(?:the\s+)?(?:\pL+\s+)?$~iu';

    private const REMAINING = '~\b(?:remaining|(?:rest|remainder)\s+of\s+the)\s+(?:\pL+\s+)?$~iu';

    private const HALVED = '~\b(?:half|thirds?|quarters?|some|most|part)\s+(?:of\s+)?(?:the\s+)?(?:\pL+\s+)?$~iu';

    /** "The drained cherries", "fresh cherries": a word of the one line, which the other has not. */
    private const TOLD_APART = '~\b(?:(?<of>fresh|frozen|dried|tinned|canned|toasted|ground|whole|flaked|cold|boiling|warm|melted|soft(?:ened)?)|(?<drained>drain(?:ed|ing)?))\s+(?:the\s+)?$~iu';

    /** @var list<int> doses of which a step took half, or some */
    private array $halved = [];

    /** @param  list<int>  $named  doses, once for each time that a sentence may mean one */
    public function __construct(private readonly Formula $formula, private readonly array $named) {}

    /**
     * @param  list<int>  $doses  that a name may mean
     * @param  string  $words  the name
     * @param  string  $before  the step's text as far as the name
     * @return list<int>
     */
    public function of(array $doses, string $words, string $before): array
    {
        $doses = $this->wholeEggs($doses, $words);
        $meant = [];
        if (count($doses) > 1 && preg_match(self::SAID_AMOUNT, $before, $m) === 1) {
            $amount = self::plain($m['amount']);
            $meant = array_filter(
                $doses,
                fn (int $d): bool => str_starts_with(self::plain($this->formula->doses[$d]->text), $amount),
            );
        } elseif (preg_match(self::REMAINING, $before) === 1) {
            $meant = array_intersect($doses, $this->halved);
        } elseif (count($doses) > 1 && preg_match(self::TOLD_APART, $before, $m) === 1) {
            $word = isset($m['drained']) ? '(?:drained|tins?|cans?|jars?|in\s+(?:\pL+\s+)?(?:syrup|juice))' : preg_quote($m['of'], '~');
            $meant = array_filter(
                $doses,
                fn (int $d): bool => preg_match("~\\b$word\\b~iu", $this->formula->doses[$d]->text) === 1,
            );
        }

        return array_values($meant) ?: $doses;
    }

    /** @param  list<int>  $doses  that go in there */
    public function take(array $doses, string $before): void
    {
        $this->halved = preg_match(self::HALVED, $before) === 1 ? [...$this->halved, ...$doses] : $this->halved;
    }

    /**
     * "The eggs" are the whole ones, where a sentence names the white or the yolk beside them by itself.
     *
     * @param  list<int>  $doses
     * @return list<int>
     */
    private function wholeEggs(array $doses, string $words): array
    {
        $whole = array_filter($doses, fn (int $d): bool => $this->formula->doses[$d]->food?->key === 'egg');
        if ($whole === [] || preg_match('~^eggs?$~iu', $words) !== 1) {
            return $doses;
        }
        $times = array_count_values($this->named);
        $most = max(array_map(static fn (int $d): int => $times[$d] ?? 0, $whole));

        return array_values(
            array_filter(
                $doses,
                static fn (int $d): bool => in_array($d, $whole, true) || ($times[$d] ?? 0) <= $most,
            ),
        );
    }

    private static function plain(string $text): string
    {
        return mb_strtolower(preg_replace('~\s+~u', '', $text) ?? $text);
    }
}
