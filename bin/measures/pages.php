<?php

declare(strict_types=1);

// Pages in a browser.

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Chrome;
use Tests\Support\Bench;

return static function (Bench $bench): array {
    $cold = $kilobytes = [];
    for ($turn = 0; $turn < 3; $turn++) {
        $window = Chrome::open();
        $window->get($bench->base().'/healthz');
        $own = $window->executeAsyncScript('const done = arguments[0]; fetch("/api/session").then(() => { const t = decodeURIComponent(document.cookie.split("; ").find((c) => c.startsWith("XSRF-TOKEN=")).slice(11)); return fetch("/api/demo", {method: "POST", headers: {"X-XSRF-TOKEN": t, "Content-Type": "application/json"}, body: "{}"}); }).then((r) => r.text()).then(() => fetch("/api/rushes")).then((r) => r.json()).then((all) => done(all.rushes[0].id));');
        $window->get($bench->base().'/plan/'.$own);
        $window->wait(20, 5)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-field=shutter_s]')) !== []);
        // when the answer's element was first painted is what counts, not when this script noticed
        $cold[] = (float) $window->executeScript('return performance.getEntriesByName("answer-shown")[0].startTime');
        $kilobytes[] = array_sum($window->executeScript('return performance.getEntriesByType("resource").filter((e) => e.name.endsWith(".js")).map((e) => e.encodedBodySize)')) / 1000;
        Chrome::close($window);
    }

    // a word of the sentence typed over, digit after digit: from the last key to the new shutter on the screen
    $answers = [];
    $window = Chrome::open();
    $window->get($bench->base().'/register');
    $window->wait(20, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('input[name=password]')) !== []);
    foreach (['name' => 'Bench', 'email' => bin2hex(random_bytes(6)).'@turf.example', 'password' => 'sandpiper-dawn'] as $name => $text) {
        $window->findElement(WebDriverBy::cssSelector("input[name={$name}]"))->sendKeys($text);
    }
    $window->findElement(WebDriverBy::cssSelector('button[type=submit]'))->click();
    $window->wait(20, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::xpath('//button[text()="Write the first one"]')) !== []);
    $window->findElement(WebDriverBy::xpath('//button[text()="Write the first one"]'))->click();
    $window->wait(20, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-field=shutter_s]')) !== []);
    $window->executeScript(<<<'JS'
        document.addEventListener("keydown", () => { window.key = performance.now(); }, true);
        const shutter = () => document.querySelector("[data-field=shutter_s]")?.textContent;
        let was = shutter();
        new MutationObserver(() => {
            if (shutter() === was) return;
            was = shutter();
            requestAnimationFrame(() => { window.answered = performance.now(); });
        }).observe(document.body, { subtree: true, childList: true, characterData: true });
        JS);
    foreach (range(1, 8) as $turn) {
        $window->findElement(WebDriverBy::cssSelector('[data-word=speed]'))->click();
        $window->wait(10, 20)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-editor=speed] input')) !== []);
        $input = $window->findElement(WebDriverBy::cssSelector('[data-editor=speed] input'));
        $input->sendKeys([WebDriverKeys::CONTROL, 'a']);
        usleep(700_000);
        $window->executeScript('window.answered = null');
        $input->sendKeys([WebDriverKeys::NULL, $turn % 2 === 0 ? '6' : '24']);
        $window->wait(10, 20)->until(static fn (): bool => $window->executeScript('return window.answered !== null && window.answered > window.key'));
        usleep(700_000);
        $answers[] = (float) $window->executeScript('return window.answered - window.key');
        $window->findElement(WebDriverBy::cssSelector('[data-editor=speed] .done'))->click();
    }
    Chrome::close($window);

    // a day out: from a step of the hand to the light of that minute, and from the last key of a number to the new order of the day
    $window = Chrome::open();
    $window->get($bench->base().'/');
    $window->wait(20, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::xpath('//button[text()="Look around the demo"]')) !== []);
    $window->findElement(WebDriverBy::xpath('//button[text()="Look around the demo"]'))->click();
    $window->wait(20, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('[data-testid=answer]')) !== []);
    $outing = $window->executeAsyncScript('const done = arguments[0]; fetch("/api/outings").then((r) => r.json()).then((found) => done(found.outings.find((one) => one.name === "Spring tide at the inlet").id));');
    $window->get($bench->base().'/outing/'.$outing);
    $window->wait(20, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('.strip-hand')) !== []);
    usleep(2_000_000);
    $window->executeScript(<<<'JS'
        document.addEventListener("keydown", () => { window.key = performance.now(); }, true);
        window.shown = {};
        for (const [name, of] of [["hand", ".at-clock"], ["day", ".order"]]) {
            const text = () => document.querySelector(of)?.textContent;
            let was = text();
            new MutationObserver(() => {
                if (text() === was) return;
                was = text();
                requestAnimationFrame(() => { window.shown[name] = performance.now() - window.key; });
            }).observe(document.body, { subtree: true, childList: true, characterData: true });
        }
        JS);
    $after = static function (string $name) use ($window): float {
        $window->wait(20, 10)->until(static fn (): bool => $window->executeScript("return window.shown.{$name} !== undefined"));

        return (float) $window->executeScript("const took = window.shown.{$name}; delete window.shown.{$name}; return took");
    };
    $handMs = $dayMs = [];
    $hand = $window->findElement(WebDriverBy::cssSelector('.strip-hand'));
    foreach (range(1, 20) as $turn) {
        $hand->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $handMs[] = $after('hand');
    }
    $often = $window->findElement(WebDriverBy::cssSelector('input[aria-label^="Chances an hour of Hare"]'));
    foreach ([9, 2, 7, 3, 8] as $chances) {
        $often->sendKeys([WebDriverKeys::CONTROL, 'a']);
        usleep(700_000);
        $window->executeScript('window.shown = {}');
        $often->sendKeys([WebDriverKeys::NULL, (string) $chances]);
        $dayMs[] = $after('day');
    }
    Chrome::close($window);

    return [
        'answer_after_key_ms' => $bench->median($answers),
        'first_screen_kb_gzip' => max($kilobytes),
        'cold_answer_ms' => $bench->median($cold),
        'outing_hand_ms' => $bench->median($handMs),
        'outing_day_ms' => $bench->median($dayMs),
    ];
};
