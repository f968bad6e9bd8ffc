<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\InputBag;
use Symfony\Component\HttpFoundation\Response;

/**
 * Only fields that are lists on a form may be lists; every text is valid UTF-8. What is neither is taken as not sent.
 */
final class PlainInput
{
    private const LISTS = [
        'without',
        'families',
        'corners',
        'shares',
        'printed',
        'toppings',
        'desserts',
        'done',
        'judged',
    ];

    /** Lists of records, which their request looks at field by field. */
    private const RECORDS = ['events'];

    public function handle(Request $request, Closure $next): Response
    {
        foreach ([$request->query, $request->request] as $bag) {
            $this->plain($bag);
        }

        return $next($request);
    }

    /** @param  InputBag<scalar>  $bag */
    private function plain(InputBag $bag): void
    {
        $kept = [];
        foreach ($bag->all() as $field => $value) {
            if (is_array($value)) {
                if (in_array($field, self::RECORDS, true)) {
                    $kept[$field] = $value;
                } elseif (in_array($field, self::LISTS, true)) {
                    $kept[$field] = array_map(self::clean(...), array_filter($value, is_scalar(...)));
                }
            } else {
                $kept[$field] = self::clean($value);
            }
        }
        $bag->replace($kept);
    }

    private static function clean(mixed $value): mixed
    {
        return is_string($value) ? mb_scrub($value) : $value;
    }
}
