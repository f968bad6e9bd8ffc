<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Token;

/** How many a title says beside the name: "Plum bake (serves 8)", "Butter rings -- 5 dozen", "Fondants x 4". */
final readonly class YieldTitles
{
    /** Behind a dash or a comma a number below this may be anything. */
    private const FEW = 4;

    /** Most pieces that a title says by a number alone. */
    private const MOST_BARE = 60;

    private const COUNTED = ['<count>' => true, '<about>' => true];

    public function __construct(private Yields $yields, private Counted $counted, private Lexicon $lexicon) {}

    public function of(string $title): TitleAndYield
    {
        if (strlen($title) > Yields::LONGEST_ROW) {
            return new TitleAndYield($title, '');
        }
        $tokens = $this->counted->tokens($title);
        foreach ($tokens as $i => $token) {
            [$name, $rest] = $this->parted($title, $tokens, $i);
            $said = $name === '' || $rest === '' ? null : $this->titled($rest, $tokens, $i);
            if ($said !== null) {
                return new TitleAndYield(rtrim($name, " \t(,:|–—-"), $said);
            }
        }

        return new TitleAndYield($title, '');
    }

    /**
     * A title as it would be cut at a token: what stands before, and what may say how many.
     *
     * @param  list<Token>  $tokens
     * @return array{string, string}
     */
    private function parted(string $title, array $tokens, int $i): array
    {
        $token = $tokens[$i];
        $isSign = in_array($token->word, [',', ':', '|', '–', '—', '-'], true);
        $isBefore = isset($token->forms['<made>']) || isset($token->forms['<times>']) || isset($token->forms['<about>'])
            || in_array($token->word, ['cut', '<count>', '<dimension>'], true)
            || ($token->word === 'for' && array_intersect_key($tokens[$i + 1]->forms ?? [], self::COUNTED) !== []);
        if ($i === 0 || (! $isSign && ! $isBefore && ! isset($token->forms['<open>']))) {
            return ['', ''];
        }
        $name = trim(substr($title, 0, $token->at));
        $rest = trim(substr($title, $isBefore ? $token->at : $token->end()), " \t-");
        if (isset($token->forms['<open>'])) {
            $rest = preg_match('~^[^()\[\]]*[)\]]?\s*$~u', $rest) === 1 ? rtrim($rest, ' )]') : '';
        }

        $isOpen = strrpos($name, '(') !== false && strrpos($name, '(') > (int) strrpos($name, ')');
        $name = $isOpen ? trim(substr($name, 0, (int) strrpos($name, '('))) : $name;

        return preg_match('~\pL~u', $name) === 1 ? [$name, $isOpen ? rtrim($rest, ' )]') : $rest] : ['', ''];
    }

    /**
     * @param  list<Token>  $tokens
     * @return ?string how many, as a row says it; "" where it is how much
     */
    private function titled(string $rest, array $tokens, int $i): ?string
    {
        $said = $this->yields->said($rest, 'row');
        if ($tokens[$i]->word === '<count>') {
            // "bread 12 servings": no other thing that is counted ends a title.
            return $said !== null && $this->lexicon->isWord($said->made->pieceName, 'share-of') ? $rest : null;
        }
        if ($said !== null) {
            $isTold = $said->has('<made>', '<cut>', '<piece>', '<whole>', 'for', '<dimension>')
                || $said->made->pieces === null;

            return $isTold ? $rest : 'makes '.ltrim(str_replace('~', 'about ', $rest), 'x× ');
        }
        if ($this->yields->said("makes $rest", 'row')?->gives === 'none') {
            return '';
        }
        $bare = $this->yields->said($rest, 'title')->made->pieces ?? null;

        return $bare !== null && $bare <= self::MOST_BARE && $this->mayBeBare($tokens, $i, $bare)
            ? 'makes '.ltrim(str_replace('~', 'about ', $rest), 'x× ')
            : null;
    }

    /**
     * A comma may stand before the width of a tin, and a two before anything.
     *
     * @param  list<Token>  $tokens
     */
    private function mayBeBare(array $tokens, int $i, int $pieces): bool
    {
        $before = $tokens[$i - 1];

        return match (true) {
            isset($tokens[$i]->forms['<open>']), isset($tokens[$i]->forms['<times>']), isset($tokens[$i]->forms['<about>']) => $pieces > 1,
            in_array($tokens[$i]->word, [',', ':', '|'], true) => $pieces >= self::FEW
                && (isset($before->forms['<close>']) || (str_ends_with($before->word, 's') && strlen($before->word) > 2)),
            default => $pieces >= self::FEW,
        };
    }
}
