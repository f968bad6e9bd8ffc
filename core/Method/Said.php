<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Larder\Role;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Part;
use Aglyca\Core\Swap\Swap;

/** What a clause says already, so that nothing is named twice in it. */
final readonly class Said
{
    /** Something is done between two things, or one of them goes elsewhere: they are no list. */
    private const OUT_OF_LIST = '~\b(?:in|into|on|onto|over|to|then|until|till|while|half|rest|remaining|add|stir|mix|beat|whisk|put|heat|melt|bring)\b|:~iu';

    private const ON_TOP = '~\b(?:scatter|sprinkl|dust|strew|dredg)\w*\b[^.;,]{0,30}$~iu';

    /**
     * "Flour and baking powder" is said once, where the new flour brings baking powder too; "syrup, treacle and sugar"
     * bring allulose once.
     *
     * @param  list<Part>  $parts
     * @param  list<Exchange>  $apart  made first, and called by a name of their own: what is in them is not said
     * @return list<Part> those that no other words of the same clause say; where none would be left, all of them, or
     *     none if they stand in the same list of sweet things
     */
    public static function unsaid(
        Swap $swap,
        Operation $operation,
        Mention $mention,
        int $component,
        array $parts,
        array $apart = [],
    ): array {
        $said = [];
        $listed = [];
        foreach ($operation->mentions as $other) {
            [$from, $to] = $other->at < $mention->at ? [$other->end(), $mention->at] : [$mention->end(), $other->at];
            if (
                $other === $mention ||
                $other->isGroup ||
                $other->isMixture ||
                preg_match('~[.;!]~', substr($operation->step->text, $from, max(0, $to - $from))) === 1
            ) {
                continue;
            }
            foreach ($swap->exchanges as $exchange) {
                if (
                    $exchange->component === $component &&
                    ! in_array($exchange, $apart, true) &&
                    array_intersect($exchange->from, $other->doses) !== [] &&
                    ($other->at < $mention->at || count($exchange->to) === 1)
                ) {
                    $keys = array_map(static fn (Part $p): string => $p->food->key, $exchange->to);
                    $said = [...$said, ...$keys];
                    $between = substr($operation->step->text, $from, max(0, $to - $from));
                    $isListed = $other->at < $mention->at && $exchange->role === Role::Sweet &&
                        preg_match(self::OUT_OF_LIST, $between) !== 1;
                    $listed = $isListed ? [...$listed, ...$keys] : $listed;
                }
            }
        }
        // "Cream and milk", which is now cream and water: the cream is said.
        foreach ($operation->mentions as $other) {
            $between = substr($operation->step->text, $other->end(), max(0, $mention->at - $other->end()));
            $isBefore = $other !== $mention && ! $other->isGroup && $other->at < $mention->at;
            foreach ($isBefore && preg_match('~^[\s,&]*(?:and\s+)?(?:the\s+)?$~iu', $between) === 1 ? $other->doses : [] as $d) {
                $said[] = $swap->before->doses[$d]->food->key ?? '';
            }
        }
        // "Sugar, syrup and water": the water that came with the new syrup is the water that is named.
        foreach ($operation->mentions as $other) {
            foreach ($other === $mention || $other->isGroup ? [] : $other->doses as $d) {
                $food = $swap->before->doses[$d]->food;
                if ($food !== null && $food->key === 'water' && $swap->before->doses[$d]->component === $component) {
                    $said[] = $food->key;
                }
            }
        }
        $rest = array_values(array_filter($parts, static fn (Part $p): bool => ! in_array($p->food->key, $said, true)));

        $isListed = static fn (Part $p): bool => in_array($p->food->key, $listed, true);

        return $rest === [] && array_filter($parts, $isListed) !== $parts ? $parts : $rest;
    }

    /** "Treacle, sugar", both of which one mix of sweeteners replaces: the second is left out of the list. */
    public static function isJust(Operation $operation, Mention $mention, Exchange $exchange): bool
    {
        if (preg_match(self::ON_TOP, substr($operation->step->text, 0, $mention->at)) === 1) {
            // "Scatter with demerara": that is not in yet.
            return false;
        }
        foreach ($operation->mentions as $other) {
            // In a later clause, "beat in the eggs and treacle": it went in with the sugar.
            $isEarlier =
                $other->at < $mention->at &&
                ! $other->isGroup &&
                ! $other->isMixture &&
                array_intersect($other->doses, $exchange->from) !== [] &&
                array_intersect($other->doses, $mention->doses) === [];
            $joined = preg_match('~(?:,|\band|&|\bwith|\bplus)\s+(?:the\s+)?$~iu', substr($operation->step->text, 0, $mention->at));
            if ($isEarlier && $joined === 1) {
                return true;
            }
            $between = substr($operation->step->text, $other->end(), max(0, $mention->at - $other->end()));
            if (
                $other->at < $mention->at &&
                ! $other->isGroup &&
                array_intersect($other->doses, $exchange->from) !== [] &&
                array_intersect($other->doses, $mention->doses) === [] &&
                preg_match(
                    '~^\s*(?:,|and\b|&)\s*(?:and\s+)?(?:the\s+)?(?:(?!rest|remain|half)\pL+\s+){0,2}$~iu',
                    $between,
                ) === 1
            ) {
                return true;
            }
        }

        return false;
    }
}
