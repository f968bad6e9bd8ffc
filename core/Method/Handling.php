<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Larder\Texture;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Part;
use Aglyca\Core\Swap\Swap;

/** What was done to a thing that is gone and is not done to what came instead: soaking, mashing, crushing, slaking. */
final readonly class Handling
{
    private const SOAKING = '~,?\s*(?:and\s+|then\s+)*(?:leave|let|stand|soak|set\s+aside|simmer|cook)\b[^.!?;]*?(?:\b(?:min|minutes?|mins|hours?|hrs?|overnight|soft|softened|absorbed|cool)\b)(?:[^.!?;]*?\b(?:mash|mashed|pur[ée]e|blend|blitz|process|smooth)\b)?~iu';

    private const SOAK = '~\b(?<verb>soak|steep|simmer|cook|boil)\s+(?:the\s+)?(?:\pL+\s+)?$~iu';

    private const SOAKED = '~,?\s+(?:(?:for\s+)?(?:about\s+)?[\d½¼][^.!?;]*?\b(?:min(?:ute)?s?|hours?|hrs?)\b|overnight\b)(?:[^.!?;]*?\b(?:mash|blend|blitz|pur[ée]e)\b(?:\s+(?:with\s+(?:an?\s+|the\s+)?fork|(?:un)?til\s+smooth))?)?~iu';

    private const SIEVED = 'Shake the xanthan gum in from a sieve while you whisk, or rub it through a little of the sweetener first: dropped into water it clumps.';

    private const MASH = '~\b(?<verb>(?:peel\s+and\s+)?(?:mash|pur[ée]e|crush))\s+(?:up\s+)?(?:the\s+|your\s+)?(?:(?:ripe|very\s+ripe|peeled|soft)\s+)*$~iu';

    private const TO_A_MASH = '~^(?:\s+(?:well|thoroughly))?(?:\s+with\s+(?:an?|the)\s+(?:fork|masher|potato\s+masher))?(?:\s+(?:un)?till?\s+(?:completely\s+|quite\s+|very\s+|almost\s+)?smooth|\s+to\s+an?\s+(?:pulp|pur[ée]e|paste))?(?=\s*[.,;]|\s+(?:and|in|into|then)\b)~iu';

    private const DRY = '~\b(?:sift|sieve|rub|toast|roast|cut\s+(?:in|the)|pulse|whizz|blitz)\b~iu';

    private const STIRRED = '~\b(?:stir|fold|beat|mix)\b.*\b(?:in|into|through|with)\b|\bback\b~iu';

    private const CRUSH = '~\b(?<verb>crush|blitz|bash|crumble|pulse|whizz|grind|process)\s+(?:up\s+)?(?:the\s+)?$~iu';

    public function __construct(private Phrasing $phrasing, private Constants $constants) {}

    /**
     * Starch is slaked in a little water; gum clumps there.
     *
     * @param  list<int>  $changed
     */
    public function sieved(
        Swap $swap,
        Rewriting $rewriting,
        int $i,
        Operation $operation,
        Mention $mention,
        array $changed,
    ): void {
        $to = array_merge([], ...array_map(static fn (int $e): array => $swap->exchanges[$e]->to, $changed));
        $with = array_map(
            static fn (int $d): ?Role => $swap->before->doses[$d]->food?->role,
            array_diff($operation->ofSentence($mention), $mention->doses),
        );
        if (
            count($to) === 1 &&
            $to[0]->food->key === 'xanthan' &&
            $with !== [] &&
            array_diff(array_map(static fn (?Role $r): string => $r->value ?? '', $with), [Role::Wet->value]) === [] &&
            ($rewriting->before[$i] ?? []) === []
        ) {
            $rewriting->before[$i][] = PlannedStep::added(self::SIEVED);
        }
    }

    /**
     * A purée that came for fruit needs no mashing: "mash the bananas".
     *
     * @param  list<int>  $changed
     */
    public function unmashed(
        Swap $swap,
        Rewriting $rewriting,
        int $i,
        string $text,
        Mention $mention,
        array $changed,
    ): void {
        $isPuree = array_filter(
            $changed,
            static fn (int $e): bool => count($swap->exchanges[$e]->to) > 0 &&
                $swap->exchanges[$e]->to[0]->food->texture === Texture::Paste,
        ) !== [];
        if (
            $isPuree &&
            preg_match(self::MASH, substr($text, 0, $mention->at), $m, PREG_OFFSET_CAPTURE) === 1
        ) {
            $isCapital = $m['verb'][0] !== mb_strtolower($m['verb'][0]);
            $rewriting->edit($i, $m['verb'][1], strlen($m['verb'][0]), $isCapital ? 'Take' : 'take');
            if (preg_match(self::TO_A_MASH, substr($text, $mention->end()), $tail) === 1) {
                $rewriting->edit($i, $mention->end(), strlen($tail[0]), '');
            }
        }
    }

    /**
     * Water that came for flour is worked in when the flour is sifted or rubbed.
     *
     * @param  list<Part>  $parts
     * @return list<Part> without it, where it is said behind
     */
    public function dry(
        Rewriting $rewriting,
        int $i,
        string $text,
        Mention $mention,
        Exchange $exchange,
        array $parts,
    ): array {
        $isWet = static fn (Part $p): bool => $p->food->role === Role::Wet;
        $lead = preg_split('~[.!?;]~', substr($text, 0, $mention->at)) ?: [''];
        if (
            $exchange->role !== Role::Body || array_filter($parts, $isWet) === [] ||
            preg_match(self::DRY, (string) end($lead)) !== 1
        ) {
            return $parts;
        }
        $end = preg_match('~[.!?;](?=\s|$)~', $text, $m, PREG_OFFSET_CAPTURE, $mention->end()) === 1
            ? $m[0][1]
            : strlen($text);
        $rewriting->edit($i, $end, 0, ', then work in the water');

        return array_values(array_filter($parts, static fn (Part $p): bool => ! $isWet($p)));
    }

    /** Crumbs that were made first are not crushed again. */
    public function uncrushed(Rewriting $rewriting, int $i, string $text, Mention $mention, string $prepared): void
    {
        if (
            $prepared !== 'crumbs' ||
            preg_match(self::CRUSH, substr($text, 0, $mention->at), $m, PREG_OFFSET_CAPTURE) !== 1
        ) {
            return;
        }
        $isCapital = $m['verb'][0] !== mb_strtolower($m['verb'][0]);
        $rewriting->edit($i, $m['verb'][1], strlen($m['verb'][0]), $isCapital ? 'Take' : 'take');
        if (preg_match('~^\s+(?:in)?to\s+(?:\pL+\s+)?(?:crumbs?|rubble|dust|pieces|chunks|bits)\b(?:\s+with\s+an?\s+(?:rolling\s+)?pin\b)?|^\s+finely\b~iu', substr($text, $mention->end()), $tail) === 1) {
            $rewriting->edit($i, $mention->end(), strlen($tail[0]), '');
        }
    }

    /**
     * Dried fruit was soaked and mashed; the nuts or the purée that are there instead are not.
     *
     * @param  list<int>  $changed
     */
    public function unsoaked(
        Swap $swap,
        Rewriting $rewriting,
        int $i,
        string $text,
        Mention $mention,
        array $changed,
    ): void {
        $isFruit = array_filter(
            $changed,
            fn (int $e): bool => $swap->exchanges[$e]->role === Role::Mixin &&
                array_filter(
                    $swap->exchanges[$e]->from,
                    fn (int $d): bool => $swap->before->doses[$d]->known()->per100->fat <=
                        $this->constants->get('dried-fat'),
                ) !== [] &&
                array_filter(
                    $swap->exchanges[$e]->to,
                    fn (Part $p): bool => $p->food->per100->fat > $this->constants->get('nuts-fat') ||
                        $p->food->texture === Texture::Paste,
                ) !== [],
        );
        if ($isFruit === []) {
            return;
        }
        $lead = preg_split('~[.!?;]~', substr($text, 0, $mention->at)) ?: [''];
        if (preg_match(self::STIRRED, (string) end($lead)) === 1) {
            // "Stir back in with the raisins, cook 2 minutes more": all of it cooks.
            return;
        }
        $isSoaked = preg_match(self::SOAK, substr($text, 0, $mention->at), $verb, PREG_OFFSET_CAPTURE) === 1;
        $goes = $isSoaked ? self::SOAKED : self::SOAKING;
        if (
            preg_match($goes, $text, $m, PREG_OFFSET_CAPTURE, $mention->end()) !== 1 ||
            preg_match('~[.!?;]~', substr($text, $mention->end(), $m[0][1] - $mention->end())) === 1
        ) {
            return;
        }
        $rewriting->edit($i, $m[0][1], strlen($m[0][0]), '');
        if ($isSoaked) {
            $mix = $this->phrasing->beginsSentence($text, $verb['verb'][1]) ? 'Mix' : 'mix';
            $rewriting->edit($i, $verb['verb'][1], strlen($verb['verb'][0]), $mix);
        }
    }
}
