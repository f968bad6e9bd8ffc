<?php

declare(strict_types=1);

namespace Aglyca\Core\Forecast;

/** What a component asks of whoever makes and keeps it. */
final readonly class Care
{
    /**
     * @param  string  $name  of the component; "" for the dessert itself
     * @param  bool  $isHeated  it is baked or cooked
     * @param  bool  $isCold  it is kept in the fridge
     * @param  bool  $isHot  it is boiled sugar, or what takes its place
     */
    public function __construct(public string $name, public bool $isHeated, public bool $isCold, public bool $isHot) {}
}
