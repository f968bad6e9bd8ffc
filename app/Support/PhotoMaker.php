<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Http\UploadedFile;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;
use InvalidArgumentException;
use Throwable;

/** Makes a picture from a phone upright and small, and drops what the camera wrote into it. */
final class PhotoMaker
{
    public const MOST_BYTES = 12_000_000;

    /** Of one edge: what two of them unfold to still fits into the memory of a request. */
    private const LONGEST = 6200;

    private const EDGE = 1280;

    private const QUALITY = 82;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /**
     * @return array{width: int, height: int, jpeg_base64: string}
     *
     * @throws InvalidArgumentException with a sentence for the baker
     */
    public static function of(UploadedFile $file): array
    {
        if (! $file->isValid() || $file->getSize() > self::MOST_BYTES) {
            throw new InvalidArgumentException('That picture is larger than 12 MB. Send a smaller one.');
        }
        // Its header is looked at before it is opened: a small file may unfold to a huge picture.
        $header = @getimagesize($file->getPathname());
        if ($header === false || ! in_array($header[2], self::KINDS, true)) {
            throw new InvalidArgumentException('That is no picture as JPEG, PNG or WebP.');
        }
        if (min($header[0], $header[1]) < 1 || max($header[0], $header[1]) > self::LONGEST) {
            throw new InvalidArgumentException('That picture has too many pixels. Send a smaller one.');
        }
        try {
            self::whole($file, $header[2]);
            $image = (new ImageManager(new Driver(), autoOrientation: true, decodeAnimation: false))
                ->read($file->getPathname())
                ->scaleDown(self::EDGE, self::EDGE);

            return [
                'width' => $image->width(),
                'height' => $image->height(),
                'jpeg_base64' => base64_encode((string) $image->toJpeg(self::QUALITY)),
            ];
        } catch (Throwable) {
            throw new InvalidArgumentException('That picture is damaged and cannot be opened.');
        }
    }

    /**
     * A picture that ends too early is damaged, not grey from there on.
     *
     * @throws InvalidArgumentException
     */
    private static function whole(UploadedFile $file, int $kind): void
    {
        if ($kind === IMAGETYPE_JPEG && ! str_contains((string) substr((string) $file->get(), -2048), "\xff\xd9")) {
            throw new InvalidArgumentException('The picture ends too early.');
        }
    }
}
