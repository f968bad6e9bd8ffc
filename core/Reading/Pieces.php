<?php

declare(strict_types=1);

namespace Aglyca\Core\Reading;

/** A text that is too long to be looked at whole for each thing in it, in pieces: whole sentences where it has any. */
final class Pieces
{
    /** Where it is parted, the best place first. */
    private const JOINTS = ['. ', '; ', ', ', ' '];

    private function __construct() {}

    /**
     * @param  int  $most  bytes
     * @return non-empty-list<string> all of the text, in order
     */
    public static function of(string $text, int $most): array
    {
        $pieces = [];
        while (strlen($text) > $most) {
            $piece = mb_strcut($text, 0, $most);
            foreach (self::JOINTS as $joint) {
                $at = strrpos($piece, $joint);
                if ($at !== false && $at > $most / 2) {
                    $piece = substr($piece, 0, $at + strlen($joint));
                    break;
                }
            }
            $pieces[] = $piece;
            $text = substr($text, strlen($piece));
        }

        return [...$pieces, $text];
    }
}
