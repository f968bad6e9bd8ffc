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

    private const MOST_GROUPS = 500;

    /**
     * @param  ?list<string>  $open  names; null for a whole page
     * @param  list<string>  $woven  what each group of the weave that stands in the page says that it is drawn from
     */
    public function __construct(private ?array $open = null, public array $woven = []) {}

    public static function of(Request $request): self
    {
        return $request->hasHeader('HX-Request')
            ? new self(self::words($request, 'X-Open', self::MANY), self::words($request, 'X-Woven', self::MOST_GROUPS))
            : new self();
    }

    /** @return list<string> */
    private static function words(Request $request, string $header, int $most): array
    {
        return array_slice(array_filter(explode(' ', (string) $request->header($header))), 0, $most);
    }

    public function has(string $part): bool
    {
        return $this->open === null || $this->isOpen($part);
    }

    /** Stands for a part that is fetched from an address when somebody looks at it. */
    /** @param  list<array{string, string}>  $fields  names and values of what its form sends while it lies folded */
    public static function rest(string $address, array $fields = []): HtmlString
    {
        $hidden = static fn (array $field): string => vsprintf('<input type="hidden" name="%s" value="%s">', array_map(e(...), $field));

        return new HtmlString(
            '<p class="py-2 text-soft" data-rest hx-get="'.e($address).
                '" hx-trigger="unfold once" hx-swap="outerHTML">One moment.'.implode('', array_map($hidden, $fields)).'</p>',
        );
    }

    public function isOpen(string $part): bool
    {
        return in_array($part, $this->open ?? [], true);
    }
}
