<?php

declare(strict_types=1);

namespace App\Cards;

use RushHold\Rush\Catalogue;
use RushHold\Rush\Family;
use RushHold\Rush\KindId;
use RushHold\Rush\Posture;

/** The drawings of subjects (resources/shapes.json), and which stands for what. */
final class Drawings
{
    /** @var ?array<string, mixed> */
    private static ?array $drawn = null;

    /** @return array<string, array<string, string>> the name of a drawing by kind and posture */
    public static function all(): array
    {
        $all = [];
        foreach (KindId::cases() as $kind) {
            foreach (Posture::cases() as $posture) {
                $all[$kind->value][$posture->value] = self::name($kind, $posture);
            }
        }

        return $all;
    }

    /** The drawing of a kind from in front or behind, where there is one; else from the side. */
    private static function seen(string $name, bool $endOn): string
    {
        return $endOn ? self::drawn()['front'][$name] ?? $name : $name;
    }

    public static function name(KindId $kind, Posture $posture): string
    {
        $drawn = self::drawn();

        return match (true) {
            Catalogue::kind($kind)->family !== Family::Bird => $posture === Posture::Tumbling
                ? 'tumbler'
                : $drawn['others'][$kind->value] ?? 'runner',
            $posture === Posture::Stalking => 'heron-stalking',
            $posture === Posture::Afloat => 'duck-afloat',
            $posture === Posture::Perched => $drawn['perched'][$kind->value] ?? 'wader-standing',
            default => $drawn['flying'][$kind->value] ?? 'gull-flying',
        };
    }

    /** @return array{parts: list<string>, box: array{float, float, float, float}, head: array{float, float}} parts to fill, the box they take, where the head is */
    public static function shape(KindId $kind, Posture $posture, bool $endOn = false): array
    {
        return self::drawn()['shapes'][self::seen(self::name($kind, $posture), $endOn)];
    }

    /** @return array<string, mixed> */
    private static function drawn(): array
    {
        return self::$drawn ??= (array) json_decode(
            (string) file_get_contents(__DIR__.'/../../resources/shapes.json'),
            true,
        );
    }
}
