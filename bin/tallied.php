<?php

declare(strict_types=1);

// Adds up what the test runners have written down: bin/tallied.php [--times] FILE.xml…
// Prints “N passed, M failed”; with --times before it the seconds of each suite and the slowest tests. Ends with 1 where one failed or none ran.

$times = in_array('--times', $argv, true);
$passed = $failed = 0;
$suites = $tests = [];
foreach (array_slice($argv, 1) as $file) {
    $xml = is_file($file) ? @simplexml_load_file($file) : false;
    foreach ($xml === false ? [] : $xml->xpath('//testcase') as $case) {
        isset($case->failure) || isset($case->error) ? $failed++ : $passed++;
        $where = (string) ($case['file'] ?? $case['classname'] ?? '');
        $suite = preg_match('#tests[/\\\\](\w+)#i', $where, $found) === 1 ? ucfirst($found[1]) : 'Js';
        $suites[$suite] = ($suites[$suite] ?? 0.0) + (float) $case['time'];
        $tests[] = [(float) $case['time'], $suite, (string) $case['name']];
    }
}
if ($times) {
    arsort($suites);
    foreach ($suites as $suite => $seconds) {
        printf("%8.1f s  %s\n", $seconds, $suite);
    }
    rsort($tests);
    foreach (array_slice($tests, 0, 20) as [$seconds, $suite, $name]) {
        printf("%8.1f s  %-8s %s\n", $seconds, $suite, $name);
    }
}
printf("\n%d passed, %d failed\n", $passed, $failed);
exit($failed > 0 || $passed === 0 ? 1 : 0);
