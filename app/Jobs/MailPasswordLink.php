<?php

declare(strict_types=1);

namespace App\Jobs;

use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Mail\Mailer;
use Illuminate\Mail\Message;
use Psr\Log\LoggerInterface;

/** Mails the link to a new password. The worker does it: whoever asked waits for no mail server, and learns nothing from how long it takes. */
final class MailPasswordLink implements ShouldBeEncrypted, ShouldQueue
{
    use Dispatchable;

    public int $tries = 3;

    public int $backoff = 20;

    public int $timeout = 30;

    public function __construct(private readonly string $to, private readonly string $link) {}

    public function handle(Mailer $mailer): void
    {
        $mailer->raw(
            "Somebody asked for a new password for {$this->to} at Rush Hold.\n\nChoose it here within an hour:\n{$this->link}\n\nIf that was not you, do nothing: your password stays as it is.\n",
            function (Message $mail): void {
                $mail->to($this->to)->subject('A new password for Rush Hold');
            },
        );
    }

    public function failed(\Throwable $why): void
    {
        app(LoggerInterface::class)->error('A mail could not be sent: '.$why->getMessage());
    }
}
