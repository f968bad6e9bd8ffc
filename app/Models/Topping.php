<?php

declare(strict_types=1);

namespace App\Models;

use Aglyca\Core\Formula\Topping as CoreTopping;
use Illuminate\Database\Eloquent\Model;

/**
 * What this kitchen likes to put on at the table.
 *
 * @property int $id
 * @property int $kitchen_id
 * @property string $name
 * @property string $text ingredient lines
 */
final class Topping extends Model
{
    protected $fillable = ['name', 'text'];

    public function toCore(): CoreTopping
    {
        return new CoreTopping($this->name, $this->text);
    }
}
