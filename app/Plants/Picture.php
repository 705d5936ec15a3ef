<?php

declare(strict_types=1);

namespace App\Plants;

use GdImage;
use Zolbek\Core\Basis\Input\Refused;

/**
 * A photograph as it is kept: drawn anew, so that nothing but what is to be seen comes along (a camera writes down where and when it stood, and a yard would give away
 * where its trees stand); upright, no larger than a screen shows, and once more as small as a list shows it.
 */
final class Picture
{
    public const TYPES = ['image/jpeg' => 'jpg', 'image/png' => 'png', 'image/webp' => 'webp'];
    /** Pixels of a picture that is still unpacked, and of a side. */
    public const MOST_PIXELS = 40_000_000;
    private const MOST_SIDE = 12_000;
    private const KEPT_SIDE = 2400;
    private const SMALL_SIDE = 320;
    private const QUALITY = 86;
    /** Unpacked, a pixel takes four bytes, and the picture is there twice while it is turned. */
    private const MEMORY = '768M';

    /** Turned by so many degrees against the clock, and mirrored, by the number that a camera writes (Exif 2.3, tag 0x0112). */
    private const TURNS = [2 => [0, true], 3 => [180, false], 4 => [180, true], 5 => [90, true], 6 => [270, false], 7 => [270, true], 8 => [90, false]];

    private function __construct(public readonly string $mime, public readonly string $bytes, public readonly string $small, public readonly int $width, public readonly int $height) {}

    /** @throws Refused field "file" for what is no picture, is too large, or ends half-way */
    public static function read(string $bytes): self
    {
        // its size and type are told by its first bytes, before anything is unpacked
        $size = $bytes === '' ? false : @getimagesizefromstring($bytes);
        if ($size === false || ! isset(self::TYPES[$size['mime']])) {
            throw Refused::because('file', 'not_a_picture', $size === false ? null : $size['mime']);
        }
        [0 => $width, 1 => $height, 'mime' => $mime] = $size;
        if (max($width, $height) > self::MOST_SIDE || $width * $height > self::MOST_PIXELS) {
            throw Refused::because('file', 'picture_pixels', $width.' × '.$height, ['max' => self::MOST_SIDE, 'all' => self::MOST_PIXELS / 1_000_000]);
        }
        ini_set('memory_limit', self::MEMORY);
        $image = self::isCut($bytes, $mime) ? false : @imagecreatefromstring($bytes);
        if (! $image instanceof GdImage) {
            throw Refused::because('file', 'picture_broken');
        }
        $image = self::fitted(self::upright($image, $mime, $bytes), self::KEPT_SIDE);

        return new self($mime, self::written($image, $mime), self::written(self::fitted($image, self::SMALL_SIDE), $mime), imagesx($image), imagesy($image));
    }

    /** Whether it carries nothing of a camera or a program, as far as that is written where it usually is. */
    public static function isPlain(string $bytes): bool
    {
        return preg_match('/Exif\x00|ns\.adobe\.com\/xap|Photoshop 3\.0|eXIf|iTXt|tEXt|zTXt|WEBPVP8X.*(?:EXIF|XMP )/s', $bytes) === 0;
    }

    /** Whether a file is called as pictures are, large or small; one that is half written is not. */
    public static function isName(string $file): bool
    {
        return preg_match('/^[A-Za-z0-9]{1,64}(?:\.small)?\.(?:jpg|png|webp)$/', $file) === 1;
    }

    /** The name of its small one beside it. */
    public static function smallName(string $file): string
    {
        return (string) preg_replace('/\.(\w+)$/', '.small.$1', $file);
    }

    /** Whether it ends before its end, which would be filled up with grey. */
    private static function isCut(string $bytes, string $mime): bool
    {
        return match ($mime) {
            'image/jpeg' => ! str_contains(substr($bytes, -65_536), "\xFF\xD9"),
            'image/png' => ! str_contains(substr($bytes, -65_536), 'IEND'),
            default => strlen($bytes) < 12 || strlen($bytes) < 8 + (unpack('V', substr($bytes, 4, 4)) ?: [1 => PHP_INT_MAX])[1],
        };
    }

    private static function upright(GdImage $image, string $mime, string $bytes): GdImage
    {
        if ($mime !== 'image/jpeg' || ! function_exists('exif_read_data')) {
            return $image;
        }
        $stream = fopen('php://temp', 'r+');
        if ($stream === false) {
            return $image;
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $told = @exif_read_data($stream);
        fclose($stream);
        [$degrees, $isMirrored] = self::TURNS[$told === false ? 1 : $told['Orientation'] ?? 1] ?? [0, false];
        if ($isMirrored) {
            imageflip($image, IMG_FLIP_HORIZONTAL);
        }
        $turned = $degrees === 0 ? $image : imagerotate($image, $degrees, 0);

        return $turned === false ? $image : $turned;
    }

    private static function fitted(GdImage $image, int $most): GdImage
    {
        imagepalettetotruecolor($image);
        $side = max(imagesx($image), imagesy($image));
        $smaller = $side <= $most ? $image : imagescale($image, max(1, (int) round(imagesx($image) * $most / $side)), max(1, (int) round(imagesy($image) * $most / $side)));

        return $smaller === false ? $image : $smaller;
    }

    private static function written(GdImage $image, string $mime): string
    {
        imagealphablending($image, false);
        imagesavealpha($image, true);
        ob_start();
        match ($mime) {
            'image/jpeg' => imagejpeg($image, null, self::QUALITY),
            'image/png' => imagepng($image),
            default => imagewebp($image, null, self::QUALITY),
        };

        return (string) ob_get_clean();
    }
}
