<?php

declare(strict_types=1);

namespace App\Support;

use Aglyca\Core\Conversion;
use Aglyca\Core\Kernel;
use Aglyca\Core\Plan\DayAsked;
use Aglyca\Core\Plan\DayPlan;
use Aglyca\Core\Plan\Dish;
use Aglyca\Core\Plan\Night;
use Aglyca\Core\Reading\UnreadableRecipe;
use App\Models\Day;
use App\Models\Recipe;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Collection;
use OutOfBoundsException;

/** A kept day with its desserts and its plan. */
final readonly class PlannedDay
{
    /**
     * @param  Collection<int, Recipe>  $recipes  in the order of the dishes
     * @param  list<Conversion>  $conversions
     * @param  list<Dish>  $dishes
     * @param  list<string>  $unread  titles of desserts that cannot be planned
     */
    private function __construct(
        public Day $day,
        public Collection $recipes,
        public array $conversions,
        public array $dishes,
        public DayPlan $plan,
        public DayAsked $asked,
        public array $unread,
    ) {}

    public static function of(Day $day, Kernel $kernel, bool $wantsAdvice = true): self
    {
        $wanted = $day->document['desserts'];
        $found = $day->kitchen->recipes()->with(['latest', 'kitchen'])->whereIn('ulid', $wanted)->get()->keyBy('ulid');
        [$recipes, $conversions, $dishes, $unread] = [[], [], [], []];
        foreach (array_intersect_key($found->all(), array_flip($wanted)) as $recipe) {
            /** @var Recipe $recipe */
            try {
                $conversion = $kernel->convert($recipe->brief());
                // Each dessert keeps its number, so that what was moved or done stays with it.
                $dishes[] = $kernel->dish($conversion, $recipe->id);
                $conversions[] = $conversion;
                $recipes[] = $recipe;
            } catch (UnreadableRecipe|OutOfBoundsException) {
                $unread[] = $recipe->title;
            }
        }
        $asked = self::asked($day, $wantsAdvice);

        return new self(
            $day,
            Collection::make($recipes),
            $conversions,
            $dishes,
            $kernel->day($dishes, $asked),
            $asked,
            $unread,
        );
    }

    public function zone(): DateTimeZone
    {
        return $this->asked->zone;
    }

    private static function asked(Day $day, bool $wantsAdvice): DayAsked
    {
        $document = $day->document;
        $isReady = $document['mode'] === 'ready';

        return new DayAsked(
            $isReady ? $document['at'] : null,
            $isReady ? Night::minutes(new DateTimeImmutable(now()->toAtomString())) : $document['at'],
            $day->kitchen->room(), $day->kitchen->clock(), $document['held'] ?? [],
            array_fill_keys($document['done'] ?? [], true), $wantsAdvice,
        );
    }
}
