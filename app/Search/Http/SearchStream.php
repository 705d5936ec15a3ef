<?php

declare(strict_types=1);

namespace App\Search\Http;

use App\Search\FewestQuestion;
use App\Search\SearchProcess;
use App\Search\SearchSlot;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Zolbek\Core\Verdict\Search\MixSearch;

/**
 * A search as an answer of lines, each a JSON object: first the shelf, then how far it has come and what was found, last the end. At most two run at once; a third
 * waits and says so, more are refused. As soon as nobody reads any more its process is ended.
 */
final class SearchStream
{
    private const LONGEST_WAIT_S = 120;
    private const BEAT_US = 50_000;

    /**
     * @param list<array<string, mixed>> $shelf
     * @param array<string, mixed>       $more  what the first line tells beside the shelf
     */
    public static function of(MixSearch|FewestQuestion $question, array $shelf, array $more = []): StreamedResponse
    {
        $slot = SearchSlot::take();
        $queue = $slot === null ? (SearchSlot::queue() ?? throw new TooManyRequestsHttpException(10)) : null;

        return new StreamedResponse(static function () use ($question, $shelf, $more, $slot, $queue): void {
            ignore_user_abort(true);
            set_time_limit(0);
            self::say(['kind' => 'shelf', 'shelf' => $shelf, ...$more]);
            $slot ??= self::waited();
            $queue?->free();
            if ($slot === null) {
                return;
            }
            $process = new SearchProcess($question);
            try {
                $last = '';
                foreach ($process->lines() as $line) {
                    if (! self::send($line."\n")) {
                        return;
                    }
                    $last = $line === '' ? $last : $line;
                }
                if (! str_contains($last, '"kind":"end"') && ! str_contains($last, '"kind":"refused"')) {
                    self::say(['kind' => 'failed']);
                }
            } finally {
                $process->end();
                $slot->free();
            }
        }, 200, ['Content-Type' => 'application/x-ndjson', 'Cache-Control' => 'no-store', 'X-Accel-Buffering' => 'no']);
    }

    /** A place once one is free; null where nobody reads any more, or it took too long. */
    private static function waited(): ?SearchSlot
    {
        self::say(['kind' => 'waiting']);
        for ($beat = 0; $beat * self::BEAT_US < self::LONGEST_WAIT_S * 1e6; ++$beat) {
            $slot = SearchSlot::take();
            if ($slot !== null) {
                return $slot;
            }
            if (! self::send("\n")) {
                return null;
            }
            usleep(self::BEAT_US);
        }
        self::say(['kind' => 'failed']);

        return null;
    }

    /** @param array<string, mixed> $line */
    private static function say(array $line): bool
    {
        return self::send(json_encode($line, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)."\n");
    }

    /** Whether somebody still reads. */
    private static function send(string $text): bool
    {
        echo $text;
        if (ob_get_level() > 0 && ! app()->runningUnitTests()) {
            ob_flush();
        }
        flush();

        return connection_aborted() === 0;
    }
}
