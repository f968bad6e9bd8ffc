<?php

declare(strict_types=1);

namespace App\Models;

use Aglyca\Core\Trial\Curve;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A glucose curve beside a portion.
 *
 * @property int $id
 * @property string $name
 * @property CarbonInterface $eaten_on
 * @property list<array{float, float}> $points
 * @property ?list<string> $told  what had to be known of the file that it came from
 */
final class CurveNote extends Model
{
    use SoftDeletes;

    protected $table = 'curves';

    protected $fillable = ['recipe_id', 'name', 'eaten_on', 'points', 'told'];

    protected $casts = ['points' => 'array', 'told' => 'array', 'eaten_on' => 'date'];

    public function curve(): Curve
    {
        return new Curve(array_map(static fn (array $p): array => [(float) $p[0], (float) $p[1]], $this->points));
    }
}
