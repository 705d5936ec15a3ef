<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\RecordBenchTest;
use App\Bench\Actions\StartBenchTest;
use App\Bench\Actions\UseBenchTest;
use App\Bench\BenchPresenter;
use App\Bench\Models\BenchTest;
use App\Http\PagedList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Work\BenchTest\TestKind;

final readonly class BenchController
{
    public function plans(): JsonResponse
    {
        return new JsonResponse(['data' => array_map(BenchPresenter::plan(...), TestKind::cases())]);
    }

    public function index(Request $request): JsonResponse
    {
        $query = BenchTest::query();
        $query->where('status', $request->string('status', BenchTest::FINISHED)->value());
        foreach (['component_id', 'lot_id', 'recipe_id'] as $subject) {
            if ($request->filled($subject)) {
                $query->where($subject, $request->integer($subject));
            }
        }
        PagedList::named($query, $request->string('search')->trim()->value());

        return PagedList::of($query, $request, ['started_at', 'name', 'kind'], BenchPresenter::summary(...), '-started_at');
    }

    public function show(BenchTest $test): JsonResponse
    {
        return new JsonResponse(BenchPresenter::present($test));
    }

    public function store(Request $request, StartBenchTest $start): JsonResponse
    {
        return new JsonResponse(BenchPresenter::present($start($request->json()->all())), 201);
    }

    public function update(Request $request, BenchTest $test, RecordBenchTest $record): JsonResponse
    {
        return new JsonResponse(BenchPresenter::present($record->keep($test, $request->json()->all())));
    }

    public function finish(BenchTest $test, RecordBenchTest $record): JsonResponse
    {
        return new JsonResponse(BenchPresenter::present($record->finish($test)));
    }

    public function use(Request $request, BenchTest $test, UseBenchTest $use): JsonResponse
    {
        return new JsonResponse(BenchPresenter::present($use->use($test, self::flag($request, 'in_use'))));
    }

    public function discard(Request $request, BenchTest $test, UseBenchTest $use): JsonResponse
    {
        return new JsonResponse(BenchPresenter::present($use->discard($test, self::flag($request, 'discarded'))));
    }

    private static function flag(Request $request, string $name): bool
    {
        $refusals = new Refusals();
        $fields = Fields::of($request->json()->all(), [$name], $refusals);
        if (! $fields->has($name)) {
            $refusals->add(new Refusal($name, 'required'));
        }
        $flag = $fields->flag($name, false);
        $refusals->throwIfAny();

        return $flag;
    }
}
