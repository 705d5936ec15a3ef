<?php

declare(strict_types=1);

namespace App\Plants\Http;

use App\Plants\Models\Photo;
use App\Plants\Models\Plant;
use App\Plants\PhotoStore;
use App\Plants\PlantPresenter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final readonly class PhotoController
{
    public function store(Request $request, Plant $plant): JsonResponse
    {
        $about = array_map(static fn(mixed $value): mixed => is_string($value) && ctype_digit($value) ? (int) $value : $value, $request->only(['subject', 'caption', 'taken_on', 'day_plant_id']));

        return new JsonResponse(PlantPresenter::photo(PhotoStore::keep($plant, (string) $request->getContent(), array_filter($about, static fn(mixed $value): bool => $value !== null))), 201);
    }

    public function show(Request $request, Photo $photo): BinaryFileResponse
    {
        $small = PhotoStore::path($photo, isSmall: true);
        $path = $request->query('size') === 'small' && is_file($small) ? $small : PhotoStore::path($photo);
        abort_unless(is_file($path), 404);

        return new BinaryFileResponse($path, 200, ['Content-Type' => $photo->mime, 'X-Content-Type-Options' => 'nosniff', 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    public function destroy(Photo $photo): Response
    {
        PhotoStore::remove($photo);

        return new Response('', 204);
    }
}
