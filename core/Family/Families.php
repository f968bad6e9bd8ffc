<?php

declare(strict_types=1);

namespace Aglyca\Core\Family;

use Aglyca\Core\Formula\Making;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Taught;
use Aglyca\Core\Tables;
use Normalizer;
use OutOfBoundsException;

/** The families of desserts, and which of them a title or a component's name speaks of. */
final class Families
{
    private const FALLBACK = 'butter-cake';

    /**
     * What a filling is that nothing is said of, a part beside the first one, and a dessert without a telling word:
     * the first that its signs allow.
     */
    private const FILLINGS = ['fruit-filling', 'curd', 'frosting', 'custard', 'mousse'];

    private const BESIDE = ['fruit-filling', 'frosting', 'crumble', 'scone', 'butter-cake'];

    private const WITHOUT_WORDS = [
        'mug-cake',
        'fried-dough',
        'steamed-pudding',
        'yeast-dough',
        'butter-cake',
        'fruit-filling',
        'custard',
        'mousse',
        'no-bake-bar',
    ];

    /** @var array<string, array<string, string>> */
    private array $rows;

    /** @var array<string, list<array<string, string>>> rows of `data/family_bands.csv` by family; "*" for all */
    private array $bands;

    /** @var array<string, list<array<string, string>>> rows of `data/family_signs.csv` by family */
    private array $signs;

    /** @var array<string, array<string, string>> */
    private array $limits;

    /** @var array<string, string> key => name */
    private array $names;

    /** @var array<string, list<string>> by family, what a text calls it */
    private array $words;

    public function __construct(
        Tables $tables,
        private readonly Taught $taught = new Taught(),
        private readonly ?Constants $constants = null,
    ) {
        $this->limits = $tables->keyed('family_limits', 'family');
        $this->signs = $tables->grouped('family_signs', 'family');
        $this->rows = $tables->keyed('families', 'family');
        $this->names = $tables->pairs('families', 'name', 'family');
        $this->bands = $tables->grouped('family_bands', 'family');
        $this->words = $tables->worked('words of families', static fn (): array => array_map(
            static fn (array $row): array => array_values(array_filter(explode('|', $row['words']))),
            $tables->keyed('families', 'family'),
        ));
    }

    /** @return array<string, string> key => name */
    public function names(): array
    {
        return $this->names;
    }

    /**
     * The family as this kitchen bakes it.
     *
     * @throws OutOfBoundsException for a family that the table does not hold
     */
    public function get(string $key): Family
    {
        $lost = $this->taught->of(Taught::LOSS.$key);
        $family = $this->plain($key);
        if ($lost === [] || $this->constants === null) {
            return $family;
        }
        $usual = $family->bakeLoss;

        return $family->losing(
            Taught::posterior(
                $usual,
                $usual * $this->constants->get('loss-u'),
                $usual * $this->constants->get('loss-spread'),
                $lost,
            )->value,
        );
    }

    /** @throws OutOfBoundsException for a family that the table does not hold */
    public function plain(string $key): Family
    {
        $row =
            $this->rows[$key] ??
            throw new OutOfBoundsException("No family '$key'. Known: ".implode(', ', array_keys($this->rows)).'.');

        return new Family(
            $key,
            $row['name'],
            (float) $row['bake_loss'],
            (float) $row['heat_c'],
            (float) $row['minutes'],
            (float) $row['piece_g'],
            (int) $row['eggs_most'],
            $row['crisp'] === 'yes',
            $row['doneness'],
            $row['cooling'],
            $row['keeping'],
            $row['fragile'] === 'yes',
            $row['foam'] === 'yes',
            $row['cold'] === 'yes',
            $row['hot'] === 'yes',
            $row['sugar_keeps'] === 'yes',
            $row['pattern'],
            $row['holder'],
            $this->bandsOf($key),
        );
    }

    /** @return array<string, Band> row => band */
    private function bandsOf(string $family): array
    {
        $bands = [];
        foreach ([...$this->bands['*'], ...$this->bands[$family] ?? []] as $row) {
            $bands[$row['row']] = new Band((float) $row['low'], (float) $row['high'], (float) $row['weight']);
        }

        return $bands;
    }

    /**
     * The family that a component is of: its own name speaks first, then the title for the first component. What it
     * is made of and what is done to it has the last word: nothing that is baked is a mousse.
     *
     * @param  string  $component  its name, "" where it has none
     */
    public function propose(string $title, string $component, bool $isFirst, ?Signs $signs = null): string
    {
        $signs ??= Signs::unknown();
        // What stands behind "with" is not what it is: a ring cake with ganache is a cake.
        $head = preg_split('~\b(?:with|topped|filled|and\s+(?:a\s+)?cream)\b|\bw(?:/|\s)~iu', $title)[0] ?? $title;
        // A filling is what the title says that it is filled with: "coffee custard tart", "cheesecake squares".
        if (preg_match('~\b(?:filling|layer)$~iu', $component) === 1) {
            return $this->spokenOf($component, $signs) ??
                ($this->spokenOf($head, $signs, true) ??
                    ($this->spokenOf($title, $signs, true) ?? $this->firstOf(self::FILLINGS, $signs, 'fruit-filling')));
        }

        return ($component === '' ? null : $this->spokenOf($component, $signs)) ??
            (($isFirst || $component === '' ? $this->spokenOf($head, $signs) : null) ??
                ($component !== '' && ! $isFirst
                    ? $this->firstOf(self::BESIDE, $signs, 'frosting')
                    : $this->firstOf(self::WITHOUT_WORDS, $signs, self::FALLBACK)));
    }

    /**
     * What else it could be: the next that its words name, or the next kind that its composition and method allow.
     *
     * @param  string  $family  that it is taken for
     */
    public function runnerUp(string $title, string $component, string $family, Signs $signs): ?string
    {
        $spoken = $this->spokenOf("$title $component", $signs, false, $family);
        if ($spoken !== null) {
            return $spoken;
        }
        foreach (self::WITHOUT_WORDS as $other) {
            // What meets heat is nothing that does without, whatever else it looks like.
            $isAlike = ($this->rows[$other]['minutes'] > 0) === (($this->rows[$family]['minutes'] ?? 0) > 0);
            if ($other !== $family && $isAlike && $this->known($other, $signs) > 0 && $this->fits($other, $signs)) {
                return $other;
            }
        }

        return null;
    }

    public function fits(string $family, Signs $signs): bool
    {
        foreach ($this->signs[$family] ?? [] as ['sign' => $sign, 'low' => $low, 'high' => $high]) {
            $value = $signs->get($sign);
            if ($value === null && $sign === 'yeast') {
                // Nothing is a yeast dough of which the yeast was not seen.
                return false;
            }
            if ($value !== null && ($value < (float) $low || $value > (float) $high)) {
                return false;
            }
        }

        return true;
    }

    /**
     * What a family of dessert cannot do without sugar, wheat or starch; "" where nothing is to be said.
     *
     * @param  list<string>  $new  keys of the foods that came for what was swapped
     */
    public function limitOf(string $family, Making $making, Role $swapped, array $new): string
    {
        $row = $this->limits[$family] ?? null;

        return match (true) {
            $row === null,
            $row['when'] === 'torched' && ! $making->isTorched,
            $row['when'] === 'caramel' && ! $making->isCaramel,
            $row['when'] === 'bread' && ! in_array('low-carb-bread', $new, true),
            $row['when'] === 'flour' && $swapped !== Role::Body => '',
            default => $row['sentence'],
        };
    }

    /** @param  list<string>  $families  the first of which signs are known, and allow it */
    private function firstOf(array $families, Signs $signs, string $else): string
    {
        foreach ($families as $family) {
            if ($this->known($family, $signs) > 0 && $this->fits($family, $signs)) {
                return $family;
            }
        }

        return $else;
    }

    /**
     * The longest word that matches wins, and of equal ones the last in the text: "raspberry cheesecake bars" are
     * bars.
     */
    private function spokenOf(string $text, Signs $signs, bool $fills = false, string $besides = ''): ?string
    {
        $parted = Normalizer::normalize(mb_strtolower($text), Normalizer::FORM_D);
        $text = preg_replace('~\p{Mn}+~u', '', $parted === false ? $text : $parted) ?? $text;
        [$best, $found] = [[false, 0, -1, -1], null];
        foreach ($this->words as $key => $words) {
            $words = array_filter($words, static fn (string $word): bool => str_contains($text, $word));
            if (
                $words === [] ||
                $key === $besides ||
                ($fills && $this->rows[$key]['fills'] !== 'yes') ||
                ! $this->fits($key, $signs)
            ) {
                continue;
            }
            foreach ($words as $word) {
                if (preg_match('~(?<!\pL)'.preg_quote($word, '~').'(?!\pL)~u', $text, $m, PREG_OFFSET_CAPTURE) !== 1) {
                    continue;
                }
                // Of the same word the family that knows more signs of itself is meant.
                // The last word of a title says what it is, jam tarts are tarts; "cake" alone says little.
                $isLast = $key !== self::FALLBACK && trim(substr($text, $m[0][1] + strlen($m[0][0]))) === '';
                $rank = [$isLast, strlen($word), $m[0][1], $this->known($key, $signs)];
                if ($rank > $best) {
                    [$best, $found] = [$rank, $key];
                }
            }
        }

        return $found;
    }

    private function known(string $family, Signs $signs): int
    {
        return count(
            array_filter($this->signs[$family] ?? [], static fn (array $s): bool => $signs->get($s['sign']) !== null),
        );
    }
}
