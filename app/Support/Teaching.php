<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Taught;
use Aglyca\Core\Side;
use Aglyca\Core\Trial\Judged;
use App\Models\Bake;
use Illuminate\Support\Facades\DB;

/** What a bake teaches its kitchen: kept beside it, and made anew whenever the bake is written down again. */
final readonly class Teaching
{
    public function __construct(private Kernel $kernel) {}

    public function of(Bake $bake): void
    {
        $conversion = $this->kernel->convert($bake->recipe->briefOf($bake->version));
        $ovens = array_values(array_filter((array) ($bake->doing['ovens'] ?? []), is_numeric(...)));
        $baked = $this->kernel->baked($conversion, Side::Swapped, $bake->notes(), array_map(floatval(...), $ovens));
        $values = [
            ...$this->kernel->observed($baked),
            Taught::SWEETNESS => null,
            Taught::HANDS => is_numeric($bake->doing['hands'] ?? null) ? (float) $bake->doing['hands'] : null,
        ];
        $sweet = $bake->notes()->judged['sweetness'] ?? null;
        if ($sweet instanceof Judged) {
            $values[Taught::SWEETNESS] = $this->kernel->sweetnessLiked($conversion->brief->wishes->sweetness, $sweet);
        }
        DB::transaction(function () use ($bake, $values): void {
            $kitchen = $bake->recipe->kitchen;
            $kitchen->observations()->where('bake_id', $bake->id)->delete();
            foreach (array_filter($values, static fn (?float $v): bool => $v !== null) as $what => $value) {
                $kitchen->observations()->create(['what' => $what, 'value' => $value, 'bake_id' => $bake->id]);
            }
        });
    }
}
