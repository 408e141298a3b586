<?php

declare(strict_types=1);

// The measuring part of bin/bench: [--json]

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use RushHold\Assumptions\Assumptions;
use RushHold\Controls\SwitchingOptimiser;
use RushHold\Controls\SwitchingProblem;
use RushHold\Document\Reader;
use RushHold\Hold\Burst;
use RushHold\Kit\Kit;
use RushHold\Outing\Day;
use RushHold\Outing\DayGraph;
use RushHold\Outing\OrderSearch;
use RushHold\Outing\Outing;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;
use RushHold\Rush\Rush;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Wording\Plan\PlanDocument;
use Symfony\Component\Process\Process;
use Tests\Browser\Chrome;
use Tests\Support\Agreement;
use Tests\Support\Documents;
use Tests\Support\Outings;
use Tests\Support\Stranger;
use Tests\Support\TestServer;

require __DIR__.'/../vendor/autoload.php';

$base = TestServer::address('');

/** @param  list<float>  $times */
$median = static function (array $times): float {
    sort($times);

    return $times[intdiv(count($times), 2)];
};

// one visitor, with a line kept open like a browser's, who waits for a turn as the page does
$visitor = Stranger::inTheDemo();
$send = static function (string $method, string $path, ?array $body = null) use ($visitor): array {
    do {
        $answer = $visitor->ask($method, $path, $body);
    } while ($answer->status === 429 && $answer->json('type') === 'busy' && usleep(100_000) === null);
    if ($answer->status >= 400 || $answer->status === 0) {
        throw new RuntimeException("{$method} {$path} answered {$answer->status}: {$answer->head()}");
    }

    return [1000 * $answer->seconds, json_decode($answer->body, true)];
};
$id = $send('GET', '/api/rushes')[1]['rushes'][0]['id'];
$whole = $send('GET', "/api/rushes/{$id}")[1];

$bare = $plans = $saves = [];
for ($turn = 0; $turn < 220; $turn++) {
    $bare[] = $send('GET', '/healthz')[0];
    $plans[] = $send('POST', '/api/plans', ['rush' => Documents::rush(['motion' => ['speed_mps' => 5 + $turn / 50]]), 'kit' => Documents::kit()])[0];
    $rush = Documents::rush(['motion' => ['speed_mps' => 5 + $turn / 50]]);
    [$saves[], $whole] = $send('PUT', "/api/rushes/{$id}", ['revision' => $whole['revision'], 'gesture' => 'bench', 'kit_id' => $whole['kit_id'], 'focal_mm' => null, 'rush' => $rush]);
}

$maps = $schools = $outlooks = [];
for ($turn = 0; $turn < 15; $turn++) {
    $maps[] = $send('GET', "/api/rushes/{$id}/map")[0];
    $schools[] = $send('GET', "/api/rushes/{$id}/schools")[0];
    $outlooks[] = $send('GET', "/api/rushes/{$id}/rehearsal/outlook")[0];
}

// a list of 500 rushes, and one of them opened, of somebody who has 500
$collector = Stranger::registered();
$many = $collector->must(201, 'POST', '/api/rushes', ['kit_id' => $collector->must(200, 'GET', '/api/kits')->json('kits.0.id'), 'rush' => Documents::rush(Documents::DARTING)])->json('id');
TestServer::store()->exec(<<<SQL
    INSERT INTO rushes (id, user_id, kit_id, name, document, revision, position, write_id, created_at, updated_at)
        SELECT CONCAT(LEFT(id, 20), LPAD(seq, 6, '0')), user_id, kit_id, CONCAT(name, ' ', seq), document, 1, 0, '', created_at, updated_at FROM rushes JOIN seq_1_to_499 WHERE id = '{$many}';
    INSERT INTO plans (rush_id, fingerprint, metric, fault, settings, created_at, updated_at)
        SELECT CONCAT(LEFT(rush_id, 20), LPAD(seq, 6, '0')), fingerprint, metric, fault, settings, created_at, updated_at FROM plans JOIN seq_1_to_499 WHERE rush_id = '{$many}';
    SQL);
$lists = $opens = [];
for ($turn = 0; $turn < 60; $turn++) {
    $lists[] = 1000 * ($list = $collector->must(200, 'GET', '/api/rushes'))->seconds;
    $opens[] = 1000 * $collector->must(200, 'GET', "/api/rushes/{$many}")->seconds;
}
if (count($list->json('rushes')) !== 500) {
    throw new RuntimeException('The list is not of 500.');
}

// plan and rehearsal over 300 situations drawn by chance
$agreement = Agreement::over(1, 300, 40);

$planner = Planner::standard();
$rushes = array_map(static fn (int $at): Rush => Documents::rushOf(['motion' => ['speed_mps' => 2 + $at / 5], 'light' => ['ev100' => 4 + $at % 10]]), range(0, 99));
$kit = Kit::fromArray(Documents::kit());
$timed = static function (callable $once, int $rounds = 20) use ($rushes): float {
    $from = hrtime(true);
    for ($round = 0; $round < $rounds; $round++) {
        foreach ($rushes as $rush) {
            $once($rush);
        }
    }

    return $rounds * count($rushes) / ((hrtime(true) - $from) / 1e9);
};
$perSecond = $timed(static fn (Rush $rush) => $planner->plan($rush, $kit));
$documentsPerSecond = $timed(static fn (Rush $rush) => PlanDocument::of($planner->plan($rush, $kit), []), 4);
$tips = [];
foreach (array_slice($rushes, 0, 40) as $rush) {
    $from = hrtime(true);
    $planner->tips($planner->plan($rush, $kit));
    $tips[] = (hrtime(true) - $from) / 1e6;
}

// six rushes at five spots through fourteen hours: the whole day, and the order of it alone
$expected = [];
foreach (['bar', 'turf', 'dyke', 'hide', 'shore', 'bar'] as $at => $spot) {
    $expected[] = Outings::expected("r{$at}", Documents::rush(['name' => "Rush {$at}", 'motion' => ['speed_mps' => 4 + 2 * $at], 'distance' => ['near_m' => 10, 'work_m' => 20 + 8 * $at, 'far_m' => 90]]), $spot, '05:00', '19:00', 4 + $at);
}
$spots = array_map(static fn (string $id, int $at): array => Outings::spot($id, 53.3 + 0.004 * $at, -6.1, 60 * $at), ['bar', 'turf', 'dyke', 'hide', 'shore'], range(0, 4));
$outing = Outing::fromArray(Reader::plain(Outings::document(['from' => '05:00', 'until' => '19:00', 'rushes' => $expected], ['spots' => $spots])));
$outingDays = $orders = [];
for ($turn = 0; $turn < 9; $turn++) {
    $from = hrtime(true);
    Day::of($outing, $planner, Assumptions::defaults());
    $outingDays[] = (hrtime(true) - $from) / 1e6;
    $random = new Random\Randomizer(new Random\Engine\Mt19937($turn));
    // the same size as a graph: six rushes at five spots, 168 steps of five minutes, a walk between any two
    $steps = 168;
    $worth = array_map(static fn (): array => array_map(static fn (): float => $random->getInt(0, 9) / 9, range(1, $steps)), range(1, 6));
    $arrives = array_map(
        static fn (int $a): array => array_map(
            static fn (int $walk): array => array_map(static fn (int $at): ?int => $at + $walk <= $steps ? $at + $walk : null, range(0, $steps)),
            array_filter(array_map(static fn (int $b): int => 3 * abs($a - $b), range(0, 4))),
        ),
        range(0, 4),
    );
    $order = new OrderSearch(new DayGraph($steps, array_fill(0, 5, true), array_fill(0, 5, array_fill(0, $steps, true)), array_fill(0, 5, array_fill(0, $steps + 1, true)), $arrives, [0, 1, 2, 3, 4, 0], $worth, 0.2, 0.04));
    $from = hrtime(true);
    $best = $order->best();
    $order->gains($best);
    $order->secondBest($best);
    $orders[] = (hrtime(true) - $from) / 1e6;
}

// the holds of a day on the keys of a body: the most the exact search takes on, 6 holds on 8 controls
$days = array_map(static function (int $seed): SwitchingProblem {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $table = static fn (int $rows, int $columns, float $most): array => array_map(static fn (): array => array_map(static fn (): float => 0.2 + $random->getInt(0, 1000) / 1000 * $most, range(1, $columns)), range(1, $rows));

    return new SwitchingProblem(6, 8, array_map(static fn (): array => $table(6, 8, 3), range(1, 6)), $table(8, 8, 0.5), $table(6, 6, 6), $table(6, 6, 20));
}, range(1, 15));
$optimised = array_map(static function (SwitchingProblem $day): float {
    $from = hrtime(true);
    SwitchingOptimiser::solve($day);

    return (hrtime(true) - $from) / 1e6;
}, $days);
$cards = $layouts = [];
$body = array_column($send('GET', '/api/gear')[1]['gear'], 'id', 'name')['Skerry One'];
for ($turn = 0; $turn < 15; $turn++) {
    $cards[] = $send('GET', '/api/cards')[0];
    $layouts[] = $send('GET', "/api/layouts/{$body}")[0];
}

// a rehearsal, held down all through
$darting = $planner->plan(Documents::rushOf(Documents::DARTING), $kit);
$rehearsal = Rehearsal::of($darting);
$camera = $rehearsal->camera($darting->hold->with(burst: Burst::Long));
$passes = $hundreds = [];
for ($seed = 0; $seed < 1000; $seed++) {
    $from = hrtime(true);
    Take::of($rehearsal->pass($seed), $camera)->counts();
    $passes[] = (hrtime(true) - $from) / 1e6;
}
foreach (array_chunk($passes, 200) as $hundred) {
    $hundreds[] = array_sum($hundred);
}
// against the same loop in plain C, as the worker runs it
$ratio = (float) (shell_exec('php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M '.escapeshellarg(__DIR__.'/yardstick/ratio.php').' '.escapeshellarg(sys_get_temp_dir())) ?? 0);
if ($ratio <= 0) {
    throw new RuntimeException('The yardstick could not be measured; what it said is above.');
}

// a sweep as a person has it: asked for, played by the worker, read until it is done; 8 areas × 5 levels of hold × 3 of pace
$kitId = $send('POST', '/api/kits', ['body_id' => $body, 'lens_id' => array_column($send('GET', '/api/gear')[1]['gear'], 'id', 'name')['Sandbar 500 f/5.6']])[1]['id'];
$swept = $send('POST', '/api/rushes', ['kit_id' => $kitId, 'focal_mm' => null, 'rush' => Documents::rush(['name' => 'Bench', 'clutter' => ['foreground' => 'sparse', 'background' => 'busy', 'background_gap_m' => 12, 'obstacle_width_m' => 0.1]])])[1]['id'];
$send('GET', "/api/rushes/{$swept}/rehearsal");
$sweeps = [];
for ($turn = 0; $turn < 3; $turn++) {
    $from = hrtime(true);
    $sweep = $send('POST', "/api/rushes/{$swept}/sweeps", ['kind' => 'tracking'])[1];
    while ($sweep['status'] === 'running' && hrtime(true) - $from < 60e9) {
        usleep(100_000);
        $sweep = $send('GET', "/api/sweeps/{$sweep['id']}")[1];
    }
    $sweeps[] = (hrtime(true) - $from) / 1e9;
}

$cold = $kilobytes = [];
for ($turn = 0; $turn < 5; $turn++) {
    $window = Chrome::open();
    $window->get($base.'/healthz');
    $own = $window->executeAsyncScript('const done = arguments[0]; fetch("/api/session").then(() => { const t = decodeURIComponent(document.cookie.split("; ").find((c) => c.startsWith("XSRF-TOKEN=")).slice(11)); return fetch("/api/demo", {method: "POST", headers: {"X-XSRF-TOKEN": t, "Content-Type": "application/json"}, body: "{}"}); }).then((r) => r.text()).then(() => fetch("/api/rushes")).then((r) => r.json()).then((all) => done(all.rushes[0].id));');
    $window->get($base.'/plan/'.$own);
    $window->wait(20, 5)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-field=shutter_s]')) !== []);
    // when the answer's element was first painted is what counts, not when this script noticed
    $cold[] = (float) $window->executeScript('return performance.getEntriesByName("answer-shown")[0].startTime');
    $kilobytes[] = array_sum($window->executeScript('return performance.getEntriesByType("resource").filter((e) => e.name.endsWith(".js")).map((e) => e.encodedBodySize)')) / 1000;
    Chrome::close($window);
}

// a word of the sentence typed over, digit after digit: from the last key to the new shutter on the screen
$answers = [];
$window = Chrome::open();
$window->get($base.'/register');
$window->wait(20, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('input[name=password]')) !== []);
foreach (['name' => 'Bench', 'email' => bin2hex(random_bytes(6)).'@turf.example', 'password' => 'sandpiper-dawn'] as $name => $text) {
    $window->findElement(WebDriverBy::cssSelector("input[name={$name}]"))->sendKeys($text);
}
$window->findElement(WebDriverBy::cssSelector('button[type=submit]'))->click();
$window->wait(20, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::xpath('//button[text()="Write the first one"]')) !== []);
$window->findElement(WebDriverBy::xpath('//button[text()="Write the first one"]'))->click();
$window->wait(20, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-field=shutter_s]')) !== []);
$window->executeScript(<<<'JS'
    document.addEventListener("keydown", () => { window.key = performance.now(); }, true);
    const shutter = () => document.querySelector("[data-field=shutter_s]")?.textContent;
    let was = shutter();
    new MutationObserver(() => {
        if (shutter() === was) return;
        was = shutter();
        requestAnimationFrame(() => { window.answered = performance.now(); });
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
    JS);
foreach (range(1, 12) as $turn) {
    $window->findElement(WebDriverBy::cssSelector('[data-word=speed]'))->click();
    $window->wait(10, 20)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-editor=speed] input')) !== []);
    $input = $window->findElement(WebDriverBy::cssSelector('[data-editor=speed] input'));
    $input->sendKeys([WebDriverKeys::CONTROL, 'a']);
    usleep(700_000);
    $window->executeScript('window.answered = null');
    $input->sendKeys([WebDriverKeys::NULL, $turn % 2 === 0 ? '6' : '24']);
    $window->wait(10, 20)->until(static fn (): bool => $window->executeScript('return window.answered !== null && window.answered > window.key'));
    usleep(700_000);
    $answers[] = (float) $window->executeScript('return window.answered - window.key');
    $window->findElement(WebDriverBy::cssSelector('[data-editor=speed] .done'))->click();
}
Chrome::close($window);

// a day out: from a step of the hand to the light of that minute, and from the last key of a number to the new order of the day
$window = Chrome::open();
$window->get($base.'/');
$window->wait(20, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::xpath('//button[text()="Look around the demo"]')) !== []);
$window->findElement(WebDriverBy::xpath('//button[text()="Look around the demo"]'))->click();
$window->wait(20, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-testid=answer]')) !== []);
$outing = $window->executeAsyncScript('const done = arguments[0]; fetch("/api/outings").then((r) => r.json()).then((found) => done(found.outings.find((one) => one.name === "Spring tide at the inlet").id));');
$window->get($base.'/outing/'.$outing);
$window->wait(20, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('.strip-hand')) !== []);
usleep(2_000_000);
$window->executeScript(<<<'JS'
    document.addEventListener("keydown", () => { window.key = performance.now(); }, true);
    window.shown = {};
    for (const [name, of] of [["hand", ".at-clock"], ["day", ".order"]]) {
        const text = () => document.querySelector(of)?.textContent;
        let was = text();
        new MutationObserver(() => {
            if (text() === was) return;
            was = text();
            requestAnimationFrame(() => { window.shown[name] = performance.now() - window.key; });
        }).observe(document.body, { subtree: true, childList: true, characterData: true });
    }
    JS);
$after = static function (string $name) use ($window): float {
    $window->wait(20, 10)->until(static fn (): bool => $window->executeScript("return window.shown.{$name} !== undefined"));

    return (float) $window->executeScript("const took = window.shown.{$name}; delete window.shown.{$name}; return took");
};
$handMs = $dayMs = [];
$hand = $window->findElement(WebDriverBy::cssSelector('.strip-hand'));
foreach (range(1, 20) as $turn) {
    $hand->sendKeys(WebDriverKeys::ARROW_RIGHT);
    $handMs[] = $after('hand');
}
$often = $window->findElement(WebDriverBy::cssSelector('input[aria-label^="Chances an hour of Hare"]'));
foreach ([9, 2, 7, 3, 8] as $chances) {
    $often->sendKeys([WebDriverKeys::CONTROL, 'a']);
    usleep(700_000);
    $window->executeScript('window.shown = {}');
    $often->sendKeys([WebDriverKeys::NULL, (string) $chances]);
    $dayMs[] = $after('day');
}
Chrome::close($window);

// what strangers do: the dearest bodies, a new visitor, sixteen heavy requests of one account beside another's plan, a store that hangs
$plan = ['rush' => Documents::rush(), 'kit' => Documents::kit()];
$many = static fn (int $count): array => array_fill_keys(array_map(static fn (int $at): string => 'k'.$at, range(1, $count)), 1);
$long = array_map(strval(...), range(1, 16_000));
$layout = $send('GET', "/api/layouts/{$body}")[1]['layout'];
$dear = [
    ['POST', '/api/plans', ['kit' => (object) [], 'rush' => $many(15_000)]],
    ['POST', '/api/plans', '{"rush":'.str_repeat('[', 100_000).str_repeat(']', 100_000).'}'],
    ['PUT', "/api/layouts/{$body}", ['revision' => 1, 'gesture' => 'g', 'layout' => ['holds' => $long] + $layout]],
    ['PUT', "/api/rushes/{$id}", ['revision' => 1, 'gesture' => 'g', 'rush' => ['name' => str_repeat('x', 200_000)]]],
    ['POST', '/api/kit-file/preview', ['file' => (string) json_encode(['format' => 'kit/1'] + $many(60_000))]],
];
$worst = max(array_map(static fn (array $one): float => 1000 * min(array_map(static fn (): float => $visitor->ask(...$one)->seconds, range(1, 3))), $dear));
$copies = [];
for ($turn = 0; $turn < 10; $turn++) {
    $copies[] = 1000 * (new Stranger)->must(200, 'POST', '/api/demo')->seconds;
}
$greedy = Stranger::registered();
$heavy = $greedy->must(201, 'POST', '/api/rushes', ['kit_id' => $greedy->must(200, 'GET', '/api/kits')->json('kits.0.id'), 'rush' => Documents::rush()])->json('id');
$greedy->must(200, 'PUT', '/api/assumptions', ['assumptions' => ['rehearse.pass' => 10, 'rehearse.buffer' => 2000, 'rehearse.burst' => 30]]);
$alone = array_map(static fn (): float => $visitor->must(200, 'POST', '/api/plans', $plan)->seconds, range(1, 30));
$beside = [];
foreach ([1, 2, 3] as $turn) {
    $greedy->atOnce(array_map(static fn (int $at): array => ['POST', "/api/rushes/{$heavy}/rehearsal/try", ['dials' => ['shutter_s' => 1 / (1000 + $at)]]], range(1, 16)), static function () use ($visitor, $plan, $turn, &$beside): void {
        // an account may ask for 240 plans a minute, and the heavy ones take longer than that
        if (count($beside) >= 60 * $turn) {
            usleep(5000);

            return;
        }
        $beside[] = $visitor->must(200, 'POST', '/api/plans', $plan)->seconds;
    });
}
$hangs = [];
TestServer::whileTheStoreHangs(static function () use ($visitor, &$hangs): void {
    foreach ([1, 2] as $turn) {
        foreach ($visitor->atOnce([...array_fill(0, 8, ['GET', '/api/rushes']), ['GET', '/plan'], ['GET', '/healthz']]) as $answer) {
            $hangs[] = $answer->seconds;
        }
    }
});

// what answers requests; what a worker takes for a photograph is told by itself (look_peak_mb)
$largest = TestServer::largest();

// a card of photographs taken in by the worker, as the command line does it; and the most memory that one of them takes
$card = sys_get_temp_dir().'/bench-card-'.getmypid();
foreach (['rush' => Documents::rush(), 'kit' => Documents::kit()] as $name => $document) {
    file_put_contents("{$card}.{$name}.json", (string) json_encode($document));
}
$run = static fn (string ...$command): string => (new Process(['php', ...$command], dirname(__DIR__), timeout: 1200))->mustRun()->getOutput();
$run('artisan', 'hold:shoot', "{$card}.rush.json", "--kit={$card}.kit.json", "--out={$card}", '--subject-area');
$photographs = glob("{$card}/*.jpg") ?: [];
$owner = Stranger::registered();
$from = hrtime(true);
$taken = json_decode((string) array_slice(explode("\n", trim($run('artisan', 'hold:log-import', $card, '--account='.$owner->email))), -1)[0], true);
$intakeFps = ($taken['read'] ?? 0) / ((hrtime(true) - $from) / 1e9);
// one frame whose file says where the subject is, alone on the machine
[$lookMs, $lookRatio] = json_decode($run('-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M', 'bin/yardstick/look-ratio.php', $photographs[intdiv(count($photographs), 2)]), true);
$peak = (int) $run('-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M', 'bin/yardstick/peak.php', $photographs[0]);

// a log of a million frames beside one of ten thousand
/** @var array<string, float> $scale */
$scale = json_decode($run('bin/yardstick/log-scale.php'), true, 4, JSON_THROW_ON_ERROR);

// frames that came home: simulated, so that the truth of each is known; forty passes, a half of them at a time
$looks = array_map(static fn (int $part): Process => new Process(['php', '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=64M', __DIR__.'/yardstick/look.php', (string) $part, '2'], timeout: 3600), [0, 1]);
array_map(static fn (Process $look): mixed => $look->start(), $looks);
array_map(static fn (Process $look): mixed => $look->wait(), $looks);
$frames = array_map(static fn (string $line): array => json_decode($line, true, 8, JSON_THROW_ON_ERROR), array_merge(...array_map(static fn (Process $look): array => explode("\n", trim($look->getOutput())), $looks)));
$share = static fn (array $of, callable $is): float => count(array_filter($of, $is)) / max(1, count($of));
$keeps = static fn (string $verdict): bool => FrameVerdict::from($verdict)->isKeeper();
$total = static fn (array $blur): float => hypot($blur[0], $blur[1]);
$there = array_filter($frames, static fn (array $frame): bool => $frame['want'] !== 'out' && $frame['found'] !== null);
$wide = array_filter($there, static fn (array $frame): bool => $total($frame['true']) >= 3 && $total($frame['true']) <= 15);
$moved = array_filter($there, static fn (array $frame): bool => $frame['true'][1] >= 6 && $frame['true'][1] > $frame['true'][0]);

$results = [
    'look_frames' => (float) count($frames),
    'look_right_share' => $share($frames, static fn (array $frame): bool => $frame['want'] === $frame['got']),
    'look_sharp_share' => $share($frames, static fn (array $frame): bool => $keeps($frame['want']) === $keeps($frame['got'])),
    'look_width_share' => $share($wide, static fn (array $frame): bool => abs(log($total($frame['found']) / $total($frame['true']))) < log(1.4)),
    'look_direction_share' => $share($moved, static fn (array $frame): bool => abs(sin(deg2rad($frame['found'][2] - $frame['true'][2]))) <= sin(deg2rad(15))),
    'look_ms' => $lookMs,
    'look_ratio' => $lookRatio,
    'look_peak_mb' => $peak / 1e6,
    'intake_fps' => $intakeFps,
    ...$scale,
    'plan_request_ms' => $median($plans),
    'save_request_ms' => $median($saves),
    'bare_request_ms' => $median($bare),
    'plan_request_ratio' => $median($plans) / $median($bare),
    'plans_per_second' => $perSecond,
    'agree_best' => $agreement->best(),
    'agree_rank' => $agreement->correlation(),
    'outlook_ms' => $median($outlooks),
    'plan_documents_per_second' => $documentsPerSecond,
    'list_ms' => $median($lists),
    'open_ms' => $median($opens),
    'tipping_ms' => $median($tips),
    'map_ms' => $median($maps),
    'schools_ms' => $median($schools),
    'outing_ms' => $median($outingDays),
    'outing_order_ms' => $median($orders),
    'outing_hand_ms' => $median($handMs),
    'outing_day_ms' => $median($dayMs),
    'optimiser_ms' => $median($optimised),
    'optimiser_worst_ms' => max($optimised),
    'pass_ms' => $median($passes),
    'hold200_ms' => $median($hundreds),
    'sweep_s' => $median($sweeps),
    'rehearsal_c_ratio' => $ratio,
    'cards_ms' => $median($cards),
    'layout_ms' => $median($layouts),
    'worst_body_ms' => $worst,
    'demo_copy_ms' => $median($copies),
    'beside_heavy_ratio' => $median($beside) / $median($alone),
    'hanging_store_s' => max($hangs),
    'largest_process_mb' => $largest / 1e6,
    'answer_after_key_ms' => $median($answers),
    'first_screen_kb_gzip' => max($kilobytes),
    'cold_answer_ms' => $median($cold),
];
if (in_array('--json', $argv, true)) {
    echo json_encode(array_map(static fn (float $number): float => round($number, 3), $results)), "\n";
    exit;
}
$goals = ['look_right_share' => 'goal over 0.85', 'look_sharp_share' => 'goal over 0.93', 'look_width_share' => 'goal over 0.8', 'look_direction_share' => 'goal over 0.9', 'look_ratio' => 'goal under 4', 'intake_fps' => 'goal over 1.05', 'log_fill_s' => 'goal under 900', 'log_stats_ratio' => 'goal under 1.5', 'log_page_ratio' => 'goal under 1.5', 'outing_ms' => 'goal under 1000', 'outing_hand_ms' => 'goal under 100', 'outing_day_ms' => 'goal under 1500', 'answer_after_key_ms' => 'goal under 200', 'list_ms' => 'goal under 40', 'pass_ms' => 'goal under 3', 'hold200_ms' => 'goal under 600', 'sweep_s' => 'goal under 6', 'rehearsal_c_ratio' => 'goal under 25', 'optimiser_ms' => 'goal under 1000', 'plan_request_ratio' => 'goal under 3', 'first_screen_kb_gzip' => 'goal under 300', 'plans_per_second' => 'goal over 2000', 'agree_best' => 'goal over 0.9', 'agree_rank' => 'goal over 0.8', 'outlook_ms' => 'goal under 2000', 'map_ms' => 'goal under 500', 'save_request_ms' => 'goal under 150', 'worst_body_ms' => 'goal under 500', 'demo_copy_ms' => 'goal under 500', 'beside_heavy_ratio' => 'goal under 2', 'hanging_store_s' => 'goal under 3', 'largest_process_mb' => 'goal under 256'];
foreach ($results as $name => $number) {
    printf("%-28s %12s  %s\n", $name, number_format($number, $number < 100 ? 2 : 0, '.', ' '), $goals[$name] ?? '');
}

// what was taken for what: true verdicts down, given ones across
$kinds = array_column(FrameVerdict::cases(), 'value');
echo "\n", str_pad('true \\ given', 14), implode('', array_map(static fn (string $kind): string => str_pad($kind, 11, ' ', STR_PAD_LEFT), $kinds)), "\n";
foreach ($kinds as $true) {
    $counts = array_count_values(array_column(array_filter($frames, static fn (array $frame): bool => $frame['want'] === $true), 'got'));
    echo str_pad($true, 14), implode('', array_map(static fn (string $given): string => str_pad((string) ($counts[$given] ?? '·'), 11, ' ', STR_PAD_LEFT), $kinds)), "\n";
}
