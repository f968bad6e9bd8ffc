<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Forecast\AcidBalance;
use Aglyca\Core\Forecast\WaterActivity;
use Aglyca\Core\Harm\AllergenList;
use Aglyca\Core\Harm\AtLeast;
use Aglyca\Core\Harm\Cautioner;
use Aglyca\Core\Harm\Claims;
use Aglyca\Core\Harm\Keeping;
use Aglyca\Core\Harm\KeepReader;
use Aglyca\Core\Harm\Rule;
use Aglyca\Core\Harm\Struck;
use Aglyca\Core\Harm\Untouched;
use Aglyca\Core\Language\Lexer;
use Aglyca\Core\Reading\Step;
use Aglyca\Core\Reading\StepReader;

/** What can hurt: what is never swapped, what is said of what was, what of the recipe's words is true no more. */
final readonly class HarmRoom
{
    public Untouched $untouched;

    public Claims $claims;

    public Keeping $keeping;

    public AllergenList $allergens;

    public AtLeast $atLeast;

    public Cautioner $cautioner;

    private StepReader $steps;

    public function __construct(Wiring $core)
    {
        [$tables, $constants] = [$core->tables, $core->constants];
        $lexer = new Lexer($tables);
        $this->untouched = new Untouched($constants);
        $this->allergens = new AllergenList($tables);
        $reader = new KeepReader($tables, $lexer);
        $this->claims = new Claims($this->allergens, $reader);
        $this->keeping = new Keeping($tables, new WaterActivity($tables), $reader, $constants);
        $this->atLeast = new AtLeast($constants);
        $this->steps = $core->reading()->steps;
        $this->cautioner = new Cautioner([
            new Rule\Medicine($this->untouched),
            new Rule\Unknowns($this->atLeast),
            new Rule\Hazards($tables, $lexer, $constants->get('dry-fibre-water')),
            new Rule\Dogs($tables->pairs('dog_poisons', 'says', 'food')),
            new Rule\Allergens($this->allergens),
            new Rule\RawEgg($constants),
            new Rule\HotSugar($constants),
            new Rule\Alcohol($constants),
            new Rule\Stomach($tables, $constants),
            new Rule\HiddenSugar($constants),
            new Rule\Soda(new AcidBalance($tables), $constants),
        ]);
    }

    /**
     * The steps without what was struck from them; one that said nothing else goes.
     *
     * @param  list<Step>  $steps
     * @param  list<Struck>  $struck
     * @return list<Step>
     */
    public function without(array $steps, array $struck): array
    {
        $cuts = [];
        foreach ($struck as $each) {
            if ($each->step !== null) {
                $cuts[$each->step][$each->from] = strlen($each->text);
            }
        }
        if ($cuts === []) {
            return $steps;
        }
        $texts = [];
        foreach ($steps as $i => $step) {
            $text = $step->text;
            $own = $cuts[$i] ?? [];
            krsort($own);
            foreach ($own as $from => $length) {
                $before = rtrim(substr($text, 0, $from), " \t,;:–-");
                $isOpen = $before !== '' && ! in_array($before[-1], ['.', '!', '?'], true);
                $text = trim($before.($isOpen ? '.' : '').' '.ltrim(substr($text, $from + $length)));
            }
            if ($text !== '') {
                $texts[] = $text;
            }
        }

        return $this->steps->all($texts);
    }
}
