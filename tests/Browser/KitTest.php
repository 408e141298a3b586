<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Browser\BrowserTestCase;

/** Replaces the text of a field by its label for assistive technology. */
function retype(BrowserTestCase $test, RemoteWebDriver $window, string $label, string $text): void
{
    $field = $test->one($window, 'input[aria-label="'.$label.'"]');
    $field->sendKeys([Key::CONTROL, 'a']);
    $field->sendKeys([Key::NULL, $text]);
}

/** Opens a piece of one's kit by its name. */
function openPiece(BrowserTestCase $test, RemoteWebDriver $window, string $name): string
{
    $id = array_column($test->api($window, 'GET', 'gear')[1]['gear'], 'id', 'name')[$name];
    $window->get($test->address('/kit/'.$id));
    $test->one($window, '.piece');

    return $id;
}

it('asks at most twelve questions, survives a reload, and leaves a body that plans', function () {
    $window = $this->browser();
    $this->registered($window);
    $window->get($this->address('/kit/new-body'));
    $this->see($window, 'Question 1 of 12');
    retype($this, $window, 'Name', 'Mudlark 7');
    $this->press($window, 'Next');
    $this->see($window, 'How large is its sensor?');
    $window
        ->findElement(WebDriverBy::xpath('//label[contains(., "the size below")]/input'))
        ->click();
    $this->press($window, 'Next');
    $this->see($window, 'How many pixels');
    $pixels = $window->findElement(WebDriverBy::xpath('//label[starts-with(., "Pixels")]/input'));
    $pixels->sendKeys([Key::CONTROL, 'a']);
    $pixels->sendKeys([Key::NULL, '24', Key::TAB]);
    // 24 million over 23.5 by 15.6 mm: √(24e6 · 23.5 / 15.6)
    $this->see($window, 'now 6013 across');
    $window->navigate()->refresh();
    $this->see($window, 'Question 3 of 12');
    $this->see($window, 'now 6013 across');
    foreach (['frames a second', 'shortest shutter', 'a mirror', 'focus modes'] as $question) {
        $this->press($window, 'Next');
        $this->see($window, $question);
    }
    retype($this, $window, 'Its word for continuous', 'Chase');
    $this->press($window, 'Next');
    $this->see($window, 'Which AF areas');
    $window->findElement(WebDriverBy::xpath('//label[contains(., "pinpoint")]/input'))->click();
    retype($this, $window, 'Its word for one point', 'Dot');
    $this->press($window, 'Next');
    retype($this, $window, 'Way through the menu to AF area', 'Focus > Dot or field');
    $this->press($window, 'Next');
    $this->see($window, 'What can it recognise?');
    $this->press($window, 'Next');
    $window
        ->findElement(WebDriverBy::xpath('//label[contains(., "a scale from 1 to 5")]/input'))
        ->click();
    $this->press($window, 'Next');
    $this->see($window, 'Question 12 of 12');
    $this->press($window, 'Make this body');
    $this->one($window, '.piece');

    $gear = array_column($this->api($window, 'GET', 'gear')[1]['gear'], null, 'name')['Mudlark 7'][
        'document'
    ];
    expect($gear['sensor_width_mm'])
        ->toBe(23.5)
        ->and($gear['pixels_wide'])
        ->toBe(6013)
        ->and($gear['areas'])
        ->not->toContain('spot')
        ->and($gear['dialect']['focus_mode']['words']['continuous'])
        ->toBe('Chase')
        ->and($gear['dialect']['area']['where']['menu'])
        ->toBe(['Focus', 'Dot or field'])
        ->and(array_column($gear['dialect']['tuning']['stay']['steps'], 'word'))
        ->toBe(['1', '2', '3', '4', '5'])
        ->and(array_column($gear['controls'], 'id'))
        ->toBe(['thumb', 'thumb-2', 'stick']);
    // and the next blank page is blank
    $window->get($this->address('/kit/new-body'));
    $this->see($window, 'Question 1 of 12');
});

it('keeps the words of a body as they are typed, and undoes them', function () {
    $window = $this->browser();
    $this->planning($window);
    $id = openPiece($this, $window, 'My body');
    retype($this, $window, 'Its word for large zone', 'Big pond');
    $this->saved($window);
    $window
        ->wait(15, 50)
        ->until(
            fn (): bool => ($this->api($window, 'GET', 'gear/'.$id)[1]['document']['dialect'][
                'area'
            ]['words']['zone-large'] ??
                '') ===
                'Big pond',
        );
    // what it lacks is told where a hold needs it
    $window
        ->findElement(
            WebDriverBy::xpath('//label[starts-with(normalize-space(.), "whole frame")]/input'),
        )
        ->click();
    $this->saved($window);
    $this->press($window, 'undo');
    $window
        ->wait(15, 50)
        ->until(
            fn (): bool => in_array(
                'whole-frame',
                $this->api($window, 'GET', 'gear/'.$id)[1]['document']['areas'],
                true,
            ),
        );
    $this->press($window, 'undo');
    $window
        ->wait(15, 50)
        ->until(
            fn (): bool => $this->one(
                $window,
                'input[aria-label="Its word for large zone"]',
            )->getAttribute('value') === '',
        );

    $this->press($window, 'Tuning');
    $window
        ->findElement(WebDriverBy::xpath('//label[contains(., "by named cases")]/input'))
        ->click();
    retype($this, $window, 'Word of preset 2', 'Behind reeds');
    $this->saved($window);
    $this->see($window, 'How a hold reads on this body');
    $cases = $this->api($window, 'GET', 'gear/'.$id)[1]['document']['dialect']['tuning'];
    expect($cases['kind'])
        ->toBe('cases')
        ->and($cases['presets'][1])
        ->toEqual(['word' => 'Behind reeds', 'stay' => 3, 'pace' => 0, 'pick' => 'auto']);

    $this->press($window, 'Keys');
    $this->press($window, 'Add a key');
    retype($this, $window, 'Name of this key', 'thumb rest');
    $this->saved($window);
    // a key is moved over the body by the arrows
    $spot = $this->one($window, '.spot');
    $spot->sendKeys(Key::ARROW_RIGHT);
    $window
        ->wait(15, 50)
        ->until(
            fn (): bool => ($this->api($window, 'GET', 'gear/'.$id)[1]['document']['controls'][0][
                'x'
            ] ??
                0) ==
                0.52,
        );
});

it('shows what a kit file would change before it does, and refuses a bad one', function () {
    $window = $this->browser();
    $this->registered($window);
    $window->get($this->address('/kit/import'));
    $paste = function (string $text) use ($window): void {
        $area = $this->one($window, 'textarea');
        $window->executeScript(
            'const [area, text] = arguments; Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, "value").set.call(area, text); area.dispatchEvent(new Event("input", {bubbles: true}));',
            [$area, $text],
        );
        $this->press($window, 'See what it would change');
    };
    $this->expectedOnConsole = ['422'];
    $paste('{"format": "kit/1", "body": ');
    $this->see($window, 'Nothing was changed.');
    expect($this->one($window, 'textarea')->getAttribute('value'))->toBe(
        '{"format": "kit/1", "body": ',
    );
    $paste((string) file_get_contents($this->root().'/database/demo/brackwater_d.json'));
    $this->see($window, 'new here');
    expect($this->api($window, 'GET', 'gear')[1]['gear'])->toHaveCount(2);
    $this->press($window, 'Take it in');
    $this->see($window, 'Taken in:');
    expect(array_column($this->api($window, 'GET', 'gear')[1]['gear'], 'name'))->toContain(
        'Brackwater D',
    );
    $changed = str_replace(
        '"fps": 8',
        '"fps": 9',
        (string) file_get_contents($this->root().'/database/demo/brackwater_d.json'),
    );
    $paste($changed);
    $this->see($window, 'differs from yours');
    $this->see($window, 'write over yours');
});

it('adds up what the kit does together', function () {
    $window = $this->browser();
    $window->get($this->address('/'));
    $this->press($window, 'Look around the demo');
    $this->one($window, '[data-testid=answer]');
    $window->get($this->address('/kit'));
    $this->one($window, '.reach-value');
    $pick = fn (string $label, string $name) => $window
        ->findElement(
            WebDriverBy::xpath("//select[@aria-label='{$label}']/option[text()='{$name}']"),
        )
        ->click();
    $pick('Body', 'Brackwater D');
    $pick('Lens', 'Sandbar 500 f/5.6');
    $pick('Converter', '×2');
    $this->see($window, 'none: by hand');
    $this->see($window, 'it gives up beyond f/8');
    $this->see($window, '1000 mm');
});
