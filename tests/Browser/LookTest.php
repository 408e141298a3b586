<?php

declare(strict_types=1);

use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\BrowserTestCase;
use Tests\Browser\Chrome;
use Tests\Support\Frames;
use Tests\Support\Long;

/**
 * Parts of the page that stick out of a window of this width, or whose text sticks out of themselves.
 *
 * @return list<string>
 */
function sticksOut(RemoteWebDriver $window, int $width): array
{
    return $window->executeScript(
        <<<'JS'
        const width = arguments[0];
        const out = document.documentElement.scrollWidth > width ? [`the page is ${document.documentElement.scrollWidth} wide`] : [];
        for (const part of document.querySelectorAll("#room *, header *")) {
            const style = getComputedStyle(part);
            const spills = style.display !== "inline" && style.overflowX === "visible" && part.scrollWidth > part.clientWidth + 1;
            // what lies in a strip that is scrolled sideways may be out of sight
            const strip = part.closest(".card-tabs, .side-scroll, .head nav, .strip-slides, .strip, .piece-sight");
            if (strip !== null && strip !== part) continue;
            if (!(part instanceof SVGElement) && (part.getBoundingClientRect().right > width + 1 || spills)) {
                out.push(`${part.tagName}.${part.className}`);
            }
        }
        return out.slice(0, 8);
        JS
        ,
        [$width],
    );
}

/** Takes a photograph in; the burst it is in. */
function oneBurst(BrowserTestCase $test, RemoteWebDriver $window): string
{
    $path = sys_get_temp_dir().'/'.bin2hex(random_bytes(4)).'.jpg';
    file_put_contents($path, Frames::jpeg(1, 0, ['takenAt' => '2030-05-23T05:40:00.100']));
    $test->go($window, '/log');
    $test->one($window, '.intake');
    $window->findElement(WebDriverBy::cssSelector('.intake input[aria-label="Photographs"]'))->sendKeys($path);
    $found = null;
    $window->wait(120, 200)->until(function () use ($test, $window, &$found): bool {
        $first = $test->api($window, 'GET', 'log')[1]['bursts'][0] ?? null;
        $found = str_starts_with((string) ($first['clock'] ?? ''), '2030') ? $first['id'] : null;

        return $found !== null;
    });

    // for a rush, so that something was promised for it
    $rush = $test->api($window, 'GET', 'rushes')[1]['rushes'][0]['id'];
    $test->api($window, 'PUT', "bursts/{$found}/rush", ['rush_id' => $rush]);

    return $found;
}

/** Opens every view besides Plan and does this in each. */
function eachView(BrowserTestCase $test, RemoteWebDriver $window, Closure $look): void
{
    $ids = array_column($test->api($window, 'GET', 'gear')[1]['gear'], 'id', 'name');
    $burst = oneBurst($test, $window);
    $views = [
        '/log' => '.burst-row',
        '/log/'.$burst => '.strip',
        '/log?month=2030-05' => '.narrowed',
        '/log/counts' => '.counts-table',
        '/log/counts?by=body&and=shutter&rush=' => '.empty, .counts-table',
        '/log/promises' => '.calibration',
        '/log/yours' => '.yours, .empty',
        '/log/after' => '.after-day, .empty',
        '/kit/photograph' => '.import',
        '/kit' => '.reach-value',
        '/kit/'.$ids['Skerry One'] => '.word-list',
        '/kit/'.$ids['Sandbar 500 f/5.6'] => '.care',
        '/kit/'.$ids['Old mount to Skerry'] => '.care',
        '/kit/'.$ids['Reed gimbal on three legs'] => '.care',
        '/kit/new-body' => '.guided',
        '/kit/import' => '.import',
        '/rehearse' => '[data-testid=expect]',
        '/outing' => '.strip-hand',
        '/controls/'.$ids['Skerry One'] => '.conflicts',
        '/controls/'.$ids['Pebble 3'] => '.conflicts',
        '/card' => '.to-set',
        '/settings' => '.pick',
    ];
    foreach ($views as $path => $css) {
        $test->go($window, $path, (string) array_search(basename($path), $ids, true));
        $test->one($window, $css);
        $look($path);
    }
    foreach (['Skerry Half' => ['Tuning', 'Keys', 'Numbers', 'Care'], 'Skerry One' => ['Tuning']] as $body => $parts) {
        $test->go($window, '/kit/'.$ids[$body], $body);
        foreach ($parts as $part) {
            $test->press($window, $part);
            $look($body.' '.$part);
        }
    }
    $test->go($window, '/rehearse');
    $test->one($window, '[data-testid=time-chart] svg');
    $test->press($window, 'pace 0');
    $test->one($window, '[data-testid=tried-gain]');
    $test->press($window, 'shutter × aperture');
    $window->executeScript(
        '[...document.querySelectorAll(".sweep-acts .cure")].find((b) => b.textContent.startsWith("Sweep"))?.click()',
    );
    $test->see($window, '100 passes of every hold');
    $look('rehearse, tried and swept');
    $test->go($window, '/controls/'.$ids['Skerry One'], 'Skerry One');
    $test->press($window, 'the thumb key');
    $test->one($window, '.one-control');
    $test->press($window, 'how often each follows');
    $look('one control');
    $test->go($window, '/card');
    $test->one($window, '.to-set');
    foreach (['name and holds', 'share', 'It was left otherwise'] as $panel) {
        if (
            $panel !== 'It was left otherwise' &&
            $window->findElement(WebDriverBy::cssSelector('.card-more'))->isDisplayed()
        ) {
            $panel === 'name and holds' && $test->press($window, 'print, share, edit');
        }
        $test->press($window, $panel);
        $look('card: '.$panel);
    }
}

/** Lights the open page as another page of the same device would. */
function lit(BrowserTestCase $test, RemoteWebDriver $window, string $theme): void
{
    $window->executeScript(
        'localStorage.setItem("rush-hold:theme", arguments[0]); window.dispatchEvent(new StorageEvent("storage", {key: "rush-hold:theme", newValue: arguments[0]}))',
        [$theme],
    );
    $test->one($window, "html[data-theme={$theme}]");
}

it('has no serious accessibility finding in any view or theme, and fits from a small phone to a wide screen', function () {
    $window = $this->browser();
    $wrong = [];
    // a page that has just been lit or laid out anew takes a moment
    $until = static function (Closure $found, string $where) use ($window, &$wrong): void {
        try {
            $window->wait(5, 100)->until(static function () use ($found, &$now): bool {
                return ($now = $found()) === [];
            });
        } catch (TimeoutException) {
            $wrong[] = [$where, ...$now];
        }
    };
    $axe = fn (string $view, string $within = 'html') => array_push(
        $wrong,
        ...array_map(fn (string $one) => [$view, $one], $this->axe($window, [], $within)),
    );
    $fits = function (string $view) use ($window, $until): void {
        foreach (Long::of([360, 390, 820, 1000, 1600, 1280], [360, 1000, 1600, 1280]) as $width) {
            Chrome::size($window, $width, $width < 500 ? 844 : 800);
            $until(static fn (): array => sticksOut($window, $width), "{$view} at {$width} px");
        }
    };
    $seen = 0;
    $look = function (string $view) use ($window, $until, $axe, $fits, &$seen): void {
        $axe($view);
        // all that another theme can do is take the contrast away; what views are made of comes back in the next
        foreach ([...Long::of(['dusk', 'ember'], [['dusk', 'ember'][$seen++ % 2]]), 'paper'] as $theme) {
            lit($this, $window, $theme);
            if ($theme !== 'paper') {
                $until(fn (): array => $this->axe($window, ['color-contrast', 'link-in-text-block']), "{$view} in {$theme}");
            }
        }
        $fits($view);
    };
    $window->get($this->address('/'));
    $this->see($window, 'Look around the demo');
    $axe('the door');
    $this->press($window, 'Look around the demo');
    $this->one($window, '[data-testid=answer]');
    $this->api($window, 'PUT', 'settings', ['settings' => ['theme' => 'paper', 'units' => 'metric']]);
    foreach ($this->api($window, 'GET', 'rushes')[1]['rushes'] as $number => $row) {
        $this->go($window, '/plan/'.$row['id'], $row['name']);
        $this->one($window, '[data-testid=answer]');
        $number < 3 ? $look($row['name']) : $fits($row['name']);
    }
    foreach ($this->api($window, 'GET', 'outings')[1]['outings'] as $row) {
        $this->go($window, '/outing/'.$row['id'], $row['name']);
        $this->one($window, '.strip-hand');
        $fits($row['name']);
    }
    $this->go($window, '/plan');
    foreach (
        ['subject', 'bearing', 'front', 'behind', 'light', 'support', 'follow', 'limbs', 'schools', 'kit'] as $word
    ) {
        $this->one($window, "[data-word={$word}]")->click();
        $this->one($window, "[data-editor={$word}] input, [data-editor={$word}] button, [data-editor={$word}] select");
        $axe($word, "[data-editor={$word}]");
        $this->one($window, "[data-word={$word}]")->click();
    }
    $this->one($window, '.figure:nth-child(5)')->click();
    $this->one($window, '.working');
    $axe('a figure');
    $this->press($window, 'Done');
    $this->one($window, '[data-testid=map] button');
    $axe('the map');
    $this->one($window, '[data-field="area.pattern"]')->click();
    $this->one($window, '.ranking');
    $axe('the ranking');
    $this->press($window, 'Done');
    foreach (['Compare schools of practice', 'Compare with another rush'] as $compare) {
        $this->press($window, $compare);
        $this->one($window, 'table.side');
        $axe($compare);
        $this->keys($window, WebDriverKeys::ESCAPE);
        $window
            ->wait(10, 50)
            ->until(fn (): bool => $window->findElements(WebDriverBy::cssSelector('table.side')) === []);
    }
    $this->press($window, 'all rushes');
    $this->one($window, '.row');
    $look('all rushes');
    eachView($this, $window, $look);
    $this->go($window, '/settings');
    $this->one($window, '.quota-part summary')->click();
    $this->see($window, 'earlier states');
    $look('what is kept');
    $this->press($window, 'Sign out');
    foreach (
        ['/register' => 'Make my account', '/forgotten' => 'A new password.', '/reset/x' => 'Set it'] as $path => $text
    ) {
        $this->see($window, 'One second');
        $window->get($this->address($path));
        $this->see($window, $text);
        $axe($path);
        $fits($path);
        $window->get($this->address('/sign-in'));
    }
    expect($wrong)->toBe([]);
});

it('keeps sentence, lane and answer together on a phone, the lane staying in sight', function () {
    $window = $this->browser(390, 844);
    $this->planning($window);
    $tops = fn (): array => $window->executeScript(
        'return [".sentence", ".lane", ".settings"].map((c) => document.querySelector(c).getBoundingClientRect().top)',
    );
    [$sentence, $lane, $settings] = $tops();
    expect($sentence)->toBeLessThan($lane)->and($lane)->toBeLessThan($settings);
    $window->executeScript('window.scrollTo(0, 700)');
    expect($tops()[1])->toBeGreaterThanOrEqual(0)->toBeLessThan(40);
    foreach ($window->findElements(WebDriverBy::cssSelector('.word')) as $word) {
        expect($word->getSize()->getHeight())->toBeGreaterThanOrEqual(24);
    }
});
