<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RequestBody;
use App\Log\Bursts\LogActs;
use App\Log\Frames\FramePictures;
use App\Models\FrameRecord;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RushHold\Faults\UnknownChoice;
use RushHold\Sharpness\FrameVerdict;

/** Frames: their pictures, and a person's verdict. */
final readonly class FrameController extends Controller
{
    public function __construct(private FramePictures $pictures, private LogActs $acts) {}

    /** One of its pictures: whole, or piece. */
    public function picture(Request $request, FrameRecord $frame, string $which): Response
    {
        abort_unless(in_array($which, FramePictures::BOTH, true), 404);
        $jpeg = $this->pictures->get($frame, $which) ?? abort(404);

        // it never changes under its address but for the piece, which a second look may cut elsewhere; nobody else may keep it
        $answer = response($jpeg, 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => $which === FramePictures::WHOLE ? 'private, max-age=86400, immutable' : 'private, max-age=0, must-revalidate',
            'ETag' => '"'.md5($jpeg).'"',
        ]);
        $answer->isNotModified($request);

        return $answer;
    }

    /** What a person says of it; null takes that back. */
    public function eye(Request $request, FrameRecord $frame): JsonResponse
    {
        $user = $this->user($request);
        $told = RequestBody::of($request)->optionalText('verdict', 12);
        $verdict = $told === null ? null : FrameVerdict::tryFrom($told);
        if ($told !== null && ($verdict === null || $verdict === FrameVerdict::Unclear)) {
            $known = array_diff(array_column(FrameVerdict::cases(), 'value'), [FrameVerdict::Unclear->value]);
            throw UnknownChoice::of('verdict', $told, array_values($known));
        }
        if ($frame->eye !== $verdict) {
            $this->acts->do($user, 'verdict on '.$frame->name, $frame->burst_id, [], [
                $frame->id => ['eye' => $verdict?->value],
            ]);
        }

        return new JsonResponse(['id' => $frame->id, 'eye' => $verdict?->value]);
    }
}
