<?php

declare(strict_types=1);

namespace Tests\Browser;

/**
 * What the browser itself is told, beside its pages (DevTools protocol over a WebSocket, RFC 6455): the driver passes on only what a page
 * may ask. One message goes out, and its answer is waited for.
 */
final class BrowserLine
{
    private const PATIENCE_S = 60;

    private int $asked = 0;

    /** @param  resource  $stream */
    private function __construct(private $stream) {}

    /** @param  string  $address  host and port the browser listens on */
    public static function to(string $address): self
    {
        $ask = curl_init("http://{$address}/json/version");
        curl_setopt_array($ask, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => self::PATIENCE_S]);
        $told = json_decode((string) curl_exec($ask), true, flags: JSON_THROW_ON_ERROR);
        $path = (string) parse_url($told['webSocketDebuggerUrl'], PHP_URL_PATH);
        $stream = stream_socket_client('tcp://'.$address, timeout: self::PATIENCE_S);
        if ($stream === false) {
            throw new \RuntimeException('The browser does not listen.');
        }
        stream_set_timeout($stream, self::PATIENCE_S);
        $key = base64_encode(random_bytes(16));
        fwrite(
            $stream,
            "GET {$path} HTTP/1.1\r\nHost: {$address}\r\nUpgrade: websocket\r\nConnection: Upgrade\r\n".
                "Sec-WebSocket-Key: {$key}\r\nSec-WebSocket-Version: 13\r\n\r\n",
        );
        $head = '';
        while (! str_ends_with($head, "\r\n\r\n")) {
            $head .= self::of($stream, 1);
        }
        if (! str_contains($head, ' 101 ')) {
            throw new \RuntimeException('The browser does not talk: '.$head);
        }

        return new self($stream);
    }

    /**
     * @param  array<string, mixed>  $with
     * @return array<string, mixed> its answer
     */
    public function ask(string $method, array $with = []): array
    {
        $id = ++$this->asked;
        $text = json_encode(['id' => $id, 'method' => $method, 'params' => (object) $with], JSON_THROW_ON_ERROR);
        $length = strlen($text);
        $mask = random_bytes(4);
        // a whole text message, masked as what a client sends is
        $head = "\x81".($length < 126 ? chr(128 | $length) : chr(128 | 126).pack('n', $length));
        fwrite($this->stream, $head.$mask.($text ^ str_pad('', $length, $mask)));
        while (true) {
            $answer = json_decode($this->message(), true, flags: JSON_THROW_ON_ERROR);
            if (($answer['id'] ?? null) === $id) {
                return $answer['result'] ?? throw new \RuntimeException($method.': '.json_encode($answer['error'] ?? null));
            }
        }
    }

    private function message(): string
    {
        $text = '';
        do {
            [$first, $second] = array_map(ord(...), str_split(self::of($this->stream, 2)));
            $length = match ($second & 127) {
                126 => unpack('n', self::of($this->stream, 2))[1],
                127 => unpack('J', self::of($this->stream, 8))[1],
                default => $second & 127,
            };
            $text .= $length > 0 ? self::of($this->stream, $length) : '';
        } while (($first & 128) === 0);

        return $text;
    }

    /** @param  resource  $stream */
    private static function of($stream, int $bytes): string
    {
        $read = '';
        while (strlen($read) < $bytes) {
            $part = fread($stream, $bytes - strlen($read));
            if ($part === false || ($part === '' && (feof($stream) || stream_get_meta_data($stream)['timed_out']))) {
                throw new \RuntimeException('The browser has hung up.');
            }
            $read .= $part;
        }

        return $read;
    }
}
