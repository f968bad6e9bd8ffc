<?php

declare(strict_types=1);

namespace Aglyca\Core;

use Aglyca\Core\Language\Degrees;
use Aglyca\Core\Language\Durations;
use Aglyca\Core\Language\Lexer as WordLexer;
use Aglyca\Core\Language\Lexicon;
use Aglyca\Core\Language\Numbers;
use Aglyca\Core\Language\Values;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Reading\AllergenNames;
use Aglyca\Core\Reading\AmountParser;
use Aglyca\Core\Reading\AmountsMeant;
use Aglyca\Core\Reading\Counted;
use Aglyca\Core\Reading\Document\ColumnHeads;
use Aglyca\Core\Reading\Document\Columns;
use Aglyca\Core\Reading\Document\InARow;
use Aglyca\Core\Reading\Document\Layouts;
use Aglyca\Core\Reading\Document\Measured;
use Aglyca\Core\Reading\Document\Narrated;
use Aglyca\Core\Reading\Document\Numbered;
use Aglyca\Core\Reading\Document\Percents;
use Aglyca\Core\Reading\Document\Things;
use Aglyca\Core\Reading\Document\TwoColumns;
use Aglyca\Core\Reading\Document\Wrapped;
use Aglyca\Core\Reading\Doing;
use Aglyca\Core\Reading\FoodIndex;
use Aglyca\Core\Reading\FoodNames;
use Aglyca\Core\Reading\Heats;
use Aglyca\Core\Reading\Lexer;
use Aglyca\Core\Reading\LineReader;
use Aglyca\Core\Reading\LineSplitter;
use Aglyca\Core\Reading\MeasuresReader;
use Aglyca\Core\Reading\Naming;
use Aglyca\Core\Reading\NoFood;
use Aglyca\Core\Reading\OvenHeats;
use Aglyca\Core\Reading\OvenWords;
use Aglyca\Core\Reading\PageWords;
use Aglyca\Core\Reading\PanReader;
use Aglyca\Core\Reading\PieceWords;
use Aglyca\Core\Reading\RecipeReader;
use Aglyca\Core\Reading\RowSigns;
use Aglyca\Core\Reading\SectionReader;
use Aglyca\Core\Reading\StepReader;
use Aglyca\Core\Reading\Tellings;
use Aglyca\Core\Reading\ThingReader;
use Aglyca\Core\Reading\Times;
use Aglyca\Core\Reading\Tins;
use Aglyca\Core\Reading\Weigher;
use Aglyca\Core\Reading\Words;
use Aglyca\Core\Reading\Yields;
use Aglyca\Core\Reading\YieldTitles;

/** What reads a text. Opened when there is one to read: most changes of a swap read nothing anew. */
final readonly class ReadingRoom
{
    public WordLexer $lexer;

    public FoodIndex $foods;

    public Words $words;

    public StepReader $steps;

    public LineReader $lines;

    public Yields $yields;

    public YieldTitles $titles;

    public RowSigns $signs;

    public SectionReader $sections;

    public RecipeReader $recipes;

    public Tellings $tellings;

    public NoFood $noFood;

    public PanReader $pans;

    public MeasuresReader $measures;

    public function __construct(Wiring $core, Stock $stock)
    {
        $tables = $core->tables;
        $this->lexer = $lexer = new WordLexer($tables);
        $this->tellings = new Tellings($tables, $lexer);
        $this->noFood = new NoFood($tables, $lexer);
        $this->foods = FoodIndex::of(FoodNames::of($tables)->knowing($stock->names));
        $this->words = new Words($tables);
        $lexicon = new Lexicon($tables);
        $numbers = new Numbers($tables, $lexicon);
        $values = new Values(new Durations($numbers, $lexicon), new Degrees($numbers));
        $this->steps = new StepReader(
            $lexer,
            $values,
            new OvenWords($tables),
            new OvenHeats($tables),
            new Heats($core->constants),
            new Times,
        );
        $pieces = new PieceWords($tables);
        $counted = new Counted($lexer, $lexicon, $numbers);
        $this->yields = new Yields($tables, $counted, $pieces, $lexicon);
        $this->titles = new YieldTitles($this->yields, $counted, $lexicon);
        $doing = new Doing($tables, $lexer);
        $this->signs = new RowSigns(
            $core->units, $this->yields, $this->foods, $core->larder, $this->words, $doing,
            $figures = new Lexer($this->words, $lexer, $numbers),
        );
        $meant = new AmountsMeant($tables, $lexer);
        $amounts = new AmountParser($core->units, $core->constants, $tables);
        $single = new ThingReader($core->larder, $this->foods, $amounts, $figures);
        $splitter = LineSplitter::of($core->larder, $this->foods, $single, $this->words);
        $things = new Things($splitter, $this->foods, $doing, $lexer);
        $layouts = new Layouts(
            new TwoColumns($things),
            new Columns($things, new ColumnHeads($tables, $core->units)),
            new Numbered,
            new InARow($things),
            new Wrapped($things, $doing),
            new Percents,
        );
        $this->sections = new SectionReader(
            $this->signs, $this->yields, $this->titles, $this->words, new PageWords($tables, $lexer), $this->steps,
            $meant, $layouts, $things,
        );
        $this->lines = new LineReader(
            $core->larder,
            $this->foods,
            new Naming($this->foods, $tables, $lexer),
            $splitter,
            new Weigher($core->larder, $core->units, $core->constants),
            $core->constants,
            new Tins($tables),
            new AllergenNames($tables, $lexer),
            $tables,
        );
        $this->recipes = new RecipeReader(
            $this->lines,
            $this->steps,
            $this->yields,
            $this->titles,
            $this->sections,
            $this->pans = new PanReader($lexer, $numbers),
            $this->measures = new MeasuresReader($tables, $lexer, $values),
            new Narrated(
                new Measured($amounts, $figures, $lexer, $lexicon, $this->foods, $values),
                $doing, $lexer,
            ),
            $meant,
            $layouts,
        );
    }
}
