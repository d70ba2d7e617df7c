<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

use IronLatch\Core\Record\ListOf;

/** Something to remember, of the board or of one copy; a fault stays open until it is mended. */
final readonly class Note
{
    /**
     * @param string $about id of a copy or an order; empty for the board
     * @param ?int $revision in which a fault of the design stands; null for what is no fault of it
     * @param list<string> $pictures SHA-256 of pictures beside the log
     */
    public function __construct(
        public string $text,
        public string $about = '',
        public string $at = '',
        public ?int $revision = null,
        public string $mended = '',
        #[ListOf('string')]
        public array $pictures = [],
    ) {
        if ('' === trim($text) && [] === $pictures) {
            throw new \InvalidArgumentException('A note says something, or shows a picture.');
        }
        FileHash::checked($pictures);
        Day::checked($at, 'it was noted');
        Day::checked($mended, 'it was mended');
    }

    /** A fault of the design that stands in a revision and is not mended. */
    public function isOpenFault(): bool
    {
        return null !== $this->revision && '' === $this->mended;
    }
}
