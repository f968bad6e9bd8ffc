<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm\Rule;

use Aglyca\Core\Forecast\Warning;
use Aglyca\Core\Harm\Circumstances;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;

/** Sugars of a piece that come with what is no sweetener. */
final readonly class HiddenSugar implements Rule
{
    public function __construct(private Constants $constants) {}

    public function of(Circumstances $all): array
    {
        [$by, $found] = [[], []];
        foreach ($all->after->doses as $i => $dose) {
            $sugars = $all->account->serving->lines[$i]->sugars;
            if ($dose->food !== null && ! in_array($dose->food->role, [Role::Sweet, Role::Body], true)) {
                $by[$dose->food->name] = ($by[$dose->food->name] ?? 0.0) + $sugars;
            }
        }
        foreach ($by as $name => $sugars) {
            if ($sugars >= $this->constants->get('hidden-sugar')) {
                $verb = str_ends_with($name, 's') && ! str_ends_with($name, 'ss') ? 'bring' : 'brings';
                $found[] = sprintf('%s %s %.1f g', mb_strtolower($name), $verb, $sugars);
            }
        }

        return $found === []
            ? []
            : [new Warning('hidden-sugar', 'Sugar where it is easily missed: '.implode(', ', $found).' a piece.')];
    }
}
