<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Deletion;
use App\Accounts\DemoCopies;
use App\Accounts\Passwords;
use App\Accounts\StarterKit;
use App\Http\Requests\RequestBody;
use App\Jobs\GoOnDeleting;
use App\Limits\Quota;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Auth\SessionGuard;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\ValidationException;
use RushHold\Assumptions\Assumptions;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnknownChoice;
use RushHold\Faults\UnknownField;
use RushHold\Faults\WrongType;
use RushHold\Rush\OwnSubject;

/** Accounts: register, sign in and out, settings, passwords, deletion with everything in it. */
final readonly class AccountController extends Controller
{
    /** Devices one account may be signed in on at once. */
    private const DEVICES = 30;

    /** Subjects of one's own, at the most. */
    private const SUBJECTS = 200;

    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse(['user' => $user instanceof User ? self::shape($user) : null] + self::offers());
    }

    /** @return array{demo: bool, mail: bool} what a visitor may choose from */
    public static function offers(): array
    {
        return ['demo' => (bool) config('rushhold.demo'), 'mail' => self::mails()];
    }

    public function register(Request $request, StarterKit $starter): JsonResponse
    {
        $body = RequestBody::of($request);
        $name = $body->text('name');
        $email = self::address($body);
        $password = self::password($body, 'password');
        if (filter_var($email, FILTER_VALIDATE_EMAIL, FILTER_FLAG_EMAIL_UNICODE) === false) {
            throw self::refused(
                'email',
                "Address “{$email}” is not an e-mail address; it must look like you@place.example.",
            );
        }
        Passwords::refuse('password', $password);
        try {
            $user = DB::transaction(static function () use ($name, $email, $password, $starter): User {
                $user = User::query()->create([
                    'name' => $name,
                    'email' => $email,
                    'password' => $password,
                    'settings' => [],
                    'assumptions' => [],
                ]);
                $starter->give($user);

                return $user;
            });
        } catch (UniqueConstraintViolationException) {
            throw self::refused('email', "Address “{$email}” has an account already; sign in instead.");
        }

        return $this->let($request, $user, $body->flag('keep', true), 201);
    }

    public function signIn(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);
        $email = self::address($body);
        $password = self::password($body, 'password');
        $user = User::query()->where('email', $email)->first();
        if (! Passwords::isRight($user, $password) || $user === null) {
            throw self::refused('email', 'No account has this address and this password.');
        }

        return $this->let($request, $user, $body->flag('keep', true));
    }

    /** A copy of the demo for this visitor; who has one goes on with it. */
    public function demo(Request $request, DemoCopies $copies): JsonResponse
    {
        $present = $request->user();
        if ($present instanceof User && $present->isVisitor()) {
            return new JsonResponse(['user' => self::shape($present)]);
        }
        $copy = config('rushhold.demo') ? $copies->another() : null;

        return $copy === null ? abort(404) : $this->let($request, $copy, false);
    }

    public function signOut(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }

    public function settings(Request $request): JsonResponse
    {
        $changed = get_object_vars(RequestBody::of($request)->names('settings', 20));
        foreach ($changed as $name => $value) {
            $values =
                User::SETTINGS[$name] ?? throw UnknownField::named('settings.'.$name, array_keys(User::SETTINGS));
            if (! is_string($value) || ! in_array($value, $values, true)) {
                throw UnknownChoice::of('settings.'.$name, $value, $values);
            }
        }
        $user = $this->locked(
            $request,
            static fn (User $user) => $user->update(['settings' => [...$user->allSettings(), ...$changed]]),
        );

        return new JsonResponse(['user' => self::shape($user)]);
    }

    /** Changes assumed figures: {"assumptions": {"panning.settled": 0.8}}; null takes one back to its default. */
    public function assumptions(Request $request): JsonResponse
    {
        $changed = get_object_vars(RequestBody::of($request)->names('assumptions', count(Assumptions::all())));
        $new = array_filter($changed, static fn (mixed $value): bool => $value !== null);
        Assumptions::with($new);
        $user = $this->locked($request, static function (User $user) use ($changed, $new): void {
            $user->update(['assumptions' => $new + array_diff_key($user->assumptions, $changed)]);
        });

        return new JsonResponse(['user' => self::shape($user)]);
    }

    /** Keeps subjects of one's own by name: {"subjects": {"wombat": {"kind": "small-mammal", …}}}; null lets one go. */
    public function subjects(Request $request): JsonResponse
    {
        $changed = $new = [];
        foreach (get_object_vars(RequestBody::of($request)->names('subjects', self::SUBJECTS)) as $name => $given) {
            $name = (string) $name;
            if ($name !== trim($name) || $name === '' || mb_strlen($name) > OwnSubject::NAME) {
                throw TextOutOfBounds::of('subjects', $name, sprintf('named by 1 to %d characters', OwnSubject::NAME));
            }
            $changed[$name] = true;
            if ($given !== null) {
                $new[$name] = OwnSubject::fromArray(
                    $given instanceof \stdClass
                        ? get_object_vars($given)
                        : throw WrongType::of('subjects.'.$name, $given, 'an object'),
                )->toArray();
            }
        }
        $user = $this->locked($request, static function (User $user) use ($changed, $new): void {
            $kept = $new + array_diff_key($user->subjects ?? [], $changed);
            if (count($kept) > self::SUBJECTS) {
                throw TextOutOfBounds::of('subjects', count($kept).' subjects', sprintf('at most %d', self::SUBJECTS));
            }
            $user->update(['subjects' => $kept]);
        });

        return new JsonResponse(['user' => self::shape($user)]);
    }

    /** How much room this account has and has used. */
    public function room(Request $request, Quota $quota): JsonResponse
    {
        return new JsonResponse(['quota' => $quota->of($this->user($request))]);
    }

    public function newPassword(Request $request): Response
    {
        $user = $this->ownAccount($request);
        $body = RequestBody::of($request);
        $password = self::password($body, 'password');
        if (! Passwords::isRight($user, $current = self::password($body, 'current'))) {
            throw self::refused('current', 'That is not your present password.');
        }
        Passwords::refuse('password', $password);
        if ($password === $current) {
            throw self::refused('password', 'That is the password you have; choose another.');
        }
        $kept = $request->hasCookie(
            Auth::guard('web') instanceof SessionGuard ? Auth::guard('web')->getRecallerName() : '',
        );
        $request->session()->regenerate(true);
        Passwords::set($user, $password, $request->session()->getId());
        // known again on this device, if it was
        Auth::login($user, $kept);

        return response()->noContent();
    }

    /** Mails a link to a new password, where mail is set up. Says the same whether or not there is such an account. */
    public function forgotten(Request $request): JsonResponse
    {
        $email = self::address(RequestBody::of($request));
        if (! self::mails()) {
            throw new ProblemException(
                new Problem(
                    'no-mail',
                    409,
                    'This copy sends no mail',
                    'Ask whoever looks after it for a link to a new password: php artisan account:reset makes one.',
                ),
            );
        }
        Password::broker()->sendResetLink(['email' => $email, 'is_demo' => false, 'demo_until' => null]);

        return new JsonResponse([
            'message' => 'If there is an account with this address, a link is on its way. It is good for an hour.',
        ]);
    }

    /** Sets a new password by a link that was mailed or handed out. */
    public function reset(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);
        $password = self::password($body, 'password');
        Passwords::refuse('password', $password);
        $status = Password::broker()->reset(
            ['email' => self::address($body), 'token' => $body->text('token', 100), 'password' => $password],
            static fn (User $user) => Passwords::set($user, $password, null),
        );
        if ($status !== Password::PASSWORD_RESET) {
            throw self::refused('token', 'This link has ended or was used already. Ask for another.');
        }

        return new JsonResponse(['message' => 'Your password is set. Sign in with it.']);
    }

    public function destroy(Request $request, Deletion $deletion): Response
    {
        $user = $this->ownAccount($request);
        if (! Passwords::isRight($user, self::password(RequestBody::of($request), 'password'))) {
            throw self::refused('password', 'That is not your password.');
        }
        Auth::logout();
        $deletion->seal($user);
        if (! $deletion->portion($user)) {
            GoOnDeleting::dispatch($user->id);
        }
        $request->session()->invalidate();

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    public static function shape(User $user): array
    {
        return [
            'key' => $user->key(),
            'name' => $user->name,
            'email' => $user->email,
            'settings' => $user->allSettings(),
            'assumptions' => (object) $user->assumptions,
            'learnt' => (object) ($user->learnt ?? []),
            'subjects' => (object) ($user->subjects ?? []),
            'demo_until' => $user->demo_until?->toIso8601ZuluString(),
            'is_filled' => $user->filled_by !== null,
        ];
    }

    private function let(Request $request, User $user, bool $keep, int $status = 200): JsonResponse
    {
        Auth::login($user, $keep);
        $request->session()->regenerate();
        // on so many devices at once; those not used for longest are out
        DB::table('sessions')
            ->whereIn(
                'id',
                DB::table('sessions')
                    ->where('user_id', $user->id)
                    ->orderByDesc('last_activity')
                    ->skip(self::DEVICES - 1)
                    ->take(1000)
                    ->pluck('id'),
            )
            ->delete();

        return new JsonResponse(['user' => self::shape($user)], $status);
    }

    /** @throws ProblemException for a copy of the demo, which has no password and goes by itself */
    private function ownAccount(Request $request): User
    {
        $user = $this->user($request);

        return $user->isVisitor()
            ? throw new ProblemException(
                new Problem(
                    'demo',
                    403,
                    'This is a copy of the demo',
                    'It has no password, and goes by itself after a day. Make an account to keep what you do.',
                ),
            )
            : $user;
    }

    /**
     * Changes the account as it stands now: two changes at once both count.
     *
     * @param  \Closure(User): mixed  $change
     */
    private function locked(Request $request, \Closure $change): User
    {
        return DB::transaction(function () use ($request, $change): User {
            /** @var User $user */
            $user = User::query()->whereKey($this->user($request)->id)->lockForUpdate()->firstOrFail();
            $change($user);
            Auth::setUser($user);

            return $user;
        });
    }

    private static function address(RequestBody $body): string
    {
        return User::address($body->text('email', 190));
    }

    /** A password as it was typed. */
    private static function password(RequestBody $body, string $field): string
    {
        $password = $body->longText($field);

        return strlen($password) <= 1000 ? $password : throw self::refused($field, 'That is too long for a password.');
    }

    private static function refused(string $field, string $message): ValidationException
    {
        return ValidationException::withMessages([$field => $message]);
    }

    private static function mails(): bool
    {
        return ! in_array(config('mail.default'), [null, '', 'log', 'null'], true);
    }
}
