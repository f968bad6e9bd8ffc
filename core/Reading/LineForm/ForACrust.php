<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading\LineForm;

use Aglyca\Core\Reading\ThingReader;

/** "Pastry for a single crust", "9-inch pie crust": as much as lines one tin, or two. */
final readonly class ForACrust implements LineForm
{
    private const PASTRY = '~^(?:(?:short(?:crust)?|sweet|rich|pie|your\s+favou?rite)\s+)*(?:pastry|dough|crust)\s+(?:for|to\s+line)\s+(?:(?<two>two\b|2\b|(?:a\s+)?double\b)|an?\b|one\b|1\b|(?:a\s+)?single\b)[^,;(]{0,40}?\b(?:crusts?|pies?|tarts?|shells?|flans?)\b~iu';

    private const SIZED = '~^(?:an?\s+|one\s+|1\s+)?\d{1,2}(?:[\s-]?(?:inch|in|cm)\b|\s?["″”])[\s-]*(?:unbaked\s+|baked\s+|deep\s+|frozen\s+|prepared\s+|blind[- ]baked\s+)*(?:pie|tart|pastry|flan)\s+(?:crust|shell|case)\b~iu';

    public function __construct(private ThingReader $things) {}

    public function things(string $body): ?array
    {
        $isPastry = preg_match(self::PASTRY, $body, $m) === 1;
        if (! $isPastry && preg_match(self::SIZED, $body) !== 1) {
            return null;
        }
        $shell = $this->things->one(($m['two'] ?? '') === '' ? '1 pie shell' : '2 pie shells');

        return $shell->amount === null
            ? null
            : [$this->things->one($body)->called($body, 'pie shell', 'pastry')->holding($shell->amount, $body)];
    }

    public static function isOne(string $row): bool
    {
        return preg_match(self::PASTRY, $row) === 1;
    }
}
