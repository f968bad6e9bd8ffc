<?php

declare(strict_types=1);

namespace Tests\Core;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Brief;
use Aglyca\Core\BriefJson;
use Aglyca\Core\Conversion;
use Aglyca\Core\Kernel;
use Aglyca\Core\Reading\Line;
use Aglyca\Core\Reading\MeasuresReader;
use Aglyca\Core\Swap\KitchenLimits;
use Aglyca\Core\Tables;
use Aglyca\Core\Wiring;
use PHPUnit\Framework\TestCase;

/** Opens the core once for all tests that need it whole. */
abstract class CoreCase extends TestCase
{
    private static ?Wiring $core = null;

    private static ?Kernel $kernel = null;

    protected static function tables(): Tables
    {
        return Tables::in(dirname(__DIR__, 2).'/data');
    }

    /** The rooms of the core, for tests that look inside. */
    protected static function core(): Wiring
    {
        return self::$core ??= new Wiring(self::tables());
    }

    protected static function kernel(): Kernel
    {
        return self::$kernel ??= Kernel::over(self::core());
    }

    protected static function line(string $text): Line
    {
        return self::core()->reading()->lines->read($text, 'key-1')[0];
    }

    protected static function account(string $text, ?float $pieces = null): Account
    {
        return self::kernel()->account(self::brief($text, ['pieces' => $pieces]));
    }

    /**
     * A dessert of the tests that says no number is one piece.
     *
     * @param  array<string, mixed>  $said  by the names of `BriefJson`
     */
    protected static function brief(string $text, array $said = []): Brief
    {
        $brief = BriefJson::changed(new Brief($text), $said);
        $isUncounted = $brief->portions->pieces === null && self::kernel()->read($brief)->pieces === null;

        return $isUncounted ? BriefJson::changed($brief, ['pieces' => 1.0]) : $brief;
    }

    /**
     * @param  array<string, mixed>  $said  by the names of `BriefJson`; "refused", "limit" and "bodyMass" are the
     *     kitchen's
     */
    protected static function work(string $text, array $said = []): Conversion
    {
        $kitchen = new KitchenLimits($said['limit'] ?? null, $said['bodyMass'] ?? null, $said['refused'] ?? []);

        return self::kernel()->convert(self::brief($text, $said)->in($kitchen));
    }

    /** What a conversion has written, read with the cups and spoons of the recipe that it comes from. */
    protected static function again(string $text, Conversion $from, ?float $pieces = null): Brief
    {
        $named = array_search($from->recipe->measures->system, MeasuresReader::SAID, true);

        return BriefJson::changed(new Brief($text), [
            'measures' => $named === false ? null : $named,
            'pieces' => $pieces,
        ]);
    }

    /** @return array<string, array{string}> every demo dessert by file name */
    public static function desserts(): array
    {
        $all = [];
        foreach (glob(dirname(__DIR__, 2).'/database/demo/*.txt') ?: [] as $file) {
            $all[basename($file, '.txt')] = [(string) file_get_contents($file)];
        }

        return $all;
    }
}
