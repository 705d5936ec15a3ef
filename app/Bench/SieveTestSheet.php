<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Actions\RecordBenchTest;
use App\Bench\Actions\StartBenchTest;
use App\Bench\Actions\UseBenchTest;
use App\Bench\Models\BenchTest;
use App\Common\Day;
use App\Common\Same;
use App\Sheets\Column;
use App\Sheets\Sheet;
use App\Shelf\ComponentByName;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\BenchTest\TestKind;

/** Sieve analyses that were done elsewhere: a row is one sample. One that is here already is left as it is. */
final readonly class SieveTestSheet implements Sheet
{
    private const YES = ['yes', 'y', '1', 'x', 'true'];

    public function __construct(private StartBenchTest $start, private RecordBenchTest $record, private UseBenchTest $use) {}

    public function columns(): array
    {
        return [
            new Column('component', 'component', required: true),
            new Column('delivery', 'delivery'),
            new Column('tested_on', 'tested_on', unit: 'YYYY-MM-DD', required: true),
            new Column('before', 'before_g', Column::NUMBER, 'g', required: true),
            new Column('person', 'person'),
            new Column('reason_for_loss', 'reason'),
            new Column('in_use', 'in_use'),
            new Column('note', 'note'),
        ];
    }

    public function sieveUnit(): string
    {
        return 'g';
    }

    public function key(array $values): string
    {
        return mb_strtolower((string) json_encode([$values['component'], $values['delivery'] ?? '', $values['tested_on'], $values['before_g'], $values['sieve'] ?? []]));
    }

    public function take(array $values): array
    {
        $component = ComponentByName::find($values['component']);
        $lot = isset($values['delivery']) ? ComponentByName::lot($component, $values['delivery']) : null;
        $day = Day::parse((string) $values['tested_on'], 'tested_on');
        $sieve = $values['sieve'] ?? [];
        $apertures = array_values(array_map(floatval(...), array_filter(array_keys($sieve), static fn(int|string $aperture): bool => $aperture !== 'pan')));
        $readings = [
            'setup' => ['apertures' => $apertures],
            'rounds' => [['before_g' => $values['before_g'], 'retained' => $sieve]],
        ];
        if (self::isHere($component->id, $lot?->id, $day, $readings)) {
            return ['same', $component->name];
        }
        try {
            $test = ($this->start)([
                'kind' => TestKind::SieveAnalysis->value,
                ...($lot === null ? ['component_id' => $component->id] : ['lot_id' => $lot->id]),
                'person' => $values['person'] ?? '',
            ]);
            $reason = $values['reason'] ?? '';
            $this->record->keep($test, ['readings' => $readings, 'overrides' => ['sieve_loss' => $reason, 'sieve_gain' => $reason], 'note' => $values['note'] ?? '']);
            $test = $this->record->finish($test->refresh());
        } catch (Refused $refused) {
            throw new Refused(array_map(self::inColumns(...), $refused->refusals));
        }
        $test->fill(['started_at' => $day, 'finished_at' => $day])->save();
        if (in_array(mb_strtolower($values['in_use'] ?? ''), self::YES, true)) {
            $this->use->use($test, true);
        }

        return ['added', $test->name];
    }

    public function all(): iterable
    {
        $tests = BenchTest::query()->with(['component', 'lot'])->where('kind', TestKind::SieveAnalysis->value)->where('status', BenchTest::FINISHED);
        $tests->whereNotNull('component_id');
        $tests->orderBy('finished_at');
        $tests->orderBy('id');
        foreach ($tests->lazy() as $test) {
            foreach ($test->readings['rounds'] as $round) {
                yield [
                    'component' => $test->component?->name,
                    'delivery' => $test->lot?->name,
                    'tested_on' => $test->finished_at?->toDateString(),
                    'before_g' => $round['before_g'],
                    'person' => $test->person,
                    'reason' => array_values($test->overrides)[0] ?? null,
                    'in_use' => $test->in_use ? 'yes' : 'no',
                    'note' => $test->note,
                    'sieve' => $round['retained'],
                ];
            }
        }
    }

    /** A refused reading under the name of its column. */
    private static function inColumns(Refusal $refusal): Refusal
    {
        $field = (string) preg_replace(['/^readings\.rounds\.0\.retained$/', '/^readings\.rounds\.0\.retained/', '/^readings\.rounds\.0\./', '/^readings\.setup\.apertures.*/', '/^overrides\..*/'], ['sieve', 'sieve', '', 'sieve', 'reason'], $refusal->field);

        return new Refusal($field, $refusal->rule, $refusal->given, $refusal->limits);
    }

    /** @param array<string, mixed> $readings */
    private static function isHere(int $componentId, ?int $lotId, Carbon $day, array $readings): bool
    {
        $same = BenchTest::query()->where('kind', TestKind::SieveAnalysis->value)->where('component_id', $componentId)->where('lot_id', $lotId);

        $same->whereDate('finished_at', $day);

        return $same->get()->contains(static fn(BenchTest $test): bool => Same::values($test->readings['rounds'], $readings['rounds']));
    }
}
