<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aglyca\Core\Brief;
use Aglyca\Core\Formula\Written;
use Aglyca\Core\Kernel;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Larder\Stock;
use Aglyca\Core\Reading\Correction;
use Aglyca\Core\Reading\Fate;
use Aglyca\Core\Reading\UnreadableRecipe;
use Aglyca\Core\Tables;
use App\Support\Trade;
use Illuminate\Cache\ArrayStore;

/** What the server keeps of a reading stands for that text, read so, in that kitchen, and for nothing else. */
final class KeptReadingsTest extends KitchenCase
{
    private ArrayStore $store;

    private function kernel(Stock $stock = new Stock): Kernel
    {
        return Trade::open(base_path(), storage_path('framework/testing/trade'), null, $this->store)->kernel($stock);
    }

    public function test_a_kept_reading_is_the_reading(): void
    {
        $this->store = new ArrayStore(true);
        $brief = new Brief(self::LOAF);

        $read = $this->kernel()->read($brief);

        self::assertEquals($read, $this->kernel()->read($brief));
        self::assertCount(1, $this->store->all(), 'the second comes from the store');
        $other = Written::of(
            $this->fresh()->read($brief->but(text: "Other\n1 egg")),
            Constants::from(Tables::in(base_path('data'))),
        );
        $this->store->forever((string) array_key_first($this->store->all()), $other);
        self::assertSame('Other', $this->kernel()->read($brief)->title, 'which is asked before the text is read');
        $this->store->flush();
        self::assertEquals($this->kernel()->convert($brief)->after, $this->fresh()->convert($brief)->after);
    }

    public function test_another_text_another_correction_and_another_kitchen_are_read_anew(): void
    {
        $this->store = new ArrayStore(true);
        $brief = new Brief("Loaf\n1 cup moon flour\n100 g sugar\n\nMethod\nMix.");
        $line = $this->kernel()->read($brief)->lines[0];
        self::assertNotSame('almond-flour', $line->food?->key);

        $corrected = $brief->but(
            corrections: $brief->corrections->with($line->key, new Correction(food: 'almond-flour')),
        );
        self::assertSame('almond-flour', $this->kernel()->read($corrected)->lines[0]->food?->key);
        $known = new Stock(['moon flour' => 'almond-flour']);
        self::assertSame('almond-flour', $this->kernel($known)->read($brief)->lines[0]->food?->key);
        $step = $brief->but(corrections: $brief->corrections->saying($line->key, Fate::Note));
        self::assertEquals($this->fresh()->read($step), $this->kernel()->read($step));
        self::assertSame('Loaves', $this->kernel()->read($brief->but(text: 'Loaves'.substr($brief->text, 4)))->title);
    }

    public function test_what_cannot_be_read_is_refused_each_time(): void
    {
        $this->store = new ArrayStore(true);
        $refused = 0;
        foreach ([1, 2] as $time) {
            try {
                $this->kernel()->read(new Brief('nothing of a recipe'));
            } catch (UnreadableRecipe) {
                $refused += $time;
            }
        }
        self::assertSame(3, $refused);
    }

    private function fresh(): Kernel
    {
        return Trade::open(base_path(), storage_path('framework/testing/trade'))->kernel();
    }
}
