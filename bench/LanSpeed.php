<?php

declare(strict_types=1);

namespace Bench;

use CurlHandle;
use Tests\Browser\Lan;
use Tests\Browser\Session;

/** The real server with several clients that ask without pause: nine questions to one write, each over a connection of its own. */
final class LanSpeed
{
    private const READS = ['plants?per_page=50', 'components?per_page=50', 'plants/1', 'pots?per_page=50', 'tasks?state=open&per_page=50', 'recipes?per_page=50', 'days?per_page=20', 'diary?per_page=50', 'session'];

    /** @return array{int, int, float, float} requests, those that failed, p50 and p95 in ms */
    public static function measure(Lan $lan, int $clients, float $seconds): array
    {
        $all = curl_multi_init();
        $headers = Session::headers($lan->desk);
        $turn = array_fill(0, $clients, 0);
        $begun = [];
        $took = [];
        $faults = 0;
        $ask = static function (CurlHandle $one, int $client) use ($all, $lan, $headers, &$turn, &$begun): void {
            $step = $turn[$client]++ % 10;
            // each begins elsewhere, so that not all write at once
            $step = ($step + $client) % 10;
            $isWrite = $step === 9;
            $path = $isWrite ? 'plants/'.(1 + $client % 20).'/events' : self::READS[$step];
            curl_setopt_array($one, [CURLOPT_URL => $lan->desk.'/api/v1/'.$path, CURLOPT_HTTPGET => ! $isWrite, CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', ...$headers]]);
            if ($isWrite) {
                curl_setopt($one, CURLOPT_POSTFIELDS, '{"kind":"note","text":"Seen"}');
            }
            $begun[$client] = microtime(true);
            curl_multi_add_handle($all, $one);
        };
        $ones = [];
        for ($client = 0; $client < $clients; ++$client) {
            $ones[$client] = curl_init();
            curl_setopt_array($ones[$client], [CURLOPT_RETURNTRANSFER => true, CURLOPT_PRIVATE => (string) $client, CURLOPT_TIMEOUT => 30]);
            $ask($ones[$client], $client);
        }
        $until = microtime(true) + $seconds;
        do {
            curl_multi_exec($all, $running);
            while (($done = curl_multi_info_read($all)) !== false) {
                $one = $done['handle'];
                $client = (int) curl_getinfo($one, CURLINFO_PRIVATE);
                $took[] = 1000.0 * (microtime(true) - $begun[$client]);
                $faults += (int) (curl_getinfo($one, CURLINFO_RESPONSE_CODE) >= 400 || $done['result'] !== CURLE_OK);
                curl_multi_remove_handle($all, $one);
                if (microtime(true) < $until) {
                    $ask($one, $client);
                }
            }
            curl_multi_select($all, 0.05);
        } while ($running > 0 || microtime(true) < $until);
        sort($took);

        return [count($took), $faults, $took[intdiv(count($took), 2)], $took[(int) (0.95 * count($took))]];
    }
}
