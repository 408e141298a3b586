<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\BrowserTestCase;

/** An account with the demo's best body and three holds on it: flight, in the reeds, asleep. */
function threeHolds(BrowserTestCase $test, RemoteWebDriver $window): string
{
    $test->planning($window);
    $sheet = (string) file_get_contents($test->root().'/database/demo/skerry_one.json');
    $body = $test->api($window, 'POST', 'kit-file', ['file' => $sheet, 'choices' => ['new']])[1]['gear'][0]['id'];
    $lens = array_column($test->api($window, 'GET', 'gear')[1]['gear'], 'id', 'type')['lens'];
    $kit = $test->api($window, 'POST', 'kits', ['body_id' => $body, 'lens_id' => $lens])[1]['id'];
    $first = $test->api($window, 'GET', 'rushes')[1]['rushes'][0]['id'];
    $flight = $test->api($window, 'GET', 'rushes/'.$first)[1]['rush'];
    foreach (
        [
            'Flight' => [],
            'Reeds' => [
                'clutter' => [
                    'foreground' => 'dense',
                    'background' => 'busy',
                    'background_gap_m' => 2,
                    'obstacle_width_m' => 0.01,
                ],
                'motion' => ['speed_mps' => 3],
            ],
            'Asleep' => ['motion' => ['speed_mps' => 0, 'pattern' => 'still']],
        ] as $name => $own
    ) {
        $rush = array_replace_recursive($flight, $own, ['name' => $name]);
        $rush['photographer']['schools'] = (object) $rush['photographer']['schools'];
        $test->api($window, 'POST', 'rushes', [
            'kit_id' => $kit,
            'focal_mm' => null,
            'rush' => $rush,
        ]);
    }

    return $body;
}

/** Picks an option of a select by its label for assistive technology. */
function choose(BrowserTestCase $test, RemoteWebDriver $window, string $label, string $option): void
{
    $test->pick($window, $label, $option);
    $test->saved($window);
}

/** @return list<string> kinds of conflict the page tells of */
function conflicts(RemoteWebDriver $window): array
{
    return $window->executeScript(
        'return [...document.querySelectorAll(".conflicts [data-code]")].map((e) => e.dataset.code)',
    );
}

function waitFor(RemoteWebDriver $window, Closure $is, string $what): void
{
    $window->wait(15, 50)->until(static fn (): bool => $is(), 'Waited for '.$what);
    expect($is())->toBeTrue();
}

it('lays out three buttons, meets each conflict and puts it right', function () {
    $window = $this->browser();
    $body = threeHolds($this, $window);
    $window->get($this->address('/controls/'.$body));
    $this->see($window, 'One thing to put right');
    foreach (['Flight', 'Reeds', 'Asleep'] as $hold) {
        choose($this, $window, 'Add a hold to the day', $hold);
        $this->see($window, $hold);
    }
    // as it came out of the box: nothing recalls anything, nothing stops focus, nothing moves the point
    waitFor(
        $window,
        fn (): bool => array_diff(['nothing-stops', 'point-lost', 'no-control'], conflicts($window)) === [],
        'the conflicts of a fresh body',
    );
    expect($this->text($window))->toContain('by hand it takes');

    $window->findElement(WebDriverBy::xpath('//button[contains(., "Three buttons")]'))->click();
    $this->see($window, 'Nothing stands in the way.');
    $laid = $this->api($window, 'GET', 'layouts/'.$body)[1]['layout'];
    expect(array_column($laid['uses'], 'does', 'control'))->toMatchArray([
        'thumb' => 'recall',
        'thumb-outer' => 'recall',
    ]);

    // each conflict in turn: made by hand, told, and put right by its own button
    $this->press($window, 'the thumb key');
    $part = fn (string $name) => $window
        ->findElement(
            WebDriverBy::xpath(
                "//fieldset[contains(., 'The set it recalls')]//label[normalize-space(.)='{$name}']/input",
            ),
        )
        ->click();
    foreach (
        [['metering', 'bundle-too-much', 'Leave metering out'], ['tuning', 'bundle-misses', 'Put tuning in']] as [$name, $code, $cure]
    ) {
        $part($name);
        waitFor($window, fn (): bool => in_array($code, conflicts($window), true), $code);
        $this->press($window, $cure);
        $this->see($window, 'Nothing stands in the way.');
    }
    // one control held under the finger that fires
    $this->press($window, 'the thumb key');
    $this->press($window, 'the ISO key');
    choose($this, $window, 'What the ISO key does', 'Reeds');
    waitFor($window, fn (): bool => in_array('same-finger', conflicts($window), true), 'the same finger');
    $this->see($window, 'needs the first finger, which is on the shutter');
    $this->press($window, 'undo');
    $this->see($window, 'Nothing stands in the way.');
    // the shutter goes on focusing under a thumb scheme
    $window->findElement(WebDriverBy::xpath('//button[.//span[text()="Thumb"]]'))->click();
    waitFor(
        $window,
        fn (): bool => $this->api($window, 'GET', 'layouts/'.$body)[1]['layout']['scheme'] === 'thumb',
        'the thumb scheme',
    );
    $this->press($window, 'let it focus');
    waitFor($window, fn (): bool => in_array('focus-on-shutter', conflicts($window), true), 'focus on the shutter');
    $this->press($window, 'Take focus off the shutter');
    waitFor($window, fn (): bool => ! in_array('focus-on-shutter', conflicts($window), true), 'focus off the shutter');
    // keys laid as they please are held to no scheme
    $this->press($window, 'let it focus');
    $window->findElement(WebDriverBy::xpath('//button[.//span[text()="Your own"]]'))->click();
    waitFor(
        $window,
        fn (): bool => $this->api($window, 'GET', 'layouts/'.$body)[1]['layout']['scheme'] === 'own' &&
            ! in_array('focus-on-shutter', conflicts($window), true),
        'a scheme of one\'s own',
    );
    // gloves, and focusing unasked
    $window->findElement(WebDriverBy::xpath('//label[contains(., "before anything is pressed")]/input'))->click();
    waitFor($window, fn (): bool => in_array('pre-focus', conflicts($window), true), 'pre-focus');
    $this->press($window, 'Switch it off');
    waitFor($window, fn (): bool => ! in_array('pre-focus', conflicts($window), true), 'no pre-focus');
});

it('tells what a change costs, and lays the quickest', function () {
    $window = $this->browser();
    $body = threeHolds($this, $window);
    $window->get($this->address('/controls/'.$body));
    foreach (['Flight', 'Reeds', 'Asleep'] as $hold) {
        choose($this, $window, 'Add a hold to the day', $hold);
    }
    $this->see($window, 'less per change');
    $this->see($window, 'Every layout was compared.');
    $before = (float) $this->one($window, '.gain .setting-value')->getText();
    // every conflict of a hold without a control goes with it
    $this->press($window, 'Lay it so');
    $this->see($window, 'No layout of these keys is quicker for this day.');
    expect((float) $this->one($window, '.gain .setting-value')->getText())
        ->toBeLessThan($before)
        ->and(conflicts($window))
        ->not->toContain('no-control');
    $this->press($window, 'undo');
    $this->see($window, 'less per change');
    $this->press($window, 'how often each follows');
    $this->one($window, '.matrix input');
});
