<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Account;
use RushHold\Assumptions;
use RushHold\Units;

/**
 * An account; everything else belongs to one.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property array<string, mixed> $settings
 * @property array<string, float> $assumptions
 */
final class User extends Account
{
    /** Settings and the values each may take; the first is the default. */
    public const SETTINGS = [
        'theme' => ['paper', 'dusk', 'ember'],
        'units' => ['metric', 'imperial'],
        'letters' => ['on', 'off'],
    ];

    protected $fillable = ['name', 'email', 'password', 'settings', 'assumptions'];

    protected $hidden = ['password', 'remember_token'];

    protected function casts(): array
    {
        return ['password' => 'hashed', 'settings' => 'array', 'assumptions' => 'array'];
    }

    /** @return HasMany<Gear, $this> */
    public function gear(): HasMany
    {
        return $this->hasMany(Gear::class);
    }

    /** @return HasMany<Kit, $this> */
    public function kits(): HasMany
    {
        return $this->hasMany(Kit::class);
    }

    /** @return HasMany<Rush, $this> */
    public function rushes(): HasMany
    {
        return $this->hasMany(Rush::class);
    }

    /** @return HasMany<Layout, $this> */
    public function layouts(): HasMany
    {
        return $this->hasMany(Layout::class);
    }

    /** @return HasMany<Card, $this> */
    public function cards(): HasMany
    {
        return $this->hasMany(Card::class);
    }

    /** @return HasMany<Sweep, $this> */
    public function sweeps(): HasMany
    {
        return $this->hasMany(Sweep::class);
    }

    /** @return array<string, string> every setting, defaults filled in */
    public function allSettings(): array
    {
        $all = [];
        foreach (self::SETTINGS as $name => $values) {
            $kept = $this->settings[$name] ?? null;
            $all[$name] = is_string($kept) && in_array($kept, $values, true) ? $kept : $values[0];
        }

        return $all;
    }

    public function units(): Units
    {
        return Units::from($this->allSettings()['units']);
    }

    public function assumed(): Assumptions
    {
        return Assumptions::with($this->assumptions);
    }
}
