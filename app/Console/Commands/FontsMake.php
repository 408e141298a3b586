<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Cards\CardPdf;
use App\Cards\Woff;
use Dompdf\Dompdf;
use Illuminate\Console\Command;

/** Makes the product's typefaces ready for paper, from the web fonts of its pages; bin/start and a deployment run it once. */
final class FontsMake extends Command
{
    protected $signature = 'fonts:make';

    protected $description = 'Makes the typefaces ready for PDF.';

    /** Family on paper, weight, file; what one file lacks the next has ({@see CardPdf}). */
    private const FONTS = [
        [
            'Read',
            'normal',
            '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-%s-400-normal.woff',
        ],
        ['Read', 'bold', '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-%s-600-normal.woff'],
        ['Big', 'normal', '@fontsource/saira-semi-condensed/files/saira-semi-condensed-%s-500-normal.woff'],
        ['Serif', 'normal', '@fontsource/literata/files/literata-%s-600-normal.woff'],
    ];

    /** A font with what people are called elsewhere (Debian's fonts-droid-fallback, Apache License 2.0). */
    private const EVERYWHERE = '/usr/share/fonts/truetype/droid/DroidSansFallbackFull.ttf';

    public function handle(): int
    {
        $folder = CardPdf::fonts();
        if (! is_dir($folder)) {
            mkdir($folder, 0o775, true);
        }
        $pdf = new Dompdf(CardPdf::options() + ['allowedProtocols' => ['file://' => ['rules' => []]]]);
        foreach (self::FONTS as [$family, $weight, $file]) {
            foreach (['' => 'latin', ' Ext' => 'latin-ext'] as $part => $letters) {
                $ttf = Woff::unpacked(
                    (string) file_get_contents(base_path('node_modules/'.sprintf($file, $letters))),
                );
                $this->register($pdf, $family.$part, $weight, $ttf);
            }
        }
        if (is_file(self::EVERYWHERE)) {
            foreach (['normal', 'bold'] as $weight) {
                $this->register($pdf, 'Everywhere', $weight, (string) file_get_contents(self::EVERYWHERE));
            }
        } else {
            $this->warn(
                'Names in scripts of East Asia will be boxes on paper: install fonts-droid-fallback and run this again.',
            );
        }

        return self::SUCCESS;
    }

    private function register(Dompdf $pdf, string $family, string $weight, string $ttf): void
    {
        $file = CardPdf::fonts().'/source-'.md5($family.$weight).'.ttf';
        file_put_contents($file, $ttf);
        if (
            ! $pdf
                ->getFontMetrics()
                ->registerFont(['family' => $family, 'weight' => $weight, 'style' => 'normal'], 'file://'.$file)
        ) {
            throw new \RuntimeException("The font {$family} could not be made ready.");
        }
        unlink($file);
    }
}
