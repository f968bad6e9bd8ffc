<?php

declare(strict_types=1);

namespace App\View;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Account\Convention;
use Aglyca\Core\Bench\Worked;
use Aglyca\Core\Bench\Workshop;
use Aglyca\Core\Reading\Line;
use App\Support\Workpiece;
use Illuminate\Support\MessageBag;

/** What the Bench and the Counter show of a dessert. */
final readonly class BenchPage
{
    /** @param  array<string, string>  $typed refused input, to stand in its field again */
    public function __construct(
        public Workpiece $piece,
        public Worked $worked,
        public Workshop $workshop,
        public MessageBag $faults,
        private array $typed,
        public ?string $open,
    ) {}

    public function title(): string
    {
        return $this->worked->title;
    }

    public function path(string $what): string
    {
        return $this->piece->path($what);
    }

    public function typed(string $field, string $kept): string
    {
        return $this->typed[$field] ?? $kept;
    }

    public function pieceWord(): string
    {
        return $this->worked->recipe->pieceWord();
    }

    public function pieces(): string
    {
        return Figures::count($this->worked->before->formula->pieces);
    }

    /** Grams of a piece as mixed. */
    public function pieceMass(Account $account): string
    {
        return Figures::grams($account->pieceMass());
    }

    public function net(Account $account, ?Convention $convention = null): string
    {
        return Figures::one($account->netCarbs($convention ?? $this->worked->document->convention)->value);
    }

    public function range(Account $account): string
    {
        $convention = $this->worked->document->convention;

        return Figures::one($account->low($convention)).' to '.Figures::one($account->high($convention));
    }

    public function doubtful(): int
    {
        return count(array_filter($this->worked->recipe->lines, static fn ($line): bool => $line->isDoubtful()));
    }

    /** @return list<array<string, mixed>> */
    public function groups(): array
    {
        return Weave::groups($this->worked);
    }

    /** @return array{bars: list<array<string, mixed>>, limit: ?string, limitLabel: string} */
    public function ladder(): array
    {
        $limit = $this->piece->recipe?->kitchen->limit_g;

        return Ladder::of($this->worked, $limit === null ? null : (float) $limit);
    }

    /** @return list<string> names of foods that a line not understood may have meant */
    public function suggestions(Line $line): array
    {
        return array_map(fn (string $key): string => $this->workshop->larder->get($key)->name, $this->workshop->foods->suggest($line->name, 3));
    }

    /** @return list<array{name: string, share: string, advice: string}> the lines that cause most of the range */
    public function doubts(Account $account): array
    {
        $rows = [];
        foreach ($account->worstDoubts($this->worked->document->convention, 4) as $i => $doubt) {
            $food = $account->formula->doses[$i]->food;
            $left = Figures::percent($doubt->rangeWithout());
            $rows[] = ['name' => $food->name ?? '', 'share' => Figures::percent($doubt->share), 'advice' => match (true) {
                $doubt->isOfAmount() => $doubt->rangeWithout() < 0.97 ? "weigh it and the range narrows to $left %" : 'weigh it',
                $food?->package !== '' => "its label's rounding",
                $doubt->rangeWithout() >= 0.97 => 'what the larder knows of it',
                default => "type in its package's label and the range may narrow to $left %",
            }];
        }

        return $rows;
    }

    /** @return list<array{name: string, before: string, after: string}> */
    public function nutrients(): array
    {
        [$before, $after] = [$this->worked->before->piece, $this->worked->after->piece];
        $rows = [
            ['Total carbohydrate', $before->carbohydrate, $after->carbohydrate, ' g'], ['Fibre', $before->fibre, $after->fibre, ' g'],
            ['Sugar alcohols', $before->polyolGrams(), $after->polyolGrams(), ' g'], ['Allulose', $before->allulose, $after->allulose, ' g'],
            ['Protein', $before->protein, $after->protein, ' g'], ['Fat', $before->fat, $after->fat, ' g'],
        ];

        return [
            ...array_map(static fn (array $r): array => ['name' => $r[0], 'before' => Figures::one($r[1]).$r[3], 'after' => Figures::one($r[2]).$r[3]], $rows),
            ['name' => 'Energy', 'before' => Figures::whole($before->energy).' kcal', 'after' => Figures::whole($after->energy).' kcal'],
        ];
    }

    /** @return list<array{name: string, text: string, ratio: float}> */
    public function differences(): array
    {
        $rows = [];
        foreach ($this->worked->properties as $property) {
            $ratio = $property->ratio();
            if ($ratio !== null) {
                $rows[] = ['name' => $property->name, 'text' => Figures::percent($ratio).' %', 'ratio' => $ratio];
            }
        }

        return $rows;
    }
}
