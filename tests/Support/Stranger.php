<?php

declare(strict_types=1);

namespace Tests\Support;

use CurlHandle;
use CurlShareHandle;

/** Somebody with a connection and no good will: asks the running test server over HTTP, with cookies of their own and nothing of our pages. */
final class Stranger
{
    /** Longest anything is waited for, in seconds; far beyond what any answer may take. */
    private const PATIENCE_S = 60;

    private readonly CurlShareHandle $cookies;

    private readonly CurlHandle $line;

    private string $token = '';

    /** Of an account of its own. */
    public string $email = '';

    public function __construct()
    {
        $this->cookies = curl_share_init();
        curl_share_setopt($this->cookies, CURLSHOPT_SHARE, CURL_LOCK_DATA_COOKIE);
        $this->line = curl_init();
        $this->ask('GET', '/');
    }

    /** Somebody who has pressed “Look around the demo”. */
    public static function inTheDemo(): self
    {
        $visitor = new self();
        $visitor->letIn('/api/demo', []);

        return $visitor;
    }

    /** Somebody with an account of their own. */
    public static function registered(string $name = 'Mallory', ?string $email = null): self
    {
        $one = new self();
        $one->email = $email ?? bin2hex(random_bytes(6)).'@turf.example';
        $one->letIn('/api/register', [
            'name' => $name,
            'email' => $one->email,
            'password' => 'sandpiper-dawn',
        ]);

        return $one;
    }

    /** @return array<string, string> the cookies it has been given, by name, as they were sent */
    public function cookies(): array
    {
        $cookies = [];
        foreach (curl_getinfo($this->line, CURLINFO_COOKIELIST) as $line) {
            [, , , , , $name, $value] = explode("\t", $line);
            $cookies[$name] = $value;
        }

        return $cookies;
    }

    /**
     * Whoever has come too often waits until it is their turn again.
     *
     * @param  array<string, mixed>  $body
     */
    private function letIn(string $path, array $body): void
    {
        for ($second = 0; ($answer = $this->ask('POST', $path, $body))->status === 429 && $second < 70; $second++) {
            sleep(1);
        }
        if (! in_array($answer->status, [200, 201], true)) {
            throw new \RuntimeException("{$path}: {$answer->status}, {$answer->head()}");
        }
    }

    /**
     * @param  array<string, mixed>|string|null  $body  as JSON, or as it is
     * @param  string  $type  what the body is said to be
     */
    public function ask(string $verb, string $path, array|string|null $body = null, string $type = 'application/json'): Answer
    {
        // the line stays open, as a browser's does
        curl_reset($this->line);
        $this->prepare($this->line, $verb, $path, $body, $type);
        $text = curl_exec($this->line);

        return $this->answer($this->line, is_string($text) ? $text : '');
    }

    /**
     * @param  array<string, mixed>|string|null  $body
     *
     * @throws \RuntimeException when the answer is another
     */
    public function must(int $status, string $verb, string $path, array|string|null $body = null): Answer
    {
        $answer = $this->ask($verb, $path, $body);
        if ($answer->status !== $status) {
            throw new \RuntimeException("{$verb} {$path}: {$answer->status} instead of {$status}, {$answer->head()}");
        }

        return $answer;
    }

    /**
     * Sends all of these at the same moment and waits for every answer.
     *
     * @param  list<array{0: string, 1: string, 2?: array<string, mixed>|string|null}>  $requests  verb, path, body
     * @param  callable(): void|null  $meanwhile  called again and again while any is under way
     * @return list<Answer>
     */
    public function atOnce(array $requests, ?callable $meanwhile = null): array
    {
        $all = curl_multi_init();
        $handles = array_map(function (array $one): CurlHandle {
            $this->prepare($handle = curl_init(), $one[0], $one[1], $one[2] ?? null);

            return $handle;
        }, $requests);
        foreach ($handles as $handle) {
            curl_multi_add_handle($all, $handle);
        }
        do {
            curl_multi_exec($all, $running);
            if ($running > 0) {
                $meanwhile === null ? curl_multi_select($all, 0.05) : $meanwhile();
            }
        } while ($running > 0);
        $answers = [];
        foreach ($handles as $handle) {
            $answers[] = $this->answer($handle, (string) curl_multi_getcontent($handle));
            curl_multi_remove_handle($all, $handle);
        }
        curl_multi_close($all);

        return $answers;
    }

    /** @param  array<string, mixed>|string|null  $body */
    private function prepare(CurlHandle $handle, string $verb, string $path, array|string|null $body, string $type = 'application/json'): void
    {
        curl_setopt_array($handle, [
            CURLOPT_URL => TestServer::address($path),
            CURLOPT_CUSTOMREQUEST => $verb,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_TIMEOUT => self::PATIENCE_S,
            CURLOPT_SHARE => $this->cookies,
            CURLOPT_COOKIEFILE => '',
            CURLOPT_PATH_AS_IS => true,
            CURLOPT_HTTPHEADER => [
                'Accept: application/json',
                'Content-Type: '.$type,
                'Expect:',
                'X-XSRF-TOKEN: '.$this->token,
            ],
        ]);
        if ($body !== null) {
            curl_setopt($handle, CURLOPT_POSTFIELDS, is_string($body) ? $body : (string) json_encode((object) $body));
        }
    }

    private function answer(CurlHandle $handle, string $text): Answer
    {
        $split = (int) curl_getinfo($handle, CURLINFO_HEADER_SIZE);
        $headers = substr($text, 0, $split);
        if (preg_match('/^set-cookie: XSRF-TOKEN=([^;]*)/mi', $headers, $found) === 1) {
            $this->token = rawurldecode($found[1]);
        }

        return new Answer(
            (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE),
            substr($text, $split),
            $headers,
            (float) curl_getinfo($handle, CURLINFO_TOTAL_TIME),
        );
    }
}
