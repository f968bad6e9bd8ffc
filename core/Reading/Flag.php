<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** What a baker should know of how a line was read. */
enum Flag: string
{
    case UnknownFood = 'unknown-food';
    case FoodGuessed = 'food-guessed';
    case NoAmount = 'no-amount';
    case MeasuresDisagree = 'measures-disagree';
    case OuncesByWeight = 'ounces-by-weight';
    case OuncesByVolume = 'ounces-by-volume';
    case VagueAmount = 'vague-amount';
    case DustingAssumed = 'dusting-assumed';
    case DensityByKind = 'density-by-kind';
    case Choice = 'choice';
    case Optional = 'optional';
    case UsedInPart = 'used-in-part';
    case FriedIn = 'fried-in';
    case Outside = 'outside';
    case Thickens = 'thickens';
    case Caramel = 'caramel';
    case Laid = 'laid';
    case HugeAmount = 'huge-amount';
    case NotAnAmount = 'not-an-amount';
    case Corrected = 'corrected';
    case LeftOut = 'left-out';
    case CarbsFloored = 'carbs-floored';

    /** Whether the baker should look at the line. */
    public function isDoubt(): bool
    {
        return match ($this) {
            self::UnknownFood, self::FoodGuessed, self::NoAmount, self::MeasuresDisagree, self::DensityByKind,
            self::HugeAmount, self::NotAnAmount, self::CarbsFloored => true,
            self::OuncesByWeight, self::OuncesByVolume, self::VagueAmount, self::DustingAssumed, self::Choice,
            self::Optional,
            self::UsedInPart, self::FriedIn, self::Outside, self::Thickens, self::Caramel, self::Laid,
            self::Corrected, self::LeftOut => false,
        };
    }

    public function sentence(): string
    {
        return match ($this) {
            self::UnknownFood => 'Not a food that the larder knows: it is left out of every total until you say what it is.',
            self::FoodGuessed => 'Not all of the name was understood: check the food.',
            self::NoAmount => 'No amount was found: it counts as nothing until you give one.',
            self::MeasuresDisagree => 'The weight and the volume on this line contradict each other: the weight was taken.',
            self::OuncesByWeight => 'Ounces were taken by weight.',
            self::OuncesByVolume => 'Ounces were taken by volume, as for a liquid.',
            self::VagueAmount => 'A loose measure: its range is wide.',
            self::DustingAssumed => 'Nobody says how much is dusted on: about a tablespoon is taken.',
            self::DensityByKind => 'How much a cup of this weighs was taken from its kind of food.',
            self::Choice => 'The line offers a choice: the first was taken.',
            self::Optional => 'Optional, and counted.',
            self::UsedInPart => 'Only partly eaten, as for dusting or greasing: counted whole.',
            self::FriedIn => 'Fat to fry in: what is taken up counts, the rest stays in the pan.',
            self::Outside => 'Stays on the outside: what is grainy there was wanted so.',
            self::Thickens => 'Thickens what is liquid: its own swap binds as much.',
            self::Caramel => 'Browned by itself: only what browns takes its place.',
            self::Laid => 'Lies by itself, apart from what is mixed: what takes its place stays soft.',
            self::HugeAmount => 'That is a very large amount: is it right?',
            self::NotAnAmount => 'The amount is zero or less: it counts as nothing.',
            self::Corrected => 'Corrected by you.',
            self::LeftOut => 'Left out by you.',
            self::CarbsFloored => 'Its fibre and sugar alcohols exceed its carbohydrate: its net carbs are counted as zero.',
        };
    }
}
