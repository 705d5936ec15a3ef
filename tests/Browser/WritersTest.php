<?php

declare(strict_types=1);

use Tests\Browser\Session;
use Tests\Browser\Writers;

/** Rows of a query on the database that is served. */
function rows(string $database, string $query): array
{
    return (new PDO('sqlite:'.$database))->query($query)->fetchAll(PDO::FETCH_ASSOC);
}

test('four helpers who write without pause lose nothing, and none is told that the database is locked', function (): void {
    $day = json_decode((string) file_get_contents($this->address().'/api/v1/days/1'), true);
    $writers = new Writers($this->address(), Writers::helpers($day, [1, 2, 9], 4, 6));
    expect($writers->answers)->toHaveCount(4 * 6 * 5)->and($writers->faults())->toBe([])
        ->and(count(array_filter($writers->answers, static fn(array $answer): bool => $answer['status'] < 300)))->toBeGreaterThan(60);
    $database = $this->database();
    foreach (rows($database, 'select id, stock_l, (select sum(litres) from stock_movements where component_id = components.id) as moved, (select sum(stock_l) from lots where component_id = components.id) as in_lots from components where id in (1, 2, 9)') as $component) {
        $before = array_sum(array_column(rows($database, "select litres from stock_movements where component_id = {$component['id']} order by id"), 'litres'));
        expect($component['in_lots'] ?? 0.0)->toBeLessThanOrEqual($component['stock_l'] + 1e-6)->and($component['moved'])->toEqualWithDelta($before, 1e-6);
        // each line carries the sum on: no write was lost between two others
        $lines = rows($database, "select litres, stock_after_l from stock_movements where component_id = {$component['id']} order by id");
        foreach (array_slice($lines, 1) as $i => $line) {
            expect($line['stock_after_l'])->toEqualWithDelta($lines[$i]['stock_after_l'] + $line['litres'], 1e-6);
        }
    }
    // of each mix one load is ticked, however many tried
    expect(rows($database, 'select recipe_id from day_loads group by potting_day_id, recipe_id, number having count(*) > 1'))->toBe([])
        // a plant that is potted has one event of it and one that is not has none of today
        ->and(rows($database, "select plant_id from plant_events where kind = 'potted' and json_extract(data, '$.potting_day_id') = 1 group by plant_id having count(*) > 1"))->toBe([]);
});

test('a repeating task that two do at once comes back once', function (): void {
    $task = json_decode((string) file_get_contents($this->address().'/api/v1/tasks'), true)['data'][0];
    $made = (new Writers($this->address(), [[['POST', '/tasks', ['plant_id' => $task['plant_id'], 'due_on' => date('Y-m-d'), 'note' => 'Turn it', 'every_days' => 7]]]]))->answers[0];
    $id = json_decode($made['said'], true)['id'];
    $twice = new Writers($this->address(), array_fill(0, 4, [['PUT', "/tasks/$id", ['do' => 'done']]]));
    $statuses = array_column($twice->answers, 'status');
    sort($statuses);
    expect($statuses)->toBe([200, 422, 422, 422])->and(rows($this->database(), "select id from care_tasks where note = 'Turn it'"))->toHaveCount(2);
})->group('job');

/** What an import of a CSV file is answered, while others may write. */
function importedAt(string $address, string $sheet, string $csv, string $how = ''): array
{
    $context = stream_context_create(['http' => ['method' => 'POST', 'header' => implode("\r\n", ['Content-Type: text/csv', 'Accept: application/json', ...Session::headers(test()->address())]), 'content' => $csv, 'ignore_errors' => true]]);
    $said = (string) file_get_contents($address."/api/v1/imports/$sheet$how", false, $context);

    return [(int) explode(' ', $http_response_header[0])[1], json_decode($said, true)];
}

test('a file is worked out beside the others, and taken in one go', function (): void {
    $address = $this->address();
    $pots = "name,shape,depth [cm],top [cm],base [cm],hole_count,hole_diameter_cm [cm]\n".implode('', array_map(static fn(int $i): string => "Row $i,round,12,20,16,1,2\n", range(1, 900)));
    [$status, $dry] = importedAt($address, 'pots', $pots, '?dry_run=1');
    expect($status)->toBe(200)->and($dry['added'])->toBe(900)->and($dry['taken'])->toBeFalse()->and(rows($this->database(), "select id from pots where name like 'Row %'"))->toBe([]);
    [$status, $report] = importedAt($address, 'pots', $pots);
    expect($status)->toBe(200)->and($report['taken'])->toBeTrue()->and(rows($this->database(), "select count(*) as n from pots where name like 'Row %' and depth = 12")[0]['n'])->toBe(900)
        ->and(importedAt($address, 'pots', $pots)[1]['same'])->toBe(900);
    // deliveries with their movements, and one bad row among them
    $lots = "component,delivery,delivered_on,quantity,price\n".implode('', array_map(static fn(int $i): string => "Pumice 3-6 mm,File $i,2026-03-01,2,1\n", range(1, 300)));
    [, $bad] = importedAt($address, 'lots', $lots."Moon rock,X,2026-03-01,5,\n");
    expect($bad['refused'])->toBe(1)->and($bad['taken'])->toBeFalse()->and(rows($this->database(), "select id from lots where name like 'File %'"))->toBe([]);
    $before = rows($this->database(), 'select stock_l from components where id = 1')[0]['stock_l'];
    [, $good] = importedAt($address, 'lots', $lots."Moon rock,X,2026-03-01,5,\n", '?good_only=1');
    expect($good['taken'])->toBeTrue()->and(rows($this->database(), 'select stock_l from components where id = 1')[0]['stock_l'])->toEqualWithDelta($before + 600.0, 1e-6)
        ->and(rows($this->database(), "select count(*) as n from stock_movements m join lots l on l.id = m.lot_id where l.name like 'File %' and m.litres = 2")[0]['n'])->toBe(300)
        ->and(glob(sys_get_temp_dir().'/zolbek-rehearsal-*'))->toBe([]);
});

test('who writes while a file is taken in is not kept waiting, and nothing of either is lost', function (): void {
    $address = $this->address();
    $day = json_decode((string) file_get_contents($address.'/api/v1/days/1'), true);
    $before = rows($this->database(), 'select count(*) as n from plants')[0]['n'];
    $plants = "number,name\n".implode('', array_map(static fn(int $i): string => "F-$i,Liner $i\n", range(1, 250)));
    $file = tempnam(sys_get_temp_dir(), 'zolbek-file-');
    file_put_contents($file, $plants);
    // by another process, while the helpers write
    $import = proc_open(['curl', '-s', '-X', 'POST', ...array_merge(...array_map(static fn(string $header): array => ['-H', $header], ['Content-Type: text/csv', ...Session::headers($address)])), '--data-binary', '@'.$file, $address.'/api/v1/imports/plants'], [1 => ['pipe', 'w']], $pipes);
    $writers = new Writers($address, Writers::helpers($day, [1, 2, 9], 3, 6));
    $report = json_decode((string) stream_get_contents($pipes[1]), true);
    proc_close($import);
    unlink($file);
    expect($writers->faults())->toBe([]);
    $added = rows($this->database(), 'select count(*) as n from plants')[0]['n'] - $before;
    // taken whole, or refused with a sentence: never by half
    expect($report['taken'] ?? false ? 250 : 0)->toBe($added)->and(isset($report['taken']) || str_contains($report['message'], 'try it once more'))->toBeTrue();
})->group('job');
