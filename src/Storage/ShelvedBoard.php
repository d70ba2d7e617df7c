<?php

declare(strict_types=1);

namespace IronLatch\Storage;

use IronLatch\Entity\BoardRecord;

/** A board on the shelf; one that cannot be read keeps its place, with the reason, and leaves the others alone. */
final readonly class ShelvedBoard
{
    /**
     * @param ?OpenBoard $opened null when it cannot be read
     */
    public function __construct(public BoardRecord $record, public ?OpenBoard $opened, public string $fault) {}
}
