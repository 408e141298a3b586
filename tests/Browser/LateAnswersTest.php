<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Browser\BrowserTestCase;

/** From the next page on, answers come late and out of order. */
function late(RemoteWebDriver $window): void
{
    (new ChromeDevToolsDriver($window))->execute('Page.addScriptToEvaluateOnNewDocument', [
        'source' => file_get_contents(__DIR__.'/late.js'),
    ]);
}

/** Does something, and holds what it must lead to: it comes, and is still there when the last answer has come. */
function stays(BrowserTestCase $test, RemoteWebDriver $window, string $name, string $holds, callable $do): void
{
    $window->executeScript('window.ended = window.watch(arguments[0], () => '.$holds.')', [$name]);
    $do();
    $window
        ->wait(30, 50)
        ->until(static fn (): bool => (bool) $window->executeScript('return '.$holds), "Waited for: {$name}");
    // quiet for a while: what an answer causes is asked for by then
    $quiet = 0;
    $window->wait(60, 100)->until(static function () use ($window, &$quiet): bool {
        $quiet = $window->executeScript('return window.underWay') === 0 ? $quiet + 1 : 0;

        return $quiet > 4;
    }, 'Waited for the last answer');
    expect($window->executeScript('return [window.ended(), ...window.wentBack]'))->toBe([true]);
}

/** A script's expression: whether the page reads so. */
function reading(string $text, string $css = 'body'): string
{
    return sprintf(
        '[...document.querySelectorAll(%s)].some((e) => e.innerText.replaceAll("\u00a0", " ").includes(%s))',
        json_encode($css),
        json_encode($text),
    );
}

it('never shows an older state of a rush or of the list of rushes', function () {
    $window = $this->browser();
    $this->planning($window);
    late($window);
    $window->navigate()->refresh();
    stays(
        $this,
        $window,
        'distance',
        reading('27 m', '[data-word=distance]'),
        fn () => $this->write($window, 'distance', '27'),
    );
    stays(
        $this,
        $window,
        'speed',
        reading('12 m/s', '[data-word=speed]').' && '.reading('27 m', '[data-word=distance]'),
        fn () => $this->write($window, 'speed', '12 m/s'),
    );
    stays(
        $this,
        $window,
        'undo',
        '!'.reading('12 m/s', '[data-word=speed]').' && '.reading('27 m', '[data-word=distance]'),
        fn () => $this->press($window, 'undo'),
    );
    stays(
        $this,
        $window,
        'a copy',
        'document.querySelector(".name input")?.value === "Copy of A new rush"',
        function () use ($window) {
            $this->press($window, 'all rushes');
            $this->press($window, 'Copy A new rush');
        },
    );
    $this->press($window, 'all rushes');
    $this->one($window, '.row');
    stays(
        $this,
        $window,
        'deleted',
        reading('Deleted “Copy of A new rush”.'),
        fn () => $this->press($window, 'Delete Copy of A new rush'),
    );
    $this->press($window, 'all rushes');
    $this->one($window, '.row');
    expect($window->findElements(WebDriverBy::cssSelector('.row')))->toHaveCount(1);
    $this->keys($window, Key::ESCAPE);
    stays(
        $this,
        $window,
        'back',
        'document.querySelector(".name input")?.value === "Copy of A new rush"',
        fn () => $this->press($window, 'Bring it back'),
    );
    // a figure of one's own, and the default again
    $this->one($window, '.figure:nth-child(5)')->click();
    $figure = 'document.querySelector(".assumed input")?.value';
    $type = function (string $value) use ($window): void {
        $input = $this->one($window, '.assumed input');
        $input->sendKeys([Key::CONTROL, 'a']);
        $input->sendKeys([Key::NULL, $value, Key::ENTER]);
    };
    $type('0.3');
    stays($this, $window, 'figure', "{$figure} === '0.5' && ".reading('back to default'), fn () => $type('0.5'));
    stays(
        $this,
        $window,
        'default',
        "{$figure} === '0.85' && !".reading('back to default'),
        fn () => $this->press($window, 'back to default'),
    );
});

it('never shows an older state of what is ticked and how the camera was left', function () {
    $window = $this->browser();
    $this->carrying($window);
    late($window);
    $window->navigate()->refresh();
    $set = reading('The camera is set for this.');
    $this->see($window, 'Nobody has said how My body was left');
    stays($this, $window, 'set', $set, fn () => $this->press($window, 'It is all set: remember it so'));
    stays(
        $this,
        $window,
        'not set',
        "!{$set} && ".reading('It is all set: remember it so'),
        fn () => $this->press($window, 'undo: it was not set'),
    );
    stays($this, $window, 'left otherwise', reading('1 change from how it was left'), function () use ($window) {
        $this->press($window, 'It is all set: remember it so');
        $this->press($window, 'It was left otherwise');
        $this->pick($window, 'focus mode', 'single');
        $this->press($window, 'It was left so');
    });
    // as it failed once: a tick, and at once that all is set
    stays($this, $window, 'ticked and set', $set, function () use ($window) {
        $this->one($window, '.changes-list input')->click();
        $this->press($window, 'Set: remember it so');
    });
    stays(
        $this,
        $window,
        'another name',
        'document.querySelector(".title-select").textContent.includes("Sunday")',
        function () use ($window) {
            $this->press($window, 'name and holds');
            $name = $this->one($window, 'input[aria-label="Name of this card"]');
            $name->sendKeys([Key::CONTROL, 'a']);
            $name->sendKeys([Key::NULL, 'Sunday', Key::ENTER]);
        },
    );
});

it('never shows an older state of a piece, of a layout, of settings or of a sweep', function () {
    $window = $this->browser();
    $this->planning($window);
    $rush = basename((string) parse_url($window->getCurrentURL(), PHP_URL_PATH));
    late($window);
    $lens = array_column($this->api($window, 'GET', 'gear')[1]['gear'], 'id', 'type')['lens'];
    $window->get($this->address('/kit/'.$lens));
    $name = $this->one($window, '.piece-name');
    stays($this, $window, 'renamed, in the list too', reading('Long one', '.kit-list'), function () use ($name) {
        $name->sendKeys([Key::CONTROL, 'a']);
        $name->sendKeys([Key::NULL, 'Long one', Key::ENTER]);
    });
    stays(
        $this,
        $window,
        'renamed back',
        '!'.reading('Long one', '.kit-list'),
        fn () => $this->press($window, 'undo'),
    );

    $this->press($window, 'Controls');
    $box =
        '[...document.querySelectorAll("label.has")].find((l) => l.innerText.includes("gloves"))?.querySelector("input").checked';
    $this->see($window, 'gloves');
    stays(
        $this,
        $window,
        'gloves',
        "{$box} === true",
        fn () => $window->findElement(WebDriverBy::xpath('//label[contains(., "gloves")]/input'))->click(),
    );
    stays($this, $window, 'no gloves', "{$box} === false", fn () => $this->press($window, 'undo'));

    $this->one($window, 'a.who')->click();
    $this->one($window, 'input[value=dusk]');
    stays(
        $this,
        $window,
        'theme and units',
        'document.querySelector("input[value=ember]").checked && document.querySelector("input[value=imperial]").checked',
        function () use ($window) {
            foreach (['dusk', 'imperial', 'ember'] as $value) {
                $this->one($window, "input[value={$value}]")->click();
            }
        },
    );

    $window->get($this->address('/rehearse/'.$rush));
    stays(
        $this,
        $window,
        'a sweep',
        reading('of 100 passes').' || '.reading('Sweep again'),
        fn () => $this->press($window, 'Sweep'),
    );
    // cancelled or at its end, it never runs again by itself
    stays(
        $this,
        $window,
        'no sweep',
        reading('Sweep again'),
        fn () => $window->executeScript(
            '[...document.querySelectorAll(".sweep-acts button")].find((b) => b.textContent === "Cancel")?.click()',
        ),
    );
});
