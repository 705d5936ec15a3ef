<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Day;
use App\Plants\Models\Photo;
use App\Plants\Models\Plant;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Pictures of plants in a folder beside the database. What a file is, is told from its bytes, never from its name. */
final class PhotoStore
{
    public const MOST_BYTES = 6_000_000;
    public const TYPES = ['image/jpeg' => 'jpg', 'image/png' => 'png', 'image/webp' => 'webp'];
    private const MOST_PIXELS = 12_000;

    /**
     * @param array<mixed> $about `{subject, caption, taken_on, day_plant_id}`
     *
     * @throws Refused field "file" for what is no picture, or too large; or naming another field
     */
    public static function keep(Plant $plant, string $bytes, array $about): Photo
    {
        $refusals = new Refusals();
        $fields = Fields::of($about, ['subject', 'caption', 'taken_on', 'day_plant_id'], $refusals);
        if (strlen($bytes) > self::MOST_BYTES) {
            $refusals->add(new Refusal('file', 'file_size', strlen($bytes), ['max' => self::MOST_BYTES / 1_000_000]));
        }
        $size = $bytes === '' ? false : @getimagesizefromstring($bytes);
        $mime = $size === false ? '' : $size['mime'];
        if ($size === false || ! isset(self::TYPES[$mime])) {
            $refusals->add(new Refusal('file', 'not_a_picture', $mime === '' ? null : $mime));
        } elseif (max($size[0], $size[1]) > self::MOST_PIXELS) {
            $refusals->add(new Refusal('file', 'picture_pixels', max($size[0], $size[1]), ['max' => self::MOST_PIXELS]));
        }
        $subject = $fields->oneOf('subject', Photo::SUBJECTS, 'whole');
        $caption = $fields->text('caption', 200, '');
        $taken = Day::optional($fields, 'taken_on', $refusals, 0) ?? Carbon::today();
        $entry = $fields->has('day_plant_id') ? $fields->integer('day_plant_id', 1, PHP_INT_MAX) : null;
        $refusals->throwIfAny();
        assert($size !== false);

        $file = Str::random(32).'.'.self::TYPES[$mime];
        File::ensureDirectoryExists(self::folder());
        File::put(self::folder().'/'.$file, $bytes);

        return Photo::query()->create([
            'plant_id' => $plant->id, 'day_plant_id' => $entry, 'subject' => $subject, 'taken_on' => $taken, 'caption' => $caption, 'file' => $file, 'mime' => $mime, 'bytes' => strlen($bytes),
            'width' => $size[0], 'height' => $size[1],
        ]);
    }

    public static function path(Photo $photo): string
    {
        return self::folder().'/'.$photo->file;
    }

    public static function remove(Photo $photo): void
    {
        File::delete(self::path($photo));
        $photo->delete();
    }

    public static function folder(): string
    {
        return dirname((string) config('database.connections.sqlite.database')).'/photos';
    }
}
