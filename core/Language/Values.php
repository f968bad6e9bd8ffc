<?php

declare(strict_types=1);

namespace Aglyca\Core\Language;

/** Bundles the times and heats of a sentence: `<duration>` and `<degrees>` in the patterns of phrases. */
final readonly class Values
{
    private const HOT = 300;

    /** °C: no oven, but milk or a custard, in whatever country. */
    private const WARM = 100;

    public function __construct(private Durations $durations, private Degrees $degrees) {}

    public function of(string $text, Sentence $sentence): Valued
    {
        [$tokens, $durations, $degrees, $i] = [[], [], [], 0];
        while (isset($sentence->tokens[$i])) {
            $token = $sentence->tokens[$i];
            if ($token->number === null && ! isset($token->forms['<value>'])) {
                $tokens[] = $token;
                $i++;

                continue;
            }
            $duration = $this->durations->at($sentence->tokens, $i);
            $degree = $duration === null ? $this->degrees->at($sentence->tokens, $i) : null;
            if ($duration !== null) {
                $durations[count($tokens)] = $duration;
            } elseif ($degree !== null) {
                $degrees[count($tokens)] = $degree;
            }
            $end = $duration->end ?? $degree->end ?? $i + 1;
            $tokens[] = match (true) {
                $duration !== null => self::bundle($text, $sentence->tokens, $i, $end, '<duration>'),
                $degree !== null => self::scaled(self::bundle($text, $sentence->tokens, $i, $end, '<degrees>'),
                    $degree),
                default => $token,
            };
            $i = $end;
        }

        /** @var non-empty-list<Token> $tokens */
        return new Valued(Sentence::of($text, $tokens), $durations, $degrees);
    }

    /** As what of heat it stands in patterns; bare figures that no oven in °C reaches are hot. */
    private static function scaled(Token $token, Degree $degree): Token
    {
        $scale = match (true) {
            $degree->scale === '' => $degree->number >= self::HOT ? 'hot' : 'figures',
            $degree->scale === 'C' && $degree->number < self::WARM => 'warm',
            default => $degree->scale,
        };

        // In one country a fan's oven is called so.
        return stripos($token->raw, 'forced') === false
            ? $token->as("<in-$scale>")
            : $token->as("<in-$scale>")->as('<fan-forced>');
    }

    /** @param  non-empty-list<Token>  $tokens */
    private static function bundle(string $text, array $tokens, int $from, int $end, string $kind): Token
    {
        $at = $tokens[$from]->at;

        return new Token(substr($text, $at, $tokens[$end - 1]->end() - $at), $kind, [$kind => true], $at,
            $tokens[$from]->number);
    }
}
