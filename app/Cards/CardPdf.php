<?php

declare(strict_types=1);

namespace App\Cards;

use Dompdf\Dompdf;
use Illuminate\Contracts\View\Factory;
use RushHold\Wording\Units;

/** A card as a PDF, one page a hold, black on white, in the typefaces of the screen. */
final readonly class CardPdf
{
    public function __construct(private Factory $views) {}

    /** @param  list<array<string, mixed>>  $pages */
    public function of(string $name, array $pages, Paper $paper, Units $units): string
    {
        if (! is_dir(self::fonts())) {
            mkdir(self::fonts(), 0o775, true);
        }
        $pdf = new Dompdf(self::options() + ['allowedProtocols' => ['data://' => ['rules' => []]]]);
        $pdf->setPaper($paper->value);
        $pdf->addInfo('Title', $name);
        $pdf->loadHtml(
            $this->views
                ->make('card.pdf', [
                    'name' => $name,
                    'pages' => $pages,
                    'scale' => $paper->scale(),
                    'figure' => AimFigure::svg(...),
                    'length' => $units->length(...),
                    'text' => self::drawable(...),
                ])
                ->render(),
        );
        $pdf->render();

        return (string) $pdf->output();
    }

    /** Where the typefaces lie that {@see \App\Console\Commands\FontsMake} has made ready. */
    public static function fonts(): string
    {
        return storage_path('app/fonts');
    }

    /** @return array<string, mixed> */
    public static function options(): array
    {
        return [
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'isJavascriptEnabled' => false,
            'defaultFont' => 'DejaVu Sans',
            'isFontSubsettingEnabled' => true,
            'fontDir' => self::fonts(),
            'fontCache' => self::fonts(),
            'tempDir' => self::fonts(),
            'chroot' => [resource_path('views/card'), self::fonts()],
        ];
    }

    /** A text with only what can be drawn: pictures among the letters, which no typeface on paper has, are told by their names. */
    public static function drawable(string $text): string
    {
        return (string) preg_replace_callback(
            '/[\x{10000}-\x{10FFFF}]\x{FE0F}?/u',
            static function (array $found): string {
                $name = \IntlChar::charName(mb_substr($found[0], 0, 1));

                return $name !== '' ? '('.mb_strtolower($name).')' : '';
            },
            $text,
        );
    }
}
