<?php

declare(strict_types=1);

namespace App\Mail;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** A few plain sentences and one link. */
final class LinkMail extends Mailable
{
    /** @param  list<string>  $sentences  before the link */
    public function __construct(
        private readonly string $about,
        private readonly array $sentences,
        private readonly string $link,
    ) {}

    public function envelope(): Envelope
    {
        return new Envelope(subject: $this->about);
    }

    public function content(): Content
    {
        return new Content(text: 'mail.link', with: ['sentences' => $this->sentences, 'link' => $this->link]);
    }
}
