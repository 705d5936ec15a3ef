<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Common\Archivable;
use App\People\Role;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User;
use Illuminate\Support\Carbon;

/**
 * Somebody who works in the yard. Passwords and PINs are kept as what the framework hashes them to.
 *
 * @property int         $id
 * @property string      $name
 * @property Role        $role
 * @property string|null $password null where nobody signs in by one
 * @property string|null $pin      for devices that are known
 * @property Carbon|null $archived_at
 * @property Carbon|null $created_at
 * @property Collection<int, Device> $devices
 */
final class Person extends User
{
    use Archivable;

    protected $connection = 'people';
    protected $attributes = ['password' => null, 'pin' => null, 'archived_at' => null];
    protected $hidden = ['password', 'pin'];

    /** @return HasMany<Device, $this> */
    public function devices(): HasMany
    {
        return $this->hasMany(Device::class);
    }

    public static function owners(): int
    {
        return self::query()->where('role', Role::Owner->value)->whereNull('archived_at')->count();
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed', 'pin' => 'hashed', 'archived_at' => 'datetime'];
    }
}
