<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Formula\Formula;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;

/** Things of the list that no sentence names, where what is done says that they go in. */
final readonly class Unnamed
{
    private const BRUSHED = '~\bbrush(?:ing|ed)?\b(?=\s+(?:each|every|all|the|between|well|over|\pL+\s+sheet))~iu';

    /** "Prepare the cake per box" */
    private const BOXED = '~\b(?:as\s+)?(?:per|according\s+to|following)\s+(?:the\s+)?(?:box|package|packet|pack)(?:\s+(?:directions?|instructions?))?\b~iu';

    /** "Butter the slices": all of it is spread. */
    private const SLICES = '~\bbutter(?=\s+(?:(?:the|each|both|one)\s+)?(?:slices?|bread|brioche|sides?|toast)\b)~iu';

    private const BUTTERS = ['butter', 'salted-butter', 'ghee', 'margarine'];

    private const STREWN = '~(?:^|[.;,!]\s+|\b(?:and|then)\s+)(?<verb>dust|dredge|sprinkle)(?:\s+(?:well|lightly|generously|thickly|heavily|all\s+over|over|before\s+serving|to\s+serve|when\s+cold|while\s+warm))*(?=\s*(?:[.,;!]|$))~iu';

    private const FOR_TOP = '~\b(?:sprinkl|dust|dredg|roll|coat|finish|decorat|top)~iu';

    public function __construct(private Constants $constants) {}

    /**
     * @param  list<Operation>  $operations
     * @param  list<int>  $seen  doses that the sentences name
     * @return list<Operation>
     */
    public function into(Formula $formula, array $operations, array $seen): array
    {
        $with = $this->withSiblings($formula, $operations, $seen);

        return $this->strewn($formula, $this->boxed($formula, $this->buttered($formula, $with, $seen), $seen), $seen);
    }

    /** Its line says that it is for the top, or for the outside. */
    public static function isForTop(Dose $dose): bool
    {
        return preg_match(self::FOR_TOP, $dose->text) === 1;
    }

    /**
     * Of a line that names two things, "espresso powder dissolved in hot water", the one that no step names goes in with
     * the other.
     *
     * @param  list<Operation>  $operations
     * @param  list<int>  $seen
     * @return list<Operation>
     */
    private function withSiblings(Formula $formula, array $operations, array $seen): array
    {
        $lines = array_count_values(array_map(static fn ($d): string => explode('_', $d->key)[0], $formula->doses));
        foreach ($formula->doses as $d => $dose) {
            $line = explode('_', $dose->key)[0];
            if ($line === '' || $lines[$line] !== 2 || in_array($d, $seen, true)) {
                continue;
            }
            foreach ($operations as $i => $operation) {
                $with = $operation->with($d, static fn (int $o): bool => $o !== $d &&
                    explode('_', $formula->doses[$o]->key)[0] === $line);
                if ($with !== null) {
                    $operations[$i] = $with;

                    break;
                }
            }
        }

        return $operations;
    }

    /**
     * "Butter the dish": a little butter that no other sentence takes is for that; what is melted, for "brush each sheet".
     *
     * @param  list<Operation>  $operations
     * @param  list<int>  $seen
     * @return list<Operation>
     */
    private function buttered(Formula $formula, array $operations, array $seen): array
    {
        $most = $this->constants->get('butter-for-tin') * $formula->mass();
        $left = static fn (bool $isMelted): array => array_values(array_filter(
            array_keys($formula->doses),
            static fn (int $d): bool => ! in_array($d, $seen, true) &&
                in_array($formula->doses[$d]->food?->key, self::BUTTERS, true) &&
                ($isMelted
                    ? preg_match('~\bmelted\b~iu', $formula->doses[$d]->text) === 1
                    : $formula->doses[$d]->mass() <= $most),
        ));
        $all = array_values(array_filter(
            array_keys($formula->doses),
            static fn (int $d): bool => ! in_array($d, $seen, true) &&
                in_array($formula->doses[$d]->food?->key, self::BUTTERS, true),
        ));
        $outside = [self::SLICES => $all, self::BRUSHED => $left(true), '~\bbutter\b~iu' => $left(false)];
        foreach (array_filter($outside) as $pattern => $doses) {
            foreach ($operations as $i => $operation) {
                preg_match_all($pattern, $operation->step->text, $m, PREG_OFFSET_CAPTURE);
                foreach ($m[0] as [$word, $at]) {
                    $isVerb = $pattern === self::SLICES || mb_strtolower($word) !== 'butter' ||
                        FoodVerb::is('butter', $operation->step->text, $at, $at + strlen($word));
                    if ($isVerb) {
                        $operations[$i] = $operation->taking(new Mention($at, strlen($word), $doses, true));

                        return array_values($operations);
                    }
                }
            }
        }

        return $operations;
    }

    /**
     * @param  list<Operation>  $operations
     * @param  list<int>  $seen
     * @return list<Operation>
     */
    private function boxed(Formula $formula, array $operations, array $seen): array
    {
        $mixes = array_values(array_filter(
            array_keys($formula->doses),
            static fn (int $d): bool => ! in_array($d, $seen, true) && $formula->doses[$d]->food?->key === 'cake-mix',
        ));
        foreach ($mixes === [] ? [] : $operations as $i => $operation) {
            if (preg_match(self::BOXED, $operation->step->text, $m, PREG_OFFSET_CAPTURE) === 1) {
                $operations[$i] = $operation->taking(new Mention($m[0][1], strlen($m[0][0]), $mixes, true));

                break;
            }
        }

        return array_values($operations);
    }

    /**
     * "Leave in the tin. Dust.": what is for dusting and no sentence names goes on there.
     *
     * @param  list<Operation>  $operations
     * @param  list<int>  $seen
     * @return list<Operation>
     */
    private function strewn(Formula $formula, array $operations, array $seen): array
    {
        $left = array_values(array_filter(
            array_keys($formula->doses),
            static fn (int $d): bool => ! in_array($d, $seen, true) &&
                $formula->doses[$d]->food?->role === Role::Sweet &&
                (self::isForTop($formula->doses[$d]) || $formula->doses[$d]->isDusted()),
        ));
        foreach ($left === [] ? [] : $operations as $i => $operation) {
            if (preg_match(self::STREWN, $operation->step->text, $m, PREG_OFFSET_CAPTURE) === 1) {
                $operations[$i] = $operation->taking(new Mention($m['verb'][1], strlen($m['verb'][0]), $left, true));

                break;
            }
        }

        return array_values($operations);
    }
}
