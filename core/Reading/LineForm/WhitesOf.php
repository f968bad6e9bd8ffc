<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\LineForm;

use Aglyca\Core\Reading\ThingReader;
use Aglyca\Core\Reading\Words;

/** "whites of 4 eggs", "3 whites": a colour that is counted */
final readonly class WhitesOf implements LineForm
{
    private string $pattern;

    private string $bare;

    public function __construct(private ThingReader $things, Words $words)
    {
        $this->bare = "~^(?:{$words->digit}|$words->wholes)[\\d\\s]*(?:(?:large|medium|small)\\s+)?whites\\s*(?:,.*)?$~iu";
        $this->pattern =
            '~^(?:the\s+)?(?<part>yolk|white)s?\s+(?:of|from)\s+(?<rest>.*(?:'.$words->digit.'|\b(?:'.$words->wholes.')\b).*?)\beggs?\b~iu';
    }

    public function things(string $body): ?array
    {
        if (preg_match($this->bare, $body, $m) === 1) {
            $split = $this->things->one($body);

            return [$split->called($body, 'egg white', $split->named)];
        }
        if (preg_match($this->pattern, $body, $m) !== 1) {
            return null;
        }
        $split = $this->things->one($m['rest'].'egg');

        return [$split->called($body, trim($split->name).' '.mb_strtolower($m['part']), $split->named)];
    }
}
