<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;

/** Counts what a person does: presses of keys, and of the mouse or a finger. */
final class Hand
{
    public int $keys = 0;

    public int $clicks = 0;

    public function __construct(private mixed $test, public RemoteWebDriver $window) {}

    /** Keys one after the other; a text counts by its letters. */
    public function type(string ...$keys): void
    {
        foreach ($keys as $key) {
            $this->keys += strlen($key) === mb_strlen($key) && ctype_print($key) ? mb_strlen($key) : 1;
            $this->test->keys($this->window, $key);
        }
    }

    /** Opens a word by its letter, types what it is to be, and closes it by Enter. */
    public function say(string $letter, string $word, string $text): void
    {
        $this->type($letter);
        $this->test->one($this->window, "[data-editor={$word}] input");
        $this->type($text, Key::ENTER);
        $this->closed();
    }

    /** Opens a word by its letter and takes the answer so many below the one it stands on. */
    public function choose(string $letter, string $word, int $below): void
    {
        $this->type($letter);
        $this->test->one($this->window, "[data-editor={$word}] [role=radio]");
        $this->type(...array_fill(0, abs($below), $below < 0 ? Key::ARROW_UP : Key::ARROW_DOWN));
        $this->type(Key::ENTER);
    }

    public function closed(): void
    {
        $this->window->wait(15, 50)->until(
            fn (): bool => $this->window->findElements(WebDriverBy::cssSelector('[data-editor]')) === [],
        );
    }

    public function press(string $label): void
    {
        $this->clicks++;
        $this->test->press($this->window, $label);
    }

    public function click(string $css): void
    {
        $this->clicks++;
        $this->test->click($this->window, $this->test->one($this->window, $css));
    }

    /** What it took, and begins to count anew. */
    public function took(): array
    {
        $took = [$this->keys, $this->clicks];
        $this->keys = $this->clicks = 0;

        return $took;
    }
}

it('does what a newcomer comes for, in few presses', function () {
    $window = $this->browser();
    $hand = new Hand($this, $window);
    $within = function (string $task, int $keys, int $clicks) use ($hand): void {
        [$k, $c] = $hand->took();
        expect($k)->toBeLessThanOrEqual($keys, "{$task}: keys")->and($c)->toBeLessThanOrEqual($clicks, "{$task}: clicks");
    };

    // 1. a first rush, by keyboard alone: a heron bursting out of reeds in the evening
    $this->registered($window);
    // it waits for the kits of the account
    $this->one($window, '.empty .primary:enabled');
    $window->executeScript('document.querySelector(".empty .primary").focus()');
    $hand->type(Key::ENTER);
    $this->one($window, '[data-testid=sentence]');
    $hand->say('s', 'subject', 'heron');
    $hand->say('v', 'speed', '7');
    $hand->say('b', 'bearing', '0');
    $hand->say('d', 'distance', '12-40');
    $hand->say('d', 'distance', '25');
    $hand->choose('m', 'pattern', -1);
    $hand->closed();
    $hand->choose('o', 'front', 2);
    $hand->type(Key::ESCAPE);
    $hand->closed();
    $hand->choose('r', 'behind', 1);
    $hand->type(Key::ESCAPE);
    $hand->closed();
    $hand->say('e', 'light', '9');
    $hand->choose('h', 'support', 3);
    $hand->closed();
    $hand->choose('y', 'skill', -1);
    $hand->type(Key::ESCAPE);
    $hand->say('i', 'iso', '12800');
    $this->reads($window, '[data-word=subject]', 'A heron');
    $this->reads($window, '[data-word=front]', 'dense clutter in front');
    $this->reads($window, '[data-word=light]', 'sunset, EV 9');
    $this->saved($window);
    $within('a first rush', 90, 0);

    // 2. a body of one's own, as its sheet says, in twelve questions
    $window->get($this->address('/kit/new-body'));
    $this->one($window, '.guided-answer input');
    $hand->type('Reed D', Key::ENTER);
    $this->see($window, 'How large is its sensor?');
    $hand->press('Next');
    $this->see($window, 'How many pixels does it have?');
    $hand->type('20.8 MP', Key::ENTER);
    $this->see($window, 'How many frames a second');
    $hand->type('10 fps', Key::ENTER);
    $this->see($window, 'What is its shortest shutter?');
    $hand->type('1/8000', Key::ENTER);
    $this->see($window, 'Does it have a mirror?');
    $hand->press('the rest later');
    $this->see($window, 'assumed: you have not said');
    expect($this->one($window, '.piece-name')->getAttribute('value'))->toBe('Reed D');
    $within('a body', 60, 10);

    // 3. why this shutter, and the figure behind it
    $this->room($window, 'Plan');
    $hand->click('[data-field=shutter_s]');
    $this->one($window, '.working .formula');
    $this->keys($window, Key::ESCAPE);
    $within('why', 0, 6);

    // 4. the same at 12 m: by the word, and by the lane
    $hand->say('d', 'distance', '12');
    $this->reads($window, '[data-word=distance]', '12 m');
    $within('another distance', 4, 0);
    $window->executeScript('document.querySelector("[data-grip=work]").focus()');
    $hand->type(Key::ARROW_RIGHT, Key::ARROW_RIGHT);
    $window->wait(15, 50)->until(fn (): bool => $this->one($window, '[data-word=distance]')->getText() !== '12 m');
    $this->saved($window);
    $within('by the lane', 11, 0);

    // 5. how many frames, and what would help
    $hand->press('rehearse');
    $this->one($window, '[data-testid=expect]');
    $hand->press('Sweep');
    $window->wait(120, 200)->until(
        fn (): bool => preg_match('/does best|None of these helps|does as well/', $this->text($window)) === 1,
        'Waited for the sweep to be told',
    );
    $within('a rehearsal', 0, 12);

    // 6. two holds on the keys
    $this->room($window, 'Plan');
    $this->one($window, '[data-testid=answer]');
    $hand->type('n');
    $this->reads($window, '[data-word=subject]', 'A small bird');
    $hand->say('s', 'subject', 'duck');
    $hand->say('v', 'speed', '15');
    $this->saved($window);
    $within('a second rush', 26, 5);
    $this->room($window, 'Controls');
    foreach (['A new rush (', 'A new rush ('] as $at => $start) {
        $hand->clicks += 2;
        $list = $this->one($window, 'input[role=combobox][aria-label^="Add a hold"]');
        $list->findElement(WebDriverBy::xpath('ancestor::div[contains(@class, "ant-select")][1]'))->click();
        $window->wait(15, 100)->until(function () use ($window): bool {
            foreach ($window->findElements(WebDriverBy::xpath('//div[@role="option"][starts-with(., "A new rush")]')) as $one) {
                if ($one->isDisplayed()) {
                    $one->click();

                    return true;
                }
            }

            return false;
        });
    }
    $this->see($window, 'A new rush');
    $within('the keys', 0, 8);

    // 7. on the phone: the card, and that the camera is set
    $phone = $this->browser(390, 844);
    $phone->get($this->address('/'));
    foreach ($window->manage()->getCookies() as $cookie) {
        $phone->manage()->addCookie(['name' => $cookie->getName(), 'value' => $cookie->getValue(), 'path' => '/']);
    }
    $thumb = new Hand($this, $phone);
    $phone->get($this->address('/card'));
    $thumb->press('Make the first one');
    $this->one($phone, '.to-set');
    $thumb->click('.changes-list input');
    $thumb->press('It is all set: remember it so');
    $this->see($phone, 'The camera is set for this.');
    [, $taps] = $thumb->took();
    expect($taps)->toBeLessThanOrEqual(21);

    // 8. theme and units under the thumb; Back closes what is open
    $thumb->click('.thumb button');
    $this->one($phone, '.thumb-rooms');
    $thumb->press('dusk');
    $thumb->press('ft · in');
    [, $taps] = $thumb->took();
    expect($taps)->toBeLessThanOrEqual(3);
    $phone->navigate()->back();
    $phone->wait(15, 100)->until(fn (): bool => $phone->findElements(WebDriverBy::cssSelector('.thumb-rooms')) === []);
    expect(parse_url($phone->getCurrentURL(), PHP_URL_PATH))->toStartWith('/card/');

    // 9. what one owns, out and in again: nothing new, and nothing to leave out
    $window->get($this->address('/kit/import'));
    $file = json_encode($this->api($window, 'GET', 'kit-file')[1]);
    $this->one($window, '.import-text');
    $window->executeScript(
        'const i = document.querySelector(".import-text"); Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, "value").set.call(i, arguments[0]); i.dispatchEvent(new Event("input", {bubbles: true}));',
        [$file],
    );
    $hand->press('See what it would change');
    $this->one($window, '.import-pieces');
    $hand->press('leave all');
    $within('a kit file', 0, 13);

    // 10. copy, rename, delete, bring back
    $this->room($window, 'Plan');
    $this->one($window, '[data-testid=answer]');
    $hand->type('/');
    $this->one($window, '.rushes .row');
    $hand->type('A new');
    $hand->click('.rushes [aria-label^="Copy"]');
    $window->wait(15, 100)->until(
        fn (): bool => str_starts_with((string) $this->one($window, '.name input')->getAttribute('value'), 'Copy of'),
    );
    $this->one($window, '.name input')->click();
    $hand->type(Key::END, ' twice', Key::ENTER);
    expect($window->executeScript('return document.activeElement.dataset.word'))->toBe('subject');
    $this->saved($window);
    $hand->type('/');
    $this->one($window, '.rushes .row.current');
    $hand->click('.rushes .row.current [aria-label^="Delete"]');
    $hand->press('Bring it back');
    $this->named($window, 'Copy of A new rush twice');
    $within('a copy', 40, 6);
});
