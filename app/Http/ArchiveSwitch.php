<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;

/** The body `{"archived": true|false}`. */
final class ArchiveSwitch
{
    public static function read(Request $request): bool
    {
        $refusals = new Refusals();
        $fields = Fields::of($request->json()->all(), ['archived'], $refusals);
        if (! $fields->has('archived')) {
            $refusals->add(new Refusal('archived', 'required'));
        }
        $archived = $fields->flag('archived', false);
        $refusals->throwIfAny();

        return $archived;
    }
}
