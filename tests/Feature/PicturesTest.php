<?php

declare(strict_types=1);

use App\Plants\Models\Photo;
use App\Plants\PhotoStore;
use App\Plants\Picture;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Collection;
use Tests\Feature\Contract;
use Zolbek\Core\Basis\Input\Refused;

const HIDDEN = 'behind the third gate, 44.2017 N';

/** A picture so wide and high, red on the left and blue on the right. */
function drawn(string $type = 'jpeg', int $width = 40, int $height = 20): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefilledrectangle($image, 0, 0, intdiv($width, 2) - 1, $height, 0xFF0000);
    imagefilledrectangle($image, intdiv($width, 2), 0, $width, $height, 0x0000FF);
    ob_start();
    ('image'.$type)($image);

    return (string) ob_get_clean();
}

/** As a camera writes it: how it was held, and where it stood. */
function ofCamera(int $orientation, int $width = 40, int $height = 20): string
{
    $text = HIDDEN."\0";
    $tiff = "II*\0".pack('V', 8).pack('v', 2).pack('vvVvv', 0x0112, 3, 1, $orientation, 0).pack('vvVV', 0x010E, 2, strlen($text), 8 + 2 + 24 + 4).pack('V', 0).$text;
    $exif = "Exif\0\0".$tiff;

    return substr_replace(drawn('jpeg', $width, $height), "\xFF\xE1".pack('n', strlen($exif) + 2).$exif, 2, 0);
}

/** red or blue */
function colourAt(GdImage $image, float $x, float $y): string
{
    $colour = imagecolorat($image, (int) ($x * (imagesx($image) - 1)), (int) ($y * (imagesy($image) - 1)));

    return ($colour >> 16 & 0xFF) > ($colour & 0xFF) ? 'red' : 'blue';
}

/** @return list<string> of the folder of pictures */
function pictureFiles(): array
{
    return array_map(basename(...), glob(PhotoStore::folder().'/*') ?: []);
}

beforeEach(function (): void {
    config(['database.connections.sqlite.database' => sys_get_temp_dir().'/zolbek-pictures-'.getmypid().'/here.sqlite']);
    $this->plant = Collection::plant();
    $this->send = fn(string $bytes, string $type = 'image/jpeg', string $more = ''): TestResponse => $this->call('POST', "/api/v1/plants/{$this->plant->id}/photos?subject=roots$more", server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'], content: $bytes);
});

afterEach(function (): void {
    array_map(unlink(...), glob(PhotoStore::folder().'/*') ?: []);
    is_dir(PhotoStore::folder()) && rmdir(PhotoStore::folder());
    is_dir(dirname(PhotoStore::folder())) && rmdir(dirname(PhotoStore::folder()));
});

test('where a camera stood is not kept, in the picture as little as in its small one', function (): void {
    expect(ofCamera(1))->toContain(HIDDEN);
    $kept = ($this->send)(ofCamera(1))->assertCreated();
    Contract::check($kept, 'Photo');
    expect(pictureFiles())->toHaveCount(2);
    foreach (pictureFiles() as $file) {
        $bytes = (string) file_get_contents(PhotoStore::folder().'/'.$file);
        expect($bytes)->not->toContain(HIDDEN)->and($bytes)->not->toContain('Exif')->and(Picture::isPlain($bytes))->toBeTrue();
    }
    foreach (['url', 'small_url'] as $which) {
        expect($this->get($kept->json($which))->assertOk()->getFile()->getContent())->not->toContain(HIDDEN);
    }
});

test('it stands upright however the camera was held', function (int $orientation, int $width, int $height, string $leftTop, string $rightBottom): void {
    $picture = Picture::read(ofCamera($orientation));
    $image = imagecreatefromstring($picture->bytes);
    expect([$picture->width, $picture->height])->toBe([$width, $height])->and([imagesx($image), imagesy($image)])->toBe([$width, $height])
        ->and(colourAt($image, 0.1, 0.1))->toBe($leftTop)->and(colourAt($image, 0.9, 0.9))->toBe($rightBottom);
})->with([
    'as it is' => [1, 40, 20, 'red', 'blue'], 'mirrored' => [2, 40, 20, 'blue', 'red'], 'upside down' => [3, 40, 20, 'blue', 'red'], 'upside down and mirrored' => [4, 40, 20, 'red', 'blue'],
    'across' => [7, 20, 40, 'blue', 'red'], 'on its side' => [6, 20, 40, 'red', 'blue'], 'on its other side' => [8, 20, 40, 'blue', 'red'], 'on its side and mirrored' => [5, 20, 40, 'red', 'blue'], 'nonsense' => [77, 40, 20, 'red', 'blue'],
]);

test('a large one is kept as large as a screen shows, and once more for lists', function (string $type): void {
    $picture = Picture::read(drawn($type, 3000, 1500));
    $small = getimagesizefromstring($picture->small);
    expect([$picture->width, $picture->height])->toBe([2400, 1200])->and([$small[0], $small[1]])->toBe([320, 160])->and($small['mime'])->toBe($picture->mime)
        ->and(strlen($picture->small))->toBeLessThan(strlen($picture->bytes));
    $tiny = Picture::read(drawn($type, 7, 3));
    expect([$tiny->width, $tiny->height])->toBe([7, 3]);
})->with(['jpeg', 'png', 'webp']);

test('how large it is unpacked is asked before it is unpacked', function (): void {
    // a head that claims 60,000 by 60,000 pixels: 14 GB, were it unpacked
    $head = "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NNCCCCC', 60_000, 60_000, 8, 6, 0, 0, 0);
    $bomb = $head.pack('N', crc32(substr($head, 12))).str_repeat("\0", 100).'IEND';
    $before = memory_get_peak_usage();
    ($this->send)($bomb, 'image/png')->assertUnprocessable()->assertJsonPath('errors.0.rule', 'picture_pixels');
    expect(memory_get_peak_usage() - $before)->toBeLessThan(8_000_000)->and(pictureFiles())->toBe([]);
});

test('what ends half-way or is none is refused and leaves no file', function (string $bytes, string $rule): void {
    ($this->send)($bytes)->assertUnprocessable()->assertJsonPath('errors.0.rule', $rule)->assertJsonPath('errors.0.path', 'file');
    expect(pictureFiles())->toBe([])->and(Photo::query()->count())->toBe(0);
})->with([
    'half of one' => [fn(): string => substr(drawn('jpeg', 400, 200), 0, 900), 'picture_broken'], 'half a PNG' => [fn(): string => substr(drawn('png', 400, 200), 0, 300), 'picture_broken'],
    'half a WebP' => [fn(): string => substr(drawn('webp', 400, 200), 0, 60), 'picture_broken'], 'a text' => ['GIF89a, or not', 'not_a_picture'], 'nothing' => ['', 'not_a_picture'],
]);

test('a picture of an entry that is not there, or of another plant, is refused and leaves no file', function (): void {
    ($this->send)(drawn(), more: '&day_plant_id=77')->assertUnprocessable()->assertJsonPath('errors.0.path', 'day_plant_id');
    $day = $this->postJson('/api/v1/days', ['name' => 'Spring', 'planned_on' => now()->toDateString()])->json('id');
    $other = Collection::plant(['name' => 'Other']);
    $this->postJson("/api/v1/days/$day/plants", ['plant_ids' => [$other->id], 'recipe_id' => Collection::recipe()->id, 'pot_id' => $other->pot_id])->assertSuccessful();
    $entry = (int) DB::table('day_plants')->value('id');
    ($this->send)(drawn(), more: "&day_plant_id=$entry")->assertUnprocessable()->assertJsonPath('errors.0.rule', 'entry_missing');
    expect(pictureFiles())->toBe([])->and(Photo::query()->count())->toBe(0);
    DB::table('day_plants')->update(['plant_id' => $this->plant->id]);
    ($this->send)(drawn(), more: "&day_plant_id=$entry")->assertCreated();
});

test('pictures of before are cleaned once, and what is clean already stays as it is', function (): void {
    ($this->send)(drawn('png'), 'image/png')->assertCreated();
    ($this->send)(drawn('jpeg'))->assertCreated();
    [$clean, $old] = Photo::query()->orderBy('id')->get()->all();
    $bytes = (string) file_get_contents(PhotoStore::path($clean));
    file_put_contents(PhotoStore::path($old), ofCamera(6));
    foreach ([$clean, $old] as $photo) {
        unlink(PhotoStore::path($photo, isSmall: true));
    }
    PhotoStore::clean();
    expect(file_get_contents(PhotoStore::path($old)))->not->toContain(HIDDEN)->and($old->refresh()->only(['width', 'height']))->toBe(['width' => 20, 'height' => 40])
        ->and(file_get_contents(PhotoStore::path($clean)))->toBe($bytes)->and(is_file(PhotoStore::path($clean, isSmall: true)))->toBeTrue();
    $then = (string) file_get_contents(PhotoStore::path($old));
    PhotoStore::clean();
    expect(file_get_contents(PhotoStore::path($old)))->toBe($then);
    // what cannot be read any more is left alone
    unlink(PhotoStore::path($old, isSmall: true));
    file_put_contents(PhotoStore::path($old), 'worn');
    PhotoStore::clean();
    expect(file_get_contents(PhotoStore::path($old)))->toBe('worn');
    expect(static fn() => Picture::read('worn'))->toThrow(Refused::class);
});

test('one that is taken away takes its small one along', function (): void {
    $kept = ($this->send)(drawn())->assertCreated();
    $this->delete($kept->json('url'))->assertNoContent();
    expect(pictureFiles())->toBe([]);
});
