<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;

it('lets a new user register, type a rush, read the plan, reload and find it', function () {
    $window = $this->browser();
    $this->planning($window);

    $this->one($window, '[data-word=subject]')->click();
    $this->one($window, '[data-editor=subject] input')->sendKeys(['seab', Key::ENTER]);
    $this->reads($window, '[data-word=subject]', 'A seabird');
    $this->write($window, 'bearing', '70');
    $this->write($window, 'distance', '18');
    $this->write($window, 'speed', '32,4 km/h');
    $this->write($window, 'light', '13');
    $name = $this->one($window, '.name input');
    $name->sendKeys([Key::CONTROL, 'a']); // emptying it by the driver would leave the field, which then shows its old name
    $name->sendKeys([Key::NULL, 'Terns at the point', Key::ENTER]);
    $this->reads($window, '[data-word=speed]', '9 m/s');
    $this->reads($window, '[data-field=f_number]', 'f/5.6');
    $this->reads($window, '[data-field=shutter_s]', '1/3200');
    $this->reads($window, '[data-field=iso]', '1250');
    $this->reads($window, '[data-field=focus_mode]', 'Continuous');
    $this->see($window, 'Your pan leaves 1.5 m/s of its motion');
    $this->saved($window);

    $window->navigate()->refresh();
    $this->reads($window, '[data-word=speed]', '9 m/s');
    $this->reads($window, '[data-field=shutter_s]', '1/3200');
    expect($this->one($window, '.name input')->getAttribute('value'))->toBe('Terns at the point');

    // and in another browser, after signing in anew
    $window->get($this->address('/plan'));
    $this->reads($window, '[data-word=distance]', '18 m');
});

it('works the sentence by keyboard alone', function () {
    $window = $this->browser();
    $this->planning($window);
    $focused = fn (): string => (string) $window->executeScript(
        'return document.activeElement.dataset.word ?? document.activeElement.tagName',
    );
    $window->executeScript('document.activeElement.blur()');
    for ($tabs = 0; $tabs < 200 && $focused() !== 'subject'; $tabs++) {
        $this->keys($window, Key::TAB);
    }
    expect($focused())->toBe('subject');

    $this->keys($window, Key::ARROW_RIGHT, Key::ARROW_RIGHT, Key::ARROW_RIGHT);
    expect($focused())->toBe('speed');
    $before = $this->one($window, '[data-word=speed]')->getText();
    $this->keys($window, Key::ARROW_UP, Key::ARROW_UP);
    $window->wait(10, 50)->until(fn (): bool => $this->one($window, '[data-word=speed]')->getText() !== $before);
    $this->keys($window, 'd');
    $this->one($window, '[data-editor=distance] input');
    $this->keys($window, '6', '0', ' ', 'f', 't', Key::ENTER);
    $this->reads($window, '[data-word=distance]', '18.3 m');
    expect($focused())->toBe('distance');

    $this->keys($window, 'm');
    $this->one($window, '[data-editor=pattern]');
    $this->keys($window, Key::ARROW_DOWN, Key::ENTER);
    $this->reads($window, '[data-word=pattern]', 'speeding up or slowing');
    $this->keys($window, Key::END, Key::HOME, 'p');
    $this->one($window, '[data-editor=panning]');
    $this->keys($window, Key::ESCAPE);
    $window->wait(10, 50)->until(fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-editor]')) === []);
    expect($focused())->toBe('panning');

    $this->keys($window, '?');
    $this->see($window, 'from word to word');
    $this->keys($window, Key::ESCAPE);
    $window->wait(10, 50)->until(fn (): bool => ! str_contains($this->text($window), 'from word to word'));

    $this->saved($window);
    $window->getKeyboard()->sendKeys([Key::CONTROL, 'z', Key::NULL]);
    $this->reads($window, '[data-word=pattern]', 'moving steadily');
    $window->getKeyboard()->sendKeys([Key::CONTROL, 'z', Key::NULL]);
    $this->reads($window, '[data-word=distance]', '18 m');
    $window->getKeyboard()->sendKeys([Key::CONTROL, 'z', Key::NULL]);
    $this->reads($window, '[data-word=speed]', $before);
    $window->getKeyboard()->sendKeys([Key::CONTROL, Key::SHIFT, 'z', Key::NULL]);
    $window->wait(10, 50)->until(fn (): bool => $this->one($window, '[data-word=speed]')->getText() !== $before);
    $this->saved($window);
});

it('takes an exposure from the curve and a help from the list, and undoes both', function () {
    $window = $this->browser();
    $this->planning($window);
    $shutter = $this->one($window, '[data-field=shutter_s]')->getText();
    $this->click($window, $this->one($window, '.frontier'));
    $this->one($window, '.frontier-list [aria-current=true]');
    $this->click($window, $this->one($window, '.frontier-list li:last-child button'));
    $window->wait(20, 50)->until(fn (): bool => $this->one($window, '[data-field=shutter_s]')->getText() !== $shutter);
    $this->saved($window);
    $this->press($window, 'undo');
    $this->reads($window, '[data-field=shutter_s]', $shutter);

    $this->write($window, 'distance', '9');
    $this->saved($window);
    $sentence = $this->one($window, '[data-testid=sentence]')->getText();
    $this->click($window, $this->one($window, '.helps .text-button'));
    $window->wait(20, 50)->until(fn (): bool => $this->one($window, '[data-testid=sentence]')->getText() !== $sentence);
    $this->saved($window);
    $this->press($window, 'undo');
    $this->reads($window, '[data-testid=sentence]', $sentence);
    $this->see($window, 'What to do, in order');
});

it('leads with the odds where they are poor', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->write($window, 'distance', '6');
    $this->keys($window, 'm');
    $this->one($window, '[data-editor=pattern]');
    $this->keys($window, Key::ARROW_DOWN, Key::ARROW_DOWN, Key::ARROW_DOWN, Key::ENTER);
    $this->reads($window, '[data-word=pattern]', 'darting about');
    $this->see($window, 'What would help most:');
    expect($this->one($window, '.poor h2')->getText())->toMatch('/frames? will be sharp/');
});

it('lets the subject be dragged along the lane, numbers following, and undoes it in one go', function () {
    $window = $this->browser();
    $this->planning($window);
    $slider = $this->one($window, '[data-grip=work]');
    $shutter = $this->one($window, '[data-field=shutter_s]')->getText();
    $lane = $this->one($window, '[data-testid=lane]');
    $actions = new WebDriverActions($window);
    $actions
        ->moveToElement($slider)
        ->clickAndHold()
        ->moveByOffset(60, 0)
        ->moveByOffset(60, 0)
        ->moveByOffset(60, 0)
        ->release()
        ->perform();
    $window->wait(10, 20)->until(fn (): bool => $this->one($window, '[data-word=distance]')->getText() !== '18 m');
    $this->saved($window);
    $moved = (float) $this->one($window, '[data-grip=work]')->getAttribute('aria-valuenow');
    expect($moved)->toBeGreaterThan(22.0);
    $window->wait(10, 20)->until(fn (): bool => $this->one($window, '[data-field=shutter_s]')->getText() !== $shutter);

    $slider->sendKeys([Key::ARROW_LEFT]);
    $this->saved($window);
    $this->press($window, 'undo');
    $this->press($window, 'undo');
    $this->reads($window, '[data-word=distance]', '18 m');
    $this->reads($window, '[data-field=shutter_s]', $shutter);
    expect($lane->isDisplayed())->toBeTrue();
});

it('says why there is no plan when the subject is too close, and goes on when it is not', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->write($window, 'distance', '2 m');
    $this->see($window, 'There is no plan for this.');
    $this->see($window, 'this lens focuses no closer than 3.5 m');
    $this->saved($window);
    $this->write($window, 'distance', '12 m');
    $this->one($window, '[data-field=shutter_s]');
});

it('opens every figure to its formula, inputs and source, and lets an assumed one be changed', function () {
    $window = $this->browser();
    $this->planning($window);
    foreach (
        [
            '.setting:nth-child(1)' => '(f·ω)²',
            '.setting:nth-child(3)' => '100·N²',
            '.budget-used' => 'Sharpness standard',
            '.figure:nth-child(1)' => 's(H−f)/(H+s−2f)',
            '.figure:nth-child(2)' => 'τ²',
            '.figure:nth-child(6)' => 'f²/(N·c) + f',
        ] as $figure => $formula
    ) {
        $this->one($window, $figure)->click();
        $this->see($window, $formula);
        $this->press($window, 'Done');
        $window->wait(10, 50)->until(fn (): bool => $window->findElements(WebDriverBy::cssSelector('.working')) === []);
    }
    $speed = $this->one($window, '.figure:nth-child(5) .figure-value')->getText();
    $this->one($window, '.figure:nth-child(5)')->click();
    $input = $this->one($window, '.assumed input');
    expect($input->getAttribute('value'))->toBe('0.85');
    $input->sendKeys([Key::CONTROL, 'a']);
    $input->sendKeys([Key::NULL, '7', Key::ENTER]);
    $this->see($window, 'it must be 0 to 0.99');
    $input->sendKeys([Key::CONTROL, 'a']);
    $input->sendKeys([Key::NULL, '0.5', Key::ENTER]);
    $window
        ->wait(10, 50)
        ->until(fn (): bool => $this->one($window, '.figure:nth-child(5) .figure-value')->getText() !== $speed);
    $this->press($window, 'back to default');
    $this->reads($window, '.figure:nth-child(5) .figure-value', $speed);
    $this->expectedOnConsole = ['422'];
});

it('finds, copies, deletes and brings back rushes', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->press($window, 'all rushes');
    $this->press($window, 'Copy A new rush');
    $this->named($window, 'Copy of A new rush');
    $this->press($window, 'all rushes');
    $this->one($window, '.rushes input')->sendKeys('copy');
    $window->wait(10, 50)->until(fn (): bool => count($window->findElements(WebDriverBy::cssSelector('.row'))) === 1);
    $this->press($window, 'Delete Copy of A new rush');
    $this->named($window, 'A new rush');
    $this->see($window, 'Deleted “Copy of A new rush”.');
    $this->press($window, 'all rushes');
    $this->one($window, '.row');
    expect($window->findElements(WebDriverBy::cssSelector('.row')))->toHaveCount(1);
    $this->keys($window, Key::ESCAPE);
    $window->wait(10, 50)->until(fn (): bool => $window->findElements(WebDriverBy::cssSelector('.row')) === []);
    $this->press($window, 'Bring it back');
    $this->named($window, 'Copy of A new rush');
});

it('does not let two tabs overwrite each other unseen', function () {
    $window = $this->browser();
    $this->planning($window);
    $id = basename((string) parse_url($window->getCurrentURL(), PHP_URL_PATH));
    // what another tab or device would send
    $elsewhere = function (float $distance) use ($window, $id): void {
        [, $now] = $this->api($window, 'GET', "rushes/{$id}");
        $now['rush']['distance']['work_m'] = $distance;
        $now['rush']['photographer']['schools'] = new stdClass();
        [$status] = $this->api($window, 'PUT', "rushes/{$id}", [
            'revision' => $now['revision'],
            'gesture' => 'other',
            'kit_id' => $now['kit_id'],
            'focal_mm' => null,
            'rush' => $now['rush'],
        ]);
        expect($status)->toBe(200);
    };
    $elsewhere(25);
    $this->write($window, 'speed', '12 m/s');
    $this->see($window, 'Another tab changed this rush.');
    $window->navigate()->refresh();
    $this->see($window, 'Another tab changed this rush.');
    $this->reads($window, '[data-word=speed]', '12 m/s');
    $this->press($window, 'Take theirs');
    $this->reads($window, '[data-word=distance]', '25 m');
    $this->saved($window);

    $elsewhere(30);
    $this->write($window, 'speed', '13 m/s');
    $this->see($window, 'Another tab changed this rush.');
    $this->press($window, 'Keep mine');
    $this->saved($window);
    $this->reads($window, '[data-word=distance]', '25 m');
    $this->reads($window, '[data-word=speed]', '13 m/s');

    // a tab that has nothing of its own to say brings itself up to date
    $elsewhere(35);
    $window->executeScript('window.dispatchEvent(new Event("focus"))');
    $this->reads($window, '[data-word=distance]', '35 m');
    $this->see($window, 'brought up to date from another tab');
    $this->expectedOnConsole = ['409'];
});

it('keeps what is typed through a lost connection and a reload, and sends it when it is back', function () {
    $window = $this->browser();
    $this->planning($window);
    $tools = new ChromeDevToolsDriver($window);
    $line = fn (bool $off) => $tools->execute('Network.emulateNetworkConditions', [
        'offline' => $off,
        'latency' => 0,
        'downloadThroughput' => -1,
        'uploadThroughput' => -1,
    ]);
    $tools->execute('Network.enable');
    $line(true);
    $this->write($window, 'speed', '7 m/s');
    $this->see($window, 'there is no connection');
    $this->write($window, 'distance', '22 m');
    $this->reads($window, '[data-word=distance]', '22 m');
    $line(false);
    $this->saved($window);
    $window->navigate()->refresh();
    $this->reads($window, '[data-word=speed]', '7 m/s');
    $this->reads($window, '[data-word=distance]', '22 m');
    $this->expectedOnConsole = ['ERR_INTERNET_DISCONNECTED'];
});
