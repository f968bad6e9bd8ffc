<?php

declare(strict_types=1);

namespace Aglyca\Core\Method;

use Aglyca\Core\Family\Family;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Role;
use Aglyca\Core\Quantity\Duration;
use Aglyca\Core\Quantity\Temperature;
use Aglyca\Core\Swap\Swap;
use Aglyca\Core\Tables;

/** The usual method of each family, for a recipe that came without one: rows of `data/patterns.csv`. */
final readonly class Patterns
{
    private const PLACES = [
        'dry' => [Role::Body, Role::Binder, Role::Lift],
        'sweet' => [Role::Sweet],
        'fat' => [Role::Fat],
        'egg' => [Role::Egg],
        'wet' => [Role::Wet],
        'mixin' => [Role::Mixin],
        'flavour' => [Role::Flavour],
    ];

    /** Places that stand in one list. */
    private const GROUP = '~\{(?:dry|sweet|fat|egg|wet|mixin|flavour)\}(?:(?:,| and) \{(?:dry|sweet|fat|egg|wet|mixin|flavour)\})*~';

    private const NOTHING = '∅';

    /** @var array<string, list<string>> */
    private array $texts;

    public function __construct(Tables $tables, private Constants $constants)
    {
        $texts = [];
        foreach ($tables->rows('patterns') as $row) {
            $texts[$row['family']][] = $row['text'];
        }
        $this->texts = $texts;
    }

    /** @return list<PlannedStep> */
    public function steps(Swap $swap): array
    {
        $steps = [
            PlannedStep::added(
                'The recipe came without a method: this is the usual way for '.
                    mb_strtolower($swap->family()->name).
                    '.',
            ),
        ];
        foreach ($swap->after->components as $c => $name) {
            $doses = array_values(
                array_filter(
                    $swap->after->doses,
                    static fn (Dose $d): bool => $d->component === $c && $d->food !== null && $d->grams !== null,
                ),
            );
            array_push($steps, ...$this->ofPart($swap, $swap->families[$c], $name, $doses));
        }

        return $steps;
    }

    /**
     * How a part is mixed, as far as the oven's door.
     *
     * @param  list<Dose>  $doses
     */
    public function mixing(Swap $swap, Family $family, array $doses): string
    {
        $texts = array_map(
            static fn (PlannedStep $s): string => $s->heats === [] && $s->minutes === null ? $s->text() : '',
            $this->ofPart($swap, $family, '', $doses),
        );

        return implode(
            ' ',
            array_filter($texts, static fn (string $t): bool => $t !== '' && ! str_contains($t, 'Done when')),
        );
    }

    /**
     * @param  list<Dose>  $doses
     * @return list<PlannedStep>
     */
    private function ofPart(Swap $swap, Family $family, string $name, array $doses): array
    {
        $steps = [];
        foreach ($this->texts[$family->pattern] ?? [] as $text) {
            $uses = [];
            $isEmpty = str_contains($text, '{');
            $text = (string) preg_replace_callback(
                self::GROUP,
                function (array $m) use ($doses, &$uses, &$isEmpty): string {
                    preg_match_all('~\{(\w+)\}~', $m[0], $places);
                    $roles = array_merge(...array_map(static fn (string $p): array => self::PLACES[$p], $places[1]));
                    $here = array_values(
                        array_filter($doses, static fn (Dose $d): bool => in_array($d->food?->role, $roles, true)),
                    );
                    array_push($uses, ...$here);
                    $isEmpty = $isEmpty && $here === [];

                    $names = array_map(
                        static fn (Dose $d): string => $d->food === null ? '' : NewNames::name($d->food),
                        $here,
                    );

                    return $here === [] ? self::NOTHING : 'the '.NewNames::list($names);
                },
                $text,
            );
            $text = self::closed($text);
            $isFixed = preg_match('~\{(?:heat|minutes|doneness)\}|what was whisked~', $text) === 1;
            if (! $isEmpty || $isFixed) {
                $steps[] = $this->step($swap, $family, ($steps === [] && $name !== '' ? "$name. " : '').$text, $uses);
            }
        }

        return $steps;
    }

    /** @param  list<Dose>  $uses */
    private function step(Swap $swap, Family $family, string $text, array $uses): PlannedStep
    {
        $heat = (float) Temperature::celsius($family->heat)
            ->lowerBy($swap->oven->loweredByCelsius)
            ->celsiusOnDial($this->constants->get('snap-oven-c'));
        $minutes = Duration::minutes($family->minutes, $family->minutes)->times($swap->oven->timeFactor())->onClock();
        $isBake = str_contains($text, '{minutes}');
        $text = strtr($text, [
            '{heat}' => (string) $heat,
            '{minutes} minutes' => $minutes->text(),
            '{doneness}' => $family->doneness,
        ]);

        return PlannedStep::usual(
            ucfirst($text),
            str_contains($text, '°C') ? [$heat] : [],
            $isBake ? $minutes : null,
            array_values(
                array_filter(
                    array_map(
                        static fn (Dose $d): ?StepUse => $d->food === null ? null : new StepUse($d->food, $d->mass()),
                        $uses,
                    ),
                ),
            ),
        );
    }

    /** What there is none of goes with the word that joins it. */
    private static function closed(string $text): string
    {
        $none = preg_quote(self::NOTHING, '~');
        foreach (
            [
                "~(?:,? by turns with|,? then|,? with|,? and|,) $none~u",
                "~$none(?: with|,| and| together,? then) ~u",
                "~ ?$none~u",
            ] as $pattern
        ) {
            $text = preg_replace($pattern, '', $text) ?? $text;
        }

        return $text;
    }
}
