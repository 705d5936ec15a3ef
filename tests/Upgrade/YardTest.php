<?php

declare(strict_types=1);

use App\Files\Yard\TakeYard;
use App\Files\Yard\WriteYard;
use App\Plants\Models\Photo;
use App\Plants\Models\Plant;
use App\Plants\PhotoStore;
use Illuminate\Support\Facades\DB;
use Tests\Upgrade\Databases;
use Zolbek\Core\Basis\Input\Refused;

// the whole yard is taken out, and into an empty folder

/** @return array<string, mixed> every answer that screens are made of, by address */
function everyAnswer(): array
{
    $paths = ['components?per_page=100', 'pots?per_page=100', 'recipes?per_page=100', 'batches?per_page=100', 'sites', 'species?per_page=100', 'vessels', 'sieve-sets', 'bench/tests?per_page=100', 'plants?per_page=100', 'plant-places', 'fertilisers', 'days', 'today', 'tasks?per_page=100', 'proportions', 'model-news', 'calendar.ics'];
    foreach (['components' => 'components', 'pots' => 'pots', 'recipes' => 'recipes', 'batches' => 'batches', 'plants' => 'plants', 'potting_days' => 'days', 'bench_tests' => 'bench/tests'] as $table => $address) {
        foreach (DB::table($table)->orderBy('id')->pluck('id') as $id) {
            $paths[] = $address.'/'.$id;
        }
    }
    foreach (DB::table('components')->where('stock_l', '>', 0)->pluck('id') as $id) {
        array_push($paths, "components/$id/lots", "components/$id/movements", "component-files/$id");
    }
    foreach (DB::table('lots')->pluck('id') as $id) {
        $paths[] = "lots/$id/uses";
    }
    foreach (DB::table('recipes')->pluck('id') as $id) {
        $paths[] = "recipes/$id/versions";
    }
    foreach (['components', 'lots', 'sieve-tests', 'plants', 'plant-history', 'pots', 'movements', 'tests', 'recipes', 'batches', 'days', 'tasks', 'checks', 'sites'] as $kind) {
        $paths[] = 'exports/'.$kind;
    }
    $answers = [];
    foreach ($paths as $path) {
        $answer = test()->get('/api/v1/'.$path);
        expect($answer->getStatusCode())->toBe(200, $path);
        $answers[$path] = json_decode((string) $answer->getContent(), true) ?? (string) preg_replace('/^DTSTAMP.*$/m', '', (string) $answer->getContent());
    }

    return $answers;
}

/** The demo yard, taken out once for all tests. */
function demoYard(): string
{
    static $file = null;
    if ($file === null) {
        Databases::demo('from');
        $file = WriteYard::to(sys_get_temp_dir());
        register_shutdown_function(static fn() => @unlink($file));
    }

    return $file;
}

/** @param callable(ZipArchive): mixed $change */
function changedYard(string $file, callable $change): string
{
    $other = $file.'.changed.zip';
    copy($file, $other);
    register_shutdown_function(static fn() => @unlink($other));
    $zip = new ZipArchive();
    $zip->open($other);
    $change($zip);
    $zip->close();

    return $other;
}

beforeEach(function (): void {
    $this->travelTo('2026-11-25 12:00:00');
});

test('every figure of the demo yard is the same in the empty folder that it was taken into, pictures too', function (): void {
    Databases::demo('from');
    $png = (string) base64_decode('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', true);
    $photo = PhotoStore::keep(Plant::query()->firstOrFail(), $png, ['caption' => 'As it came']);
    $kept = file_get_contents(PhotoStore::path($photo));
    $before = everyAnswer();
    $file = WriteYard::to(sys_get_temp_dir());
    register_shutdown_function(static fn() => @unlink($file));
    Databases::fresh('into');
    $taken = app(TakeYard::class)($file);
    expect($taken['plants'])->toBe(count(array_filter(array_keys($before), static fn(string $path): bool => preg_match('#^plants/\d+$#', $path) === 1)))
        ->and(file_get_contents(PhotoStore::path(Photo::query()->findOrFail($photo->id))))->toBe($kept)
        ->and(is_file(PhotoStore::path($photo, isSmall: true)))->toBeTrue();
    $after = everyAnswer();
    expect(array_keys($after))->toBe(array_keys($before));
    foreach ($before as $path => $answer) {
        expect($after[$path])->toEqual($answer, $path);
    }
    // and it works on: new rows do not meet old numbers
    $this->postJson('/api/v1/fertilisers', ['name' => 'After', 'form' => 'granule', 'n_percent' => 1, 'p2o5_percent' => 1, 'k2o_percent' => 1, 'label_g_l' => 1])->assertCreated();
    // once more is too often
    expect(static fn() => app(TakeYard::class)($file))->toThrow(Refused::class);
});

test('a yard that was taken out of an older one is brought up to date', function (string $commit): void {
    Databases::madeBy($commit);
    $plants = DB::table('plants')->count();
    $pots = DB::table('pots')->orderBy('id')->pluck('name')->all();
    $file = WriteYard::to(sys_get_temp_dir());
    register_shutdown_function(static fn() => @unlink($file));
    Databases::fresh('into');
    app(TakeYard::class)($file);
    expect(DB::table('plants')->count())->toBe($plants)->and(DB::table('pots')->orderBy('id')->pluck('name')->all())->toBe($pots);
    $this->get('/api/v1/days')->assertOk();
    $this->get('/api/v1/today')->assertOk();
})->with(['630a20a', 'eee4b8d']);

test('what is no whole yard is refused, and nothing is taken', function (callable $change, string $rule): void {
    $other = changedYard(demoYard(), $change);
    Databases::fresh('into');
    try {
        app(TakeYard::class)($other);
        test()->fail('taken');
    } catch (Refused $refused) {
        expect($refused->refusals[0]->rule)->toBe($rule);
    }
    expect(DB::table('plants')->count())->toBe(0)->and(DB::table('components')->where('is_reference', true)->count())->toBeGreaterThan(20);
})->with([
    'without its first page' => [static fn(ZipArchive $zip) => $zip->deleteName('yard.json'), 'yard_file'],
    'of a newer one' => [static fn(ZipArchive $zip) => $zip->addFromString('yard.json', '{"format":"zolbek-yard","version":1,"migrations":["2099_01_01_000000_more"]}'), 'yard_newer'],
    'with a table that is none' => [static fn(ZipArchive $zip) => $zip->addFromString('tables/pots.json', '{"id":1}'), 'yard_table'],
    'with a column that is none' => [static fn(ZipArchive $zip) => $zip->addFromString('tables/vessels.json', '[{"id":1,"name\" = 1; drop table plants; --":2}]'), 'yard_table'],
    'with half a row' => [static fn(ZipArchive $zip) => $zip->addFromString('tables/pots.json', '[{"id":1}]'), 'yard_table'],
    'with plants in pots that are not there' => [static fn(ZipArchive $zip) => $zip->addFromString('tables/pots.json', '[]'), 'yard_torn'],
    'with a script for a picture' => [static function (ZipArchive $zip): void {
        $zip->addFromString('tables/photos.json', '[{"id":1,"plant_id":1,"subject":"whole","taken_on":"2026-01-01","caption":"","file":"../../x.php","mime":"image/png","bytes":3,"width":1,"height":1,"created_at":"2026-01-01","updated_at":"2026-01-01"}]');
        $zip->addFromString('pictures/../../x.php', '<?php');
    }, 'not_a_picture'],
]);
