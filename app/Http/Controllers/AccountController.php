<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\StarterKit;
use App\Http\Requests\Body;
use App\Models\User;
use Illuminate\Auth\Events\Lockout;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\ValidationException;
use RushHold\Assumptions;
use RushHold\Faults\UnknownChoice;
use RushHold\Faults\UnknownField;

/** Accounts: register, sign in and out, settings, password, deletion with everything in it. */
final readonly class AccountController extends Controller
{
    public function show(Request $request): JsonResponse
    {
        $user = $request->user();

        return new JsonResponse(['user' => $user instanceof User ? self::shape($user) : null, 'demo' => (bool) config('rushhold.demo')]);
    }

    public function register(Request $request, StarterKit $starter): JsonResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'string', 'email', 'max:190', 'unique:users,email'],
            'password' => ['required', 'string', 'max:200', Password::min(10)],
        ], self::messages());
        $user = DB::transaction(static function () use ($given, $starter): User {
            $user = User::query()->create([...$given, 'settings' => [], 'assumptions' => []]);
            $starter->give($user);

            return $user;
        });
        Auth::login($user, true);
        $request->session()->regenerate();

        return new JsonResponse(['user' => self::shape($user)], 201);
    }

    public function signIn(Request $request): JsonResponse
    {
        $given = $request->validate(['email' => ['required', 'string'], 'password' => ['required', 'string']], self::messages());
        if (! Auth::attempt($given, true)) {
            event(new Lockout($request));
            throw ValidationException::withMessages(['email' => 'No account has this address and this password.']);
        }
        $request->session()->regenerate();

        return new JsonResponse(['user' => self::shape($this->user($request))]);
    }

    public function demo(Request $request): JsonResponse
    {
        $user = config('rushhold.demo') ? User::query()->where('email', StarterKit::DEMO_EMAIL)->first() : null;
        if ($user === null) {
            abort(404);
        }
        Auth::login($user);
        $request->session()->regenerate();

        return new JsonResponse(['user' => self::shape($user)]);
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
        $changed = get_object_vars(Body::of($request)->object('settings'));
        foreach ($changed as $name => $value) {
            $values = User::SETTINGS[$name] ?? throw UnknownField::named('settings.'.$name, array_keys(User::SETTINGS));
            if (! is_string($value) || ! in_array($value, $values, true)) {
                throw UnknownChoice::of('settings.'.$name, $value, $values);
            }
        }
        $user = $this->locked($request, static fn (User $user) => $user->update(['settings' => [...$user->allSettings(), ...$changed]]));

        return new JsonResponse(['user' => self::shape($user)]);
    }

    /** Changes assumed figures: {"assumptions": {"panning.settled": 0.8}}; null takes one back to its default. */
    public function assumptions(Request $request): JsonResponse
    {
        $changed = get_object_vars(Body::of($request)->object('assumptions'));
        $user = $this->locked($request, static function (User $user) use ($changed): void {
            $kept = array_filter([...$user->assumptions, ...$changed], static fn (mixed $value): bool => $value !== null);
            Assumptions::with($kept);
            $user->update(['assumptions' => $kept]);
        });

        return new JsonResponse(['user' => self::shape($user)]);
    }

    public function password(Request $request): Response
    {
        $given = $request->validate([
            'current' => ['required', 'string', 'current_password'],
            'password' => ['required', 'string', 'max:200', Password::min(10)],
        ], self::messages());
        $user = $this->user($request);
        $user->forceFill(['password' => $given['password'], 'remember_token' => Str::random(60)])->save();
        DB::table('sessions')->where('user_id', $user->id)->where('id', '!=', $request->session()->getId())->delete();

        return response()->noContent();
    }

    public function destroy(Request $request): Response
    {
        $user = $this->user($request);
        $password = Body::of($request)->text('password', 200);
        if (! Hash::check($password, $user->password)) {
            throw ValidationException::withMessages(['password' => 'That is not your password.']);
        }
        Auth::logout();
        DB::transaction(static function () use ($user): void {
            DB::table('sessions')->where('user_id', $user->id)->delete();
            $user->rushes()->withoutGlobalScope(SoftDeletingScope::class)->forceDelete();
            $user->kits()->delete();
            $user->gear()->withoutGlobalScope(SoftDeletingScope::class)->forceDelete();
            $user->delete();
        });
        $request->session()->invalidate();

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    public static function shape(User $user): array
    {
        return ['name' => $user->name, 'email' => $user->email, 'settings' => $user->allSettings(), 'assumptions' => (object) $user->assumptions];
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

    /** @return array<string, string> */
    private static function messages(): array
    {
        return [
            'name.required' => 'Name is empty; it must be 1 to 120 characters.',
            'name.max' => 'Name is too long; it must be 1 to 120 characters.',
            'email.required' => 'Address is empty; type an e-mail address.',
            'email.email' => 'Address “:input” is not an e-mail address; it must look like you@place.example.',
            'email.unique' => 'Address “:input” has an account already; sign in instead.',
            'password.required' => 'Password is empty; it must be 10 to 200 characters.',
            'password.min' => 'Password is too short; it must be 10 to 200 characters.',
            'password.max' => 'Password is too long; it must be 10 to 200 characters.',
            'current.required' => 'Present password is empty.',
            'current.current_password' => 'That is not your present password.',
        ];
    }
}
