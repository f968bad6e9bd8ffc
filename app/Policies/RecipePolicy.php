<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Recipe;
use App\Models\User;

final class RecipePolicy
{
    public function work(User $user, Recipe $recipe): bool
    {
        return $recipe->kitchen_id === $user->kitchen_id;
    }
}
