<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Day;
use App\Common\Setting;
use App\Plants\Models\Photo;
use App\Plants\Models\Plant;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use RuntimeException;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Pictures of plants in a folder beside the database. What a file is, is told from its bytes, never from its name. */
final class PhotoStore
{
    public const MOST_BYTES = 6_000_000;
    private const CLEANED = 'pictures_cleaned';

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
        $picture = strlen($bytes) > self::MOST_BYTES ? null : $refusals->during('', static fn(): Picture => Picture::read($bytes));
        $subject = $fields->oneOf('subject', Photo::SUBJECTS, 'whole');
        $caption = $fields->text('caption', 200, '');
        $taken = Day::optional($fields, 'taken_on', $refusals, 0) ?? Carbon::today();
        $entry = $fields->has('day_plant_id') ? $fields->integer('day_plant_id', 1, PHP_INT_MAX) : null;
        if ($entry !== null && ! DB::table('day_plants')->where('id', $entry)->where('plant_id', $plant->id)->exists()) {
            $refusals->add(new Refusal('day_plant_id', 'entry_missing', $entry));
        }
        $refusals->throwIfAny();
        assert($picture instanceof Picture);

        return DB::transaction(static function () use ($plant, $picture, $entry, $subject, $taken, $caption): Photo {
            $photo = Photo::query()->create([
                'plant_id' => $plant->id, 'day_plant_id' => $entry, 'subject' => $subject, 'taken_on' => $taken, 'caption' => $caption, 'file' => Str::random(32).'.'.Picture::TYPES[$picture->mime],
                'mime' => $picture->mime, 'bytes' => strlen($picture->bytes), 'width' => $picture->width, 'height' => $picture->height,
            ]);
            self::write($photo->file, $picture->bytes, $picture->small);

            return $photo;
        });
    }

    /** Pictures of before: once, not at every start. */
    public static function cleanOnce(): void
    {
        if (! Setting::query()->whereKey(self::CLEANED)->exists()) {
            self::clean();
            Setting::query()->create(['key' => self::CLEANED, 'value' => ['at' => Carbon::now()->toIso8601String()]]);
        }
    }

    /** Pictures of before, or of another yard: whatever a camera wrote into them is taken out, and each gets its small one. */
    public static function clean(): void
    {
        foreach (Photo::query()->lazyById(50) as $photo) {
            $path = self::path($photo);
            if (! is_file($path) || is_file(self::path($photo, isSmall: true))) {
                continue;
            }
            $bytes = (string) file_get_contents($path);
            try {
                $picture = Picture::read($bytes);
            } catch (Refused) {
                continue; // it was taken once; it is shown as it is
            }
            $isPlain = Picture::isPlain($bytes);
            self::write($photo->file, $isPlain ? $bytes : $picture->bytes, $picture->small);
            if (! $isPlain) {
                $photo->fill(['mime' => $picture->mime, 'bytes' => strlen($picture->bytes), 'width' => $picture->width, 'height' => $picture->height])->save();
            }
        }
    }

    private static function write(string $file, string $bytes, string $small): void
    {
        File::ensureDirectoryExists(self::folder());
        foreach ([$file => $bytes, Picture::smallName($file) => $small] as $name => $content) {
            // whole under its name at once
            if (File::put(self::folder().'/'.$name.'.part', $content) !== strlen($content) || ! rename(self::folder().'/'.$name.'.part', self::folder().'/'.$name)) {
                throw new RuntimeException("The picture $name could not be written.");
            }
        }
    }

    public static function path(Photo $photo, bool $isSmall = false): string
    {
        return self::folder().'/'.($isSmall ? Picture::smallName($photo->file) : $photo->file);
    }

    public static function remove(Photo $photo): void
    {
        File::delete([self::path($photo), self::path($photo, isSmall: true)]);
        $photo->delete();
    }

    public static function folder(): string
    {
        return dirname((string) config('database.connections.sqlite.database')).'/photos';
    }
}
