<?php

declare(strict_types=1);

namespace App\Cards;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\Factory;
use RushHold\Units;

/** A card as a PDF, one page a hold, black on white. */
final readonly class CardPdf
{
    public function __construct(private Factory $views) {}

    /** @param  list<array<string, mixed>>  $sheets */
    public function of(string $name, array $sheets, Paper $paper, Units $units): string
    {
        $folder = storage_path('app/pdf');
        if (! is_dir($folder)) {
            mkdir($folder, 0755, true);
        }
        $pdf = new Dompdf(new Options([
            'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isJavascriptEnabled' => false, 'defaultFont' => 'DejaVu Sans', 'isFontSubsettingEnabled' => true,
            'fontCache' => $folder, 'tempDir' => $folder, 'chroot' => resource_path('views/card'), 'allowedProtocols' => ['data://' => ['rules' => []]],
        ]));
        $pdf->setPaper($paper->value);
        $pdf->addInfo('Title', $name);
        $pdf->loadHtml($this->views->make('card.pdf', [
            'name' => $name, 'sheets' => $sheets, 'scale' => $paper->scale(), 'figure' => AimFigure::svg(...), 'length' => $units->length(...),
        ])->render());
        $pdf->render();

        return (string) $pdf->output();
    }
}
