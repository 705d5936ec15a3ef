<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Input;

/**
 * Text that can be written into any file: valid UTF-8, without control characters other than tab and line ends.
 *
 * Source: Unicode general category Cc; what XML 1.0, section 2.2 allows in a spreadsheet. Check: "a\tb" is, "a\0b" and "\x1b[2J" are not.
 */
final class PlainText
{
    public static function is(string $text): bool
    {
        return preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F\x{80}-\x{9F}\x{FFFE}\x{FFFF}]/u', $text) === 0;
    }
}
