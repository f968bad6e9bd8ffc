<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Tests\Core\CoreCase;

final class CorpusTest extends CoreCase
{
    public function test_nearly_all_lines_read_right_and_no_wrong_reading_is_unmarked(): void
    {
        $judged = Corpus::judge(self::core());
        self::assertGreaterThanOrEqual(300, $judged['lines']);
        self::assertGreaterThanOrEqual(0.97 * $judged['lines'], $judged['right'], implode("\n", $judged['wrong']));
        self::assertSame([], $judged['unmarked']);
    }

    public function test_every_reading_says_where_in_the_text_it_stands(): void
    {
        foreach (Corpus::rows() as $row) {
            $line = self::line($row['text']);
            if ($line->measures !== []) {
                self::assertNotNull($line->amountSpan, $row['text']);
                self::assertSame($line->amount, substr($line->typed, $line->amountSpan->at, $line->amountSpan->length));
            }
            if ($line->food !== null) {
                self::assertNotNull($line->nameSpan, $row['text']);
            }
        }
    }
}
