<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Account\Convention;
use Aglyca\Core\Formula\BatchPlan;
use Aglyca\Core\Formula\Leftover;
use Aglyca\Core\Formula\MassOf;
use Aglyca\Core\Formula\PlacementWish;
use Aglyca\Core\Formula\PortionPlan;
use Aglyca\Core\Formula\PortionWish;
use Aglyca\Core\Formula\Spread;
use Aglyca\Core\Formula\Topping;
use Aglyca\Core\Formula\Way;
use Aglyca\Core\Quantity\Pan;
use Aglyca\Core\Reading\Correction;
use Aglyca\Core\Reading\Corrections;
use Aglyca\Core\Reading\Fate;
use Aglyca\Core\Reading\MeasuresReader;
use Aglyca\Core\Reading\StepCorrection;
use Aglyca\Core\Swap\Blend;
use Aglyca\Core\Swap\Wishes;

/** A brief as it is kept: plain arrays that JSON can hold; what the kitchen keeps to is not in it. */
final class BriefJson
{
    private function __construct() {}

    /** @return array<string, mixed> */
    public static function of(Brief $brief): array
    {
        $wishes = $brief->wishes;

        return [
            'text' => $brief->text,
            'title' => $brief->title,
            'corrections' => array_map(self::correction(...), $brief->corrections->byLine),
            'fates' => array_map(static fn (Fate $f): string => $f->value, $brief->corrections->fates),
            'measures' => $brief->corrections->measures,
            'steps' => array_map(
                static fn (StepCorrection $s): array => array_filter(['minutes' => $s->minutes, 'takes' => $s->takes]),
                $brief->corrections->steps,
            ),
            'sweetener' => $wishes->sweetener,
            'school' => $wishes->school,
            'sweetness' => $wishes->sweetness,
            'shares' => $wishes->blend->shares,
            'corners' => $wishes->blend->corners,
            'families' => $wishes->families,
            'amounts' => $wishes->amounts,
            'left' => $wishes->left,
            'without' => $wishes->without,
            'cooler' => $wishes->cooler,
            'appliance' => $wishes->appliance,
            'pieces' => $brief->portions->pieces,
            'sharing' => self::sharing($brief->portions),
            'scale' => $brief->batch->scale,
            'pan' => $brief->batch->pan === null ? null : array_filter([
                'to' => self::pan($brief->batch->pan),
                'from' => $brief->batch->recipesPan === null ? null : self::pan($brief->batch->recipesPan),
            ]),
            'convention' => $brief->convention->value,
        ];
    }

    /** @param  array<string, mixed>  $kept  what `of()` gave, or a part of it */
    public static function read(array $kept): Brief
    {
        $usual = new Wishes;

        return new Brief(
            (string) ($kept['text'] ?? ''),
            (string) ($kept['title'] ?? ''),
            new Corrections(
                array_map(self::readCorrection(...), (array) ($kept['corrections'] ?? [])),
                array_filter(
                    array_map(
                        static fn (mixed $f): ?Fate => Fate::tryFrom((string) $f),
                        (array) ($kept['fates'] ?? []),
                    ),
                ),
                isset(MeasuresReader::SAID[$kept['measures'] ?? '']) ? $kept['measures'] : null,
                array_map(self::readStep(...), array_filter((array) ($kept['steps'] ?? []), is_array(...))),
            ),
            new Wishes(
                (string) ($kept['sweetener'] ?? $usual->sweetener),
                (string) ($kept['school'] ?? $usual->school),
                (float) ($kept['sweetness'] ?? $usual->sweetness),
                Blend::kept(
                    self::strings($kept['corners'] ?? []),
                    array_values(array_map(floatval(...), (array) ($kept['shares'] ?? []))),
                ),
                array_map(strval(...), (array) ($kept['families'] ?? [])),
                array_map(floatval(...), (array) ($kept['amounts'] ?? [])),
                self::strings($kept['left'] ?? []),
                self::strings($kept['without'] ?? []),
                (float) ($kept['cooler'] ?? 0.0),
                appliance: isset(Wishes::APPLIANCES[$kept['appliance'] ?? ''])
                    ? (string) ($kept['appliance'] ?? '')
                    : '',
            ),
            self::readSharing(
                (array) ($kept['sharing'] ?? []),
                isset($kept['pieces']) ? (float) $kept['pieces'] : null,
            ),
            new BatchPlan(
                (float) ($kept['scale'] ?? 1.0),
                isset($kept['pan']['to']) ? self::readPan($kept['pan']['to']) : null,
                isset($kept['pan']['from']) ? self::readPan($kept['pan']['from']) : null,
            ),
            Convention::tryFrom((string) ($kept['convention'] ?? '')) ?? Convention::LowCarb,
        );
    }

    /** @param  array<string, mixed>  $changes  by the names of `of()` */
    public static function changed(Brief $brief, array $changes): Brief
    {
        return self::read([...self::of($brief), ...$changes])->in($brief->wishes->kitchen)->but(kept: $brief->kept);
    }

    /** @return array<string, mixed> */
    private static function correction(Correction $correction): array
    {
        return array_filter([
            'food' => $correction->food, 'grams' => $correction->grams, 'package' => $correction->package,
            'left_out' => $correction->isLeftOut ?: null,
        ], static fn (mixed $said): bool => $said !== null);
    }

    /** @param  array<string, mixed>  $kept */
    private static function readCorrection(array $kept): Correction
    {
        return new Correction(
            isset($kept['food']) ? (string) $kept['food'] : null, isset($kept['grams']) ? (float) $kept['grams'] : null,
            isset($kept['package']) ? (string) $kept['package'] : null, (bool) ($kept['left_out'] ?? false),
        );
    }

    /** @param  array<string, mixed>  $kept */
    private static function readStep(array $kept): StepCorrection
    {
        return new StepCorrection(
            isset($kept['minutes']) ? (float) $kept['minutes'] : null,
            self::strings($kept['takes'] ?? []),
        );
    }

    /** @return array<string, mixed> only what was said */
    private static function sharing(PortionPlan $plan): array
    {
        $placed = static fn (PlacementWish $p): array => [
            'spread' => $p->spread->value, 'pieces' => $p->pieces, 'amount' => $p->amount, 'unit' => $p->unit,
        ];

        return array_filter(
            [
                'portion' => self::portion($plan->portion),
                'placements' => array_map($placed, $plan->placements),
                'used' => $plan->used,
                'weighed_mixed' => $plan->weighedMixed,
                'weighed_baked' => $plan->weighedBaked,
                'toppings' => array_map(
                    static fn (Topping $t): array => ['name' => $t->name, 'text' => $t->text],
                    $plan->toppings,
                ),
                'eaten' => $plan->eaten === 1.0 ? null : $plan->eaten,
            ],
            static fn (mixed $said): bool => $said !== null && $said !== [],
        );
    }

    /** @return array<string, mixed> */
    private static function portion(PortionWish $wish): array
    {
        $said = match ($wish->way) {
            Way::Pieces => [],
            Way::Grid => ['across' => $wish->across, 'along' => $wish->along],
            Way::Scoop => ['scoop' => $wish->scoop, 'each' => $wish->each, 'rest' => $wish->leftover->value],
            Way::Target => ['each' => $wish->each, 'of' => $wish->of->value, 'rest' => $wish->leftover->value],
            Way::Unequal => ['masses' => $wish->masses],
        };

        return $said === []
            ? []
            : ['way' => $wish->way->value, ...array_filter($said, static fn (mixed $v): bool => $v !== null)];
    }

    /** @param  array<string, mixed>  $kept */
    private static function readSharing(array $kept, ?float $pieces): PortionPlan
    {
        $portion = (array) ($kept['portion'] ?? []);
        $placements = [];
        foreach ((array) ($kept['placements'] ?? []) as $component => $said) {
            $placements[(int) $component] = new PlacementWish(
                Spread::tryFrom((string) ($said['spread'] ?? '')) ?? Spread::All,
                max(1, (int) ($said['pieces'] ?? 1)), (float) ($said['amount'] ?? 0.0), (string) ($said['unit'] ?? 'g'),
            );
        }
        $topping = static fn (array $t): Topping => new Topping(
            (string) ($t['name'] ?? ''),
            (string) ($t['text'] ?? ''),
        );

        return new PortionPlan(
            $pieces,
            new PortionWish(
                Way::tryFrom((string) ($portion['way'] ?? '')) ?? Way::Pieces,
                (int) ($portion['across'] ?? 1),
                (int) ($portion['along'] ?? 1),
                (string) ($portion['scoop'] ?? PortionWish::SCOOP),
                isset($portion['each']) ? (float) $portion['each'] : null,
                MassOf::tryFrom((string) ($portion['of'] ?? '')) ?? MassOf::Dough,
                Leftover::tryFrom((string) ($portion['rest'] ?? '')) ?? Leftover::Spread,
                array_values(array_map(floatval(...), (array) ($portion['masses'] ?? []))),
            ),
            $placements,
            array_map(floatval(...), (array) ($kept['used'] ?? [])),
            isset($kept['weighed_mixed']) ? (float) $kept['weighed_mixed'] : null,
            isset($kept['weighed_baked']) ? (float) $kept['weighed_baked'] : null,
            array_map($topping, array_values((array) ($kept['toppings'] ?? []))),
            (float) ($kept['eaten'] ?? 1.0),
        );
    }

    /** @return array<string, mixed> */
    private static function pan(Pan $pan): array
    {
        return ['length' => $pan->length, 'width' => $pan->width, 'round' => $pan->isRound, 'depth' => $pan->depth];
    }

    /** @param  array<string, mixed>  $kept */
    private static function readPan(array $kept): Pan
    {
        $depth = isset($kept['depth']) ? (float) $kept['depth'] : null;

        return ($kept['round'] ?? false)
            ? Pan::round((float) ($kept['length'] ?? 0), $depth)
            : Pan::rectangular((float) ($kept['length'] ?? 0), (float) ($kept['width'] ?? 0), $depth);
    }

    /** @return list<string> */
    private static function strings(mixed $kept): array
    {
        return array_values(array_map(strval(...), (array) $kept));
    }
}
