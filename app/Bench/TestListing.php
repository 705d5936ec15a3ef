<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Models\BenchTest;
use App\Sheets\Column;
use App\Sheets\Listing;

/** Tests of the bench: one row for each, with its result as it was worked out then. */
final readonly class TestListing implements Listing
{
    public function columns(): array
    {
        return [
            new Column('test', 'test'),
            new Column('of', 'of'),
            new Column('started_on', 'started_on', unit: 'YYYY-MM-DD'),
            new Column('finished_on', 'finished_on', unit: 'YYYY-MM-DD'),
            new Column('person', 'person'),
            new Column('status', 'status'),
            new Column('in_use', 'in_use'),
            new Column('result', 'result'),
            new Column('note', 'note'),
        ];
    }

    public function all(): iterable
    {
        foreach (BenchTest::query()->lazyById(200) as $test) {
            yield [
                'test' => $test->kind->value, 'of' => $test->name, 'started_on' => $test->started_at->toDateString(), 'finished_on' => $test->finished_at?->toDateString(), 'person' => $test->person, 'status' => $test->status,
                'in_use' => $test->in_use ? 'yes' : 'no', 'result' => $test->result === null ? null : (string) json_encode($test->result, JSON_UNESCAPED_UNICODE), 'note' => $test->note,
            ];
        }
    }
}
