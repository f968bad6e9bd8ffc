<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Conversion;
use Aglyca\Core\Forecast\Property;
use Aglyca\Core\Formula\Placement;
use Aglyca\Core\Formula\Spread;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Method\NewNames;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\TextRow;
use Aglyca\Core\Side;
use Aglyca\Core\Swap\Binding;
use Aglyca\Core\Swap\Exchange;
use Aglyca\Core\Swap\Wishes;
use App\Support\Dessert;
use Illuminate\Support\HtmlString;
use Illuminate\Support\MessageBag;

/** What the Bench and the Counter show of a dessert. */
final readonly class BenchPage
{
    /**
     * @param  array<string, string>  $typed refused input, to stand in its field again
     * @param  bool  $isReadAsBefore  nothing of how the text was read changed: what was closed of it stays closed
     */
    public function __construct(
        public Dessert $dessert,
        public Conversion $conversion,
        public Kernel $kernel,
        public MessageBag $faults,
        private array $typed,
        public ?string $open,
        public bool $isReadAsBefore = false,
        public Folds $folds = new Folds(),
    ) {}

    public function draws(string $part): bool
    {
        return $this->folds->has($part) || $this->isOpen($part);
    }

    /** @param  list<array{string, string}>  $fields */
    public function rest(string $part, array $fields = []): HtmlString
    {
        return Folds::rest($this->path("bench/part/$part"), $fields);
    }

    /**
     * The blend as its form sends it.
     *
     * @param  array<string, mixed>  $triangle
     * @return list<array{string, string}>
     */
    public function shares(array $triangle): array
    {
        $fields = [];
        foreach ($triangle['corners'] as $corner) {
            array_push($fields, ['corners[]', $corner['key']], ['shares[]', $corner['share']]);
        }

        return $fields;
    }

    /** A part that says what is wrong is open, and one that asks something of the baker. */
    public function isOpen(string $part): bool
    {
        $isDoubtful = static fn (TextRow $row): bool => $row->isDoubtful;

        return $this->folds->isOpen($part) || match ($part) {
            'method' => $this->faults->has('minutes'),
            'reading' => $this->faults->has('reading') ||
                (! $this->isReadAsBefore && array_filter($this->conversion->recipe->rows, $isDoubtful) !== []),
            'typed' => $this->faults->has('text'),
            'more' => $this->faults->has('added'),
            'shares' => $this->faults->has('blend'),
            default => false,
        };
    }

    /** It is low in carbohydrate as it was written, nothing of it was swapped, and nobody changed an amount. */
    public function isAsItWas(): bool
    {
        return in_array('already-low', array_column($this->conversion->warnings, 'key'), true) &&
            array_filter($this->conversion->swap->exchanges, static fn (Exchange $e): bool => $e->changed) === [] &&
            $this->conversion->brief->wishes->amounts === [];
    }

    /** Lines that all stay need no lane beside them, unless one is open or has to be checked. */
    public function isFolded(): bool
    {
        return $this->isAsItWas() && ($this->open ?? '') === '' && $this->doubtful() === 0;
    }

    /** @return array<string, string> food key => name, of what is in the bowl */
    public function bowl(): array
    {
        $names = [];
        foreach ($this->conversion->swap->after->doses as $dose) {
            if ($dose->food !== null && $dose->grams !== null) {
                $names[$dose->food->key] = NewNames::name($dose->food);
            }
        }

        return $names;
    }

    public function title(): string
    {
        return $this->conversion->title;
    }

    public function path(string $what): string
    {
        return $this->dessert->path($what);
    }

    public function typed(string $field, string $kept): string
    {
        return $this->typed[$field] ?? $kept;
    }

    public function pieceWord(): string
    {
        return $this->conversion->recipe->pieceWord();
    }

    public function pieces(): string
    {
        return Figures::count($this->conversion->before->formula->pieces);
    }

    /** The pieces are not all alike, so that one figure is their mean. */
    public function isMean(): bool
    {
        $layout = $this->conversion->after->formula->layout;

        $isOnSome = static fn (Placement $p): bool => $p->spread === Spread::Some;

        return $layout !== null &&
            ($layout->cut->shares !== [] || array_filter($layout->placements, $isOnSome) !== []);
    }

    /** Grams of a piece as mixed. */
    public function pieceMass(Account $account): string
    {
        return Figures::grams($account->pieceMass());
    }

    public function net(Account $account, ?Convention $convention = null): string
    {
        return Figures::one($account->net($convention ?? $this->conversion->brief->convention));
    }

    /** Total carbohydrate of a piece. */
    public function total(Account $account): string
    {
        return Figures::one($account->piece->carbohydrate);
    }

    /** How net carbs are counted, in words: "without fibre, sugar alcohols and allulose". */
    public function counted(): string
    {
        return app(Conventions::class)->counted($this->conversion->brief->convention);
    }

    /** @return list<string> why a number is only what could be counted */
    public function leftOut(Side $side): array
    {
        return $side === Side::Swapped ? $this->conversion->safety->atLeast : $this->conversion->safety->writtenAtLeast;
    }

    /** How carbs are counted is asked once, beside the first number. */
    public function asksHowCounted(): bool
    {
        $kitchen = request()->user()?->kitchen;

        return $kitchen === null ? session('counts') === null : $kitchen->counts_said_at === null;
    }

    /** Why nothing of it is swapped; "" where it may be. */
    public function untouched(): string
    {
        return array_column($this->conversion->warnings, 'sentence', 'key')['untouched'] ?? '';
    }

    /** Nobody says how many pieces it makes. */
    public function isYieldAssumed(): bool
    {
        return in_array('yield-assumed', array_column($this->conversion->warnings, 'key'), true);
    }

    public function range(Account $account): string
    {
        $convention = $this->conversion->brief->convention;

        return Figures::range($account->low($convention), $account->high($convention));
    }

    public function doubtful(): int
    {
        return count(array_filter($this->conversion->recipe->lines, static fn ($line): bool => $line->isDoubtful()));
    }

    /** @return array<int, array<string, mixed>> */
    public function groups(): array
    {
        return Weave::of($this->conversion, $this->kernel->catalogue)->groups();
    }

    /** The weave stands in the page that asks, group for group, so that those which moved can be put in place. */
    public function isWoven(): bool
    {
        return ! $this->isFolded() && count($this->folds->woven) === count($this->conversion->swap->exchanges);
    }

    /** @return array<int, array<string, mixed>> by their place: those that the page that asks has drawn otherwise */
    public function groupsMoved(): array
    {
        return Weave::of($this->conversion, $this->kernel->catalogue)->groups($this->folds->woven);
    }

    /**
     * What a group says that it is drawn from; nothing while a line or a part of it is open, so that it is drawn anew.
     *
     * @param  array<string, mixed>  $group
     */
    public function drawnAs(array $group): string
    {
        $isOpen =
            array_filter($group['left'], fn (array $left): bool => $left['line']->key === $this->open) !== [] ||
            in_array($this->openPart(), array_column($group['right'], 'key'), true);

        return $isOpen ? '-' : $group['as'];
    }

    /** @return array{bars: list<array<string, mixed>>, limit: ?string, limitLabel: string} */
    public function ladder(): array
    {
        $limit = $this->dessert->recipe?->kitchen->limit_g;

        return Ladder::of($this->conversion, $limit === null ? null : (float) $limit);
    }

    /** @return list<string> names of foods that a line not understood may have meant */
    public function suggestions(Line $line): array
    {
        return $this->kernel->catalogue->suggestions($line->name, 3);
    }

    /** @return list<array{name: string, share: string, advice: string}> the lines that cause most of the range */
    public function doubts(Account $account): array
    {
        $rows = [];
        foreach ($account->worstDoubts($this->conversion->brief->convention, 4) as $i => $doubt) {
            $food = $account->formula->doses[$i]->food;
            $left = Figures::percent($doubt->rangeWithout());
            $rows[] = [
                'name' => $food->name ?? '',
                'share' => Figures::percent($doubt->share),
                'advice' => match (true) {
                    $doubt->isOfAmount() => $doubt->rangeWithout() < 0.97
                        ? "weigh it and the range narrows to $left %"
                        : 'weigh it',
                    $food?->package !== '' => "its label's rounding",
                    $doubt->rangeWithout() >= 0.97 => 'what the larder knows of it',
                    default => "type in its package's label and the range may narrow to $left %",
                },
            ];
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> */
    public function differences(): array
    {
        return DifferenceRows::of($this->conversion->properties);
    }

    /** @return ?array<string, mixed> */
    public function triangle(): ?array
    {
        return $this->conversion->swap->triangle === null
            ? null
            : TriangleDrawing::of($this->conversion->swap->triangle, $this->kernel->catalogue->foodNames());
    }

    /**
     * What a teaspoon of molasses would cost where brown sugar was swapped.
     *
     * @param  array<string, mixed>  $group
     * @return ?array{grams: string, net: string} null where there was none, or it is in already
     */
    public function molasses(array $group): ?array
    {
        $wasBrown =
            array_filter(
                $group['left'],
                static fn (array $left): bool => in_array(
                    $left['line']->food?->key,
                    ['brown-sugar', 'coconut-sugar'],
                    true,
                ),
            ) !== [];
        if (! $wasBrown || isset($this->conversion->swap->wishes->added($group['component'])['molasses'])) {
            return null;
        }
        $molasses = $this->kernel->catalogue->food('molasses') ?? abort(404);
        $spoon = $this->kernel->catalogue->teaspoon($molasses);

        return [
            'grams' => Figures::grams($spoon),
            'net' => Figures::one($this->conversion->side(Side::Swapped)->costOf($molasses, $spoon)),
        ];
    }

    /** @return array<string, string> key => name, of what it can be baked in */
    public function appliances(): array
    {
        return array_intersect_key(
            Wishes::APPLIANCES,
            array_flip([...$this->kernel->appliances($this->conversion), $this->conversion->brief->wishes->appliance]),
        );
    }

    /** The part that is open, by `AmountKey`. */
    public function openPart(): string
    {
        return $this->typed['part'] ?? '';
    }

    /** @return list<string> what the rows that decided in a component say, the dearest first */
    public function decided(int $component): array
    {
        return array_values(
            array_unique(
                array_map(
                    static fn (Binding $b): string => $b->name.
                        ($b->isMissed ? ' could not be kept' : ' is what limits it').
                        ($b->price === '' ? '' : ': '.lcfirst($b->price)),
                    array_filter(
                        $this->conversion->swap->bindings,
                        static fn (Binding $b): bool => $b->component === $component,
                    ),
                ),
            ),
        );
    }

    /**
     * Other choices of the same kind, each with its carbs and what it would do.
     *
     * @return list<array{field: string, key: string, name: string, net: string, effect: string}>
     */
    public function alternatives(Role $role): array
    {
        [$field, $names] = $role === Role::Sweet
            ? ['sweetener', $this->kernel->catalogue->sweeteners()]
            : ['school', $this->kernel->catalogue->schools()];
        $rows = [];
        foreach ($this->kernel->alternatives($this->conversion->brief, $role) as $key => $other) {
            $out = array_map(
                static fn (Property $p): string => mb_strtolower($p->name).
                    ($p->high !== null && $p->after > $p->high ? ' high' : ' low'),
                array_filter($other->properties, static fn (Property $p): bool => $p->isOutside()),
            );
            $rows[] = [
                'field' => $field, 'key' => $key, 'name' => $names[$key], 'net' => $this->net($other->after),
                'effect' => $out === [] ? 'all within its bands' : implode(', ', $out),
            ];
        }

        return $rows;
    }
}
