<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;

/** Where the focus is, and whether a person sees it there. */
const FOCUS = <<<'JS'
const at = document.activeElement;
if (at === null || at === document.body) return null;
const drawn = (one) => {
  const style = getComputedStyle(one);
  return (style.outlineStyle !== "none" && parseFloat(style.outlineWidth) > 0) || style.boxShadow !== "none";
};
const box = at.closest(".ant-select, .field, label") ?? at;
// a handle of the lane draws its focus inside itself
const inside = [...at.querySelectorAll("rect, circle, path")];
const stroked = (one) => !["none", ""].includes(getComputedStyle(one).stroke) && at.matches("[role=slider]");
return {
  what: at.tagName + " " + (at.getAttribute("aria-label") ?? at.textContent ?? "").slice(0, 40),
  seen: drawn(at) || drawn(box) || inside.some(drawn) || inside.some(stroked) || getComputedStyle(box).borderColor !== getComputedStyle(document.body).borderColor,
  dialog: at.closest("[role=dialog]") !== null,
};
JS;

it('is led through every room by Tab alone, and always shows where it is', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->saved($window);
    foreach (['plan', 'rehearse', 'outing', 'kit', 'controls', 'settings', 'words'] as $room) {
        $window->get($this->address("/{$room}"));
        $this->one($window, '#room h1, #room .name');
        $window->executeScript('document.activeElement.blur()');
        $stops = 0;
        for ($press = 0; $press < 45; $press++) {
            $this->keys($window, Key::TAB);
            $focus = $window->executeScript(FOCUS);
            if ($focus === null) {
                break; // past the last stop, in the window's own frame
            }
            expect($focus['seen'])->toBeTrue("{$room}: {$focus['what']}");
            $stops++;
        }
        expect($stops)->toBeGreaterThan(4, $room);
    }
});

it('goes into what opens, stays inside, and comes back', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->one($window, '[data-field=shutter_s]');
    foreach (['[data-field=shutter_s]', '[data-field="area.pattern"]', '[data-word=distance]', '[data-word=kit]'] as $button) {
        $window->executeScript('document.querySelector(arguments[0]).closest("button").focus()', [$button]);
        $this->keys($window, Key::ENTER);
        $window->wait(15, 50)->until(fn (): bool => ($window->executeScript(FOCUS)['dialog'] ?? false) === true, $button);
        for ($press = 0; $press < 25; $press++) {
            $this->keys($window, Key::TAB);
            expect($window->executeScript(FOCUS)['dialog'] ?? false)->toBeTrue($button);
        }
        $this->keys($window, Key::ESCAPE);
        $window->wait(15, 50)->until(
            fn (): bool => $window->executeScript(
                'return document.querySelector(arguments[0]).closest("button") === document.activeElement',
                [$button],
            ),
            "Waited for the focus to come back to {$button}",
        );
    }

    // what is typed to find is no key of the room behind
    $this->keys($window, '/');
    $this->one($window, '.rushes input');
    $window->wait(15, 50)->until(fn (): bool => $window->executeScript('return document.activeElement.type === "search"'));
    $this->keys($window, 'heron');
    expect($this->one($window, '.rushes input')->getAttribute('value'))->toBe('heron');
    expect($window->findElements(WebDriverBy::cssSelector('[data-editor]')))->toBe([]);
    $this->keys($window, Key::ESCAPE);

    // what is made anew has it
    $this->keys($window, 'n');
    $window->wait(15, 50)->until(
        fn (): bool => $this->one($window, '.name input')->getAttribute('value') === 'A new rush' &&
            $window->executeScript('return document.activeElement.dataset.word !== undefined'),
    );
});

it('gives the focus a place again when what had it goes', function () {
    $window = $this->browser();
    $this->planning($window);
    $window->get($this->address('/kit'));
    $this->press($window, 'Add a lens');
    $this->one($window, '.piece');
    $this->see($window, 'Note a value');
    foreach (['Add a range', 'take out range 1', 'Note a value', 'take out value 1'] as $button) {
        $window->executeScript(
            'const b = [...document.querySelectorAll("button")].find((one) => one.ariaLabel === arguments[0] || one.textContent.trim() === arguments[0]); b.focus(); b.click();',
            [$button],
        );
        $window->wait(15, 50)->until(
            fn (): bool => $window->executeScript('return document.activeElement !== document.body'),
            "Waited for the focus after {$button}",
        );
    }
});

it('has nothing too small for a thumb on a phone', function () {
    $window = $this->browser(390, 844);
    $this->planning($window);
    $this->saved($window);
    $small = <<<'JS'
    const small = [];
    for (const one of document.querySelectorAll("a[href]:not(.skip), button:not(.map-cell), input:not([type=hidden]), select, [role=slider], summary, [role=radio]")) {
      if (!one.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue;
      let box = one.getBoundingClientRect();
      if (box.width === 0 || box.height === 0) continue;
      const whole = one.matches("input[type=checkbox], input[type=radio], input[role=combobox]") ? one.closest("label, .ant-select") : null;
      if (whole !== null) box = whole.getBoundingClientRect();
      // a word within running text is as tall as its line allows
      if (box.height < 43.5 || (box.width < 43.5 && !one.matches(".word")))
        small.push(`${Math.round(box.width)}×${Math.round(box.height)} ${one.className} ${(one.ariaLabel ?? one.textContent).slice(0, 30)}`);
    }
    return small;
    JS;
    foreach (['plan', 'rehearse', 'outing', 'kit', 'controls', 'card', 'log', 'settings', 'words'] as $room) {
        $window->get($this->address("/{$room}"));
        $this->one($window, '#room h1, #room .name, #room .empty');
        $window->wait(20, 100)->until(
            fn (): bool => $window->findElements(WebDriverBy::cssSelector('#room [aria-busy=true]')) === [],
        );
        expect($window->executeScript($small))->toBe([], $room);
    }
});

it('closes what is open on Back, and leads on from the door', function () {
    $window = $this->browser(390, 844);
    $this->planning($window);
    $this->one($window, '[data-word=distance]')->click();
    $this->one($window, '[data-editor=distance]');
    $window->navigate()->back();
    $window->wait(15, 50)->until(
        fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-editor]')) === [],
    );
    expect(parse_url($window->getCurrentURL(), PHP_URL_PATH))->toStartWith('/plan/');
    $this->saved($window);

    $other = $this->browser();
    $other->get($this->address('/controls'));
    $this->press($other, 'Make an account');
    $this->one($other, 'input[name=name]')->sendKeys('Bea');
    $this->one($other, 'input[name=email]')->sendKeys('bea-'.bin2hex(random_bytes(4)).'@turf.example');
    $this->one($other, 'input[name=password]')->sendKeys('a-hedge-of-whitethorn');
    $this->press($other, 'Make my account');
    $this->one($other, '.scheme-row, .controls-room');
    expect(parse_url($other->getCurrentURL(), PHP_URL_PATH))->toStartWith('/controls');
    $other->get($this->address('/card/zzz'));
    $this->see($other, 'No card yet');
});
