<?php

declare(strict_types=1);

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
});
