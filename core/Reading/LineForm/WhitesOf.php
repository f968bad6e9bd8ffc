<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\LineForm;

use Aglyca\Core\Reading\ThingReader;
use Aglyca\Core\Reading\Words;

/** "whites of 4 eggs" */
final readonly class WhitesOf implements LineForm
{
    private string $pattern;

    public function __construct(private ThingReader $things, Words $words)
    {
        $this->pattern =
            '~^(?:the\s+)?(?<part>yolk|white)s?\s+(?:of|from)\s+(?<rest>.*'.$words->digit.'.*?)\beggs?\b~iu';
    }

    public function things(string $body): ?array
    {
        if (preg_match($this->pattern, $body, $m) !== 1) {
            return null;
        }
        $split = $this->things->one($m['rest'].'egg');

        return [$split->called($body, trim($split->name).' '.mb_strtolower($m['part']), $split->named)];
    }
}
