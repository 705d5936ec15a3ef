<?php

declare(strict_types=1);

namespace App\Trainer\Http;

use App\Common\Author;
use App\Trainer\Answered;
use App\Trainer\Models\TrainerAnswer;
use App\Trainer\TrainerPots;
use App\Trainer\TrainerQuestions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Made-up pots for new helpers: guessed, answered, and how one gets better. */
final readonly class TrainerController
{
    private const DAYS = 60;

    public function show(TrainerPots $pots): JsonResponse
    {
        $told = array_map(static function (array $pot) use ($pots): array {
            $questions = new TrainerQuestions($pots->setup($pot['id']));

            return [...$pot, 'stick_day' => $questions->stickDay, 'choices' => $questions->choices];
        }, $pots->all());

        return new JsonResponse(['pots' => $told, 'looks' => TrainerQuestions::looks(), 'scores' => self::scores(), 'done' => self::done()]);
    }

    public function answer(Request $request, string $pot, Answered $answered): JsonResponse
    {
        return new JsonResponse([...$answered((int) $pot, $request->json()->all()), 'scores' => self::scores()], 201);
    }

    /** @return list<array{on: string, share: float, pots: int}> one's own by day, of all that could be had */
    private static function scores(): array
    {
        $query = TrainerAnswer::query();
        $query->where('person', Author::name());
        $query->toBase()->selectRaw('date(answered_at) as day, avg(points) as share, count(*) as n')->groupByRaw('1')->orderByRaw('1 desc')->limit(self::DAYS);
        $rows = [];
        foreach ($query->toBase()->get() as $row) {
            $rows[] = ['on' => (string) $row->day, 'share' => (float) $row->share, 'pots' => intdiv((int) $row->n, 5)];
        }

        return array_reverse($rows);
    }

    /** @return list<int> pots that one has answered */
    private static function done(): array
    {
        $query = TrainerAnswer::query();
        $query->where('person', Author::name());
        $query->distinct();

        return array_values($query->orderBy('pot')->pluck('pot')->map(static fn(mixed $pot): int => (int) $pot)->all());
    }
}
