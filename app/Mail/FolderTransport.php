<?php

declare(strict_types=1);

namespace App\Mail;

use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/** The stand-in for a mail server: what would be sent is laid into a folder, one file a mail. */
final class FolderTransport extends AbstractTransport
{
    /** Mails that are kept; the oldest goes first. */
    private const KEPT = 50;

    public function __construct(private readonly string $folder)
    {
        parent::__construct();
    }

    /** @return list<string> the texts of the mails, the newest first */
    public static function mails(string $folder): array
    {
        return array_values(
            array_map(
                static fn (string $file): string => (string) file_get_contents($file),
                array_reverse(glob("$folder/*.eml") ?: []),
            ),
        );
    }

    public function __toString(): string
    {
        return 'folder';
    }

    protected function doSend(SentMessage $message): void
    {
        if (! is_dir($this->folder)) {
            mkdir($this->folder, 0700, true);
        }
        $file = $this->folder.'/'.sprintf('%.6F', microtime(true)).'.eml';
        file_put_contents($file, $message->toString());
        chmod($file, 0600);
        foreach (array_slice(array_reverse(glob("$this->folder/*.eml") ?: []), self::KEPT) as $old) {
            unlink($old);
        }
    }
}
