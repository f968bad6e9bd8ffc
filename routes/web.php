<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AlmanacController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BoxController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CompareController;
use App\Http\Controllers\CopyController;
use App\Http\Controllers\CounterController;
use App\Http\Controllers\CurveController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\DayPaperController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\KitchenController;
use App\Http\Controllers\LineController;
use App\Http\Controllers\LinkController;
use App\Http\Controllers\MailController;
use App\Http\Controllers\NotebookController;
use App\Http\Controllers\PantryController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PiecesController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\RefusedController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\ScaleController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SignUpController;
use App\Http\Controllers\StartController;
use App\Http\Controllers\TaughtController;
use App\Http\Controllers\ToppingController;
use App\Http\Controllers\TrustController;
use App\Http\Controllers\UpController;
use App\Http\Controllers\VersionController;
use App\Http\Controllers\WishesController;
use App\Http\Controllers\YouController;
use Illuminate\Support\Facades\Route;

Route::get('/', [StartController::class, 'show'])->name('start');
Route::post('/paste', [StartController::class, 'paste'])->middleware('throttle:paste')->name('paste');

Route::middleware('throttle:work')->group(function (): void {
    Route::get('/bench', [BenchController::class, 'current'])->name('bench');
    Route::get('/bench/{dessert}', [BenchController::class, 'show'])->name('bench.show');
    Route::post('/bench/{dessert}/wishes', [WishesController::class, 'wish'])->name('bench.wish');
    Route::post('/bench/{dessert}/counts', [WishesController::class, 'counts'])->name('bench.counts');
    Route::post('/bench/{dessert}/blend', [WishesController::class, 'blend'])->name('bench.blend');
    Route::post('/bench/{dessert}/amounts', [WishesController::class, 'amount'])->name('bench.amount');
    Route::post('/bench/{dessert}/undo', [HistoryController::class, 'undo'])->name('bench.undo');
    Route::post('/bench/{dessert}/redo', [HistoryController::class, 'redo'])->name('bench.redo');
    Route::get('/bench/{dessert}/part/{part}', [BenchController::class, 'part'])
        ->whereIn('part', ['more', 'method', 'reading', 'typed', 'differences', 'ladder', 'shares'])->name('bench.part');
    Route::get('/bench/{dessert}/table', [BenchController::class, 'table'])->name('bench.table');
    Route::get('/bench/{dessert}/proposals', [BenchController::class, 'proposals'])->name('bench.proposals');
    Route::post('/bench/{dessert}/never', [RefusedController::class, 'store'])->name('bench.never');
    Route::post('/bench/{dessert}/version', [VersionController::class, 'store'])->name('version.store');
    Route::get('/bench/{dessert}/versions', [VersionController::class, 'index'])->name('versions');
    Route::post('/bench/{dessert}/leave/{key}', [LineController::class, 'leave'])->where(
        'key',
        '[a-f0-9]{10}-\d{1,3}(?:_\d)?',
    )->name('line.leave');
    Route::post('/bench/{dessert}/lines/{key}', [LineController::class, 'correct'])->where(
        'key',
        '[a-f0-9]{10}-\d{1,3}(?:_\d)?',
    )->name('line.correct');
    Route::post('/bench/{dessert}/text', [BenchController::class, 'text'])->name('bench.text');
    Route::post('/bench/{dessert}/rows/{row}', [ReadingController::class, 'row'])->where(
        'row',
        'r[a-f0-9]{10}-\d{1,3}',
    )->name('bench.row');
    Route::post('/bench/{dessert}/steps/{step}', [ReadingController::class, 'step'])->where('step', '[a-f0-9]{10}')->name(
        'bench.step',
    );
    Route::post('/bench/{dessert}/anew', [ReadingController::class, 'anew'])->name('bench.anew');
    Route::post('/bench/{dessert}/measures', [ReadingController::class, 'measures'])->name('bench.measures');
    Route::get('/bench/{dessert}/{side}.{form}', [ExportController::class, 'show'])
        ->whereIn('side', ['written', 'swapped'])
        ->whereIn('form', ['txt', 'csv', 'json'])->name('bench.export');
    Route::get('/bench/{dessert}/account', [AccountController::class, 'show'])->name('account');
    Route::post('/bench/{dessert}/account/eaten', [AccountController::class, 'eaten'])->name('account.eaten');
    Route::get('/bench/{dessert}/pieces', [PiecesController::class, 'show'])->name('pieces');
    Route::post('/bench/{dessert}/pieces/portion', [PiecesController::class, 'portion'])->name('pieces.portion');
    Route::post('/bench/{dessert}/pieces/weighed', [PiecesController::class, 'weighed'])->name('pieces.weighed');
    Route::post('/bench/{dessert}/pieces/parts', [PiecesController::class, 'place'])->name('pieces.place');
    Route::post('/bench/{dessert}/pieces/used', [PiecesController::class, 'used'])->name('pieces.used');
    Route::post('/bench/{dessert}/pieces/toppings', [PiecesController::class, 'toppings'])->name('pieces.toppings');
    Route::get('/bench/{dessert}/scale', [ScaleController::class, 'show'])->name('scale');
    Route::post('/bench/{dessert}/scale', [ScaleController::class, 'scale'])->name('scale.amount');
    Route::post('/bench/{dessert}/scale/pan', [ScaleController::class, 'pan'])->name('scale.pan');
    Route::get('/bench/{dessert}/compare', [CompareController::class, 'show'])->name('compare');
    Route::get('/bench/{dessert}/card', [CardController::class, 'show'])->name('card');
    Route::get('/bench/{dessert}/card.pdf', [CardController::class, 'pdf'])->middleware('throttle:paste')->name('card.pdf');
    Route::get('/bench/{dessert}/tin', [CardController::class, 'tin'])->name('card.tin');
    Route::post('/bench/{dessert}/share', [CardController::class, 'share'])->name('card.share');
    Route::post('/bench/{dessert}/unshare', [CardController::class, 'unshare'])->name('card.unshare');
    Route::get('/counter', [CounterController::class, 'current'])->name('counter');
    Route::get('/counter/{dessert}', [CounterController::class, 'show'])->where('dessert', 'draft|[0-9a-z]{26}')->name('counter.show');
});

Route::get('/s/{token}', [CardController::class, 'read'])
    ->where('token', '[A-Za-z0-9]{40}')
    ->middleware('throttle:paste')->name('shared');

Route::get('/link/{token}', [LinkController::class, 'show'])
    ->where('token', '[A-Za-z0-9]{48}')
    ->name('link')
    ->middleware('throttle:paste');
Route::post('/link/{token}', [LinkController::class, 'use'])
    ->where('token', '[A-Za-z0-9]{48}')
    ->name('link.use')
    ->middleware('throttle:sign-in');
Route::get('/up', UpController::class)->withoutMiddleware('web')->name('up');
Route::get('/mail', [MailController::class, 'index'])->name('mail');

Route::get('/trust', [TrustController::class, 'show'])->name('trust');
Route::get('/trust/aglyca-ca.crt', [TrustController::class, 'certificate'])->name('trust.certificate');

Route::get('/almanac', [AlmanacController::class, 'index'])->name('almanac');
Route::get('/almanac/tables/{name}', [AlmanacController::class, 'table'])->name('almanac.table');
Route::get('/almanac/foods/{key}', [AlmanacController::class, 'food'])->name('almanac.food');

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in/forgotten', [LinkController::class, 'forgotten'])->name('forgotten');
    Route::post('/sign-in/forgotten', [LinkController::class, 'send'])
        ->name('forgotten.send')
        ->middleware('throttle:sign-in');
    Route::get('/sign-in', [SignInController::class, 'show'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store'])->middleware('throttle:sign-in')->name('sign-in.store');
    Route::get('/sign-up', [SignUpController::class, 'show'])->name('sign-up');
    Route::post('/sign-up', [SignUpController::class, 'store'])->middleware('throttle:sign-in')->name('sign-up.store');
    Route::post('/demo', [SignInController::class, 'demo'])->middleware('throttle:paste')->name('demo');
});

Route::middleware(['auth', 'throttle:work'])->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::get('/shelf', [ShelfController::class, 'index'])->name('shelf');
    Route::get('/shelf/cards', [ShelfController::class, 'cards'])->middleware('throttle:paste')->name('shelf.cards');
    Route::get('/shelf/chosen.txt', [ShelfController::class, 'text'])->middleware('throttle:paste')->name('shelf.text');
    Route::post('/shelf/{recipe}/title', [ShelfController::class, 'rename'])->can('work', 'recipe')->name('shelf.rename');
    Route::post('/shelf/{recipe}/duplicate', [ShelfController::class, 'duplicate'])->can('work', 'recipe')->name('shelf.duplicate');
    Route::post('/shelf/{recipe}/remove', [ShelfController::class, 'remove'])->can('work', 'recipe')->name('shelf.remove');
    Route::post('/shelf/{recipe}/restore', [ShelfController::class, 'restore'])->can('work', 'recipe')->name('shelf.restore');
    Route::post('/counter/{recipe}/runs', [RunController::class, 'begin'])->can('work', 'recipe')->name('run.begin');
    Route::get('/counter/run/{run}', [RunController::class, 'show'])->name('run.show');
    Route::get('/counter/run/{run}/events', [RunController::class, 'events'])->name('run.events');
    Route::post('/counter/run/{run}/events', [RunController::class, 'take'])->name('run.take');
    Route::post('/counter/run/{run}/end', [RunController::class, 'end'])->name('run.end');
    Route::post('/counter/{recipe}/bakes', [CounterController::class, 'record'])->can('work', 'recipe')->name('bake.store');
    Route::post('/bakes/{bake}/remove', [CounterController::class, 'remove'])->name('bake.remove');
    Route::post('/bakes/{bake}/restore', [CounterController::class, 'restore'])->name('bake.restore');
    Route::get('/day', [DayController::class, 'current'])->name('day.current');
    Route::get('/day/new', [DayController::class, 'create'])->name('day.create');
    Route::post('/day', [DayController::class, 'store'])->name('day.store');
    Route::get('/day/{day}', [DayController::class, 'show'])->name('day.show');
    Route::post('/day/{day}/when', [DayController::class, 'when'])->name('day.when');
    Route::post('/day/{day}/moves', [DayController::class, 'move'])->name('day.move');
    Route::post('/day/{day}/moves/forget', [DayController::class, 'forget'])->name('day.forget');
    Route::post('/day/{day}/late', [DayController::class, 'late'])->name('day.late');
    Route::post('/day/{day}/places', [DayController::class, 'places'])->name('day.places');
    Route::post('/day/{day}/remove', [DayController::class, 'remove'])->name('day.remove');
    Route::post('/day/{day}/restore', [DayController::class, 'restore'])->name('day.restore');
    Route::get('/day/{day}/plan.{form}', [DayPaperController::class, 'plan'])
        ->whereIn('form', ['ics', 'txt', 'json'])
        ->name('day.plan');
    Route::get('/day/{day}/shopping', [DayPaperController::class, 'shopping'])->name('day.shopping');
    Route::get('/day/{day}/shopping.{form}', [DayPaperController::class, 'list'])
        ->whereIn('form', ['csv', 'txt'])
        ->name('day.list');
    Route::get('/notebook', [NotebookController::class, 'index'])->name('notebook');
    Route::get('/notebook/export.zip', [NotebookController::class, 'export'])
        ->middleware('throttle:paste')
        ->name('notebook.export');
    Route::get('/notebook/taught', [TaughtController::class, 'index'])->name('taught');
    Route::post('/notebook/taught/cup', [TaughtController::class, 'cup'])->name('taught.cup');
    Route::post('/notebook/taught/forget', [TaughtController::class, 'forget'])->name('taught.forget');
    Route::get('/notebook/response', [CurveController::class, 'index'])->name('curves');
    Route::post('/notebook/response', [CurveController::class, 'store'])->name('curve.store');
    Route::post('/notebook/response/{curve}/remove', [CurveController::class, 'remove'])->name('curve.remove');
    Route::post('/notebook/response/{curve}/restore', [CurveController::class, 'restore'])->name('curve.restore');
    Route::get('/notebook/bakes/{bake}', [NotebookController::class, 'bake'])->name('bake.show');
    Route::post('/notebook/bakes/{bake}', [NotebookController::class, 'write'])->name('bake.write');
    Route::post('/notebook/bakes/{bake}/photos', [PhotoController::class, 'store'])->name('photo.store');
    Route::post('/notebook/bakes/{bake}/boxes', [BoxController::class, 'store'])->name('box.store');
    Route::post('/notebook/bakes/{bake}/try', [NotebookController::class, 'tryChange'])->name('bake.try');
    Route::get('/notebook/photos/{photo}', [PhotoController::class, 'show'])->name('photo.show');
    Route::post('/notebook/photos/{photo}/remove', [PhotoController::class, 'remove'])->name('photo.remove');
    Route::post('/notebook/boxes/{box}/eat', [BoxController::class, 'eat'])->name('box.eat');
    Route::get('/notebook/{recipe}', [NotebookController::class, 'dessert'])
        ->can('work', 'recipe')
        ->name('notebook.dessert');
    Route::post('/notebook/{recipe}/pin', [NotebookController::class, 'pin'])
        ->can('work', 'recipe')
        ->name('notebook.pin');
    Route::post('/notebook/{recipe}/back', [NotebookController::class, 'back'])
        ->can('work', 'recipe')
        ->name('notebook.back');
    Route::get('/pantry', [PantryController::class, 'index'])->name('pantry');
    Route::post('/pantry', [PantryController::class, 'store'])->name('pantry.store');
    Route::get('/pantry/{package}', [PantryController::class, 'edit'])->name('pantry.edit');
    Route::post('/pantry/{package}', [PantryController::class, 'update'])->name('pantry.update');
    Route::post('/pantry/{package}/left', [PantryController::class, 'left'])->name('pantry.left');
    Route::post('/pantry/{package}/remove', [PantryController::class, 'remove'])->name('pantry.remove');
    Route::post('/pantry/{package}/restore', [PantryController::class, 'restore'])->name('pantry.restore');
    Route::post('/pantry/toppings', [ToppingController::class, 'store'])->name('topping.store');
    Route::post('/pantry/toppings/{topping}/remove', [ToppingController::class, 'remove'])->whereNumber('topping')->name('topping.remove');
    Route::post('/pantry/names/{name}/forget', [PantryController::class, 'forget'])->whereNumber('name')->name('pantry.forget');
    Route::get('/kitchen', [KitchenController::class, 'show'])->name('kitchen');
    Route::post('/kitchen/refused', [RefusedController::class, 'destroy'])->name('kitchen.allow');
    Route::post('/kitchen', [KitchenController::class, 'update'])->name('kitchen.update');
    Route::get('/you', [YouController::class, 'show'])->name('you');
    Route::post('/you/sign-ins', [YouController::class, 'endOne'])->name('you.end');
    Route::post('/you/sign-ins/others', [YouController::class, 'endOthers'])->name('you.others');
    Route::get('/you/kitchen.zip', [CopyController::class, 'take'])->name('copy.take')->middleware('throttle:copy');
    Route::post('/you/kitchen', [CopyController::class, 'bring'])->name('copy.bring')->middleware('throttle:copy');
    Route::post('/you/invite', [PeopleController::class, 'invite'])->name('you.invite');
    Route::post('/you/invitations/{invitation}/withdraw', [PeopleController::class, 'withdraw'])
        ->whereNumber('invitation')->name('you.withdraw');
    Route::post('/you/part', [PeopleController::class, 'part'])->name('you.part');
    Route::middleware('throttle:sign-in')->group(function (): void {
        Route::post('/you/password', [YouController::class, 'password'])->name('you.password');
        Route::post('/you/address', [YouController::class, 'address'])->name('you.address');
        Route::post('/you/leave', [YouController::class, 'leave'])->name('you.leave');
    });
});
