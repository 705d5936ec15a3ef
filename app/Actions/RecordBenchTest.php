<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bench\TestDocument;
use App\Models\BenchTest;
use Illuminate\Support\Carbon;
use Zolbek\Core\Input\Fields;
use Zolbek\Core\Input\Refusal;
use Zolbek\Core\Input\Refusals;
use Zolbek\Core\Input\Refused;

/** Keeps the readings of a running test as they are taken, and finishes it. */
final readonly class RecordBenchTest
{
    private const FIELDS = ['readings', 'overrides', 'step', 'waiting_since', 'person', 'note'];
    private const MOST_STEPS = 20;

    /**
     * Readings that cannot be are kept as well, so that nothing typed is lost; the document says what is wrong with them.
     *
     * @param array<mixed> $input
     *
     * @throws Refused where the test is not running any more, or a field is of the wrong kind
     */
    public function keep(BenchTest $test, array $input): BenchTest
    {
        self::mustRun($test);
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $changed = [];
        if ($fields->has('readings')) {
            $changed['readings'] = $fields->raw('readings');
            Fields::of($fields->raw('readings'), ['setup', 'rounds', 'sources'], $refusals, 'readings');
        }
        if ($fields->has('overrides')) {
            $changed['overrides'] = self::reasons($fields->raw('overrides'), $refusals);
        }
        if ($fields->has('step')) {
            $changed['step'] = $fields->integer('step', 0, self::MOST_STEPS);
        }
        if (array_key_exists('waiting_since', $input)) {
            $changed['waiting_since'] = $input['waiting_since'] === null ? null : self::moment($fields->text('waiting_since', 40), $refusals);
        }
        foreach (['person' => 60, 'note' => 2000] as $name => $longest) {
            if ($fields->has($name)) {
                $changed[$name] = $fields->text($name, $longest, '');
            }
        }
        $refusals->throwIfAny();
        $test->fill($changed)->save();

        return $test->refresh();
    }

    /** @throws Refused where a reading is missing or cannot be, or a doubt has no reason */
    public function finish(BenchTest $test): BenchTest
    {
        self::mustRun($test);
        $document = new TestDocument($test);
        $refusals = new Refusals();
        foreach ($document->refusals->all() as $refusal) {
            $refusals->add($refusal->under('readings'));
        }
        foreach ($document->readings->missing as $path) {
            $refusals->add(new Refusal('readings.'.$path, 'required'));
        }
        foreach ($document->outcome->doubts ?? [] as $doubt) {
            if (($test->overrides[$doubt->rule] ?? '') === '') {
                $refusals->add(new Refusal('overrides.'.$doubt->rule, $doubt->rule, $doubt->given, $doubt->limits));
            }
        }
        if (! $refusals->any() && $document->outcome === null) {
            $refusals->add(new Refusal('readings.rounds', 'no_valid_round'));
        }
        $refusals->throwIfAny();
        $test->fill([
            'result' => $document->toArray(),
            'status' => BenchTest::FINISHED,
            'finished_at' => Carbon::now(),
            'waiting_since' => null,
        ])->save();

        return $test->refresh();
    }

    private static function mustRun(BenchTest $test): void
    {
        if ($test->status !== BenchTest::RUNNING) {
            throw Refused::because('status', 'test_not_running', $test->status);
        }
    }

    /** @return array<string, string> */
    private static function reasons(mixed $given, Refusals $refusals): array
    {
        $fields = Fields::of($given, ['sieve_loss', 'sieve_gain'], $refusals, 'overrides');
        $reasons = [];
        foreach (['sieve_loss', 'sieve_gain'] as $rule) {
            if ($fields->has($rule)) {
                $reasons[$rule] = $fields->text($rule, 200, '');
            }
        }

        return $reasons;
    }

    private static function moment(string $text, Refusals $refusals): ?Carbon
    {
        $moment = $text === '' ? null : rescue(static fn(): Carbon => Carbon::parse($text), null, false);
        if ($moment === null) {
            $refusals->add(new Refusal('waiting_since', 'moment', $text));
        }

        return $moment;
    }
}
