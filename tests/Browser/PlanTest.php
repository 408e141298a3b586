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
    $this->keys($window, 'g', 'k');
    $this->one($window, '.kit-list');
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
