<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;

/** Types over what stands in a field of an open editor. */
$over = function (mixed $test, mixed $window, string $field, string $text): void {
    $input = $test->one($window, $field);
    $input->sendKeys([Key::CONTROL, 'a']);
    $input->sendKeys([Key::NULL, $text]);
};

it('takes what was typed whatever way the word is left, and lets go of it only by Escape', function () use ($over) {
    $window = $this->browser();
    $this->planning($window);
    $open = fn (string $word) => $this->one($window, "[data-word={$word}]")->click();
    $gone = fn () => $window->wait(15, 50)->until(
        fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-editor]')) === [],
    );

    // a press anywhere else
    $open('distance');
    $over($this, $window, '[data-editor=distance] input', '31');
    $this->one($window, '.brand')->click();
    $this->reads($window, '[data-word=distance]', '31 m');
    // another word
    $open('speed');
    $over($this, $window, '[data-editor=speed] input', '11');
    $window->executeScript('document.querySelector("[data-word=light]").click()');
    $this->reads($window, '[data-word=speed]', '11 m/s');
    // a link, and back
    $over($this, $window, '[data-editor=light] input', '9');
    $this->room($window, 'Kit');
    $this->room($window, 'Plan');
    $this->reads($window, '[data-word=light]', 'sunset, EV 9');
    // Escape alone lets go
    $before = $this->one($window, '[data-word=distance]')->getText();
    $open('distance');
    $over($this, $window, '[data-editor=distance] input', '77');
    $this->reads($window, '[data-word=distance]', '77 m');
    $this->keys($window, Key::ESCAPE);
    $gone();
    $this->reads($window, '[data-word=distance]', $before);
    $this->saved($window);
});

it('says that it is working it out, not that nothing changes; and an assumption is a step of its own', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->write($window, 'distance', '20');
    $this->saved($window);
    $this->expectedOnConsole = ['Failed to load resource', 'fetching the script'];
    $this->server('stop');
    try {
        $this->write($window, 'distance', '9');
        $this->see($window, 'kept, and worked out as soon as it can be sent');
        expect($this->one($window, '[data-testid=changes]')->getText())->not->toContain('changes nothing');
    } finally {
        $this->server('start');
    }
    $this->saved($window);
    $this->reads($window, '[data-word=distance]', '9 m');

    // the figure behind the pan has a line and a step back of its own
    $this->one($window, '[data-field=shutter_s]')->click();
    $field = $this->one($window, '.working .assumed input');
    $what = explode(',', (string) $field->getAttribute('aria-label'))[0];
    $before = $field->getAttribute('value');
    $field->sendKeys([Key::CONTROL, 'a']);
    $field->sendKeys([Key::NULL, '1/1000', Key::ENTER]);
    $this->see($window, "{$what}: {$before} → 1/1000");
    $this->keys($window, Key::ESCAPE);
    $this->press($window, 'undo');
    $this->see($window, "{$what}: 1/1000 → {$before}");
    $this->reads($window, '[data-word=distance]', '9 m');
    $this->press($window, 'undo');
    $this->reads($window, '[data-word=distance]', '20 m');
});
