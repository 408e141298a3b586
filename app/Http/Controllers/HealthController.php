<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\IpUtils;

/** Whether all is well: one word for a balancer, and part by part for whoever looks after this copy. */
final readonly class HealthController extends Controller
{
    /** Without a word for so long, a worker is said to be missing, in seconds. */
    private const SILENT_S = 30;

    /** Free space below which the disk is said to be short, in bytes. */
    private const SHORT_BYTES = 500_000_000;

    /** Answers without the store, however it is. */
    public function word(): string
    {
        return 'ok';
    }

    /** From this machine, or with the token of the operator. 200 when all is well, 503 when something is not. */
    public function full(Request $request): JsonResponse
    {
        $token = (string) config('rushhold.health_token');
        $local = IpUtils::checkIp((string) $request->ip(), ['127.0.0.0/8', '::1']);
        if (! $local && ($token === '' || ! hash_equals($token, (string) $request->bearerToken()))) {
            abort(404);
        }
        $parts = ['store' => $this->store(), 'worker' => self::worker(), 'disk' => self::disk(), 'log' => self::log()];
        $well = ! in_array(false, array_column($parts, 'well'), true);

        return new JsonResponse(['well' => $well] + $parts, $well ? 200 : 503, ['Cache-Control' => 'no-store']);
    }

    /** @return array{well: bool, message: string} */
    private function store(): array
    {
        $from = hrtime(true);
        try {
            $waiting = DB::table('jobs')->count();
        } catch (\Throwable $away) {
            return ['well' => false, 'message' => 'does not answer: '.mb_strcut($away->getMessage(), 0, 120)];
        }

        return [
            'well' => true,
            'message' => sprintf(
                'answers in %.1f ms; %d portions of work wait',
                (hrtime(true) - $from) / 1e6,
                $waiting,
            ),
        ];
    }

    /** @return array{well: bool, message: string} */
    private static function worker(): array
    {
        $beat = @filemtime((string) config('rushhold.beat'));
        $silent = $beat === false ? null : time() - $beat;

        return match (true) {
            $silent === null => ['well' => false, 'message' => 'none has been here; sweeps wait'],
            $silent > self::SILENT_S => ['well' => false, 'message' => "silent for {$silent} s; sweeps wait"],
            default => ['well' => true, 'message' => "there {$silent} s ago"],
        };
    }

    /** @return array{well: bool, message: string} */
    private static function disk(): array
    {
        $free = (float) @disk_free_space(storage_path());

        return ['well' => $free > self::SHORT_BYTES, 'message' => sprintf('%.1f GB free', $free / 1e9)];
    }

    /** @return array{well: bool, message: string} */
    private static function log(): array
    {
        $file = storage_path('logs/rush-hold-'.date('Y-m-d').'.log');

        return [
            'well' => true,
            'message' => is_file($file)
                ? sprintf('%d KB written today', (int) (filesize($file) / 1000))
                : 'nothing written today',
        ];
    }
}
