<?php

declare(strict_types=1);

namespace App\Sessions;

use App\Http\Middleware\ByKey;
use Illuminate\Contracts\Auth\Guard;
use Illuminate\Session\DatabaseSessionHandler;

/**
 * Sessions in the database, written only when there is something to write: somebody is signed in, and what is in it has changed or it
 * was last seen a minute ago. A write costs a flush to disk, which would double the time of most requests; and of visitors who are not
 * signed in nothing is kept, so that nobody can fill the store by asking (OwnForms checks their forms without).
 */
final class QuietSessionHandler extends DatabaseSessionHandler
{
    private const SEEN_EVERY_S = 60;

    private string $readId = '';

    private string $read = '';

    private int $seen = 0;

    public function read($sessionId): string
    {
        $session = (object) $this->getQuery()->find($sessionId);
        $this->readId = $sessionId;
        $this->seen = (int) ($session->last_activity ?? 0);
        if ($this->expired($session)) {
            $this->exists = true;

            return $this->read = '';
        }
        if (isset($session->payload)) {
            $this->exists = true;

            return $this->read = (string) base64_decode($session->payload);
        }

        return $this->read = '';
    }

    public function write($sessionId, $data): bool
    {
        // a program with a key has no session
        if (ByKey::is(request())) {
            return true;
        }
        if (
            $this->exists &&
            $sessionId === $this->readId &&
            $data === $this->read &&
            $this->seen > $this->currentTime() - self::SEEN_EVERY_S
        ) {
            return true;
        }

        if ($this->container?->bound(Guard::class) === true && $this->userId() === null) {
            if ($this->exists) {
                $this->destroy($sessionId);
            }

            return true;
        }

        return parent::write($sessionId, $data);
    }
}
