<?php

declare(strict_types=1);

namespace App\People;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;

/** Passwords and PINs as they are chosen. */
final class SecretFields
{
    public const PASSWORD_LEAST = 10;

    /** What the framework's hash takes in; what is longer would be cut off unseen. */
    private const PASSWORD_MOST_BYTES = 72;

    public static function newPassword(Fields $fields, Refusals $refusals, string $name = 'password'): string
    {
        $password = $fields->text($name, 200);
        if ($password !== '' && (mb_strlen($password) < self::PASSWORD_LEAST || strlen($password) > self::PASSWORD_MOST_BYTES)) {
            $refusals->add(new Refusal($name, 'password', null, ['least' => self::PASSWORD_LEAST, 'most' => self::PASSWORD_MOST_BYTES]));
        }

        return $password;
    }

    public static function newPin(Fields $fields, Refusals $refusals): string
    {
        $pin = $fields->text('pin', 12);
        if ($pin !== '' && (preg_match('/^\d{4,8}$/', $pin) !== 1 || preg_match('/^(\d)\1*$/', $pin) === 1 || str_contains('01234567890', $pin))) {
            $refusals->add(new Refusal('pin', 'pin'));
        }

        return $pin;
    }
}
