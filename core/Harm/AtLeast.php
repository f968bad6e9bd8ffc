<?php

declare(strict_types=1);

namespace Aglyca\Core\Harm;

use Aglyca\Core\Account\Account;
use Aglyca\Core\Formula\Dose;
use Aglyca\Core\Larder\Constants;
use Aglyca\Core\Reading\Flag;

/** Whether a number stands for all of a dessert, or is only what of it could be counted. */
final readonly class AtLeast
{
    public function __construct(private Constants $constants) {}

    /** @return list<Dose> whose food or amount is not known; what the baker left out is not missed */
    public function uncounted(Account $account): array
    {
        return array_values(array_filter(
            array_map(static fn (int $i): Dose => $account->formula->doses[$i], $account->uncounted),
            static fn (Dose $d): bool => ! in_array(Flag::LeftOut, $d->flags, true),
        ));
    }

    /** All of weight is known, and nothing of weight is a guess: only then may anything be called low in carbs. */
    public function isSure(Account $account): bool
    {
        $little = $this->constants->get('unknown-little') * $account->formula->mass();
        foreach ($account->formula->doses as $dose) {
            if ($dose->isGuessed() && ($dose->grams === null || $dose->mass() > $little)) {
                return false;
            }
        }

        return $this->because($account) === [] && array_filter(
            $this->uncounted($account),
            static fn (Dose $d): bool => $d->food === null && $d->grams === null,
        ) === [];
    }

    /** @return list<string> why it is at least so much: what is not counted, of weight */
    public function because(Account $account): array
    {
        $because = [];
        foreach ($this->uncounted($account) as $dose) {
            if ($this->hasWeight($dose, $account)) {
                $because[] = '“'.mb_strimwidth($dose->text, 0, 60, '…').'” is not counted';
            }
        }

        return $because;
    }

    /** So much of it that its carbs could move the number. What has no amount may be a pinch and may be a pound. */
    private function hasWeight(Dose $dose, Account $account): bool
    {
        if ($dose->food !== null) {
            return $dose->food->per100->digestible() > $this->constants->get('sugar-food');
        }

        return $dose->grams !== null &&
            $dose->mass() > $this->constants->get('unknown-little') * $account->formula->mass();
    }
}
