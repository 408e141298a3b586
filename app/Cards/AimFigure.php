<?php

declare(strict_types=1);

namespace App\Cards;

use RushHold\Rush\KindId;
use RushHold\Rush\Posture;

/** The frame with subject, AF area and aim as a picture for paper: black on white, at true proportions. */
final class AimFigure
{
    private const WIDTH = 600;

    /**
     * @param  array<string, mixed>  $figure  of a page of a card
     */
    public static function svg(array $figure): string
    {
        $height = (self::WIDTH * $figure['frame_height_m']) / $figure['frame_width_m'];
        $at = static fn (array $point): array => [$point['x'] * self::WIDTH, $point['y'] * $height];
        [$aimX, $aimY] = $at($figure['aim']);
        [$wide, $high] = [$figure['area']['width'], $figure['area']['height']];
        [$areaX, $areaY] = $at($figure['area']);

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%d" height="%.0f" viewBox="0 0 %1$d %2$.0f">',
            self::WIDTH,
            $height,
        ).
            sprintf(
                '<rect x="1.5" y="1.5" width="%d" height="%.0f" fill="#ffffff" stroke="#000000" stroke-width="3"/>',
                self::WIDTH - 3,
                $height - 3,
            ).
            '<clipPath id="f"><rect x="3" y="3" fill="none" width="'.(self::WIDTH - 6).'" height="'.round($height - 6).'"/></clipPath>'.
            '<g clip-path="url(#f)">'.
            self::subject($figure, $height).
            '</g>'.
            '<path d="'.
            self::hexagon($areaX, $areaY, $wide * self::WIDTH, $high * $height, $height).
            '" fill="none" stroke="#000000" stroke-width="4"/>'.
            sprintf(
                '<circle cx="%.1f" cy="%.1f" r="9" fill="#ffffff" stroke="#000000" stroke-width="4"/>',
                $aimX,
                $aimY,
            ).
            '</svg>';
    }

    /** An AF area as on the screen: a long hexagon of its true size, kept inside the frame by a hair so that its edge shows. */
    private static function hexagon(float $x, float $y, float $width, float $high, float $frame): string
    {
        $left = max(4.0, $x - $width / 2);
        $right = min(self::WIDTH - 4.0, $x + $width / 2);
        $top = max(4.0, $y - $high / 2);
        $bottom = min($frame - 4.0, $y + $high / 2);
        $nose = min(($right - $left) * 0.22, ($bottom - $top) * 0.4, 50.0);
        $cut = min(($bottom - $top) / 2, $nose * 1.7);
        $corners = [
            [$left, $top + $cut],
            [$left + $nose, $top],
            [$right - $nose, $top],
            [$right, $top + $cut],
            [$right, $bottom - $cut],
            [$right - $nose, $bottom],
            [$left + $nose, $bottom],
            [$left, $bottom - $cut],
        ];

        return 'M'.
            implode('L', array_map(static fn (array $at): string => sprintf('%.1f %.1f', ...$at), $corners)).
            'Z';
    }

    /** @param  array<string, mixed>  $figure */
    private static function subject(array $figure, float $height): string
    {
        $shape = Drawings::shape(KindId::from($figure['kind']), Posture::from($figure['posture']), $figure['end_on']);
        [$x, $y, $width, $tall] = $shape['box'];
        $subject = $figure['subject'];
        $scaleX = ($subject['width'] * self::WIDTH) / $width;
        $scaleY = ($subject['height'] * $height) / $tall;
        $way = $figure['way'] < 0 ? -1 : 1;
        // the drawing is laid with its head under the aim, where the aim is on the head
        [$fromX, $fromY, $toX, $toY] = $figure['on_head']
            ? [$shape['head'][0], $shape['head'][1], $figure['aim']['x'] * self::WIDTH, $figure['aim']['y'] * $height]
            : [$x + $width / 2, $y + $tall / 2, $subject['x'] * self::WIDTH, $subject['y'] * $height];
        $paths = implode(
            '',
            array_map(static fn (string $part): string => '<path d="'.$part.'"/>', $shape['parts']),
        );

        return sprintf(
            '<g fill="#bbbbbb" transform="translate(%.2f %.2f) scale(%.4f %.4f) translate(%.2f %.2f)">%s</g>',
            $toX,
            $toY,
            $scaleX * $way,
            $scaleY,
            -$fromX,
            -$fromY,
            $paths,
        );
    }
}
