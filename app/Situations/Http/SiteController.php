<?php

declare(strict_types=1);

namespace App\Situations\Http;

use App\Common\Meanwhile;
use App\Http\ArchiveSwitch;
use App\Http\PagedList;
use App\Situations\Actions\SaveSite;
use App\Situations\Models\Site;
use App\Situations\MonthSheet;
use App\Situations\SiteFields;
use App\Situations\TypicalClimates;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Places with their monthly climate. */
final readonly class SiteController
{
    public function index(Request $request): JsonResponse
    {
        $query = Site::query();
        PagedList::inArchive($query, $request->boolean('archived'));
        PagedList::named($query, $request->string('search')->trim()->value());

        return PagedList::of($query, $request, ['name', 'id'], self::present(...));
    }

    public function store(Request $request, SaveSite $save): JsonResponse
    {
        return new JsonResponse(self::present($save(new Site(), $request->json()->all())), 201);
    }

    public function update(Request $request, Site $site, SaveSite $save): JsonResponse
    {
        return new JsonResponse(self::present(Meanwhile::keep($site, $request->json()->all(), SiteFields::names(), self::present(...), static fn(array $input): Site => $save($site, $input))));
    }

    public function archive(Request $request, Site $site): JsonResponse
    {
        $site->setArchived(ArchiveSwitch::read($request));

        return new JsonResponse(self::present($site));
    }

    /** What a site can begin with. */
    public function climates(TypicalClimates $climates): JsonResponse
    {
        return new JsonResponse(['data' => $climates->all()]);
    }

    /** Months out of a CSV file, for a form that is still being filled in; nothing is kept. */
    public function months(Request $request): JsonResponse
    {
        return new JsonResponse(['months' => MonthSheet::read((string) $request->getContent())]);
    }

    /** @return array<string, mixed> schema Site */
    private static function present(Site $site): array
    {
        $climate = $site->climate();

        return [
            'id' => $site->id,
            ...$site->only(['revision', 'latitude', 'altitude_m', ...array_keys(SiteFields::all())]),
            'months' => array_map(static fn(array $month): array => [...array_fill_keys(MonthSheet::COLUMNS, null), ...$month], $site->floats()),
            'thaw_days' => $climate->thawDays,
            'hottest_month' => $climate->hottestMonth,
            'et0_mm_day' => $climate->et0MmDay,
            'archived' => $site->isArchived(),
        ];
    }
}
