<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Models\BenchTest;
use App\Bench\TestDocument;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

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
            $changed['readings'] = self::readings($fields->raw('readings'), $refusals);
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

    /**
     * Readings as objects and lists of the right kind; what stands in them may be anything that somebody typed.
     *
     * @return array{setup: array<mixed>, rounds: list<array<mixed>>, sources: array<mixed>}
     */
    private static function readings(mixed $given, Refusals $refusals): array
    {
        $fields = Fields::of($given, ['setup', 'rounds', 'sources'], $refusals, 'readings');
        $object = static function (mixed $value, string $path) use ($refusals): array {
            if (! is_array($value) || ($value !== [] && array_is_list($value))) {
                $refusals->add(new Refusal($path, 'object', $value));

                return [];
            }

            return $value;
        };
        $rounds = $fields->raw('rounds') ?? [];
        if (! is_array($rounds) || ! array_is_list($rounds)) {
            $refusals->add(new Refusal('readings.rounds', 'list', $rounds));
            $rounds = [];
        }

        return [
            'setup' => $object($fields->raw('setup') ?? [], 'readings.setup'),
            'rounds' => array_map(static fn(mixed $round, int $i): array => $object($round, 'readings.rounds.'.$i), $rounds, array_keys($rounds)),
            'sources' => array_filter($object($fields->raw('sources') ?? [], 'readings.sources'), is_string(...)),
        ];
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
