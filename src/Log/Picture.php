<?php

declare(strict_types=1);

namespace IronLatch\Log;

/** A picture from a camera, made small and new: nothing of what was written into the file beside it is kept. */
final readonly class Picture
{
    public const GREATEST_BYTES = 12_000_000;
    /** A camera of a phone makes 12 to 50 million. */
    private const MOST_PIXELS = 60_000_000;
    private const LONGEST_SIDE = 1600;
    private const QUALITY = 82;
    private const TYPES = [IMAGETYPE_JPEG, IMAGETYPE_PNG];
    /** Clockwise turns by which a camera was held, by what it wrote of it. */
    private const TURNS = [3 => 180, 6 => 270, 8 => 90];

    private function __construct(public string $bytes, public string $sha256) {}

    /**
     * @throws \InvalidArgumentException with a sentence that says what to do
     */
    public static function of(string $bytes): self
    {
        if (strlen($bytes) > self::GREATEST_BYTES) {
            throw new \InvalidArgumentException(
                sprintf('This picture has more than %d MB. Make it smaller.', self::GREATEST_BYTES / 1_000_000),
            );
        }
        $size = @getimagesizefromstring($bytes);
        if (false === $size || !in_array($size[2], self::TYPES, true)) {
            throw new \InvalidArgumentException('This is no picture that can be read here. Take a JPEG or a PNG.');
        }
        if ($size[0] < 1 || $size[1] < 1 || $size[0] * $size[1] > self::MOST_PIXELS) {
            throw new \InvalidArgumentException(
                sprintf('This picture has %d × %d points, which is too many. Make it smaller.', $size[0], $size[1]),
            );
        }
        $image = @imagecreatefromstring($bytes);
        if (false === $image) {
            throw new \InvalidArgumentException('This picture is damaged. Take it again, or save it anew.');
        }
        $image = self::upright($image, $bytes, $size[2]);
        $scale = min(1.0, self::LONGEST_SIDE / max(imagesx($image), imagesy($image)));
        $small = imagescale($image, max(1, (int) round($scale * imagesx($image))), max(1, (int) round($scale * imagesy($image))));
        ob_start();
        imagejpeg(false === $small ? $image : $small, null, self::QUALITY);
        $new = (string) ob_get_clean();

        return new self($new, hash('sha256', $new));
    }

    private static function upright(\GdImage $image, string $bytes, int $type): \GdImage
    {
        $about = IMAGETYPE_JPEG === $type ? @exif_read_data('data://image/jpeg;base64,' . base64_encode($bytes)) : false;
        $held = is_array($about) ? $about['Orientation'] ?? null : null;
        $turned = is_int($held) && isset(self::TURNS[$held]) ? imagerotate($image, self::TURNS[$held], 0) : false;

        return false === $turned ? $image : $turned;
    }
}
