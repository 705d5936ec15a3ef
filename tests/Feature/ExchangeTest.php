<?php

declare(strict_types=1);

use App\Bench\Models\BenchTest;
use App\Pots\Models\Pot;
use App\Sheets\Workbook;
use App\Shelf\Actions\LoadReferenceComponents;
use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use App\Shelf\Models\StockMovement;
use App\Situations\Models\Site;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Contract;
use Tests\Feature\Yard;

const HEADER = 'name,kind,bulk_density [kg/L],particle_density,solid_density,internal_water,unavailable_water,internal_median,internal_spread,sphericity,sieve 4 mm,sieve 2 mm,sieve pan,stock,colour';

function component_row(string $name, string $density = '1.4'): string
{
    return "$name,solid stone,$density,2.5,2.6,0.01,0,50,1.5,0.7,1,50,49,20,#887766";
}

/** As after installing: typical components and nothing else. */
function freshShelf(): void
{
    foreach (['bench_tests', 'stock_movements', 'lots', 'component_parts', 'pots', 'components'] as $table) {
        DB::table($table)->delete();
    }
    app(LoadReferenceComponents::class)();
}

function imported(string $sheet, string $csv, string $how = ''): TestResponse
{
    return test()->call('POST', "/api/v1/imports/$sheet$how", [], [], [], ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], $csv);
}

test('a dry run says what would happen, and nothing does', function (): void {
    $csv = HEADER."\n".component_row('Quarry dust')."\n".component_row('Pit run')."\n";
    $report = imported('components', $csv, '?dry_run=1')->assertOk();
    Contract::check($report, 'ImportReport');
    expect($report->json())->toMatchArray(['added' => 2, 'refused' => 0, 'taken' => false])->and(Component::query()->where('name', 'Quarry dust')->exists())->toBeFalse();
    imported('components', $csv)->assertOk()->assertJsonPath('taken', true);
    expect(Component::query()->where('name', 'Quarry dust')->firstOrFail()->stock_l)->toBe(20.0);
    imported('components', $csv)->assertJsonPath('same', 2)->assertJsonPath('taken', false);
    imported('components', HEADER."\n".component_row('Pit run', '1.45')."\n")->assertJsonPath('changed', 1)->assertJsonPath('taken', true);
    expect(Component::query()->where('name', 'Pit run')->firstOrFail()->bulk_density)->toBe(1.45);
});

test('one bad row keeps all out, unless the good ones are asked for', function (): void {
    $csv = HEADER."\n".component_row('Quarry dust')."\n".component_row('Lead', '2.9')."\n".component_row('Air', 'light')."\n";
    $report = imported('components', $csv)->assertOk();
    expect($report->json())->toMatchArray(['added' => 1, 'refused' => 2, 'taken' => false])
        ->and($report->json('rows.1.errors.0'))->toBe(['column' => 'bulk_density [kg/L]', 'message' => 'Loose bulk density must be below the density of the grains (2.5 kg/L), not 2.9.'])
        ->and($report->json('rows.2.errors.0'))->toBe(['column' => 'bulk_density [kg/L]', 'message' => 'This must be a number, not "light".'])
        ->and(Component::query()->where('is_reference', false)->count())->toBe(0);
    imported('components', $csv, '?good_only=1')->assertJsonPath('taken', true);
    expect(Component::query()->where('is_reference', false)->pluck('name')->all())->toBe(['Quarry dust']);
});

test('semicolons, decimal commas, a byte-order mark and tabs are all understood', function (string $csv): void {
    imported('components', $csv)->assertOk()->assertJsonPath('added', 1)->assertJsonPath('taken', true);
    expect(Component::query()->where('name', 'Quarry dust')->firstOrFail()->bulk_density)->toBe(1.4);
})->with([
    'semicolon and comma' => fn() => str_replace(',', ';', HEADER)."\r\n".str_replace('.', ',', str_replace(',', ';', component_row('Quarry dust')))."\r\n",
    'byte-order mark' => fn() => "\xEF\xBB\xBF".HEADER."\n".component_row('Quarry dust'),
    'tabs' => fn() => str_replace(',', "\t", HEADER)."\n".str_replace(',', "\t", component_row('Quarry dust'))."\n\n",
]);

test('a hostile file ends in a clear report with nothing half done', function (string $csv, string $message): void {
    $before = Component::query()->count();
    $response = imported('components', $csv);
    $told = (string) json_encode($response->json(), JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    expect($told)->toContain($message)->and(Component::query()->count())->toBe($before)
        ->and(in_array($response->status(), [200, 413, 422], true))->toBeTrue();
})->with([
    'empty' => ['', 'There is nothing in this file'],
    'blank' => ["\n \n", 'There is nothing in this file'],
    'a header alone' => [HEADER, 'There is nothing in this file'],
    'more rows than a yard has' => fn() => [HEADER."\n".implode("\n", array_map(static fn(int $i): string => component_row("Row $i"), range(1, 100_001))), 'A file may have up to 100000 rows, this one has 100001.'],
    'Latin 1' => [HEADER."\n".component_row("K\xF6rnung"), 'The file is not in UTF-8.'],
    'UTF-16' => fn() => [mb_convert_encoding(HEADER."\n".component_row('Grit'), 'UTF-16'), 'The file is not in UTF-8.'],
    'zeros' => [HEADER."\n".component_row("Gr\0it"), 'The file is not in UTF-8.'],
    'a formula for a name' => [HEADER."\n".component_row('=HYPERLINK(1)'), 'This looks like a formula'],
    'a formula for a number' => [HEADER."\n".component_row('Grit', '=1+1'), 'This looks like a formula'],
    'one name twice' => [HEADER."\n".component_row('Grit')."\n".component_row('grit'), 'This stands in line 2 already.'],
    'an unknown column' => [HEADER.",magic\n".component_row('Grit').',1', 'There is no column \"magic\"; known are name, kind'],
    'a column twice' => [HEADER.",name\n".component_row('Grit').',1', 'The column \"name\" stands twice.'],
    'another unit' => [str_replace('kg/L', 'lb/gal', HEADER)."\n".component_row('Grit'), 'must be in the unit of bulk_density [kg/L]'],
    'no name' => ["kind\nbark", 'The column \"name\" is missing.'],
    'a typical component with other figures' => [HEADER."\n".component_row('Pumice 3-6 mm'), 'A typical component keeps its figures.'],
    'more cells than columns' => [HEADER."\n".component_row('Grit').',9,9,9', 'more cells'],
    'forty megabytes' => fn() => [str_repeat('a', 40_000_000), 'The file may have at most 32 MB.'],
    'an endless line' => fn() => [HEADER."\n".str_repeat('x', 3_900_000), 'This must be a text of 1 to 100'],
    'no table at all' => ["\x89PNG\r\n\x1a\n", 'The file is not in UTF-8.'],
]);

test('what is saved as CSV is taken in as the same', function (): void {
    $poreSizes = ['hydraulic_size_mm' => 0.8, 'hydraulic_spread' => 1.2, 'fines_weight' => -0.25, 'settled_index' => 4.75, 'structure_loss' => 0.4];
    $this->postJson('/api/v1/components', [...Yard::ownComponent(), 'name' => '-5 grade', 'note' => "=2+2\nand, \"more\"", ...$poreSizes])->assertCreated();
    $csv = $this->get('/api/v1/exports/components')->assertOk()->getContent();
    expect($csv)->toContain("'-5 grade")->toContain("'=2+2")->toContain('0.8,1.2,-0.25,4.75,0.4');
    $report = imported('components', (string) $csv)->assertOk();
    expect($report->json('refused'))->toBe(0, (string) json_encode(array_filter($report->json('rows'), static fn(array $row): bool => $row['errors'] !== [])))
        ->and($report->json('same'))->toBe(34)->and($report->json('taken'))->toBeFalse();
});

test('what a component says of its pores is refused in a file as in the form', function (string $column, string $value, string $message): void {
    $report = imported('components', HEADER.",$column\n".component_row('Quarry dust').",$value\n")->assertOk();
    expect($report->json('rows.0.errors.0.message'))->toContain($message)->and(Component::query()->where('name', 'Quarry dust')->exists())->toBeFalse();
})->with([
    ['fines_weight', '0.6', 'from -0.5 to 0.5, not 0.6'],
    ['settled_index', '10', 'from 4.1 to 9, not 10'],
    ['structure_loss [1/year]', '-1', 'from 0 to 2, not -1'],
    ['hydraulic_spread', '0.5', 'A spread of the pore size needs a hydraulic size beside it.'],
]);

test('templates hold nothing but a header with units', function (string $sheet, string $column): void {
    $csv = (string) $this->get("/api/v1/templates/$sheet")->assertOk()->getContent();
    expect(substr_count(trim($csv), "\n"))->toBe(0)->and($csv)->toContain($column);
})->with([['components', 'bulk_density [kg/L]'], ['lots', 'quantity [L]'], ['sieve-tests', 'sieve 0.5 mm [g]']]);

test('deliveries come in by file, with their movements', function (): void {
    $csv = "component;delivery;delivered_on [YYYY-MM-DD];quantity [L];price;note\nPumice 3-6 mm;P-1;2026-04-01;120;66,5;\nPumice 3-6 mm;;2026-05-01;40;;\n";
    imported('lots', $csv)->assertOk()->assertJsonPath('added', 2)->assertJsonPath('taken', true);
    expect(Yard::component('pumice-3-6-mm')->stock_l)->toBe(160.0)->and(Lot::query()->where('name', 'P-1')->firstOrFail()->price)->toBe(66.5)
        ->and(Lot::query()->where('name', '2026-05-01')->exists())->toBeTrue();
    imported('lots', $csv)->assertJsonPath('same', 2);
    $bad = imported('lots', "component,delivered_on,quantity\nMoon rock,2026-04-01,5\nPumice 3-6 mm,April,5\nPumice 3-6 mm,2026-06-01,0\n");
    expect(array_map(static fn(array $row): string => $row['errors'][0]['column'].': '.$row['errors'][0]['message'], $bad->json('rows')))->toBe([
        'component: No component is called "Moon rock".',
        'delivered_on [YYYY-MM-DD]: This must be a day such as 2026-03-14, not "April".',
        'quantity [L]: This must be above 0 and at most 1000000, not 0.',
    ]);
    expect((string) $this->get('/api/v1/exports/lots')->getContent())->toContain('"Pumice 3-6 mm",P-1,2026-04-01,120,120,66.5');
});

test('sieve analyses come in by file and can be used at once', function (): void {
    $csv = "component,tested_on,before [g],sieve 4 mm [g],sieve 2 mm [g],sieve pan [g],person,in_use\nPumice 3-6 mm,2026-04-01,100,60,39,0.5,Orsolt,yes\n";
    imported('sieve-tests', $csv)->assertOk()->assertJsonPath('added', 1);
    expect(Yard::component('pumice-3-6-mm')->toCore()->grading->passingAt(2.0))->toEqualWithDelta(0.5 / 99.5, 1e-9)
        ->and(BenchTest::query()->firstOrFail()->finished_at?->toDateString())->toBe('2026-04-01');
    imported('sieve-tests', $csv)->assertJsonPath('same', 1);
    imported('sieve-tests', (string) $this->get('/api/v1/exports/sieve-tests')->getContent())->assertJsonPath('same', 1)->assertJsonPath('refused', 0);
    $bad = imported('sieve-tests', "component,tested_on,before,sieve 4 mm,sieve pan\nPumice 3-6 mm,2026-04-02,100,60,20\nPumice 3-6 mm,2026-04-03,100,60,\n");
    expect($bad->json('rows.0.errors.0'))->toMatchArray(['column' => 'reason_for_loss'])->and($bad->json('rows.1.errors.0'))->toMatchArray(['column' => 'sieve pan'])
        ->and(BenchTest::query()->count())->toBe(1);
});

test('a component goes out as JSON with all its history and comes back exactly', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $lot = $this->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => 'P-1', 'delivered_on' => '2026-04-01', 'quantity_l' => 100, 'price' => 40])->json('id');
    $this->postJson("/api/v1/components/{$pumice->id}/movements", ['kind' => 'used', 'litres' => 12.5, 'lot_id' => $lot]);
    foreach ([['component_id' => $pumice->id], ['lot_id' => $lot]] as $subject) {
        $id = $this->postJson('/api/v1/bench/tests', ['kind' => 'loose_density', ...$subject])->json('id');
        $this->putJson("/api/v1/bench/tests/$id", ['readings' => ['setup' => ['vessel_l' => 1, 'empty_g' => 210], 'rounds' => [['full_g' => 690.5], ['full_g' => 702, 'set_aside' => true]], 'sources' => ['setup.empty_g' => 'scale']]]);
        $this->postJson("/api/v1/bench/tests/$id/finish", []);
        $this->putJson("/api/v1/bench/tests/$id/in-use", ['in_use' => true])->assertOk();
    }
    $file = (string) $this->get("/api/v1/component-files/{$pumice->id}")->assertOk()->getContent();
    $core = $pumice->refresh()->toCore();

    freshShelf();
    $taken = $this->call('POST', '/api/v1/component-files', [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], $file);
    $taken->assertCreated();
    expect((string) $this->get('/api/v1/component-files/'.$taken->json('id'))->getContent())->toBe($file)
        ->and(Component::query()->findOrFail($taken->json('id'))->toCore())->toEqual($core);
    $this->call('POST', '/api/v1/component-files', [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], $file)->assertStatus(422)->assertJsonPath('errors.0.rule', 'component_there');
});

test('a component of one\'s own and a mix come back exactly too', function (): void {
    $own = $this->postJson('/api/v1/components', Yard::ownComponent())->json('id');
    $mix = $this->postJson('/api/v1/mixes', ['name' => 'Starter', 'mix_parts' => Yard::parts(['pumice-3-6-mm' => 2, 'sphagnum-peat' => 1]), 'stock_l' => 30])->assertCreated()->json('id');
    $files = array_map(fn(int $id): string => (string) $this->get("/api/v1/component-files/$id")->getContent(), [$own, $mix]);
    freshShelf();
    foreach ($files as $file) {
        $id = $this->call('POST', '/api/v1/component-files', [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], $file)->assertCreated()->json('id');
        expect((string) $this->get("/api/v1/component-files/$id")->getContent())->toBe($file);
    }
    $mix = Component::query()->where('name', 'Starter')->firstOrFail();
    $this->postJson('/api/v1/evaluate', Yard::question(['parts' => [['component_id' => $mix->id, 'parts' => 1]]]))->assertOk();
    // its lump follows from what is in it, whatever a file says of it
    $file = json_decode($files[1], true);
    $file['component'] = [...$file['component'], 'key' => 'second', 'name' => 'Second'];
    $file['component']['properties']['bulk_density'] = 0.9;
    $second = $this->postJson('/api/v1/component-files', $file)->assertCreated()->json('id');
    expect(Component::query()->findOrFail($second)->bulk_density)->toBe($mix->bulk_density);
});

test('a JSON file that is not one is refused with its place, and nothing is left of it', function (callable $spoil, string $path, string $rule): void {
    $own = $this->postJson('/api/v1/components', Yard::ownComponent())->json('id');
    $file = json_decode((string) $this->get("/api/v1/component-files/$own")->getContent(), true);
    $file['component']['name'] = 'Other';
    $file['component']['key'] = 'other';
    $text = $spoil($file);
    $response = $this->call('POST', '/api/v1/component-files', [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], is_string($text) ? $text : (string) json_encode($text, JSON_PRESERVE_ZERO_FRACTION));
    $response->assertStatus(422)->assertJsonPath('errors.0.path', $path)->assertJsonPath('errors.0.rule', $rule);
    expect(Component::query()->where('name', 'Other')->exists())->toBeFalse()->and(Lot::query()->count())->toBe(0);
})->with([
    'another format' => [fn(array $file): array => [...$file, 'format' => 'recipe'], 'file', 'file_format'],
    'a later version' => [fn(array $file): array => [...$file, 'version' => 2], 'file', 'file_version'],
    'a field too many' => [fn(array $file): array => [...$file, 'extra' => 1], '', 'file_schema'],
    'a word for a number' => [function (array $file): array {
        $file['component']['stock_l'] = 'much';

        return $file;
    }, 'component.stock_l', 'file_schema'],
    'figures that contradict each other' => [function (array $file): array {
        $file['component']['properties']['bulk_density'] = 9.0;

        return $file;
    }, 'component.properties.bulk_density', 'bulk_density_order'],
    'a movement of a delivery that is not there' => [function (array $file): array {
        $file['movements'][0]['lot'] = 'Gone';

        return $file;
    }, 'movements.0.lot', 'lot_unnamed'],
    'not JSON' => [fn(): string => '{', 'body', 'body_json'],
]);

test('components and deliveries taken into an empty yard give the same stock', function (array $order): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $move = fn(array $body) => $this->postJson("/api/v1/components/{$pumice->id}/movements", $body)->assertCreated();
    $move(['kind' => 'count', 'counted_l' => 12.5]);
    foreach (['P-1' => 120, 'P-2' => 80] as $name => $litres) {
        $this->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => $name, 'delivered_on' => '2026-0'.($litres / 40).'-01', 'quantity_l' => $litres, 'price' => 10])->assertCreated();
    }
    $move(['kind' => 'used', 'litres' => 31.62]);
    $lots = fn(): array => Lot::query()->orderBy('name')->get(['name', 'quantity_l', 'stock_l', 'price'])->toArray();
    $before = [$pumice->refresh()->stock_l, $lots()];
    $files = array_map(fn(string $sheet): string => (string) $this->get('/api/v1/exports/'.$sheet)->assertOk()->getContent(), ['components' => 'components', 'lots' => 'lots']);
    freshShelf();
    foreach ($order as $sheet) {
        imported($sheet, $files[$sheet])->assertOk()->assertJsonPath('refused', 0);
    }
    expect(Yard::component('pumice-3-6-mm')->stock_l)->toEqualWithDelta($before[0], 1e-9)->and($lots())->toEqual($before[1])
        ->and(StockMovement::query()->where('component_id', Yard::component('pumice-3-6-mm')->id)->sum('litres'))->toEqualWithDelta($before[0], 1e-9);
    // and once more changes nothing
    imported('components', $files['components'])->assertJsonPath('changed', 0);
    imported('lots', $files['lots'])->assertJsonPath('same', 2);
    expect(Yard::component('pumice-3-6-mm')->stock_l)->toEqualWithDelta($before[0], 1e-9);
})->with(['components first' => [['components', 'lots']], 'deliveries first' => [['lots', 'components']]]);

test('what is left of a delivery is no more than came, and no less than nothing', function (string $left): void {
    $report = imported('lots', "component,delivery,delivered_on,quantity,left\nPumice 3-6 mm,P-1,2026-04-01,120,$left\n");
    expect($report->json('rows.0.errors.0.column'))->toBe('left [L]')->and(Lot::query()->count())->toBe(0);
})->with(['121', '-1']);

test('deliveries of a component in the archive stay out, as it does', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $this->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => 'P-1', 'delivered_on' => '2026-04-01', 'quantity_l' => 120])->assertCreated();
    $pumice->setArchived(true);
    expect((string) $this->get('/api/v1/exports/lots')->getContent())->not->toContain('P-1')->and((string) $this->get('/api/v1/exports/components')->getContent())->not->toContain('Pumice 3-6 mm');
});

test('a file of a component whose load was taken back can be read', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $lot = $this->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => 'P-1', 'delivered_on' => '2026-04-01', 'quantity_l' => 120])->assertCreated()->json('id');
    $take = app(App\Shelf\Actions\TakeFromShelf::class);
    $take->putBack($take($pumice, 30.0, null, 'Pines'), 'Pines');
    $this->putJson("/api/v1/lots/$lot/held", ['held' => true, 'note' => 'sour'])->assertOk();
    $file = (string) $this->get('/api/v1/component-files/'.$pumice->id)->assertOk()->getContent();
    expect($file)->toContain('returned');
    freshShelf();
    $id = $this->call('POST', '/api/v1/component-files', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $file)->assertCreated()->json('id');
    expect((string) $this->get('/api/v1/component-files/'.$id)->getContent())->toBe($file)->and(Lot::query()->sole()->held_note)->toBe('sour');
});

test('a line that stands twice in a history happened twice, and is not taken in again', function (): void {
    $plant = Tests\Feature\Collection::plant(['number' => 'P-77']);
    $csv = "plant,on,kind,person,text\nP-77,2026-04-01,note,Ann,Watered\nP-77,2026-04-01,note,Ann,Watered\nP-77,2026-04-02,note,Ann,Watered\n";
    imported('plant-history', $csv)->assertOk()->assertJsonPath('added', 3)->assertJsonPath('refused', 0);
    imported('plant-history', $csv)->assertOk()->assertJsonPath('same', 3);
    imported('plant-history', $csv."P-77,2026-04-01,note,Ann,Watered\n")->assertJsonPath('same', 3)->assertJsonPath('added', 1);
    expect($plant->events()->where('text', 'Watered')->count())->toBe(4);
});

/** A spreadsheet sent for a kind. */
function importedBook(string $kind, string $bytes, string $type = 'ods'): TestResponse
{
    return test()->call('POST', '/api/v1/imports/'.$kind, server: ['CONTENT_TYPE' => Workbook::TYPES[$type], 'HTTP_ACCEPT' => 'application/json'], content: $bytes);
}

test('a spreadsheet that was saved is taken in as the same, and as it was where nothing is left', function (string $type): void {
    Yard::pot('007', 6.55);
    Yard::pot('=1+1 is two', 13);
    $file = $this->get('/api/v1/exports/pots?as='.$type)->assertOk()->assertHeader('Content-Type', Workbook::TYPES[$type]);
    expect($file->headers->get('Content-Disposition'))->toContain('pots.'.$type);
    $bytes = (string) $file->getContent();
    importedBook('pots', $bytes, $type)->assertOk()->assertJsonPath('same', 2);
    $before = Pot::query()->orderBy('name')->get(['name', 'shape', 'depth', 'measures', 'hole_diameter_cm', 'weight_kg'])->toArray();
    Pot::query()->delete();
    importedBook('pots', $bytes, $type)->assertOk()->assertJsonPath('added', 2)->assertJsonPath('refused', 0);
    expect(Pot::query()->orderBy('name')->get(['name', 'shape', 'depth', 'measures', 'hole_diameter_cm', 'weight_kg'])->toArray())->toEqual($before);
})->with(['ods', 'xlsx']);

test('days in a spreadsheet are days, and of a formula the value counts that stands with it', function (string $type): void {
    $book = new PhpOffice\PhpSpreadsheet\Spreadsheet();
    $sheet = $book->getActiveSheet();
    $sheet->fromArray([['component', 'delivery', 'delivered_on', 'quantity [L]'], ['Pumice 3-6 mm', 'P-9', null, '=60*2']]);
    $sheet->setCellValue('C2', PhpOffice\PhpSpreadsheet\Shared\Date::stringToExcel('2026-04-01'));
    $sheet->getStyle('C2')->getNumberFormat()->setFormatCode('yyyy-mm-dd');
    $file = tempnam(sys_get_temp_dir(), 'zolbek-test-');
    PhpOffice\PhpSpreadsheet\IOFactory::createWriter($book, ucfirst($type))->save($file);
    importedBook('lots', (string) file_get_contents($file), $type)->assertOk()->assertJsonPath('refused', 0)->assertJsonPath('added', 1);
    unlink($file);
    $lot = Lot::query()->where('name', 'P-9')->sole();
    expect($lot->delivered_on->toDateString())->toBe('2026-04-01')->and($lot->quantity_l)->toBe(120.0);
})->with(['ods', 'xlsx']);

test('what is no spreadsheet is refused in a sentence', function (Closure $entries, string $rule): void {
    $file = tempnam(sys_get_temp_dir(), 'zolbek-test-');
    $zip = new ZipArchive();
    $zip->open($file, ZipArchive::OVERWRITE);
    foreach ($entries() as $name => $text) {
        $zip->addFromString($name, $text);
    }
    if ($rule === 'file_size') {
        file_put_contents($file.'.blank', str_repeat(' ', 20_000_000));
        foreach (range(1, 11) as $i) {
            $zip->addFile($file.'.blank', "blank$i.xml");
        }
    }
    $zip->close();
    @unlink($file.'.blank');
    importedBook('pots', (string) file_get_contents($file))->assertStatus(422)->assertJsonPath('errors.0.path', 'file')->assertJsonPath('errors.0.rule', $rule);
    unlink($file);
})->with([
    'another kind of ZIP' => [fn(): array => ['word/document.xml' => '<w/>'], 'file_workbook'],
    'a workbook with nothing in it' => [fn(): array => ['xl/workbook.xml' => '<a'], 'file_workbook'],
    'far larger than it looks' => [fn(): array => ['mimetype' => Workbook::TYPES['ods'], 'content.xml' => ''], 'file_size'],
]);

test('a ZIP that is none is refused too, and so is a format that is none', function (): void {
    importedBook('pots', "PK\x03\x04 no more")->assertStatus(422)->assertJsonPath('errors.0.rule', 'file_workbook');
    $this->getJson('/api/v1/exports/pots?as=pdf')->assertStatus(422)->assertJsonPath('errors.0.message', 'This must be one of csv, ods, xlsx, not "pdf".');
    $this->getJson('/api/v1/exports/pots?as[]=csv')->assertStatus(422);
    $this->getJson('/api/v1/exports/nothing')->assertNotFound();
    // those that are only taken out have no way in
    $this->call('POST', '/api/v1/imports/movements', server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], content: "at\n1")->assertNotFound();
    $this->getJson('/api/v1/templates/movements')->assertNotFound();
});

test('movements, tasks, sites and recipes go out row by row', function (): void {
    $pumice = Yard::component('pumice-3-6-mm');
    $this->postJson("/api/v1/components/{$pumice->id}/lots", ['name' => 'P-1', 'delivered_on' => '2026-04-01', 'quantity_l' => 120])->assertCreated();
    $this->postJson('/api/v1/recipes', ['name' => 'Even', 'plant_group' => 'desert', 'parts' => Yard::parts(['pumice-3-6-mm' => 3, 'sphagnum-peat' => 1])])->assertCreated();
    $plant = Tests\Feature\Collection::plant(['number' => 'P-77']);
    $this->postJson('/api/v1/tasks', ['plant_id' => $plant->id, 'due_on' => now()->addDay()->toDateString(), 'note' => 'Turn it, gently']);
    $rows = fn(string $kind): array => array_map(static fn(string $line): array => str_getcsv($line, ',', '"', ''), explode("\n", trim((string) $this->get('/api/v1/exports/'.$kind)->assertOk()->getContent(), "\xEF\xBB\xBF\n")));
    $moved = $rows('movements');
    expect($moved[0])->toBe(['at', 'component', 'delivery', 'kind', 'litres [L]', 'stock_after [L]', 'note'])->and(array_slice(array_pop($moved), 1, 5))->toBe(['Pumice 3-6 mm', 'P-1', 'delivery', '120', '120'])
        ->and(array_map(static fn(array $row): array => [$row[0], $row[5], $row[6]], array_values(array_filter($rows('recipes'), static fn(array $row): bool => $row[0] === 'Even'))))->toBe([['Even', 'Pumice 3-6 mm', '3'], ['Even', 'Sphagnum peat', '1']])
        ->and(array_column($rows('tasks'), 10))->toContain('Turn it, gently')
        ->and($rows('days'))->toHaveCount(1)->and($rows('checks'))->toHaveCount(1);
    $site = Site::query()->findOrFail(Yard::siteId());
    expect(array_filter($rows('sites'), static fn(array $row): bool => $row[0] === $site->name))->toHaveCount(12);
});
