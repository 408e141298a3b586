<?php

declare(strict_types=1);

namespace App\Log\Day;

use App\Cards\CardPdf;
use Dompdf\Dompdf;
use Illuminate\Contracts\View\Factory;

/** What a day out has come to, on one page. */
final readonly class AfterPdf
{
    public function __construct(private Factory $views) {}

    /** @param  array<string, mixed>  $after  {@see After::of()} */
    public function of(array $after): string
    {
        $pdf = new Dompdf(CardPdf::options() + ['allowedProtocols' => ['data://' => ['rules' => []]]]);
        $pdf->setPaper('a4');
        $pdf->loadHtml(
            $this->views->make('log.after', ['after' => $after, 'text' => CardPdf::drawable(...)])->render(),
        );
        $pdf->render();

        return (string) $pdf->output();
    }
}
