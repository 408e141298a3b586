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

it('finds a subject by what people call it, and keeps one it does not know', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->keys($window, 's');
    $this->one($window, '[data-editor=subject] input');
    $this->keys($window, 'heron', Key::ENTER);
    $this->reads($window, '[data-word=subject]', 'A heron');
    $this->reads($window, '[data-word=size]', '95 cm');
    $this->keys($window, 's');
    $this->one($window, '[data-editor=subject] input');
    $this->keys($window, 'wombat');
    $this->see($window, 'No name here is like “wombat”');
    $this->press($window, 'running mammal');
    $this->reads($window, '[data-word=subject]', 'A wombat');
    $this->write($window, 'speed', '11');
    $this->keys($window, 's');
    $this->press($window, 'keep these numbers for every wombat');
    $this->see($window, 'kept as yours');
    $this->keys($window, Key::ESCAPE);
    $this->saved($window);

    // a new rush, another day
    $window->navigate()->refresh();
    $this->one($window, '[data-word=subject]');
    $this->keys($window, 'n');
    $this->reads($window, '[data-word=subject]', 'A small bird');
    $this->keys($window, 's');
    $this->one($window, '[data-editor=subject] input');
    $this->keys($window, 'wom', Key::ENTER);
    $this->reads($window, '[data-word=subject]', 'A wombat');
    $this->reads($window, '[data-word=speed]', '11 m/s');
    $this->keys($window, 'm');
    $this->one($window, '[data-editor=pattern]');
    $this->one($window, '[data-editor=pattern]')->findElement(WebDriverBy::xpath('.//*[text()="taking off"]'))->click();
    $this->reads($window, '[data-word=pattern]', 'taking off');
    $this->reads($window, '[data-word=speed]', '0 m/s, then off at 9 m/s');
});

it('makes one of what is asked for twice', function () {
    $window = $this->browser();
    $this->registered($window);
    $count = fn (string $of, string $in): int => count($this->api($window, 'GET', $of)[1][$in] ?? []);
    $this->one($window, '.empty .primary');
    $window->executeScript('const b = document.querySelector(".empty .primary"); b.click(); b.click(); b.click()');
    $this->one($window, '[data-testid=sentence]');
    expect($count('rushes', 'rushes'))->toBe(1);
    // a press so soon after is the second half of a double one; later it counts, and is one again
    $pressed = 'for (const _ of "nn") document.body.dispatchEvent(new KeyboardEvent("keydown", {key: "n", bubbles: true}))';
    $window->wait(30, 400)->until(function () use ($window, $pressed, $count): bool {
        // pressed again only while there is still one
        $isThere = $count('rushes', 'rushes') >= 2;
        $isThere || $window->executeScript($pressed);

        return $isThere;
    });
    $this->saved($window);
    expect($count('rushes', 'rushes'))->toBe(2);
    $this->keys($window, '/');
    $this->one($window, '.rushes .row');
    $window->executeScript('const b = document.querySelector(".rushes [aria-label^=Copy]"); b.click(); b.click()');
    $window->wait(20, 100)->until(fn (): bool => $count('rushes', 'rushes') >= 3);
    $window->get($this->address('/kit'));
    $lenses = $count('gear', 'gear');
    $this->see($window, 'Add a lens');
    $window->executeScript(
        'const b = [...document.querySelectorAll("button")].find((one) => /Add a lens/.test(one.textContent + one.ariaLabel)); b.click(); b.click()',
    );
    $window->wait(20, 100)->until(fn (): bool => $count('gear', 'gear') > $lenses);
    // whatever else was on its way has arrived by now
    $this->see($window, 'Another lens');
    expect($count('rushes', 'rushes'))->toBe(3)->and($count('gear', 'gear'))->toBe($lenses + 1);
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
