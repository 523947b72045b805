<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\User;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** Asks somebody into a shop, with a link to choose a password. */
final class Invitation extends Notification
{
    public function __construct(private readonly string $link, private readonly string $by) {}

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(User $invited): MailMessage
    {
        return (new MailMessage)->subject("Geodex of {$invited->workshop->name}")->greeting("Hello {$invited->name},")
            ->line("{$this->by} asks you into Geodex of {$invited->workshop->name}. Choose a password to come in; the link holds for seven days.")
            ->action('Choose a password', $this->link);
    }
}
