<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\Yard;
use App\People\OpenYard;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use RuntimeException;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Another yard, with what ships and nothing else; another name for one. */
final readonly class SaveYard
{
    /**
     * @param array<mixed> $input `{name}`
     *
     * @throws Refused naming the field
     */
    public function add(array $input): Yard
    {
        return DB::connection('people')->transaction(static function () use ($input): Yard {
            $yard = Yard::query()->create(['name' => self::name($input, null), 'folder' => 'yards/'.bin2hex(random_bytes(6))]);
            File::ensureDirectoryExists(dirname($yard->database()), 0o700);
            $code = OpenYard::during($yard, static fn(): int => Artisan::call('zolbek:prepare', ['--yard' => $yard->id]));
            if ($code !== 0) {
                throw new RuntimeException('No yard could be made at '.$yard->database());
            }

            return $yard;
        });
    }

    /**
     * @param array<mixed> $input `{name}`
     *
     * @throws Refused naming the field
     */
    public function change(Yard $yard, array $input): Yard
    {
        return DB::connection('people')->transaction(static function () use ($yard, $input): Yard {
            $yard->fill(['name' => self::name($input, $yard)])->save();

            return $yard;
        });
    }

    /** @throws Refused for the first one, which is always there */
    public function archive(Yard $yard, bool $archived): Yard
    {
        if ($yard->id === Yard::FIRST && $archived) {
            throw Refused::because('archived', 'first_yard');
        }
        $yard->setArchived($archived);

        return $yard;
    }

    /** @param array<mixed> $input */
    private static function name(array $input, ?Yard $yard): string
    {
        $refusals = new Refusals();
        $name = trim(Fields::of($input, ['name'], $refusals)->text('name', 60));
        if ($name !== '' && Yard::query()->where('id', '!=', $yard->id ?? 0)->whereRaw('lower(name) = lower(?)', [$name])->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }
        $refusals->throwIfAny();

        return $name;
    }
}
