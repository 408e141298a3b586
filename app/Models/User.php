<?php

declare(strict_types=1);

namespace App\Models;

use App\Jobs\MailPasswordLink;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Account;
use Illuminate\Support\Carbon;
use Laravel\Sanctum\HasApiTokens;
use RushHold\Assumptions\Assumptions;
use RushHold\Wording\Units;

/**
 * An account; everything else belongs to one.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property array<string, mixed> $settings
 * @property array<string, float> $assumptions as the person has chosen them
 * @property ?array<string, array{value: float, frames: int}> $learnt figures of the person's own frames that are used in place of those, by name
 * @property ?array<string, array<string, string|float>> $subjects those of the account's own, by name
 * @property bool $is_demo the demo everybody gets a copy of; nobody signs in to it
 * @property int $picture_bytes how long the pictures of all its frames are, {@see \App\Log\Counts\Tallies}
 * @property ?string $filled_by the run that puts an archive into it: until that ends nobody else reads or writes anything in it
 * @property ?Carbon $demo_until when this copy of the demo goes; null for an account of its own
 */
final class User extends Account
{
    /** @use HasApiTokens<KeyRecord> */
    use HasApiTokens;

    /** Settings and the values each may take; the first is the default. */
    public const SETTINGS = [
        'theme' => ['paper', 'dusk', 'ember'],
        'units' => ['metric', 'imperial'],
        'letters' => ['on', 'off'],
    ];

    protected $attributes = ['filled_by' => null];

    protected $fillable = ['name', 'email', 'password', 'settings', 'assumptions', 'learnt', 'subjects', 'is_demo', 'demo_until'];

    /** The run as which this acts on it. */
    private ?string $fills = null;

    protected $hidden = ['password', 'remember_token'];

    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'settings' => 'array',
            'assumptions' => 'array',
            'learnt' => 'array',
            'subjects' => 'array',
            'is_demo' => 'boolean',
            'demo_until' => 'datetime',
        ];
    }

    /** Names this account to its own browser, by which what is kept there is told apart; it says nothing else. */
    public function key(): string
    {
        return substr(hash_hmac('sha256', 'account '.$this->id, (string) config('app.key')), 0, 16);
    }

    /**
     * Within a transaction: from here to its end nobody else makes a record of this account, so that what there is can be counted and
     * found exactly.
     *
     * @throws ProblemException while an archive is put into it by somebody else
     */
    public function inTurn(): void
    {
        $now = self::query()->whereKey($this->id)->lockForUpdate()->first(['id', 'filled_by']);
        if ($now?->filled_by !== null && $now->filled_by !== $this->fills) {
            throw self::isBeingFilled();
        }
    }

    /** The same, for the run that puts an archive into it. */
    public function filling(string $run): self
    {
        $this->fills = $run;

        return $this;
    }

    public static function isBeingFilled(): ProblemException
    {
        return new ProblemException(
            new Problem(
                'being-filled',
                409,
                'An archive is put into this account',
                'It can be used when that is done.',
            ),
        );
    }

    /** Whether this is somebody's copy of the demo, which goes by itself. */
    public function isVisitor(): bool
    {
        return $this->demo_until !== null;
    }

    /** The account of an address as somebody writes it; null where there is none. */
    public static function ofAddress(mixed $address): ?self
    {
        return self::query()->where('email', self::address(is_string($address) ? $address : ''))->first();
    }

    /** An address as it is kept and compared: addresses that look alike are not the same. */
    public static function address(string $typed): string
    {
        $address = mb_strtolower(trim($typed));

        return \Normalizer::normalize($address, \Normalizer::FORM_C) ?: $address;
    }

    /** Mails the link to a new password, where mail is set up. */
    public function sendPasswordResetNotification($token): void
    {
        MailPasswordLink::dispatch($this->email, url('/reset/'.$token.'?email='.rawurlencode($this->email)));
    }

    /** @return HasMany<GearRecord, $this> */
    public function gear(): HasMany
    {
        return $this->hasMany(GearRecord::class);
    }

    /** @return HasMany<KitRecord, $this> */
    public function kits(): HasMany
    {
        return $this->hasMany(KitRecord::class);
    }

    /** @return HasMany<RushRecord, $this> */
    public function rushes(): HasMany
    {
        return $this->hasMany(RushRecord::class);
    }

    /** @return HasMany<LayoutRecord, $this> */
    public function layouts(): HasMany
    {
        return $this->hasMany(LayoutRecord::class);
    }

    /** @return HasMany<CardRecord, $this> */
    public function cards(): HasMany
    {
        return $this->hasMany(CardRecord::class);
    }

    /** @return HasMany<PlaceRecord, $this> */
    public function places(): HasMany
    {
        return $this->hasMany(PlaceRecord::class);
    }

    /** @return HasMany<OutingRecord, $this> */
    public function outings(): HasMany
    {
        return $this->hasMany(OutingRecord::class);
    }

    /** @return HasMany<RunRecord, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(RunRecord::class);
    }

    /** @return HasMany<FileRecord, $this> */
    public function files(): HasMany
    {
        return $this->hasMany(FileRecord::class);
    }

    /** @return HasMany<BurstRecord, $this> */
    public function bursts(): HasMany
    {
        return $this->hasMany(BurstRecord::class);
    }

    /** @return HasMany<PromiseRecord, $this> */
    public function promises(): HasMany
    {
        return $this->hasMany(PromiseRecord::class);
    }

    /** @return HasMany<FrameRecord, $this> */
    public function frames(): HasMany
    {
        return $this->hasMany(FrameRecord::class);
    }

    /** @return HasMany<LogActRecord, $this> */
    public function logActs(): HasMany
    {
        return $this->hasMany(LogActRecord::class);
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

    /** @return array<string, float> figures that are not as they are assumed to be: the person's own frames' before those they have chosen */
    public function figures(): array
    {
        $learnt = array_intersect_key($this->learnt ?? [], Assumptions::all());

        return array_map(static fn (array $own): float => (float) $own['value'], $learnt) + $this->assumptions;
    }

    /** @return ?array{value: float, frames: int} a figure of the person's own frames; null where it is not used */
    public function learntOf(string $name): ?array
    {
        return $this->learnt[$name] ?? null;
    }

    public function assumed(): Assumptions
    {
        return Assumptions::kept($this->figures());
    }
}
