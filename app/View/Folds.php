<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Http\Request;
use Illuminate\Support\HtmlString;

/**
 * Which of the parts that lie folded together, or below what is looked at, are drawn. A page has all of them, for who
 * reads it without scripts; an answer that is put into a page has those that are looked at there, and the others are
 * fetched when somebody opens them or comes to them.
 */
final readonly class Folds
{
    private const MANY = 20;

    /** @param  ?list<string>  $open  names; null for a whole page */
    public function __construct(private ?array $open = null) {}

    public static function of(Request $request): self
    {
        return $request->hasHeader('HX-Request')
            ? new self(array_slice(explode(' ', (string) $request->header('X-Open')), 0, self::MANY))
            : new self();
    }

    public function has(string $part): bool
    {
        return $this->open === null || $this->isOpen($part);
    }

    /** Stands for a part that is fetched from an address when somebody looks at it. */
    public static function rest(string $address): HtmlString
    {
        return new HtmlString(
            '<p class="py-2 text-soft" data-rest hx-get="'.e($address).
                '" hx-trigger="unfold once" hx-swap="outerHTML">One moment.</p>',
        );
    }

    public function isOpen(string $part): bool
    {
        return in_array($part, $this->open ?? [], true);
    }
}
