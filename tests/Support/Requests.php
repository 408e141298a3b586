<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\User;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use RushHold\Controls\Layout;

/** Every request there is, with a good body for it, and what can be wrong with a body. */
final class Requests
{
    /** What each route with a body reads; a new one must be told here, or the walks over all of them fail. */
    private const READS = [
        'POST api/register' => ['name', 'email', 'password', 'keep'],
        'POST api/sign-in' => ['email', 'password', 'keep'],
        'POST api/password/forgotten' => ['email'],
        'POST api/password/reset' => ['email', 'token', 'password'],
        'POST api/demo' => [],
        'POST api/sign-out' => [],
        'PUT api/settings' => ['settings'],
        'PUT api/assumptions' => ['assumptions'],
        'PUT api/subjects' => ['subjects'],
        'PUT api/password' => ['current', 'password'],
        'DELETE api/account' => ['password'],
        'POST api/account/archive' => [],
        'DELETE api/account/archive' => [],
        'POST api/account/restore' => ['file_ids'],
        'DELETE api/account/restore' => [],
        'POST api/log/out' => [],
        'DELETE api/log/out' => [],
        'POST api/tokens' => ['name', 'scopes', 'days'],
        'DELETE api/tokens/{token}' => [],
        'POST api/gear' => ['type', 'name', 'document', 'write_id'],
        'PUT api/gear/{gear}' => ['revision', 'gesture', 'write_id', 'name', 'document'],
        'POST api/gear/{gear}/undo' => ['revision'],
        'POST api/gear/{gear}/redo' => ['revision'],
        'PUT api/gear/{gear}/camera-state' => ['state', 'by', 'at'],
        'DELETE api/gear/{gear}' => [],
        'POST api/gear/{gear}/restore' => [],
        'PUT api/files/{purpose}/{hash}' => [],
        'DELETE api/files/{file}' => [],
        'POST api/kit-file/preview' => ['file'],
        'POST api/kit-file/photograph' => ['start'],
        'POST api/kit-file' => ['file', 'choices', 'write_id'],
        'PUT api/layouts/{gear}' => ['revision', 'gesture', 'write_id', 'layout'],
        'POST api/layouts/{gear}/undo' => ['revision'],
        'POST api/layouts/{gear}/redo' => ['revision'],
        'POST api/cards' => ['name', 'rushes', 'outing_id', 'write_id'],
        'PUT api/cards/{card}' => ['revision', 'gesture', 'write_id', 'name', 'rushes'],
        'DELETE api/cards/{card}' => [],
        'POST api/cards/{card}/restore' => [],
        'POST api/cards/{card}/undo' => ['revision'],
        'POST api/cards/{card}/redo' => ['revision'],
        'PUT api/cards/{card}/ticks' => ['ticks'],
        'POST api/cards/{card}/share' => ['days'],
        'DELETE api/cards/{card}/share' => [],
        'POST api/places' => ['place', 'write_id'],
        'POST api/places/read' => ['text'],
        'PUT api/places/{place}' => ['revision', 'gesture', 'write_id', 'place'],
        'DELETE api/places/{place}' => [],
        'POST api/places/{place}/restore' => [],
        'POST api/places/{place}/undo' => ['revision'],
        'POST api/places/{place}/redo' => ['revision'],
        'POST api/places/bearing' => ['from', 'to'],
        'POST api/outings' => ['name', 'place_id', 'outing', 'write_id'],
        'PUT api/outings/{outing}' => ['revision', 'gesture', 'write_id', 'name', 'place_id', 'outing'],
        'DELETE api/outings/{outing}' => [],
        'POST api/outings/{outing}/restore' => [],
        'POST api/outings/{outing}/undo' => ['revision'],
        'POST api/outings/{outing}/redo' => ['revision'],
        'DELETE api/log/intake' => [],
        'PUT api/log/learnt/{figure}' => ['is_on'],
        'POST api/log/tables/look' => ['file_id', 'columns', 'days'],
        'POST api/log/tables/take' => ['file_id', 'columns', 'days'],
        'DELETE api/log/tables/{table}' => [],
        'POST api/log/tables/{table}/back' => [],
        'POST api/log/undo' => [],
        'POST api/log/redo' => [],
        'POST api/log/let-go' => ['before'],
        'PUT api/bursts/{burst}/rush' => ['rush_id'],
        'PUT api/bursts/{burst}/subject' => ['frame', 'box'],
        'POST api/bursts/{burst}/split' => ['frame'],
        'POST api/bursts/{burst}/join' => ['with'],
        'POST api/bursts/{burst}/agree' => [],
        'DELETE api/bursts/{burst}' => [],
        'PUT api/frames/{frame}/eye' => ['verdict'],
        'POST api/kits' => ['body_id', 'lens_id'],
        'POST api/rushes' => ['kit_id', 'focal_mm', 'rush', 'write_id'],
        'PUT api/rushes/{rush}' => ['revision', 'gesture', 'write_id', 'kit_id', 'focal_mm', 'rush', 'dials'],
        'DELETE api/rushes/{rush}' => [],
        'POST api/rushes/{rush}/restore' => [],
        'POST api/rushes/{rush}/duplicate' => ['write_id'],
        'POST api/rushes/{rush}/undo' => ['revision'],
        'POST api/rushes/{rush}/redo' => ['revision'],
        'POST api/rushes/{rush}/rehearsal/try' => ['dials'],
        'POST api/rushes/{rush}/rehearsal/take' => ['seed', 'dials'],
        'POST api/rushes/{rush}/sweeps' => ['kind'],
        'DELETE api/sweeps/{sweep}' => [],
        'POST api/plans' => ['rush', 'kit'],
    ];

    /** @return list<array{string, string, Route}> verb, address, route */
    public static function routes(): array
    {
        $all = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            foreach (array_diff($route->methods(), ['HEAD', 'OPTIONS']) as $verb) {
                $all[] = [$verb, $route->uri(), $route];
            }
        }

        return $all;
    }

    /**
     * Every request that takes a body, filled in for this account.
     *
     * @return array<string, array{string, string, Route, array<string, mixed>}> verb, address, route and a good body, by "VERB uri"
     */
    public static function withBody(User $user): array
    {
        $rush = People::rushOf($user);
        $lens = $user->gear()->where('type', 'lens')->firstOrFail();
        $body = $user->gear()->where('type', 'body')->firstOrFail();
        $ids = [
            'rush' => $rush->id,
            'card' => People::cardOf($user, $rush)->id,
            'kit' => People::kitOf($user)->id,
            'sweep' => People::sweepOf($user, $rush)->id,
            'token' => str_repeat('t', 43),
            'scheme' => 'thumb',
            'nothing' => 'x',
            'file' => People::fileOf($user)->id,
            'purpose' => 'kit',
            'hash' => str_repeat('a', 64),
            'place' => People::placeOf($user)->id,
            'outing' => People::outingOf($user, $rush)->id,
            'frame' => Frames::frameOf($user)->id,
            'burst' => Frames::frameOf($user)->burst_id,
            'which' => 'whole',
            'figure' => People::figureOf($user),
            'table' => People::tableOf($user)->id,
        ];
        $all = self::good($user);
        $found = [];
        foreach (self::routes() as [$verb, $uri, $route]) {
            if (in_array($verb, ['GET', 'PATCH'], true) || str_contains($uri, '{nothing}')) {
                continue;
            }
            $reads =
                self::READS["{$verb} {$uri}"] ??
                throw new \LogicException("What {$verb} {$uri} reads is not told in Requests::READS.");
            // a layout, and how it was left, are of a body; all else is tried on a lens
            $gear = preg_match('#layouts|/camera-state#', $uri) === 1 ? $body->id : $lens->id;
            $address = preg_replace_callback(
                '/\{(\w+)\}/',
                static fn (array $name): string => $name[1] === 'gear' ? $gear : $ids[$name[1]],
                $uri,
            );
            $own = str_contains($uri, 'log/tables')
                ? ['file_id' => People::tableFileOf($user)->id, 'columns' => ['file', 'taken_at'], 'days' => 'ymd']
                : [];
            $good = array_intersect_key($own + $all, array_flip($reads));
            $found["{$verb} {$uri}"] = [$verb, '/'.$address, $route, $good];
            if (isset($good['document'])) {
                // the body is the largest document there is
                $own = array_intersect_key(['type' => 'body', 'document' => Documents::demoBody('skerry_one')], $good);
                $found["{$verb} {$uri}, a body"] = [
                    $verb,
                    str_replace($lens->id, $body->id, '/'.$address),
                    $route,
                    $own + $good,
                ];
            }
        }

        // last: with the account the bytes of its files go for good
        $end = array_intersect_key($found, ['DELETE api/account' => 1]);

        return array_diff_key($found, $end) + $end;
    }

    /** @return array<string, mixed> */
    private static function good(User $user): array
    {
        $rush = $user->rushes()->firstOrFail();
        $kit = People::kitOf($user);

        return [
            'revision' => 1,
            'gesture' => 'g',
            'write_id' => 'w',
            'kit_id' => $kit->id,
            'body_id' => $kit->body_id,
            'lens_id' => $kit->lens_id,
            'focal_mm' => null,
            'rush' => Documents::rush(['photographer' => ['schools' => (object) ['clutter' => 'manual']]]),
            'rush_id' => $rush->id,
            'frame' => Frames::frameOf($user)->id,
            'box' => (object) ['x' => 0.4, 'y' => 0.4, 'w' => 0.1, 'h' => 0.2],
            'with' => Frames::frameOf($user)->burst_id,
            'verdict' => 'moved',
            'before' => '2026-05-16',
            'kit' => Documents::kit(),
            'name' => 'A name',
            'type' => 'lens',
            'document' => Documents::kit()['lens'],
            'rushes' => [$rush->id],
            'place' => Outings::document()['place'],
            'place_id' => People::placeOf($user)->id,
            'outing' => Outings::kept($rush->id),
            'layout' => ['holds' => [$rush->id]] + Layout::fresh()->toArray(),
            'state' => ['format' => 'camera-state/1', 'area' => 'spot', 'iso' => 800],
            'ticks' => (object) ['a' => ['on' => true, 'at' => 1_700_000_000_000]],
            'by' => 'typed',
            'at' => 1_700_000_000_000,
            'days' => 7,
            'seed' => 1,
            'kind' => 'exposure',
            'dials' => (object) ['area' => 'spot'],
            'settings' => (object) ['theme' => 'paper'],
            'assumptions' => (object) ['rehearse.pass' => 3],
            'subjects' => (object) ['wombat' => ['kind' => 'small-mammal', 'length_m' => 1, 'speed_mps' => 2, 'limb_speed_mps' => 3, 'detection' => 'animal']],
            'start' => base64_encode(substr(Frames::jpeg(), 0, 100_000)),
            'file' => json_encode(['format' => 'kit/1', 'lens' => Documents::kit()['lens']]),
            'text' => '<gpx><wpt lat="53.3" lon="-6.1"><name>The bar</name></wpt></gpx>',
            'choices' => ['new'],
            'from' => (object) ['latitude_deg' => 53.3, 'longitude_deg' => -6.1],
            'to' => (object) ['latitude_deg' => 53.4, 'longitude_deg' => -6.1],
            'email' => 'ada@turf.example',
            'password' => 'sandpiper-dawn',
            'current' => 'sandpiper-dawn',
            'scopes' => ['read'],
            'token' => 'x',
            'keep' => true,
        ];
    }

    /**
     * Bodies that no page sends: too much of everything, and the wrong thing everywhere.
     *
     * @param  array<string, mixed>  $good
     * @return \Generator<string, string> what is wrong => the body as it is sent
     */
    public static function hostile(array $good, int $limitKb): \Generator
    {
        $whole = json_decode((string) json_encode((object) $good, JSON_PRESERVE_ZERO_FRACTION));
        $room = $limitKb * 1024 - strlen((string) json_encode($whole)) - 200;
        $many = max(10, min(30_000, intdiv($room, 12)));
        $unknown = static fn (int $count): array => array_combine(
            array_map(static fn (int $at): string => 'k'.$at, range(1, $count)),
            array_fill(0, $count, 1),
        );
        yield 'unknown fields' => (string) json_encode(get_object_vars($whole) + $unknown($many));
        yield '10,000 levels' => str_repeat('[', min(10_000, intdiv($room, 2))).
            str_repeat(']', min(10_000, intdiv($room, 2)));
        yield 'objects in objects' => str_repeat('{"a":', intdiv(min(50_000, $room), 6)).
            '1'.
            str_repeat('}', intdiv(min(50_000, $room), 6));
        yield 'a long name' => '{"'.str_repeat('n', $room).'":1}';
        yield 'bad UTF-8' => "{\"name\":\"\xff\xfe\"}";
        yield 'a name of nothing' => '{"\u0000x":1}';
        yield 'no JSON' => str_repeat('{', 100);
        yield 'nothing' => '';
        yield 'a number' => '1e400';
        yield 'more than may be sent' => '{"name":"'.str_repeat('x', $limitKb * 1024).'"}';
        $paths = self::paths($whole);
        // of a long document each place gets a part of the wrong values, all of them together get all
        $every = count($paths) > 60 ? Long::of(5, 14) : (count($paths) > 12 ? Long::of(1, 6) : 1);
        // and every third of them what is too long, too deep or without end for it: another third on the next route
        $third = count($paths) > 60 ? Long::of(1, 3) : 1;
        static $route = 0;
        $route++;
        foreach ($paths as $turn => $path) {
            $value = self::at($whole, $path);
            $name = implode('.', $path);
            $isTurn = $turn % $third === $route % $third;
            if ($isTurn && $value instanceof \stdClass) {
                yield "{$name}: unknown fields" => self::with(
                    $whole,
                    $path,
                    (object) (get_object_vars($value) + $unknown($many)),
                );
                yield "{$name}: deep" => str_replace(
                    '"DEEP"',
                    str_repeat('[', 5_000).str_repeat(']', 5_000),
                    self::with($whole, $path, 'DEEP'),
                );
            }
            if ($isTurn && is_array($value)) {
                yield "{$name}: entries" => self::with(
                    $whole,
                    $path,
                    array_map(strval(...), range(1, min(16_000, intdiv($room, 9)))),
                );
                yield "{$name}: lists" => self::with($whole, $path, array_fill(0, min(16_000, intdiv($room, 9)), []));
            }
            if ($isTurn && is_string($value)) {
                yield "{$name}: long" => self::with($whole, $path, str_repeat('é', intdiv($room, 7)));
                yield "{$name}: NUL" => self::with($whole, $path, "a\0b");
                yield "{$name}: turned" => self::with($whole, $path, "a\u{202E}b");
            }
            foreach (
                [null, true, 'x', '', -1, 0, 5e-324, 1e-310, 1e308, -1e308, [], new \stdClass(), [1], 1 << 62] as $at => $wrong
            ) {
                if (($turn + $at) % $every === 0) {
                    yield "{$name}: wrong {$at}" => self::with($whole, $path, $wrong);
                }
            }
            if ($isTurn) {
                yield "{$name}: endless" => str_replace('"ENDLESS"', '1e999', self::with($whole, $path, 'ENDLESS'));
            }
        }
    }

    /** @return list<list<string|int>> every place in a body */
    private static function paths(mixed $value, array $under = []): array
    {
        $found = [];
        foreach (
            $value instanceof \stdClass ? get_object_vars($value) : (is_array($value) ? array_slice($value, 0, 2) : []) as $name => $below
        ) {
            array_push($found, [...$under, $name], ...self::paths($below, [...$under, $name]));
        }

        return $found;
    }

    /** @param  list<string|int>  $path */
    private static function at(mixed $value, array $path): mixed
    {
        foreach ($path as $step) {
            $value = is_array($value) ? $value[$step] : $value->{$step};
        }

        return $value;
    }

    /** @param  list<string|int>  $path */
    private static function with(\stdClass $whole, array $path, mixed $value): string
    {
        $copy = unserialize(serialize($whole));
        $at = &$copy;
        foreach ($path as $step) {
            is_array($at) ? $at = &$at[$step] : $at = &$at->{$step};
        }
        $at = $value;

        return (string) json_encode($copy, JSON_PRESERVE_ZERO_FRACTION | JSON_PARTIAL_OUTPUT_ON_ERROR);
    }
}
