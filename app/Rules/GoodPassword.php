<?php

declare(strict_types=1);

namespace App\Rules;

use App\Models\User;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** Long enough, none of those that are guessed first, and not made of what everybody can see of its owner. */
final readonly class GoodPassword implements ValidationRule
{
    public const LEAST = 12;

    public const MOST = 1000;

    private const FEWEST_DIFFERENT = 5;

    /** @param  list<string>  $own  the address and the kitchen's name */
    public function __construct(private array $own = []) {}

    public static function of(?User $user): self
    {
        return new self([(string) $user?->email, (string) $user?->kitchen->name]);
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $password = is_string($value) ? $value : '';
        $plain = mb_strtolower($password);
        match (true) {
            mb_strlen($password) < self::LEAST => $fail('A password needs at least '.self::LEAST.' characters.'),
            strlen($password) > self::MOST => $fail('A password has at most '.self::MOST.' characters.'),
            count(array_unique(mb_str_split($plain))) < self::FEWEST_DIFFERENT,
            in_array($plain, self::worst(), true) => $fail(
                'That password is one of the first that are guessed. Take another, such as four words that have nothing to do with each other.',
            ),
            $this->isOwn($plain) => $fail('A password must not hold your address or the name of your kitchen.'),
            default => null,
        };
    }

    private function isOwn(string $plain): bool
    {
        foreach ($this->own as $word) {
            foreach ([mb_strtolower($word), mb_strtolower(explode('@', $word)[0])] as $part) {
                if (mb_strlen($part) >= 4 && str_contains($plain, $part)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<string> */
    private static function worst(): array
    {
        return file(resource_path('words/worst-passwords.txt'), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
    }
}
