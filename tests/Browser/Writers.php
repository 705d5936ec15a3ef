<?php

declare(strict_types=1);

namespace Tests\Browser;

/** Several clients that write without pause: each sends its next request as soon as its last one is answered. */
final class Writers
{
    /** @var list<array{status: int, ms: float, said: string}> what each request was answered */
    public array $answers = [];

    /**
     * @param list<list<array{string, string, array<string, mixed>}>> $clients requests of each, as method, path and body
     */
    public function __construct(private readonly string $address, array $clients)
    {
        $all = curl_multi_init();
        $begun = [];
        foreach (array_keys($clients) as $i) {
            $this->next($all, $clients, $i, $begun);
        }
        do {
            curl_multi_exec($all, $running);
            while (($done = curl_multi_info_read($all)) !== false) {
                $handle = $done['handle'];
                $i = (int) curl_getinfo($handle, CURLINFO_PRIVATE);
                $this->answers[] = ['status' => curl_getinfo($handle, CURLINFO_RESPONSE_CODE), 'ms' => 1000.0 * (microtime(true) - $begun[$i]), 'said' => (string) curl_multi_getcontent($handle)];
                curl_multi_remove_handle($all, $handle);
                $running += $this->next($all, $clients, $i, $begun) ? 1 : 0;
            }
            curl_multi_select($all, 0.05);
        } while ($running > 0);
    }

    /** @return list<string> what went wrong here, not what was refused */
    public function faults(): array
    {
        return array_values(array_map(
            static fn(array $answer): string => $answer['status'].' '.substr($answer['said'], 0, 200),
            array_filter($this->answers, static fn(array $answer): bool => $answer['status'] >= 500 || $answer['status'] < 200),
        ));
    }

    /**
     * @param list<list<array{string, string, array<string, mixed>}>> $clients
     * @param array<int, float>                                       $begun
     */
    private function next(\CurlMultiHandle $all, array &$clients, int $i, array &$begun): bool
    {
        $request = array_shift($clients[$i]);
        if ($request === null) {
            return false;
        }
        [$method, $path, $body] = $request;
        $handle = curl_init($this->address.'/api/v1'.$path);
        assert($handle !== false);
        curl_setopt_array($handle, [
            CURLOPT_CUSTOMREQUEST => $method, CURLOPT_POSTFIELDS => json_encode((object) $body), CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', ...Session::headers($this->address)],
            CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 60, CURLOPT_PRIVATE => (string) $i,
        ]);
        $begun[$i] = microtime(true);
        curl_multi_add_handle($all, $handle);

        return true;
    }

    /**
     * The work of a potting day, for so many helpers: each pots and takes back, uses and counts, and writes notes.
     *
     * @param array<string, mixed> $day  as the API tells it
     * @param list<int>            $components that are used and counted
     *
     * @return list<list<array{string, string, array<string, mixed>}>>
     */
    public static function helpers(array $day, array $components, int $clients, int $rounds): array
    {
        $work = array_fill(0, $clients, []);
        for ($round = 0; $round < $rounds; ++$round) {
            foreach (array_keys($work) as $i) {
                $entry = $day['entries'][($i + $round * $clients) % count($day['entries'])];
                $component = $components[$round % count($components)];
                array_push(
                    $work[$i],
                    ['POST', "/components/$component/movements", ['kind' => 'used', 'litres' => 0.25]],
                    ['POST', '/days/'.$day['id'].'/plants/'.$entry['id'].'/state', ['state' => $round % 2 === 0 ? 'done' : 'planned', 'person' => 'Helper '.$i]],
                    ['POST', "/components/$component/movements", ['kind' => 'count', 'counted_l' => 60 + $i + $round]],
                    ['PUT', '/plants/'.$entry['plant']['id'], ['revision' => 1, 'front' => "Round $round of $i"]],
                    ['POST', '/days/'.$day['id'].'/loads', ['recipe_id' => $entry['recipe']['id'], 'number' => 1, 'person' => 'Helper '.$i]],
                );
            }
        }

        return $work;
    }
}
