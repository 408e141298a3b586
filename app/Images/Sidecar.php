<?php

declare(strict_types=1);

namespace App\Images;

use Symfony\Component\Process\Process;

/**
 * What other programs read beside a photograph: how many stars it has and how it is labelled, in the open standard for that. Debian's
 * program for metadata writes it, once for each stars and label there are.
 */
final class Sidecar
{
    private const PATIENCE_S = 20.0;

    /** @var array<string, string> by stars and label */
    private array $written = [];

    /**
     * @param  ?int  $stars  0 to 5; null where nobody has given any
     *
     * @throws \RuntimeException when it cannot be written here
     */
    public function of(?int $stars, string $label): string
    {
        return $this->written["{$stars} {$label}"] ??= $this->write($stars, $label);
    }

    private function write(?int $stars, string $label): string
    {
        $file = tempnam(sys_get_temp_dir(), 'rush-hold-sidecar');
        unlink($file);
        $order = ['exiftool', '-q', '-o', $file.'.xmp', '-XMP:Label='.$label];
        if ($stars !== null) {
            $order[] = '-XMP:Rating='.$stars;
        }
        $tool = new Process($order, timeout: self::PATIENCE_S);
        $tool->run();
        $text = (string) @file_get_contents($file.'.xmp');
        @unlink($file.'.xmp');

        return $text !== '' ? $text : throw new \RuntimeException('No sidecar came: '.$tool->getErrorOutput());
    }
}
