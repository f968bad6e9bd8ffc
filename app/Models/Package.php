<?php

declare(strict_types=1);

namespace App\Models;

use Aglyca\Core\Larder\Label\InvalidLabel;
use Aglyca\Core\Larder\Label\Label;
use Aglyca\Core\Larder\LabelLaw;
use Aglyca\Core\Larder\Package as CorePackage;
use Aglyca\Core\Plan\Holding;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A package of a food with what its label prints.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $food
 * @property string $name
 * @property string $law
 * @property string $serving_g
 * @property array<string, string> $printed
 * @property string $polyol
 * @property ?string $price
 * @property ?string $size_g
 * @property bool $is_default
 * @property ?string $left_g
 * @property ?CarbonInterface $opened_on
 * @property ?CarbonInterface $best_before
 */
final class Package extends Model
{
    use SoftDeletes;

    protected $fillable = [
        'food',
        'name',
        'law',
        'serving_g',
        'printed',
        'polyol',
        'price',
        'size_g',
        'is_default',
        'left_g',
        'opened_on',
        'best_before',
    ];

    protected $casts = [
        'printed' => 'array',
        'is_default' => 'boolean',
        'opened_on' => 'date',
        'best_before' => 'date',
    ];

    public function label(): Label
    {
        return Label::of(LabelLaw::from($this->law), (float) $this->serving_g, $this->printed, $this->polyol);
    }

    /** What is in it; of one that nobody weighed nothing is taken to be there. */
    public function holding(): Holding
    {
        $number = static fn (?string $column): ?float => $column === null ? null : (float) $column;

        return new Holding(
            $this->food, $this->name, $number($this->left_g) ?? 0.0, $number($this->size_g), $number($this->price),
            $this->best_before?->toDateString() ?? '', $this->opened_on?->toDateString() ?? '',
        );
    }

    /** Null where what is stored is no label: it then counts nowhere, and the Pantry asks for it to be mended. */
    public function toCore(): ?CorePackage
    {
        try {
            $label = $this->label();
        } catch (InvalidLabel) {
            return null;
        }

        return CorePackage::priced(
            (string) $this->id,
            $this->name,
            $this->food,
            $label,
            $this->price === null ? null : (float) $this->price,
            $this->size_g === null ? null : (float) $this->size_g,
        );
    }
}
