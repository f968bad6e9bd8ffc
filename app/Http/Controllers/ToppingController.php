<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Aglyca\Core\Formula\Topping;
use Aglyca\Core\Kernel;
use App\Http\Requests\ToppingRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** The kitchen's own toppings: a few ingredient lines for one piece. */
final readonly class ToppingController
{
    public function __construct(private Kernel $kernel) {}

    public function store(ToppingRequest $request): RedirectResponse
    {
        $said = $request->validated();
        $read = $this->kernel->topping(new Topping($said['topping_name'], $said['text']));
        if ($read->unread !== [] || $read->doses === []) {
            throw ValidationException::withMessages([
                'text' => 'Not understood: “'.
                    mb_strimwidth($read->unread[0] ?? '', 0, 60, '…').
                    '”. Write an amount and a food that the larder knows.',
            ]);
        }
        $topping = $request
            ->user()
            ->kitchen->toppings()
            ->updateOrCreate(['name' => $said['topping_name']], ['text' => trim($said['text'])]);

        return redirect(route('pantry').'#toppings')->with('undo', [
            'said' => "“{$topping->name}” is among your toppings.",
            'to' => "/pantry/toppings/$topping->id/remove",
            'label' => 'Undo',
        ]);
    }

    /** Desserts that it was put on keep it. */
    public function remove(Request $request, int $topping): RedirectResponse
    {
        $gone = $request->user()->kitchen->toppings()->findOrFail($topping);
        $gone->delete();

        return redirect(route('pantry').'#toppings')->with('undo', [
            'said' => "“{$gone->name}” was taken out; desserts that have it keep it.",
            'to' => '/pantry/toppings',
            'label' => 'Undo',
            'fields' => ['topping_name' => $gone->name, 'text' => $gone->text],
        ]);
    }
}
