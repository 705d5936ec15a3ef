<?php

declare(strict_types=1);

use App\Blend\Figures;
use App\Common\Words;
use App\Shelf\Models\StockMovement;
use Tests\Feature\Contract;
use Zolbek\Core\Course\Water\StickLook;
use Zolbek\Core\Mix\Chemistry\Salts;
use Zolbek\Core\Place\Climate\Season;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\Leaf;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Plant\RootVigour;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Stand;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Site\Wind;
use Zolbek\Core\Place\Watering\Feed;
use Zolbek\Core\Place\Watering\WateringMethod;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Quality;
use Zolbek\Core\Verdict\Fit\Rating;
use Zolbek\Core\Verdict\Quarrel\Quarrels;
use Zolbek\Core\Verdict\Uncertainty\ModelError;
use Zolbek\Core\Verdict\Uncertainty\Propagation;
use Zolbek\Core\Work\Aftercare\TaskKind;
use Zolbek\Core\Work\BenchTest\TestKind;
use Zolbek\Core\Work\Feeding\FeedingSchool;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\Health;
use Zolbek\Core\Work\Timing\DueLevel;
use Zolbek\Core\Work\Timing\School;

/** @return list<string> every rule that core or application refuses by */
function rulesInCode(): array
{
    $rules = [];
    foreach (['core', 'app'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
            $text = (string) file_get_contents((string) $file);
            preg_match_all("/(?:new Refusal|because)\((?:[^,;]+),\s*'([a-z_]+)'/", $text, $plain);
            array_push($rules, ...$plain[1]);
        }
    }

    return array_values(array_unique($rules));
}

test('every rule has its sentence, and every sentence its rule', function (): void {
    $sentences = require base_path('lang/en/refusals.php');
    $code = '';
    foreach (['core', 'app'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
            $code .= file_get_contents((string) $file);
        }
    }
    expect(array_diff(rulesInCode(), array_keys($sentences)))->toBe([]);
    foreach (array_keys($sentences) as $rule) {
        expect($code)->toContain("'".$rule."'");
    }
});

/**
 * @param array<array-key, mixed> $words
 *
 * @return array<string, string> sentences by their whole key
 */
function sentencesOf(array $words, string $before = ''): array
{
    $found = [];
    foreach ($words as $key => $word) {
        $found += is_array($word) ? sentencesOf($word, $before.$key.'.') : [$before.$key => (string) $word];
    }

    return $found;
}

test('every language says all that the first one says, with the same gaps', function (string $language, string $file): void {
    $first = sentencesOf(require base_path("lang/en/$file.php"));
    $other = sentencesOf(require base_path("lang/$language/$file.php"));
    expect(array_keys($other))->toEqualCanonicalizing(array_keys($first));
    foreach ($first as $key => $sentence) {
        preg_match_all('/:[a-z]+/', $sentence, $gaps);
        preg_match_all('/:[a-z]+/', $other[$key], $own);
        expect(array_unique($own[0]))->toEqualCanonicalizing(array_unique($gaps[0]), $file.'.'.$key);
    }
})->with(array_values(array_diff(Words::LANGUAGES, ['en'])))->with(['refusals', 'errors', 'care', 'records']);

test('a reader is answered in his language, by what his page accepts or what the address asks for', function (): void {
    $ask = fn(string $accepts, string $query = ''): string => $this->withHeader('Accept-Language', $accepts)->getJson('/api/v1/components/99999'.$query)->json('message');
    expect($ask('id-ID,id;q=0.9'))->toBe('Tak ada bahan dengan id 99999.')
        ->and($ask('en-GB'))->toBe('There is no component with the id 99999.')
        ->and($ask('fr'))->toBe('There is no component with the id 99999.')
        ->and($ask('en', '?language=id'))->toBe('Tak ada bahan dengan id 99999.')
        ->and($ask('en', '?language[]=id'))->toContain('not a list');
    $refused = $this->withHeader('Accept-Language', 'id')->postJson('/api/v1/pots', ['name' => 'x', 'shape' => 'round', 'depth' => -0.05, 'measures' => ['top' => 10, 'base' => 10], 'hole_count' => 1, 'hole_diameter_cm' => 1])->assertUnprocessable();
    expect(implode(' ', array_column($refused->json('errors'), 'message')))->toContain('dari 0,01 sampai 500, bukan -0,05');
});

test('the contract names exactly the addresses that there are', function (): void {
    $known = [];
    foreach (Contract::document()['paths'] as $path => $operations) {
        foreach (array_keys($operations) as $method) {
            $known[] = strtoupper($method).' '.preg_replace('/\{\w+\}/', '{id}', $path);
        }
    }
    $there = [];
    foreach (app('router')->getRoutes() as $route) {
        if (str_starts_with($route->uri(), 'api/v1')) {
            foreach (array_diff($route->methods(), ['HEAD', 'PATCH']) as $method) {
                $there[] = $method.' '.preg_replace('/\{\w+\}/', '{id}', substr($route->uri(), strlen('api/v1')));
            }
        }
    }
    expect($there)->toEqualCanonicalizing($known);
});

test('every word of the model has its name in the front end', function (): void {
    $catalogue = implode('', array_map(file_get_contents(...), [...glob(base_path('ui/src/*/words.ts')) ?: [], ...glob(base_path('ui/src/*/*/words.ts')) ?: [], ...glob(base_path('ui/src/*/*/*/words.ts')) ?: [], base_path('ui/src/i18n/shared.ts')]));
    $meta = $this->getJson('/api/v1/meta')->json();
    foreach ($meta['kinds'] as $kind) {
        expect($catalogue)->toContain("'kind.$kind'");
    }
    foreach ($meta['hazards'] as $hazard) {
        expect($catalogue)->toContain("'hazard.$hazard'")->toContain("'caution.$hazard'");
    }
    foreach ($meta['shapes'] as $shape) {
        expect($catalogue)->toContain("'shape.{$shape['shape']}'");
        foreach ($shape['measures'] as $measure) {
            expect($catalogue)->toContain("'field.$measure'");
        }
    }
    foreach (Quality::cases() as $quality) {
        expect($catalogue)->toContain("'quality.{$quality->value}'");
    }
    foreach (TestKind::cases() as $kind) {
        expect($catalogue)->toContain("'bench.kind.{$kind->value}'")->toContain("'bench.why.{$kind->value}'");
        $plan = $kind->plan();
        foreach ($plan->steps as $step) {
            expect($catalogue)->toContain("'step.{$kind->value}.{$step->code}'");
        }
        foreach ($plan->tools as $tool) {
            expect($catalogue)->toContain("'tool.$tool'");
        }
        foreach ($plan->cautions as $caution) {
            expect($catalogue)->toContain("'caution.$caution'");
        }
        foreach ([...$plan->setup, ...$plan->round] as $reading) {
            expect($catalogue)->toContain("'reading.{$reading->name}'");
            foreach ($reading->choices as $choice) {
                expect($catalogue)->toContain("'choice.$choice'");
            }
        }
    }
    foreach (array_keys(config()->array('instruments')) as $instrument) {
        expect($catalogue)->toContain("'instrument.$instrument'");
    }
    foreach (StockMovement::KINDS as $kind) {
        expect($catalogue)->toContain("'stock.$kind'");
    }
    foreach (Criterion::cases() as $criterion) {
        expect($catalogue)->toContain("'verdict.{$criterion->value}'")->toContain("'verdict.{$criterion->value}.text'");
    }
    foreach (ChangeKind::cases() as $kind) {
        expect($catalogue)->toContain("'mend.{$kind->value}'");
    }
    foreach (Quarrels::CODES as $code) {
        expect($catalogue)->toContain("'quarrel.$code'")->toContain("'quarrel.$code.text'");
    }
    foreach (['purpose' => Purpose::cases(), 'stage' => GrowthStage::cases(), 'exposure' => Exposure::cases(), 'wind' => Wind::cases(), 'leaf' => Leaf::cases(), 'surface' => Surface::cases(), 'method' => WateringMethod::cases(), 'vigour' => RootVigour::cases(), 'batch.gaps' => BallTreatment::cases(), 'season' => Season::cases(), 'health' => Health::cases(), 'finding' => Finding::cases(), 'due' => DueLevel::cases(), 'school' => School::cases(), 'feeding' => FeedingSchool::cases(), 'task' => TaskKind::cases(), 'stick.look' => StickLook::cases(), 'stand' => Stand::cases(), 'feed' => Feed::cases(), 'rating' => Rating::cases(), 'finding.salts' => Salts::cases()] as $prefix => $words) {
        foreach ($words as $word) {
            expect($catalogue)->toContain("'$prefix.{$word->value}'");
        }
    }
    foreach ((new ReflectionClass(ModelError::class))->getConstants(ReflectionClassConstant::IS_PUBLIC) as $error) {
        expect(is_string($error) ? $catalogue : "'property.$error'")->toContain("'property.$error'");
    }
    foreach (Propagation::FIGURES as $figure) {
        expect($catalogue)->toContain("'amount.$figure'");
    }
    foreach ($this->getJson('/api/v1/validation')->json('sets') as $set) {
        foreach ($set['rows'] as $row) {
            expect($catalogue)->toContain("'truth.f.{$row['figure']}'");
        }
    }
    foreach (Figures::NAMES as $figure) {
        expect($catalogue)->toContain("'amount.$figure'");
    }
    foreach ($meta['plant_groups'] as $group) {
        expect($catalogue)->toContain("'group.{$group['group']}'")->toContain("'plants.{$group['group']}'");
    }
});

test('no word stands in a screen outside the catalogue', function (): void {
    $found = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path('ui/src'), FilesystemIterator::SKIP_DOTS)) as $file) {
        if (str_ends_with((string) $file, '.tsx') && ! str_ends_with((string) $file, '.test.tsx') && ! str_contains((string) $file, '/testing/')) {
            preg_match_all('/(?:>|(?:aria-label|title|placeholder|label)=")\s*([A-Za-z]{2,}[a-z ]*)\s*(?:<\/|")/', (string) file_get_contents((string) $file), $texts);
            array_push($found, ...$texts[1]);
        }
    }
    expect($found)->toBe([]);
});
