<?php

declare(strict_types=1);

namespace App\View;

/** Draws a bake on its plate: a picture of our own for the demo kitchen. */
final class DemoPicture
{
    private const WIDTH = 640;

    private const HEIGHT = 440;

    /**
     * @param  array{int, int, int}  $crust  red, green, blue
     * @param  "loaf"|"rounds"|"slab"|"roll"  $shape
     * @return array{width: int, height: int, jpeg_base64: string}
     */
    public static function of(array $crust, string $shape): array
    {
        $image =
            imagecreatetruecolor(self::WIDTH, self::HEIGHT) ?:
            throw new \RuntimeException('No picture could be drawn.');
        $ink = static fn (array $rgb, float $light = 1.0): int => (int) imagecolorallocate(
            $image,
            ...array_map(static fn (int $c): int => (int) max(0, min(255, $c * $light)), $rgb),
        );
        imagefilledrectangle($image, 0, 0, self::WIDTH, self::HEIGHT, $ink([214, 221, 228]));
        imagefilledrectangle($image, 0, 330, self::WIDTH, self::HEIGHT, $ink([168, 142, 116]));
        imagefilledellipse($image, 320, 330, 540, 150, $ink([244, 246, 248]));
        imagefilledellipse($image, 320, 326, 430, 112, $ink([226, 231, 236]));
        $crumb = array_map(static fn (int $c): int => (int) min(255, $c * 0.5 + 118), $crust);
        match ($shape) {
            'rounds' => self::rounds($image, $ink, $crust, $crumb),
            'roll' => self::roll($image, $ink, $crust, $crumb),
            'slab' => self::slab($image, $ink, $crust, $crumb),
            default => self::loaf($image, $ink, $crust, $crumb),
        };
        mt_srand(array_sum($crust));
        for ($i = 0; $i < 160; $i++) {
            imagefilledellipse(
                $image,
                mt_rand(150, 490),
                mt_rand(200, 320),
                mt_rand(1, 3),
                mt_rand(1, 3),
                $ink($crust, 0.7 + mt_rand(0, 40) / 100),
            );
        }
        ob_start();
        imagejpeg($image, null, 80);

        return [
            'width' => self::WIDTH,
            'height' => self::HEIGHT,
            'jpeg_base64' => base64_encode((string) ob_get_clean()),
        ];
    }

    /**
     * @param  list<int>  $crust
     * @param  list<int>  $crumb
     */
    private static function loaf(\GdImage $image, callable $ink, array $crust, array $crumb): void
    {
        imagefilledellipse($image, 320, 220, 380, 130, $ink($crust));
        imagefilledrectangle($image, 130, 220, 510, 318, $ink($crust, 0.9));
        imagefilledellipse($image, 320, 206, 340, 84, $ink($crust, 1.12));
        imagefilledrectangle($image, 392, 232, 510, 318, $ink($crumb));
        imagefilledellipse($image, 451, 232, 118, 62, $ink($crumb));
    }

    /**
     * @param  list<int>  $crust
     * @param  list<int>  $crumb
     */
    private static function rounds(\GdImage $image, callable $ink, array $crust, array $crumb): void
    {
        foreach ([[210, 300], [320, 312], [430, 300], [262, 258], [376, 258], [320, 214]] as [$x, $y]) {
            imagefilledellipse($image, $x, $y + 9, 116, 62, $ink($crust, 0.72));
            imagefilledellipse($image, $x, $y, 116, 62, $ink($crust));
            imagefilledellipse($image, $x, $y - 4, 82, 40, $ink($crumb));
        }
    }

    /**
     * @param  list<int>  $crust
     * @param  list<int>  $crumb
     */
    private static function slab(\GdImage $image, callable $ink, array $crust, array $crumb): void
    {
        foreach ([[170, 238], [330, 238], [250, 178]] as [$x, $y]) {
            imagefilledrectangle($image, $x, $y + 30, $x + 140, $y + 84, $ink($crumb));
            imagefilledrectangle($image, $x, $y + 70, $x + 140, $y + 84, $ink($crust, 0.8));
            imagefilledpolygon($image, [$x, $y + 30, $x + 24, $y, $x + 164, $y, $x + 140, $y + 30], $ink($crust));
            imagefilledpolygon(
                $image,
                [$x + 140, $y + 30, $x + 164, $y, $x + 164, $y + 54, $x + 140, $y + 84],
                $ink($crumb, 0.86),
            );
        }
    }

    /**
     * @param  list<int>  $crust
     * @param  list<int>  $crumb
     */
    private static function roll(\GdImage $image, callable $ink, array $crust, array $crumb): void
    {
        imagefilledrectangle($image, 200, 196, 470, 312, $ink($crust));
        imagefilledellipse($image, 470, 254, 60, 116, $ink($crust, 0.86));
        foreach ([116, 88, 60, 32] as $i => $size) {
            imagefilledellipse(
                $image,
                200,
                254,
                (int) ($size * 0.8),
                $size,
                $i % 2 === 0 ? $ink($crust, 0.92) : $ink([246, 240, 228]),
            );
        }
    }
}
