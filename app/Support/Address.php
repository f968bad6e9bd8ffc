<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\User;
use Normalizer;

/** An e-mail address in the one form in which it is kept, looked up and counted, however it is typed. */
final class Address
{
    private function __construct() {}

    /** In small letters without marks, in the plain width: "JANÉ@…" is "jane@…", as the tables compare it. */
    public static function plain(string $typed): string
    {
        $text = Normalizer::normalize(mb_strtolower(trim(mb_scrub($typed))), Normalizer::FORM_KD);

        return (string) preg_replace('~[\p{Mn}\p{Cf}\p{Cc}]+~u', '', $text === false ? $typed : $text);
    }

    /** Whose account a guess is at; what nobody has counts by its own form. */
    public static function accountOf(string $typed): string
    {
        $id = User::query()->where('email', mb_strtolower($typed))->value('id')
            ?? User::query()->where('email', self::plain($typed))->value('id');

        return $id === null ? 'none:'.hash('sha256', self::plain($typed)) : "user:$id";
    }
}
