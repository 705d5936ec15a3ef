<?php

declare(strict_types=1);

namespace Bench;

use CurlHandle;
use PDO;
use RuntimeException;
use Tests\Browser\Session;
use Tests\Browser\Site;

/** Middle and 95th percentile in ms of API calls over HTTP, one after the other. */
final class ApiSpeed
{
    private const CALLS = 300;
    private const WARM_UP = 60;

    /** @return array<string, array{float, float}> */
    public static function measure(string $address): array
    {
        $recipe = json_decode(self::body(self::request($address.'/api/v1/recipes')), true, 16, JSON_THROW_ON_ERROR)['data'][0];
        $question = [
            'parts' => array_map(static fn(array $part): array => ['component_id' => $part['component_id'], 'parts' => $part['parts']], $recipe['parts']),
            'pot_id' => 1,
            // a group that it does not suit, so that mends are looked for too
            'plant_group' => 'seedlings',
            'headspace_cm' => 0.8,
        ];
        $order = ['order' => ['pots' => 10, 'tub_l' => 20, 'scoop_l' => 1]];

        $site = json_decode(self::body(self::request($address.'/api/v1/sites')), true, 16, JSON_THROW_ON_ERROR)['data'][0];
        $everything = $question + [
            'situation' => ['site_id' => $site['id'], 'alkalinity_mg_l' => 300, 'budget' => 1, 'pots_wanted' => 60, 'roots_cut_share' => 0.3, 'habit' => ['summer_h' => 96, 'method' => 'hose']],
            'contents' => ['ball' => ['share' => 0.4, 'years' => 4], 'objects_l' => 0.1],
        ];
        $view = fn(string $name): array => self::time(fn(int $i) => self::request($address.'/api/v1/views/'.$name, self::varied($everything, $i)));

        return [
            'POST /evaluate, everything on' => self::time(fn(int $i) => self::request($address.'/api/v1/evaluate', self::varied($everything, $i))),
            'POST /evaluate, for the picture' => self::time(fn(int $i) => self::request($address.'/api/v1/evaluate', self::varied($everything, $i) + ['mends' => false])),
            'POST /views/ageing' => $view('ageing'),
            'POST /views/trade' => $view('trade'),
            'POST /evaluate' => self::time(fn(int $i) => self::request($address.'/api/v1/evaluate', self::varied($question, $i))),
            'POST /batches/plan' => self::time(fn(int $i) => self::request($address.'/api/v1/batches/plan', self::varied($question, $i) + $order)),
            'GET /components' => self::time(fn(int $i) => self::request($address.'/api/v1/components?per_page=50')),
        ];
    }

    /**
     * What is asked while two searches run and a third waits.
     *
     * @return array<string, array{float, float}>
     */
    public static function besideSearches(string $address): array
    {
        $recipe = json_decode(self::body(self::request($address.'/api/v1/recipes')), true, 16, JSON_THROW_ON_ERROR)['data'][0];
        $parts = array_map(static fn(array $part): array => ['component_id' => $part['component_id'], 'parts' => $part['parts']], $recipe['parts']);
        $search = json_encode(['pot_id' => 1, 'plant_group' => 'airy_conifers', 'find' => ['scoops' => 10, 'most_components' => 4]], JSON_THROW_ON_ERROR);
        $searches = [];
        for ($i = 0; $i < 3; ++$i) {
            // begun anew as soon as it has ended
            $again = sprintf('while :; do curl -sN -o /dev/null -H "Content-Type: application/json" -d %s %s; sleep 0.1; done', escapeshellarg($search), escapeshellarg($address.'/api/v1/searches'));
            $searches[] = proc_open(['setsid', 'sh', '-c', $again], [], $pipes) ?: throw new RuntimeException('no search');
        }
        try {
            sleep(1);

            return [
                'GET /components' => self::time(fn(int $i) => self::request($address.'/api/v1/components?per_page=50'), 120, 20),
                'POST /batches/plan' => self::time(fn(int $i) => self::request($address.'/api/v1/batches/plan', ['parts' => [['parts' => 1 + $i % 9] + $parts[0], ...array_slice($parts, 1)], 'pot_id' => 1, 'plant_group' => 'seedlings', 'headspace_cm' => 0.8, 'order' => ['pots' => 10, 'tub_l' => 20, 'scoop_l' => 1]]), 120, 20),
            ];
        } finally {
            foreach ($searches as $each) {
                // the loop and the request that it waits for
                exec('kill -- -'.proc_get_status($each)['pid'].' 2>/dev/null');
                proc_close($each);
            }
        }
    }

    /**
     * The list of components with so many on the shelf.
     *
     * @return array<string, array{float, float}>
     */
    public static function largeShelf(Site $site, int $rows): array
    {
        $database = new PDO('sqlite:'.$site->database());
        $database->exec("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < $rows)
            INSERT INTO components (\"key\", name, kind, bulk_density, particle_density, solid_density, internal_water, unavailable_water, internal_median_cm, internal_spread, sphericity, sieve, residual_packing, hazards, colour, stock_l)
            SELECT 'row-' || i, 'Row ' || i, 'bark', 0.24, 0.47, 1.5, 0.5, 0.1, 60, 1.6, 0.5, '{\"4\":1,\"pan\":1}', 0.5, '[]', '#808080', i % 500 FROM n");
        $database->exec("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < $rows)
            INSERT INTO stock_movements (component_id, kind, litres, stock_after_l, moved_at) SELECT 1, 'used', -1, i, datetime('now', '-' || i || ' minutes') FROM n");
        $database->exec("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < $rows)
            INSERT INTO bench_tests (kind, status, component_id, name, readings, overrides, result, started_at, finished_at)
            SELECT 'run_through', 'finished', 1, 'Row ' || i, '{}', '{}', '{}', datetime('now', '-' || i || ' minutes'), datetime('now') FROM n");
        $database->exec('UPDATE components SET low_l = 100 WHERE id % 50 = 0');
        $database->exec('ANALYZE');
        $address = $site->address.'/api/v1/components?per_page=50';

        return [
            'GET /components' => self::time(fn(int $i) => self::request($address)),
            'GET /components, page 900' => self::time(fn(int $i) => self::request($address.'&page=900')),
            'GET /components, by stock' => self::time(fn(int $i) => self::request($address.'&sort=-stock_l')),
            'GET /components, running low' => self::time(fn(int $i) => self::request($address.'&low=1')),
            'GET /components/1/movements' => self::time(fn(int $i) => self::request($site->address.'/api/v1/components/1/movements?per_page=50')),
            'GET /bench/tests' => self::time(fn(int $i) => self::request($site->address.'/api/v1/bench/tests?per_page=50')),
            'GET /components, searched' => self::time(fn(int $i) => self::request($address.'&search=row+'.$i)),
        ];
    }

    /**
     * A potting day of so many plants, and lists of many plants and tasks.
     *
     * @return array<string, array{float, float}>
     */
    public static function largeDay(Site $site, int $plants, int $rows): array
    {
        $database = new PDO('sqlite:'.$site->database());
        $copy = static function (string $table, array $row) use ($database): void {
            unset($row['id']);
            $names = implode(', ', array_map(static fn(string $name): string => '"'.$name.'"', array_keys($row)));
            $database->prepare("INSERT INTO $table ($names) VALUES (".implode(', ', array_fill(0, count($row), '?')).')')->execute(array_values($row));
        };
        $database->beginTransaction();
        $day = self::rows($database, 'SELECT * FROM potting_days WHERE id = 1')[0];
        $copy('potting_days', [...$day, 'name' => 'Large']);
        $dayId = (int) $database->lastInsertId();
        $models = self::rows($database, 'SELECT * FROM day_plants WHERE potting_day_id = 1');
        $firstEntry = 1 + (int) self::rows($database, 'SELECT max(id) AS last FROM day_plants')[0]['last'];
        for ($i = 0; $i < $plants; ++$i) {
            $model = $models[$i % count($models)];
            $plant = self::rows($database, 'SELECT * FROM plants WHERE id = '.$model['plant_id'])[0];
            // no two rounds of the yard's plants have the same crowns: six times as many situations
            $copy('plants', [...$plant, 'number' => 'L-'.$i, 'canopy_cm' => 30 + 5 * (intdiv($i, count($models)) % 6)]);
            $copy('day_plants', [...$model, 'potting_day_id' => $dayId, 'plant_id' => (int) $database->lastInsertId(), 'position' => $i + 1]);
        }
        $database->commit();
        $database->exec("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < $rows)
            INSERT INTO plants (number, name, plant_group, exposure, vigour, health, purpose, origin, buried, plan, place, due_on, potted_on)
            SELECT 'R-' || i, 'Row ' || i, 'broadleaf_deciduous', 'full_sun', 'middling', 'well', 'grow_on', 'seed', '[]', '[]', 'Field ' || (i % 40), date('now', (i % 900) || ' days'), date('now', '-' || (i % 900) || ' days') FROM n");
        $database->exec("WITH RECURSIVE n(i) AS (SELECT 1 UNION ALL SELECT i + 1 FROM n WHERE i < $rows)
            INSERT INTO care_tasks (plant_id, kind, starts_on, due_on, figures, note) SELECT 1 + i % 20, 'own', date('now'), date('now', (i % 700) || ' days'), '{}', 'Row' FROM n");
        $database->exec('ANALYZE');
        $api = $site->address.'/api/v1';

        return [
            'GET /days/{id}, 400 plants' => self::time(fn(int $i) => self::request($api.'/days/'.$dayId), 40, 5),
            'one entry of it looked at closely' => self::time(fn(int $i) => self::request($api.'/days/'.$dayId.'/plants/'.($firstEntry + $i).'/judgement')),
            'GET /plants, 50,000' => self::time(fn(int $i) => self::request($api.'/plants?per_page=50')),
            'GET /plants, due' => self::time(fn(int $i) => self::request($api.'/plants?per_page=50&due=1&sort=due_on')),
            'GET /tasks, 50,000' => self::time(fn(int $i) => self::request($api.'/tasks?per_page=50')),
            'GET /round, 400 plants' => self::time(fn(int $i) => self::request($api.'/round'), 10, 2),
            'POST /season/away, a week, 400 plants' => self::time(fn(int $i) => self::request($api.'/season/away', ['days' => 7]), 5, 1),
            'GET /today' => self::time(fn(int $i) => self::request($api.'/today')),
        ];
    }

    /** @return non-empty-list<array<string, mixed>> */
    private static function rows(PDO $database, string $query): array
    {
        $found = $database->query($query);
        $rows = $found === false ? [] : $found->fetchAll(PDO::FETCH_ASSOC);

        return $rows === [] ? throw new RuntimeException('nothing found: '.$query) : array_values($rows);
    }

    /**
     * @param callable(int): CurlHandle $request
     *
     * @return array{float, float}
     */
    private static function time(callable $request, int $calls = self::CALLS, int $warmUp = self::WARM_UP): array
    {
        $times = [];
        for ($i = 0; $i < $calls; ++$i) {
            $handle = $request($i);
            self::body($handle);
            $times[] = curl_getinfo($handle, CURLINFO_TOTAL_TIME) * 1000.0;
        }
        $times = array_slice($times, $warmUp);
        sort($times);

        return [$times[intdiv(count($times), 2)], $times[(int) (0.95 * count($times))]];
    }

    /**
     * @param array<string, mixed> $question
     *
     * @return array<string, mixed>
     */
    private static function varied(array $question, int $i): array
    {
        $question['parts'][0]['parts'] = 1 + $i % 9;

        return $question;
    }

    /** @param array<string, mixed>|null $body */
    private static function request(string $address, ?array $body = null): CurlHandle
    {
        $handle = curl_init($address) ?: throw new RuntimeException('no curl');
        curl_setopt($handle, CURLOPT_RETURNTRANSFER, true);
        if ($body !== null) {
            curl_setopt_array($handle, [CURLOPT_POSTFIELDS => json_encode($body, JSON_THROW_ON_ERROR), CURLOPT_HTTPHEADER => ['Content-Type: application/json', ...Session::headers((string) preg_replace('~/api/v1/.*~', '', $address))]]);
        }

        return $handle;
    }

    private static function body(CurlHandle $handle): string
    {
        $body = curl_exec($handle);
        $code = curl_getinfo($handle, CURLINFO_HTTP_CODE);
        if (! is_string($body) || $code !== 200) {
            throw new RuntimeException(curl_getinfo($handle, CURLINFO_EFFECTIVE_URL).' answered '.$code);
        }

        return $body;
    }
}
