<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Common\Archivable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A yard of the installation, with data of its own: the first one in the folder of the data, each other one in a folder beneath.
 *
 * @property int         $id
 * @property string      $name
 * @property string      $folder      beneath that of the data
 * @property Carbon|null $archived_at
 */
final class Yard extends Model
{
    use Archivable;

    public const FIRST = 1;

    protected $connection = 'people';
    protected $attributes = ['archived_at' => null];

    /** @return list<self> */
    public static function here(): array
    {
        return array_values(self::query()->where('archived_at', null)->get()->sortBy('name', SORT_NATURAL | SORT_FLAG_CASE)->all());
    }

    /** The file of its data. */
    public function database(): string
    {
        $first = (string) config('database.first');

        return $this->folder === '' ? $first : dirname($first).'/'.$this->folder.'/zolbek.sqlite';
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['archived_at' => 'datetime'];
    }
}
