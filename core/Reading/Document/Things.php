<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\Document;

use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Quantity\UnitKind;
use Aglyca\Core\Reading\Amount;
use Aglyca\Core\Reading\Doing;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\LineSplitter;
use Aglyca\Core\Reading\Split;

/** What a cell of a text may be, whatever stands around it: a thing with its amount, an amount alone, a bare name. */
final class Things
{
    private const LONGEST = 120;

    /** Words in a name, however it is described. */
    private const WORDS = 8;

    /** "Base: 200 g flour …": what stands before a list. */
    public const PART = '~^\W*(?<head>\pL[^:;.\d]{1,40}?)(?:\s*:\s*|\s+[-–—]\s+)(?<rest>\S.*)$~u';

    /** "For the icing: 100 g sugar" is more than one thing. */
    private const HEADED = '~^\W*(?:for|to)\s[^:\d]*:\s~iu';

    private const BULLET = '~^\s*(?:[-–—*•·▢☐□✓◦▪●]|\[[ x]?\]|\d{1,2}(?:[)]|[.](?=\s+[\d½¼¾⅓⅔]))(?=\s))\s*~u';

    /** Cells that are remembered: one is asked about several times while its text is read. */
    private const REMEMBERED = 256;

    /** @var array<string, CellKind> */
    private array $seen = [];

    public function __construct(
        private readonly LineSplitter $lines,
        private readonly FoodIndex $foods,
        private readonly Doing $doing,
        private readonly Lexer $lexer,
    ) {}

    public function kind(string $cell): CellKind
    {
        if (count($this->seen) > self::REMEMBERED) {
            $this->seen = [];
        }

        return $this->seen[$cell] ??= $this->told($cell);
    }

    private function told(string $cell): CellKind
    {
        $cell = trim(preg_replace(self::BULLET, '', $cell) ?? $cell, " \t.,;");
        if ($cell === '') {
            return CellKind::Blank;
        }
        if (strlen($cell) > self::LONGEST || preg_match(self::HEADED, $cell) === 1 || $this->does($cell)) {
            return CellKind::Words;
        }
        $kinds = array_map($this->of(...), $this->lines->split($cell));

        return count($kinds) === 1 ? $kinds[0] : self::together($kinds);
    }

    /** It says what is done, to whatever. */
    public function does(string $cell): bool
    {
        return $this->doing->begins($cell) || $this->doing->isPassive($cell);
    }

    /** The food that a cell speaks of, where it is one. */
    public function food(string $cell): ?string
    {
        $things = $this->lines->split($cell);

        return count($things) === 1 ? $this->foods->find($things[0]->name)->food : null;
    }

    /** What it is baked in, and how many of them. */
    public function isBakeware(string $cell): bool
    {
        $tokens = strlen($cell) > self::LONGEST ? [] : $this->lexer->tokens($cell);
        foreach (count($tokens) > self::WORDS ? [] : $tokens as $token) {
            // A cup is a measure as well.
            if (isset($token->forms['<bakeware>']) && ! isset($token->forms['<holder>'])) {
                return ! $this->kind($cell)->isThing();
            }
        }

        return false;
    }

    /** @param  list<CellKind>  $kinds  of what stands in one cell together */
    private static function together(array $kinds): CellKind
    {
        $isThing = array_filter($kinds, static fn (CellKind $kind): bool => ! $kind->isThing()) === [];

        return match (true) {
            $isThing => in_array(CellKind::Thing, $kinds, true) ? CellKind::Thing : CellKind::Likely,
            default => CellKind::Words,
        };
    }

    private function of(Split $one): CellKind
    {
        $isNamed = preg_match('~\pL{2}~u', $one->name) === 1;
        if ($one->amount === null || $one->negative) {
            return $isNamed && $this->foods->isName($one->name) ? CellKind::Name : CellKind::Words;
        }
        if (! $isNamed) {
            return CellKind::Amount;
        }
        if (preg_match_all('~\pL+~u', $one->name) > self::WORDS || $this->foods->isIgnored($one->name)) {
            // "450 g peeled" is of what stands before it.
            return CellKind::Words;
        }
        $food = $this->foods->find($one->name);

        return match (true) {
            $food->sure => CellKind::Thing,
            $food->food !== null || $this->isMeasured($one->amount) => CellKind::Likely,
            default => CellKind::Words,
        };
    }

    private function isMeasured(Amount $amount): bool
    {
        $unit = $amount->measures[0]->unit;

        return $unit !== null && ($unit->kind !== UnitKind::Count || $unit->isPackage());
    }
}
