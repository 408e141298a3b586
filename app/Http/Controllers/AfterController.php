<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\Day\After;
use App\Log\Day\AfterPdf;
use App\Models\OutingRecord;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What a day out has come to, once its frames are home. */
final readonly class AfterController extends Controller
{
    public function __construct(private After $after) {}

    public function show(Request $request, OutingRecord $outing): JsonResponse
    {
        return new JsonResponse(['as_of' => self::asOf()] + $this->after->of($outing, $this->user($request)));
    }

    public function pdf(Request $request, OutingRecord $outing, AfterPdf $pdf): Response
    {
        $name = Str::slug($outing->name) ?: 'outing';

        return response($pdf->of($this->after->of($outing, $this->user($request))), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"after-{$name}.pdf\"",
        ]);
    }
}
