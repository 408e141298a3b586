<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Browser\BrowserTestCase;

/** An account with a darting bird behind posts on the demo's best body, opened in Rehearse; its id. */
function rehearsing(BrowserTestCase $test, RemoteWebDriver $window, array $own = []): string
{
    $test->planning($window);
    $sheet = (string) file_get_contents($test->root().'/database/demo/skerry_one.json');
    $body = $test->api($window, 'POST', 'kit-file', ['file' => $sheet, 'choices' => ['new']])[1]['gear'][0]['id'];
    $lens = array_column($test->api($window, 'GET', 'gear')[1]['gear'], 'id', 'type')['lens'];
    $kit = $test->api($window, 'POST', 'kits', ['body_id' => $body, 'lens_id' => $lens])[1]['id'];
    $first = $test->api($window, 'GET', 'rushes')[1]['rushes'][0]['id'];
    $rush = array_replace_recursive(
        $test->api($window, 'GET', 'rushes/'.$first)[1]['rush'],
        [
            'name' => 'Past the posts',
            'motion' => ['speed_mps' => 6],
            'clutter' => [
                'foreground' => 'sparse',
                'background' => 'busy',
                'background_gap_m' => 8,
                'obstacle_width_m' => 0.1,
            ],
        ],
        $own,
    );
    $rush['photographer']['schools'] = (object) $rush['photographer']['schools'];
    $id = $test->api($window, 'POST', 'rushes', [
        'kit_id' => $kit,
        'focal_mm' => null,
        'rush' => $rush,
    ])[1]['id'];
    $window->get($test->address('/rehearse/'.$id));
    $test->one($window, '[data-testid=time-chart] svg');
    $test->one($window, '[data-testid=expect]');

    return $id;
}

/** Seconds into the pass, as the page tells them. */
function played(RemoteWebDriver $window): float
{
    return (float) $window->findElement(WebDriverBy::cssSelector('[data-testid=play-time]'))->getText();
}

/** Waits until this holds, and says so. */
function comes(RemoteWebDriver $window, Closure $is, string $what, int $seconds = 15): void
{
    $window->wait($seconds, 100)->until(static fn (): bool => $is(), 'Waited for '.$what);
    expect($is())->toBeTrue();
}

it('says what to expect, plays, steps from frame to frame, and scrubs', function () {
    $window = $this->browser();
    rehearsing($this, $window);
    expect($this->text($window))
        ->toMatch('/sharp of \d+ frames/i')
        ->toMatch('/\d+ % – \d+ %/')
        ->toContain('at least one');
    $this->see($window, 'die ');
    // by keys: a step goes to a frame, whose verdict and blur are told
    $window->executeScript('document.activeElement.blur()');
    $from = played($window);
    $this->keys($window, Key::ARROW_RIGHT);
    comes($window, fn (): bool => played($window) > $from, 'the next frame');
    $says = $this->one($window, '[data-testid=frame-says]')->getText();
    expect($says)->toContain('Focus:')->toContain('µm of')->toContain('motion');
    $at = played($window);
    $this->keys($window, Key::ARROW_LEFT);
    comes($window, fn (): bool => played($window) < $at, 'the frame before');
    // it plays, stops by itself at the end, and begins again from the start
    $this->press($window, '⅒');
    $window->executeScript('document.activeElement.blur()');
    $this->keys($window, ' ');
    $this->press($window, 'Stop');
    $this->press($window, 'full speed');
    $this->press($window, 'Play');
    comes($window, fn (): bool => $this->one($window, '.play-button')->getText() === 'Play', 'the end of the pass');
    $end = played($window);
    expect($end)->toBeGreaterThan(0.9);
    // scrubbed by pointer and by the slider
    $chart = $this->one($window, '[data-testid=time-chart] svg');
    $window
        ->action()
        ->moveToElement($chart, -100, 0)
        ->click()
        ->perform();
    comes($window, fn (): bool => played($window) < $end - 0.2, 'the scrubbed time');
    $slider = $this->one($window, '.time-slider');
    $slider->sendKeys(Key::END);
    comes($window, fn (): bool => abs(played($window) - $end) < 0.02, 'the end again');
    // another try is another hand on the same way
    $before = $this->one($window, '.chart-plane')->getAttribute('d');
    $this->press($window, 'another try, now number 1');
    comes($window, fn (): bool => $this->one($window, '.chart-plane')->getAttribute('d') !== $before, 'another pass');
});

it('goes from frame to frame where motion is to be reduced', function () {
    $window = $this->browser();
    (new Facebook\WebDriver\Chrome\ChromeDevToolsDriver($window))->execute('Emulation.setEmulatedMedia', [
        'features' => [['name' => 'prefers-reduced-motion', 'value' => 'reduce']],
    ]);
    rehearsing($this, $window);
    $frames = $this->api(
        $window,
        'POST',
        'rushes/'.basename((string) parse_url($window->getCurrentURL(), PHP_URL_PATH)).'/rehearsal/take',
        ['seed' => 1],
    )[1]['frames'];
    $times = array_map(fn (array $frame): string => sprintf('%.2f', $frame['at_s']), $frames);
    $from = played($window);
    $this->press($window, 'Play');
    comes($window, fn (): bool => played($window) !== $from, 'a step');
    $this->press($window, 'Stop');
    expect(sprintf('%.2f', played($window)))->toBeIn($times);
});

it('goes on where it was when the worker is killed in the middle of a sweep', function () {
    $window = $this->browser();
    $id = rehearsing($this, $window, [
        'clutter' => ['foreground' => 'none', 'background' => 'clean'],
        'intent' => ['style' => 'pan-blur'],
    ]);
    expect($this->workers())->not->toBe([]);
    $this->press($window, 'Sweep');
    $asked = fn (): array => $this->api($window, 'GET', "rushes/{$id}/sweeps")[1]['sweeps'][0] ?? [
        'status' => 'not begun',
        'done' => 0,
    ];
    $killed = 0;
    comes(
        $window,
        function () use ($asked, &$killed): bool {
            $sweep = $asked();
            if ($sweep['status'] === 'running' && $sweep['done'] > 0 && $killed === 0) {
                foreach ($this->workers() as $pid) {
                    posix_kill($pid, 9);
                    $killed++;
                }
            }

            return $killed > 0 || $sweep['status'] === 'done';
        },
        'the kill',
    );
    comes($window, fn (): bool => $asked()['status'] === 'done', 'the end of the sweep', 40);
    expect($killed)->toBeGreaterThan(0)->and($asked()['done'])->toBe(100)->and($this->workers())->not->toBe([]);
    $this->see($window, '100 passes of every hold');
});

it('does not jump while it loads', function () {
    $window = $this->browser();
    $this->planning($window);
    $window->get($this->address('/rehearse'));
    $this->one($window, '[data-testid=expect]');
    $this->one($window, '[data-testid=time-chart] svg');
    $moved = $window->executeAsyncScript(
        'const done = arguments[0]; let sum = 0; new PerformanceObserver((list) => { for (const one of list.getEntries()) if (!one.hadRecentInput) sum += one.value; }).observe({type: "layout-shift", buffered: true}); setTimeout(() => done(sum), 500);',
    );
    expect($moved)->toBeLessThan(0.05);
});
