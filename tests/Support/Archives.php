<?php

declare(strict_types=1);

namespace Tests\Support;

/** What is in archives of accounts. */
final class Archives
{
    /**
     * Every document of one, ids left out and rows in an order of their own: two archives of the same are equal.
     *
     * @return array<string, string> by the name of its file
     */
    public static function documents(string $file): array
    {
        $zip = new \ZipArchive();
        $zip->open($file);
        $all = [];
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $name = (string) $zip->getNameIndex($at);
            $all[$name] = (string) $zip->getFromIndex($at);
        }
        // rows are told apart by what they hold, whatever order their ids give them
        $told = [];
        foreach (array_filter($all, static fn (string $name): bool => str_ends_with($name, '.jsonl'), ARRAY_FILTER_USE_KEY) as $name => $text) {
            $rows = array_filter(explode("\n", (string) preg_replace('/01[0-9a-z]{24}/', 'ID', $text)));
            sort($rows);
            $told[$name] = implode("\n", $rows);
        }
        $told['account.json'] = (string) preg_replace('/"made_at":"[^"]*"/', '', $all['account.json']);
        $pictures = array_map(sha1(...), array_filter($all, static fn (string $name): bool => str_starts_with($name, 'pictures/'), ARRAY_FILTER_USE_KEY));
        sort($pictures);
        $told['pictures'] = implode("\n", $pictures);

        return $told;
    }
}
